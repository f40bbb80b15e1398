import workerUrl from './work.worker.ts?worker&url';

/** What a worker of the app may be started for. */
export type WorkerName = 'rank' | 'map' | 'gaps' | 'tank' | 'deck' | 'log' | 'files' | 'fetch-all';

/**
 * Starts a worker.
 * @throws where the browser gives none
 */
export const startWorker = <Mailbox>(name: WorkerName): Mailbox =>
  new Worker(workerUrl, { type: 'module', name }) as unknown as Mailbox;

/** Fetches all that workers do ahead of need, into the browser's own cache. */
export function preloadWorkers(): void {
  try {
    startWorker('fetch-all');
  } catch {
    // where there are none, the page does their work itself
  }
}
