import { STATION_NAMES, type StationName } from '../station-names';
import * as words from '../locale/en/frame';

/** A page as it is named and reached; what it shows is told in `stations/table.ts`. */
export interface Page {
  readonly name: PageName;
  readonly path: string;
  readonly title: string;
  /** key that opens it */
  readonly key?: string;
  /** station it belongs to, where it is none itself */
  readonly of?: StationName;
}
export type PageName = StationName | 'ticket' | 'handbook';

const KEYS: Readonly<Record<StationName, string>> = {
  water: '1',
  pick: '2',
  bench: '3',
  tank: '4',
  deck: '5',
  log: '6',
  box: '7',
  tickets: 't',
};
export const STATIONS = STATION_NAMES.map((name) => ({
  name,
  key: KEYS[name],
  title: words[name],
  path: `/${name}`,
})) satisfies readonly Page[];

/** Pages beside the stations. */
export const OTHER_PAGES = [
  { name: 'ticket', of: 'tickets', title: words.ticket, path: '/tickets/:id' },
  { name: 'handbook', key: 'h', title: words.handbook, path: '/handbook' },
] as const satisfies readonly Page[];

export const PAGES: readonly Page[] = [...STATIONS, ...OTHER_PAGES];

/** Whether a route is a page, or one that belongs to it. */
export const isAt = (route: unknown, name: string): boolean =>
  route === name || PAGES.some((page) => page.name === route && page.of === name);
