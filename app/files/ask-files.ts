import { fail, type Result } from '@core';
import { db } from '../db/database';
import type { OnScreen } from '../db/everything';
import { keeper } from '../db/our-keeper';
import { thisScreen } from '../stores/screen';
import { useSettings } from '../stores/settings';
import { createAsker, type WorkerLike } from '../workers/asker';
import workerUrl from '../workers/files.worker.ts?worker&url';
import { doFileJob, type FileAnswers, type FileJob, type Tell } from './jobs';
import * as words from '../locale/en/files';

/** Longest a large file may take without a sign, ms: one text is parsed at one go. */
const SILENT_MS = 20_000;

const asker = createAsker<FileJob, Result<FileAnswers[FileJob['do']]>>({
  what: words.readingWritingFiles,
  make: () => new Worker(workerUrl, { type: 'module' }) as unknown as WorkerLike,
  silentMs: SILENT_MS,
  here: (job, tell) => doFileJob(job, db, tell),
});

/** Fetches the worker ahead of need, into the browser's own cache. */
export const preloadFileWorker = async (): Promise<void> => void (await fetch(workerUrl));

/** What the page knows and the store does not. */
export const onScreen = (): OnScreen => ({
  settings: { ...useSettings().settings },
  waiting: keeper.waiting(),
  screen: thisScreen(),
});

/** Does a job with files away from the page. */
export async function askFiles<J extends FileJob>(job: J, tell?: Tell): Promise<Result<FileAnswers[J['do']]>> {
  const answer = await asker.ask(job, tell);
  return answer.ok ? (answer.value as Result<FileAnswers[J['do']]>) : fail(answer.issues);
}
