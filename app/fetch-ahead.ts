import { whenIdle } from './when-idle';

/** Whether the browser keeps the whole app already. */
const isKept = (): boolean => ((navigator as Partial<Navigator>).serviceWorker?.controller ?? null) !== null;

/** Time a service worker has to fetch everything first, ms. */
const WORKER_MS = 6000;

/** Whether the reader asks for as little as can be to be fetched: every part is fetched when it is opened then. */
const savesData = (): boolean =>
  (navigator as { readonly connection?: { readonly saveData?: boolean } }).connection?.saveData === true;

/**
 * Fetches parts of the app while nothing else happens, one part in each quiet moment, so that a server that stops later, or a
 * signal that is lost, keeps nobody from their work. A failure here is no news: what is needed is asked for again when it is opened.
 * @param rest  what is fetched, in this order
 */
export async function fetchAhead(rest: readonly (() => Promise<unknown>)[]): Promise<void> {
  const wait = (navigator as Partial<Navigator>).serviceWorker ? WORKER_MS : 0;
  await new Promise((resolve) => setTimeout(resolve, wait));
  if (isKept() || savesData()) return;
  for (const load of rest) await Promise.allSettled([whenIdle(load)]);
}
