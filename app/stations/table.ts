import type { Component } from 'vue';
import WaterPage from './water/WaterPage.vue';
import * as words from '../locale/en/frame';

type Load = () => Promise<{ readonly default: Component }>;

/** A page, told once: route, tab, key, title, help and what is fetched ahead follow. */
export interface Page {
  readonly name: string;
  readonly path: string;
  readonly title: string;
  /** the page itself where the first view needs it, or how it is fetched */
  readonly page: Component | Load;
  /** key that opens it */
  readonly key?: string;
  /** station it belongs to, where it is none itself */
  readonly of?: string;
}

/** Stations in the order of the work. */
export const STATIONS = [
  { name: 'water', key: '1', title: words.water, path: '/water', page: WaterPage },
  { name: 'pick', key: '2', title: words.pick, path: '/pick', page: () => import('./pick/PickPage.vue') },
  { name: 'bench', key: '3', title: words.bench, path: '/bench', page: () => import('./bench/BenchPage.vue') },
  { name: 'tank', key: '4', title: words.tank, path: '/tank', page: () => import('./tank/TankPage.vue') },
  { name: 'deck', key: '5', title: words.deck, path: '/deck', page: () => import('./deck/DeckPage.vue') },
  { name: 'log', key: '6', title: words.log, path: '/log', page: () => import('./log/LogPage.vue') },
  { name: 'box', key: '7', title: words.box, path: '/box', page: () => import('./box/BoxPage.vue') },
  {
    name: 'tickets',
    key: 't',
    title: words.tickets,
    path: '/tickets',
    page: () => import('./tickets/TicketsPage.vue'),
  },
] as const satisfies readonly Page[];
export type StationName = (typeof STATIONS)[number]['name'];

/** Pages beside the stations. */
export const OTHER_PAGES = [
  {
    name: 'ticket',
    of: 'tickets',
    title: words.ticket,
    path: '/tickets/:id',
    page: () => import('./tickets/TicketPage.vue'),
  },
  {
    name: 'handbook',
    key: 'h',
    title: words.handbook,
    path: '/handbook',
    page: () => import('./handbook/HandbookPage.vue'),
  },
] as const satisfies readonly Page[];

export const PAGES: readonly Page[] = [...STATIONS, ...OTHER_PAGES];

/** Whether a route is a page, or one that belongs to it. */
export const isAt = (route: unknown, name: string): boolean =>
  route === name || PAGES.some((page) => page.name === route && page.of === name);

/** Fetches every page that is not there yet. */
export const PAGE_LOADS: readonly Load[] = [...STATIONS, ...OTHER_PAGES].flatMap(({ page }) =>
  typeof page === 'function' ? [page as Load] : [],
);
