import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { db } from './db/database';
import './look/fonts.css';
import { isMissingPart, MISSING_PART_TEXT } from './missing-part';
import { router } from './router';
import { vuetify } from './vuetify';
import './look/base.css';
import { useNotices } from './stores/notices';

// opened while the page is still being put together; whoever asks it first says what is wrong with it, if anything is
db.open().catch(() => undefined);

const app = createApp(App);
app.use(createPinia());
app.use(vuetify);
app.use(router);

// a bug in one part must not end in a blank page: say so and go on
app.config.errorHandler = (error) => {
  if (isMissingPart(error)) return useNotices().complainIn([MISSING_PART_TEXT]);
  useNotices().complainIn([
    `Something went wrong here, which is our own fault: ${String(error)}. What you entered is kept; reload the page.`,
  ]);
  console.error(error);
};
router.onError((error) => {
  if (isMissingPart(error)) useNotices().complainIn([MISSING_PART_TEXT]);
});
app.mount('#app');

/** Time the first view has for itself before the rest of the app is fetched and kept, ms. */
const AFTER_MS = 3000;
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
