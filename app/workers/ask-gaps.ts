import type { Box, Gaps, Purchase, Result, Water } from '@core';
import { createAsker, type WorkerLike } from './asker';
import { answerGaps, type GapsRequest } from './gaps';
import { startWorker } from './start-worker';
import * as words from '../locale/en/notices';

/** Longest a large box may take: it is searched at one go, ms. */
const SILENT_MS = 60_000;

const asker = createAsker<GapsRequest, Gaps | Purchase[]>({
  what: words.lookingForGaps,
  make: () => startWorker<WorkerLike>('gaps'),
  silentMs: SILENT_MS,
  here: answerGaps,
});

/** Looks for what a box lacks on a water. */
export const askGaps = (water: Water, box: Box): Promise<Result<Gaps>> =>
  asker.ask({ water, box }) as Promise<Result<Gaps>>;

/** Ranks single parts by what they would add over several waters. */
export const askWhatToBuy = (waters: readonly Water[], box: Box, count: number): Promise<Result<Purchase[]>> =>
  asker.ask({ waters, box, count }) as Promise<Result<Purchase[]>>;
