import { fail, type Result } from '@core';
import { db } from '../db/database';
import { createAsker, type WorkerLike } from '../workers/asker';
import { startWorker } from '../workers/start-worker';
import type { FileAnswers, FileJob, Tell } from './file-jobs';
import { doFileJob } from './jobs';
import * as words from '../locale/en/files';

/** Watchdog for large files, ms: parsing one text cannot report progress. */
const SILENT_MS = 20_000;

const asker = createAsker<FileJob, Result<FileAnswers[FileJob['do']]>>({
  what: words.readingWritingFiles,
  make: () => startWorker<WorkerLike>('files'),
  silentMs: SILENT_MS,
  here: (job, tell) => doFileJob(job, db, tell),
});

/** Does a job with files away from the page. */
export async function askFiles<J extends FileJob>(job: J, tell?: Tell): Promise<Result<FileAnswers[J['do']]>> {
  const answer = await asker.ask(job, tell);
  return answer.ok ? (answer.value as Result<FileAnswers[J['do']]>) : fail(answer.issues);
}
