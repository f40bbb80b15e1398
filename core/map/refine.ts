import type { Cell, MapPlan } from './axes';

/** Spacing of the first, coarse grid, in cells. */
const COARSE = 8;

const placesOf = (cells: number, step: number): number[] => {
  const found: number[] = [];
  for (let at = 0; at < cells - 1; at += step) found.push(at);
  return [...found, cells - 1];
};

/**
 * A map that is asked cell by cell: first a coarse net with the middles of its meshes, then finer along the borders between
 * different answers. A mesh whose corners and middle agree is taken for one.
 */
export class MapRefinement<Answer> {
  private readonly answers = new Map<number, Answer>();
  /** cells of meshes that were taken for one */
  private readonly filled = new Map<number, Answer>();
  private step: number;

  constructor(
    readonly plan: MapPlan,
    private readonly isSame: (one: Answer, other: Answer) => boolean,
    /** cells that are asked whatever lies around them */
    private readonly also: readonly Cell[] = [],
  ) {
    this.step = Math.max(1, Math.min(COARSE, 2 ** Math.floor(Math.log2(Math.max(plan.wide, plan.high) / 2))));
  }

  private key = ({ column, row }: Cell): number => row * this.plan.wide + column;
  private known = (column: number, row: number): Answer | undefined => {
    const key = this.key({ column, row });
    // an answer may be that there is none
    return this.answers.has(key) ? this.answers.get(key) : this.filled.get(key);
  };

  tell(cell: Cell, answer: Answer): void {
    this.answers.set(this.key(cell), answer);
  }

  /** Cells asked so far. */
  get asked(): number {
    return this.answers.size;
  }

  /** Meshes of the net at a step: their corners. */
  private *meshes(step: number): Generator<readonly [left: number, right: number, top: number, bottom: number]> {
    const columns = placesOf(this.plan.wide, step);
    const rows = placesOf(this.plan.high, step);
    for (let r = 0; r < Math.max(1, rows.length - 1); r++) {
      for (let c = 0; c < Math.max(1, columns.length - 1); c++) {
        yield [columns[c]!, columns[c + 1] ?? columns[c]!, rows[r]!, rows[r + 1] ?? rows[r]!];
      }
    }
  }

  /** The cells to ask next; none once every border is as fine as the map. */
  next(): readonly Cell[] {
    for (;;) {
      const wanted = new Map<number, Cell>();
      const want = (column: number, row: number): void => {
        const cell = { column, row };
        const key = this.key(cell);
        if (!this.answers.has(key) && !this.filled.has(key)) wanted.set(key, cell);
      };
      for (const { column, row } of this.also) want(column, row);
      for (const [left, right, top, bottom] of this.meshes(this.step)) {
        for (const column of [left, right]) for (const row of [top, bottom]) want(column, row);
        want((left + right) >> 1, (top + bottom) >> 1);
      }
      if (wanted.size > 0) return [...wanted.values()];
      if (this.step === 1) return [];
      this.narrow();
    }
  }

  /** Halves the meshes; those that are all one keep their answer for every cell in them. */
  private narrow(): void {
    for (const [left, right, top, bottom] of this.meshes(this.step)) {
      const middle = this.known((left + right) >> 1, (top + bottom) >> 1);
      const corners = [
        this.known(left, top),
        this.known(right, top),
        this.known(left, bottom),
        this.known(right, bottom),
      ];
      if (middle === undefined || !corners.every((corner) => corner !== undefined && this.isSame(corner, middle)))
        continue;
      for (let row = top; row <= bottom; row++) {
        for (let column = left; column <= right; column++) {
          if (this.known(column, row) === undefined) this.filled.set(this.key({ column, row }), middle);
        }
      }
    }
    this.step = Math.max(1, this.step >> 1);
  }
  /** What is known of a cell: asked, taken for one with its mesh, or as the nearest that was asked. */
  at({ column, row }: Cell): Answer | null {
    const exact = this.known(column, row);
    if (exact !== undefined) return exact;
    let best: Answer | null = null;
    let near = Infinity;
    for (const [key, answer] of this.answers) {
      const apart = Math.hypot((key % this.plan.wide) - column, Math.floor(key / this.plan.wide) - row);
      if (apart < near) [near, best] = [apart, answer];
    }
    return best;
  }
}
