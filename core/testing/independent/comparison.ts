/** One number of ours held against one that does not come from us. */
export interface Compared {
  readonly of: string;
  readonly unit: string;
  readonly ours: number;
  readonly theirs: number;
  /** how far apart they may be, as a share of theirs */
  readonly within: number;
  readonly source: string;
}

export const MEMORY = 'typed from memory';

/** White's fit for a cylinder across the flow, written out again. */
export const whiteCd = (re: number): number => 1 + 10 / Math.cbrt(re) ** 2;
