import type { Box, Gains, Result, Water, Winner } from '@core';
import { createAsker, type WorkerLike } from './asker';
import { answerMap, type MapAnswer, type MapRequest } from './map';
import { startWorker } from './start-worker';
import * as words from '../locale/en/notices';

/** Longest one water may take, ms. */
const SILENT_MS = 30_000;
/** Waters are asked side by side. */
const WORKERS = 2;

/** hears that a worker was started anew */
let restarted: () => void = () => undefined;
export const onMapRestart = (hear: () => void): void => void (restarted = hear);

const askers = Array.from({ length: WORKERS }, () =>
  createAsker<MapRequest, MapAnswer>({
    what: words.drawingTheMap,
    make: () => startWorker<WorkerLike>('map'),
    silentMs: SILENT_MS,
    restarted: () => restarted(),
    here: answerMap,
  }),
);

/**
 * Asks of some waters, as many side by side as there are workers.
 * @param told  hears each answer as it comes; false ends the asking
 */
async function askEach<Of, Value extends MapAnswer>(
  all: readonly Of[],
  requestOf: (one: Of) => MapRequest,
  told: (one: Of, answer: Result<Value>) => boolean,
): Promise<void> {
  let next = 0;
  let goesOn = true;
  await Promise.all(
    askers.map(async ({ ask }) => {
      while (goesOn && next < all.length) {
        const one = all[next++]!;
        const answer = (await ask(requestOf(one))) as Result<Value>;
        goesOn = goesOn && told(one, answer);
      }
    }),
  );
}

/** What leads on each of some waters of one box. */
export const askLeads = <Of>(
  all: readonly Of[],
  waterOf: (one: Of) => Water,
  box: Box,
  told: (one: Of, answer: Result<Winner | null>) => boolean,
): Promise<void> => askEach(all, (one) => ({ ask: 'leads', water: waterOf(one), box }), told);

/** What single parts would add to a box on each of some waters. */
export const askLacks = <Of>(
  all: readonly Of[],
  waterOf: (one: Of) => Water,
  box: Box,
  told: (one: Of, answer: Result<Gains>) => boolean,
): Promise<void> => askEach(all, (one) => ({ ask: 'lacks', water: waterOf(one), box }), told);
