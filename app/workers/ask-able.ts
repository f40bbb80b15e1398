import type { Able, Result } from '@core';
import { answerAble, type AbleRequest } from './able';
import workerUrl from './able.worker.ts?worker&url';
import { createAsker, type WorkerLike } from './asker';
import * as words from '../locale/en/notices';

/** Longest a box may take: it is run at one go, ms. */
const SILENT_MS = 30_000;

const asker = createAsker<AbleRequest, readonly Able[] | null>({
  what: words.runningTheBox,
  make: () => new Worker(workerUrl, { type: 'module' }) as unknown as WorkerLike,
  silentMs: SILENT_MS,
  here: answerAble,
});

/** Fetches the worker ahead of need, into the browser's own cache. */
export const preloadAble = async (): Promise<void> => void (await fetch(workerUrl));

/** Runs a box with one programme; null where it has too many pairs. */
export const askAble = (job: AbleRequest): Promise<Result<readonly Able[] | null>> => asker.ask(job);
