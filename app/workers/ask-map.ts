import type { Result, Winner } from '@core';
import { createAsker, type WorkerLike } from './asker';
import { answerMap, type MapRequest } from './map';
import workerUrl from './map.worker.ts?worker&url';
import * as words from '../locale/en/notices';

/** Longest one cell may take, ms. */
const SILENT_MS = 30_000;
/** Cells are asked side by side. */
const WORKERS = 2;

/** hears that a worker was started anew */
let restarted: () => void = () => undefined;
export const onMapRestart = (hear: () => void): void => void (restarted = hear);

const askers = Array.from({ length: WORKERS }, () =>
  createAsker<MapRequest, Winner | null>({
    what: words.drawingTheMap,
    make: () => new Worker(workerUrl, { type: 'module' }) as unknown as WorkerLike,
    silentMs: SILENT_MS,
    restarted: () => restarted(),
    here: answerMap,
  }),
);

/** Fetches the worker ahead of need, into the browser's own cache. */
export const preloadMap = async (): Promise<void> => void (await fetch(workerUrl));

/**
 * Asks some cells, as many side by side as there are workers.
 * @param told  hears each answer as it comes; false ends the asking
 */
export async function askCells<Cell>(
  cells: readonly Cell[],
  requestOf: (cell: Cell) => MapRequest,
  told: (cell: Cell, answer: Result<Winner | null>) => boolean,
): Promise<void> {
  let next = 0;
  let goesOn = true;
  await Promise.all(
    askers.map(async ({ ask }) => {
      while (goesOn && next < cells.length) {
        const cell = cells[next++]!;
        const answer = await ask(requestOf(cell));
        goesOn = goesOn && told(cell, answer);
      }
    }),
  );
}
