import { fillGaps, whatToBuy, type Box, type Gaps, type Purchase, type Water } from '@core';

/** What is asked about parts that a box lacks: the fewest for one water, or the most useful single ones for many. */
export type GapsRequest =
  | { readonly water: Water; readonly box: Box }
  | { readonly waters: readonly Water[]; readonly box: Box; readonly count: number };

export const answerGaps = (job: GapsRequest): Gaps | Purchase[] =>
  'waters' in job ? whatToBuy(job.waters, job.box, job.count) : fillGaps(job.water, job.box);
