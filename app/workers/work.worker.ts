import { NOT_LOADED } from './not-loaded';

/**
 * The one worker of the app: what it does is its name, and only that is loaded. What several of them need stands in files they share.
 * Messages that come before it is loaded wait for it.
 */
const SERVING: Readonly<Record<string, () => Promise<unknown>>> = {
  rank: () => import('./serving/rank'),
  map: () => import('./serving/map'),
  gaps: () => import('./serving/gaps'),
  tank: () => import('./serving/tank'),
  deck: () => import('./serving/deck'),
  log: () => import('./serving/log'),
  files: () => import('./serving/files'),
};

const early: MessageEvent[] = [];
const wait = (event: MessageEvent): void => {
  event.stopImmediatePropagation();
  early.push(event);
};
self.addEventListener('message', wait);

/** Fetches everything a worker may need, into the browser's own cache, and ends. */
async function fetchAll(): Promise<void> {
  await Promise.allSettled(Object.values(SERVING).map((load) => load()));
  self.close();
}

if (self.name === 'fetch-all') void fetchAll();
else {
  const load = SERVING[self.name];
  if (!load) throw new Error(`a worker knows nothing of ${self.name}`);
  load().then(
    () => {
      self.removeEventListener('message', wait);
      for (const { data } of early) self.dispatchEvent(new MessageEvent('message', { data }));
    },
    // whoever started it hears nothing of promises
    () => self.postMessage(NOT_LOADED),
  );
}
