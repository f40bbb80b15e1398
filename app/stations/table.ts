import type { Component } from 'vue';
import type { PageName } from '../shell/pages';
import WaterPage from './water/WaterPage.vue';

type Load = () => Promise<{ readonly default: Component }>;

/** What each page shows: itself where the first view needs it, or how it is fetched. */
export const SHOWN: Readonly<Record<PageName, Component | Load>> = {
  water: WaterPage,
  pick: () => import('./pick/PickPage.vue'),
  bench: () => import('./bench/BenchPage.vue'),
  tank: () => import('./tank/TankPage.vue'),
  deck: () => import('./deck/DeckPage.vue'),
  log: () => import('./log/LogPage.vue'),
  box: () => import('./box/BoxPage.vue'),
  tickets: () => import('./tickets/TicketsPage.vue'),
  ticket: () => import('./tickets/TicketPage.vue'),
  handbook: () => import('./handbook/HandbookPage.vue'),
};

/** Fetches every page that is not there yet. */
export const PAGE_LOADS: readonly Load[] = Object.values(SHOWN).filter(
  (page): page is Load => typeof page === 'function',
);
