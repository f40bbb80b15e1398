/** What is used of the general solver `odex`, whose own sources do not pass our compiler's checks. */
export class Solver {
  constructor(equations: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  solve(
    rates: (x: number, y: readonly number[]) => number[],
    fromX: number,
    fromY: readonly number[],
    toX: number,
  ): { readonly y: readonly number[] };
}
