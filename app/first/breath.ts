/** Yields to the browser (input and painting first) and continues in a task of its own. */
export const breath = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

/** Longest that is waited for a picture, ms: a page in the background paints none. */
const AT_LATEST_MS = 100;

/** Goes on once what was just put on the page is painted. */
export const nextPaint = (): Promise<void> =>
  new Promise((resolve) => {
    const late = setTimeout(resolve, AT_LATEST_MS);
    requestAnimationFrame(() => {
      clearTimeout(late);
      void breath().then(resolve);
    });
  });
