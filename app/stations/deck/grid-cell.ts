import type { PlannedRod } from '@core';

/** What a rod carries to a stop, and how well that answers it: scores of 100. */
export interface GridCell {
  readonly rig: PlannedRod | null;
  readonly title: string;
  readonly score: number;
  readonly isReTied: boolean;
  /** how well what it carries would do; null where nothing is carried there */
  readonly would: number | null;
}
