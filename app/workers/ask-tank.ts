import type { Result } from '@core';
import { createAsker, type WorkerLike } from './asker';
import { answerTank, type TankAnswers, type TankAsk, type TankRequest, type TankRequests } from './tank';
import { startWorker } from './start-worker';
import * as words from '../locale/en/notices';

/** Longest a box may take: it is run at one go, ms. */
const SILENT_MS = 30_000;

/** hears that a worker was started anew */
let restarted: () => void = () => undefined;
export const onTankRestart = (hear: () => void): void => void (restarted = hear);

const makeAsker = () =>
  createAsker<TankRequest, TankAnswers[TankAsk]>({
    what: words.runningTheTank,
    make: () => startWorker<WorkerLike>('tank'),
    silentMs: SILENT_MS,
    restarted: () => restarted(),
    here: answerTank,
  });
/** what takes long has a worker of its own: bands do not wait behind a whole box */
const askers = { short: makeAsker(), long: makeAsker() };
const LONG: readonly TankAsk[] = ['able', 'cut'];

/** Asks something of the tank beside the page. */
export function askTank<Ask extends TankAsk>(ask: Ask, of: TankRequests[Ask]): Promise<Result<TankAnswers[Ask]>> {
  const asker = askers[LONG.includes(ask) ? 'long' : 'short'];
  return asker.ask({ ask, ...of } as TankRequest) as Promise<Result<TankAnswers[Ask]>>;
}
