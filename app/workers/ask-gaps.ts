import { fail, fillGaps, issue, ok, type Box, type Gaps, type Result, type Water } from '@core';
import workerUrl from './gaps.worker.ts?worker&url';

/** Fetches the worker ahead of need, into the browser's own cache. */
export const preloadGaps = async (): Promise<void> => void (await fetch(workerUrl));

/**
 * Looks for what a box lacks on a water, away from the page. Where the worker cannot be had the page does it itself.
 */
export function askGaps(water: Water, box: Box): Promise<Result<Gaps>> {
  return new Promise((resolve) => {
    const worker = new Worker(workerUrl, { type: 'module' });
    const finish = (found: Result<Gaps>): void => {
      worker.terminate();
      resolve(found);
    };
    worker.onmessage = ({ data }: MessageEvent<Gaps>) => finish(ok(data));
    worker.onerror = (event) => {
      event.preventDefault();
      try {
        finish(ok(fillGaps(water, box)));
      } catch (error) {
        finish(fail([issue('does-not-fit', '', { got: error instanceof Error ? error.message : String(error) })]));
      }
    };
    worker.postMessage({ water, box });
  });
}
