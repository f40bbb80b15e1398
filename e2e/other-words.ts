import type { JSHandle, Page } from '@playwright/test';
import { BLADE_SHAPES, COLOURS, HEAD_STYLES, NAME, TRAILER_KINDS } from '../core/index';
import { DEMO_WEEKEND } from '../demo/weekend';

/** Finds words that stand outside the locale: in the made-up language every word of the app has marks on its vowels. */

/** Months are written by `Intl`, which knows nothing of the made-up language. */
const month = (how: 'long' | 'short', at: number): string =>
  new Intl.DateTimeFormat('en-US', { month: how }).format(new Date(2026, at, 15));
const MONTH_NAMES = Array.from({ length: 12 }, (_, at) => [month('long', at), month('short', at)]).flat();
/** Places of the planned day; where there is little room they are cut short. */
const PLACES = DEMO_WEEKEND[0]!.stops.map(({ name }) => name);
const longestFirst = (words: readonly string[]): string => [...words].sort((a, b) => b.length - a.length).join('|');
/** Data, names and signs, which are the same in every language: colours and names of parts are the angler’s own words. */
const SAME = longestFirst([
  ...MONTH_NAMES,
  ...COLOURS.map(({ name }) => name),
  ...PLACES,
  ...'Brindle Mere, (north arm|Saturday|Sunday)/Brindle Mere/north arm|long hedgerow|gravel bars|lily bay|dam end'.split(
    '/',
  ),
  ...'bought dressed/slow roller/gold/black/finesse'.split('/'),
  ...'the jig rod/flipping stick/hedge rod/long soft one/short stiff one'.split('/'),
  'Pandero|Helvetica|PDF|SVG|CSV|JSON|GPX|--host|npm run scale -- put 9.4|npm run tube|npm run sounder|--sounder 10110|nmea',
]);
const UNITS = '\\b(ft/s|m/s|in|oz|ft|lbf?|mm|cm|kg|g|m|s|N)\\b';
/** What is to be typed into a list is the same in every language too. */
const TOKENS = `\\b(${longestFirst([...Object.keys(NAME), ...TRAILER_KINDS, ...HEAD_STYLES, ...BLADE_SHAPES, 'none', 'fanned', 'wings'])})\\b`;

/** Words whose vowels have no mark: what is read, and what is said for what is drawn. */
export const plainWords = (page: Page): Promise<string[]> =>
  page.evaluate(
    ([same, units, tokens, places]) => {
      const found = new Set<string>();
      const look = (text: string | null, isList = false): void => {
        const isShort = text?.endsWith('…') === true && places.some((name) => name.startsWith(text.slice(0, -1)));
        if (isShort) return;
        const own = isList ? (text ?? '').replace(new RegExp(tokens, 'g'), '') : (text ?? '');
        const left = own.replace(new RegExp(same, 'g'), '').replace(new RegExp(units, 'g'), '');
        for (const word of left.match(/[A-Za-z]{3,}/g) ?? []) if (/[aeiou]/i.test(word)) found.add(word);
      };
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const parent = node.parentElement!;
        if (!parent.closest('code, style, script, noscript, .log-columns dt'))
          look(node.textContent, parent.closest('.templates dl') !== null);
      }
      for (const name of ['aria-label', 'aria-valuetext', 'placeholder', 'title', 'alt']) {
        for (const element of document.querySelectorAll(`[${name}]`)) look(element.getAttribute(name));
      }
      return [...found];
    },
    [SAME, UNITS, TOKENS, PLACES] as const,
  );

/** A store of the app, as its pages see it, once they have one: what a word stands on may take many steps to reach by hand. */
export function storeOf<Store>(page: Page, id: string): Promise<JSHandle<Store>> {
  interface Mounted {
    readonly __vue_app__: {
      readonly config: { readonly globalProperties: { readonly $pinia: { readonly _s: Map<string, never> } } };
    };
  }
  const store = page.waitForFunction((name) => {
    const app = document.getElementById('app') as unknown as Mounted;
    return app.__vue_app__.config.globalProperties.$pinia._s.get(name);
  }, id);
  return store as unknown as Promise<JSHandle<Store>>;
}

/** Until what comes in stages and after a moment is there: nothing on the page changes for a while. */
export const stillness = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    for (let before = '', still = 0; still < 4; still++) {
      await new Promise((resolve) => setTimeout(resolve, 60));
      const now = document.body.innerHTML;
      if (now !== before) still = 0;
      before = now;
    }
  });
