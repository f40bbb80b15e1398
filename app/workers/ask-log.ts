import { fail, type Result } from '@core';
import { db } from '../db/database';
import { createAsker, type WorkerLike } from './asker';
import { answerLog, type LogAnswers, type LogAsk, type LogRequest, type LogRequests } from './log';
import { startWorker } from './start-worker';
import * as words from '../locale/en/notices';

/** Longest it may take without a sign, ms. */
const SILENT_MS = 30_000;

const asker = createAsker<LogRequest, LogAnswers[LogAsk]>({
  what: words.readingTheLog,
  make: () => startWorker<WorkerLike>('log'),
  silentMs: SILENT_MS,
  here: (job, tell) => answerLog(job, tell, db),
});

type ValueOf<T> = [T] extends [Result<infer Value>] ? Value : T;

/** Asks something of the log beside the page; what comes as a result within an answer is one result. */
export async function askLog<Ask extends LogAsk>(
  ask: Ask,
  of: LogRequests[Ask],
  tell?: (done: number) => void,
): Promise<Result<ValueOf<LogAnswers[Ask]>>> {
  const answer = await asker.ask({ ask, ...of } as LogRequest, tell);
  if (!answer.ok) return fail(answer.issues);
  const { value } = answer;
  return ('ok' in value ? value : { ok: true, value }) as Result<ValueOf<LogAnswers[Ask]>>;
}
