import { keeper } from './db/our-keeper';
import { useNotices } from './stores/notices';

/** Time the first view has for itself, ms. */
const AFTER_MS = 3000;
/** How often an open page asks whether there is a newer one, ms. */
const ASK_EVERY_MS = 3_600_000;
/** Longest that is waited for what is still to be stored before a page starts anew, ms: it is noted anyway. */
const LAST_WRITE_MS = 1500;

/**
 * Keeps the whole app in the browser, so that it opens with no server and no signal, and can be installed. A new version waits until
 * it is asked in; then every open page starts anew with it, and none goes on with the old one. Over plain http browsers keep no app:
 * there it needs whoever serves it.
 */
export function installWhenIdle(): void {
  const container = (navigator as Partial<Navigator>).serviceWorker;
  if (!container) return;
  // the very first worker takes over a page that is of its own version
  let isUpdate = container.controller !== null;
  container.addEventListener('controllerchange', () => {
    if (isUpdate) void startAnew();
    isUpdate = true;
  });
  setTimeout(() => void register(), AFTER_MS);
}

async function startAnew(): Promise<void> {
  await Promise.race([keeper.flush(), new Promise((resolve) => setTimeout(resolve, LAST_WRITE_MS))]);
  location.reload();
}

async function register(): Promise<void> {
  const { registerSW } = await import('virtual:pwa-register');
  const notices = useNotices();
  const takeIn = registerSW({
    immediate: true,
    onNeedRefresh: () =>
      notices.raise({
        text: 'A new version of Pandero is here and waits. Once it is taken, every open page starts anew with it; all that was entered stays.',
        isNews: true,
        action: { label: 'Take the new version', run: () => void takeIn(false) },
      }),
    onRegisteredSW(_url, registration) {
      if (!registration) return;
      // no server, no signal: there is nothing new then
      setInterval(() => void registration.update().catch(() => undefined), ASK_EVERY_MS);
    },
    // a browser that is told to keep nothing keeps no app either: it works as long as it is served
    onRegisterError: () => undefined,
  });
}
