/** Longest anything here waits for a quiet moment, ms. */
const AT_LATEST_MS = 300;

/** Loads something heavy in the first quiet moment, so that what can be read and typed is on the screen before it. */
export const whenIdle = <T>(load: () => Promise<T>): Promise<T> =>
  new Promise((resolve, reject) =>
    requestIdleCallback(() => void load().then(resolve, reject), { timeout: AT_LATEST_MS }),
  );
