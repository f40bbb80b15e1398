import { NOT_LOADED } from './not-loaded';
import workerUrl from './work.worker.ts?worker&url';

/** What a worker of the app may be started for. */
export type WorkerName = 'rank' | 'map' | 'gaps' | 'tank' | 'deck' | 'log' | 'files' | 'fetch-all';

/**
 * Starts a worker.
 * @throws where the browser gives none
 */
export function startWorker<Mailbox>(name: WorkerName): Mailbox {
  const worker = new Worker(workerUrl, { type: 'module', name });
  // one whose work could not be fetched is as good as none
  worker.addEventListener('message', (event: MessageEvent) => {
    if (event.data !== NOT_LOADED) return;
    event.stopImmediatePropagation();
    worker.dispatchEvent(new ErrorEvent('error', { message: NOT_LOADED }));
  });
  return worker as unknown as Mailbox;
}

/** Fetches all that workers do ahead of need, into the browser's own cache. */
export function preloadWorkers(): void {
  try {
    startWorker('fetch-all');
  } catch {
    // where there are none, the page does their work itself
  }
}
