import {
  fail,
  fillGaps,
  issue,
  ok,
  whatToBuy,
  type Box,
  type Gaps,
  type Purchase,
  type Result,
  type Water,
} from '@core';
import workerUrl from './gaps.worker.ts?worker&url';
import type { GapsRequest } from './protocol';

/** Fetches the worker ahead of need, into the browser's own cache. */
export const preloadGaps = async (): Promise<void> => void (await fetch(workerUrl));

/** Asks away from the page; where the worker cannot be had the page does it itself. */
function ask<T>(request: GapsRequest, here: () => T): Promise<Result<T>> {
  return new Promise((resolve) => {
    const worker = new Worker(workerUrl, { type: 'module' });
    const finish = (found: Result<T>): void => {
      worker.terminate();
      resolve(found);
    };
    worker.onmessage = ({ data }: MessageEvent<T>) => finish(ok(data));
    worker.onerror = (event) => {
      event.preventDefault();
      try {
        finish(ok(here()));
      } catch (error) {
        finish(fail([issue('does-not-fit', '', { got: error instanceof Error ? error.message : String(error) })]));
      }
    };
    worker.postMessage(request);
  });
}

/** Looks for what a box lacks on a water. */
export const askGaps = (water: Water, box: Box): Promise<Result<Gaps>> =>
  ask({ water, box }, () => fillGaps(water, box));

/** Ranks single parts by what they would add over several waters. */
export const askWhatToBuy = (waters: readonly Water[], box: Box, count: number): Promise<Result<Purchase[]>> =>
  ask({ waters, box, count }, () => whatToBuy(waters, box, count));
