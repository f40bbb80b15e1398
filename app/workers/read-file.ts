import type { Box, Result } from '@core';
import { readIncoming, type Incoming } from '../parts/file-import';
import workerUrl from './import.worker.ts?worker&url';

/** Fetches the worker ahead of need, into the browser's own cache. */
export const preloadFileReader = async (): Promise<void> => void (await fetch(workerUrl));

/**
 * Reads a chosen file away from the page, so that a long list does not hold it up. Where the worker cannot be had (the server
 * that brings it is gone) the page reads it itself.
 */
export function readFile(text: string, box: Box): Promise<Result<Incoming>> {
  return new Promise((resolve) => {
    const worker = new Worker(workerUrl, { type: 'module' });
    const finish = (read: Result<Incoming>): void => {
      worker.terminate();
      resolve(read);
    };
    worker.onmessage = ({ data }: MessageEvent<Result<Incoming>>) => finish(data);
    worker.onerror = (event) => {
      event.preventDefault();
      finish(readIncoming(text, box));
    };
    worker.postMessage({ text, box });
  });
}
