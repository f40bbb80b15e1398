import { createApp } from 'vue';
import App from './App.vue';
import { db } from './db/database';
import { isMissingPart, MISSING_PART_TEXT } from './missing-part';
import { router } from './router';
import { breath } from './first/breath';
import { pinia } from './first/ground';
import { createLook } from './vuetify';
import './theme/base.css';
import { useNotices } from './stores/notices';
import * as words from './locale/en/frame';

/** Time the first view has for itself before the rest of the app is fetched and kept, ms. */
const AFTER_MS = 3000;

// opened while the page is still being put together; whoever asks it first says what is wrong with it, if anything is
db.open().catch(() => undefined);

/** Puts the app on the page, a piece a task. */
export async function start(): Promise<void> {
  await breath();
  const app = createApp(App);
  // a bug in one part must not end in a blank page: say so and go on
  app.config.errorHandler = (error) => {
    if (isMissingPart(error)) return useNotices().complainIn([MISSING_PART_TEXT]);
    useNotices().complainIn([words.ourOwnFault(String(error))]);
    console.error(error);
  };
  router.onError((error) => {
    if (isMissingPart(error)) useNotices().complainIn([MISSING_PART_TEXT]);
  });
  app.use(pinia);
  const look = createLook();
  await breath();
  app.use(look);
  await breath();
  app.use(router);
  await breath();
  app.mount('#app');

  const servedBy = (navigator as Partial<Navigator>).serviceWorker?.controller ?? null;
  setTimeout(
    () =>
      void import('./later').then(
        ({ later }) => later(servedBy),
        // what is needed is asked for again when it is opened
        () => undefined,
      ),
    AFTER_MS,
  );
}
