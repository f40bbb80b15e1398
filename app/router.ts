import { createRouter, createWebHashHistory } from 'vue-router';
import { PAGES } from './shell/pages';
import { SHOWN } from './stations/table';

/** Opened without a page in its address: where one goes then is up to what one was doing. Asked before the router writes its own there. */
export const IS_OPENED_PLAIN = ['', '#', '#/'].includes(window.location.hash);

/** The hash lets any static host serve the pages. */
export const router = createRouter({
  history: createWebHashHistory(),
  // another page begins at its top, going back returns to where one was; a page that just opened is at its top
  scrollBehavior: (to, from, saved) =>
    saved ?? (to.path === from.path || from.matched.length === 0 ? false : { top: 0 }),
  routes: [
    { path: '/', redirect: '/water' },
    ...PAGES.map(({ name, path }) => ({ name, path, component: SHOWN[name], props: path.includes(':') })),
    { path: '/:unknown(.*)*', redirect: '/water' },
  ],
});

router.afterEach((to) => {
  const page = PAGES.find(({ name }) => name === to.name);
  document.title = `${page?.title ?? ''} · Pandero`;
});
