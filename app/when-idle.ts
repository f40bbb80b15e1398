/** Longest anything here waits for a quiet moment, ms. */
const AT_LATEST_MS = 300;
/** Where a browser does not tell when it is idle: after the next picture. */
const SOON_MS = 30;

/** Loads something heavy in the first quiet moment, so that what can be read and typed is on the screen before it. */
export const whenIdle = <T>(load: () => Promise<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    const run = (): void => void load().then(resolve, reject);
    if (typeof globalThis.requestIdleCallback === 'function') requestIdleCallback(run, { timeout: AT_LATEST_MS });
    else setTimeout(run, SOON_MS);
  });
