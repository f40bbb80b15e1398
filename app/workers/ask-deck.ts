import { fail, type Result } from '@core';
import { createAsker, type WorkerLike } from './asker';
import type { DeckAnswers, DeckAsk, DeckRequest, DeckRequests } from './deck';
import wasmUrl from 'highs/runtime?url';
import { startWorker } from './start-worker';
import * as words from '../locale/en/notices';

/** Longest a programme may take without a sign, ms: it is solved at one go. */
const SILENT_MS = 60_000;

/** hears that a worker was started anew */
let restarted: () => void = () => undefined;
export const onDeckRestart = (hear: () => void): void => void (restarted = hear);

const asker = createAsker<DeckRequest, DeckAnswers[DeckAsk] | Result<never>>({
  what: words.planningTheDay,
  make: () => startWorker<WorkerLike>('deck'),
  silentMs: SILENT_MS,
  restarted: () => restarted(),
  // what plans a day is large: the page fetches it only where no worker is to be had
  here: async (job, tell) => {
    const { answerDeck } = await import('./deck');
    return answerDeck(job, tell, async () => (await import('../../solver/highs')).loadSolver());
  },
});

/** Fetches the solver ahead of need, into the browser's own cache. */
export const preloadSolver = async (): Promise<void> => {
  await (await fetch(wasmUrl)).arrayBuffer();
};

type ValueOf<T> = [T] extends [Result<infer Value>] ? Value : T;

/** Asks something of the deck beside the page; what comes as a result within an answer is one result. */
export async function askDeck<Ask extends DeckAsk>(
  ask: Ask,
  of: DeckRequests[Ask],
  tell?: (done: number) => void,
): Promise<Result<ValueOf<DeckAnswers[Ask]>>> {
  const answer = await asker.ask({ ask, ...of } as DeckRequest, tell);
  if (!answer.ok) return fail(answer.issues);
  const { value } = answer;
  const isResult = typeof value === 'object' && 'ok' in value;
  return (isResult ? value : { ok: true, value }) as Result<ValueOf<DeckAnswers[Ask]>>;
}
