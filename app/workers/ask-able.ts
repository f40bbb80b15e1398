import type { Able, CutToDepth, Result } from '@core';
import { answerAble, type AbleAnswer, type AbleRequest } from './able';
import workerUrl from './able.worker.ts?worker&url';
import { createAsker, type WorkerLike } from './asker';
import * as words from '../locale/en/notices';

/** Longest a box may take: it is run at one go, ms. */
const SILENT_MS = 30_000;

const asker = createAsker<AbleRequest, AbleAnswer>({
  what: words.runningTheBox,
  make: () => new Worker(workerUrl, { type: 'module' }) as unknown as WorkerLike,
  silentMs: SILENT_MS,
  here: answerAble,
});

/** Fetches the worker ahead of need, into the browser's own cache. */
export const preloadAble = async (): Promise<void> => void (await fetch(workerUrl));

/** Runs a box with one programme; null where it has too many pairs. */
export const askAble = (job: Extract<AbleRequest, { box: unknown }>): Promise<Result<readonly Able[] | null>> =>
  asker.ask(job) as Promise<Result<readonly Able[] | null>>;

/** Cuts one rig until it runs at a depth; null where it never comes half way back. */
export const askCut = (job: Extract<AbleRequest, { rig: unknown }>): Promise<Result<CutToDepth | null>> =>
  asker.ask(job) as Promise<Result<CutToDepth | null>>;
