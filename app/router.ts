import { createRouter, createWebHashHistory } from 'vue-router';
import WaterPage from './stations/water/WaterPage.vue';
import * as words from './locale/en/frame';

/** Stations in the order of the work; the hash lets any static host serve them. */
export const STATIONS = [
  { name: 'water', key: '1', title: words.water, path: '/water' },
  { name: 'pick', key: '2', title: words.pick, path: '/pick' },
  { name: 'bench', key: '3', title: words.bench, path: '/bench' },
  { name: 'box', key: '7', title: words.box, path: '/box' },
  { name: 'tickets', key: 't', title: words.tickets, path: '/tickets' },
] as const;

export const router = createRouter({
  history: createWebHashHistory(),
  // another page begins at its top, going back returns to where one was; a page that just opened is at its top
  scrollBehavior: (to, from, saved) =>
    saved ?? (to.path === from.path || from.matched.length === 0 ? false : { top: 0 }),
  routes: [
    { path: '/', redirect: '/water' },
    { path: '/water', name: 'water', component: WaterPage },
    { path: '/pick', name: 'pick', component: () => import('./stations/pick/PickPage.vue') },
    { path: '/bench', name: 'bench', component: () => import('./stations/bench/BenchPage.vue') },
    { path: '/box', name: 'box', component: () => import('./stations/box/BoxPage.vue') },
    { path: '/tickets', name: 'tickets', component: () => import('./stations/tickets/TicketsPage.vue') },
    { path: '/tickets/:id', name: 'ticket', props: true, component: () => import('./stations/tickets/TicketPage.vue') },
    { path: '/handbook', name: 'handbook', component: () => import('./stations/handbook/HandbookPage.vue') },
    { path: '/:unknown(.*)*', redirect: '/water' },
  ],
});

router.afterEach((to) => {
  const station = STATIONS.find(({ name }) => name === to.name);
  document.title = `${station?.title ?? (to.name === 'handbook' ? words.handbook : words.ticket)} · Pandero`;
});
