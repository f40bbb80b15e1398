import { registerSW } from 'virtual:pwa-register';
import { keeper } from './db/our-keeper';
import { onceAllAreOpen } from './first/opening';
import { useNotices } from './stores/notices';
import * as words from './locale/en/frame';

/** How often an open page asks whether there is a newer one, ms. */
const ASK_EVERY_MS = 3_600_000;
/** Longest that is waited for what is still to be stored before a page starts anew, ms: it is noted anyway. */
const LAST_WRITE_MS = 1500;
/** How often a waiting version is asked in again until it has come, ms. */
const ASK_IN_EVERY_MS = 2000;

async function startAnew(): Promise<void> {
  await Promise.race([keeper.flush(), new Promise((resolve) => setTimeout(resolve, LAST_WRITE_MS))]);
  location.reload();
}

/**
 * Keeps the whole app in the browser, so that it opens with no server and no signal, and can be installed. A new version waits until
 * it is asked in; then every open page starts anew with it, and none goes on with the old one. Over plain http browsers keep no app:
 * there it needs whoever serves it.
 * @param before  what served this page when it was opened
 */
export function install(before: ServiceWorker | null): void {
  const container = (navigator as Partial<Navigator>).serviceWorker;
  if (!container) return;
  // another page took a new version while this one was still being opened
  if (before !== null && container.controller !== before) return void startAnew();
  // the very first worker takes over a page that is of its own version
  let isUpdate = before !== null;
  container.addEventListener('controllerchange', () => {
    if (isUpdate) void startAnew();
    isUpdate = true;
  });
  const notices = useNotices();
  let known: ServiceWorkerRegistration | null = null;
  /**
   * Asks the new version in once no page is being opened: an old worker that is asked for a file while it makes room is started again,
   * and the new one waits until it rests (seen in Chromium 156). A page at work may still ask it for one; so it is asked until it came.
   */
  async function askIn(): Promise<void> {
    await takeIn(false);
    setTimeout(() => {
      if (known?.waiting) void askIn();
    }, ASK_IN_EVERY_MS);
  }
  const take = (): void => void onceAllAreOpen(askIn);
  const takeIn = registerSW({
    immediate: true,
    onNeedRefresh: () =>
      notices.raise({
        text: words.newVersionWaits,
        isNews: true,
        action: { label: words.takeTheNewVersion, run: take },
      }),
    onRegisteredSW(_url, registration) {
      if (!registration) return;
      known = registration;
      // no server, no signal: there is nothing new then
      setInterval(() => void registration.update().catch(() => undefined), ASK_EVERY_MS);
    },
    // a browser that is told to keep nothing keeps no app either: it works as long as it is served
    onRegisterError: () => undefined,
  });
}
