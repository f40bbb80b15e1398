/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { DEMO_WEEKEND } from '../../demo/weekend';
import { BLADE_SHAPES, COLOURS, HEAD_STYLES, NAME, PROGRAMME_IDS, TRAILER_KINDS } from '@core';
import { useBench } from '../stores/bench';
import { useDeck } from '../stores/deck';
import { useOutings } from '../stores/outings';
import { useMap } from '../stores/map';
import { useTank } from '../stores/tank';
import { useYear } from '../stores/year';
import { useAdvice } from '../stores/advice';
import { useNumberCard } from '../stores/number-card';
import { useRuleCard } from '../stores/handbook';
import { useWater } from '../stores/water';
import { at, every, giveFile, inApp, until, user } from '../testing/in-app';
import { router } from '../router';

inApp('demo');
/** Read one after another before the page asks for them side by side: the loader of the tests takes one at a time. */
const DECK_PARTS = [
  () => import('../stations/deck/DeckGrid.vue'),
  () => import('../stations/deck/DeckMargins.vue'),
  () => import('../stations/deck/DeckMore.vue'),
  () => import('../stations/deck/DeckPaper.vue'),
  () => import('../stations/deck/DeckStop.vue'),
];

/** Months are written by `Intl`, which knows nothing of the made-up language. */
const month = (how: 'long' | 'short', at: number): string =>
  new Intl.DateTimeFormat('en-US', { month: how }).format(new Date(2026, at, 15));
const MONTH_NAMES = Array.from({ length: 12 }, (_, at) => [month('long', at), month('short', at)]).flat();
/** Data, names and signs, which are the same in every language: colours and names of parts are the angler’s own words. */
const SAME = new RegExp(
  [
    ...MONTH_NAMES,
    ...COLOURS.map(({ name }) => name),
    ...[
      'Brindle Mere, (north arm|Saturday|Sunday)',
      ...DEMO_WEEKEND[0]!.stops.map(({ name }) => name),
      'Brindle Mere',
      'north arm|long hedgerow|gravel bars|lily bay|dam end',
      'bought dressed',
      'slow roller',
      'gold',
      'black',
      'the jig rod',
      'flipping stick',
      'hedge rod',
      'long soft one',
      'short stiff one',
      'finesse',
    ],
    'Pandero|Helvetica|PDF|SVG|CSV|JSON|GPX|--host|npm run scale -- put 9.4|npm run tube|npm run sounder|--sounder 10110|nmea',
  ]
    .sort((a, b) => b.length - a.length)
    .join('|'),
  'g',
);
const UNITS = /\b(ft\/s|m\/s|in|oz|ft|lbf?|mm|cm|kg|g|m|s|N)\b/g;
/** What is to be typed into a list is the same in every language too. */
const TOKENS = new RegExp(
  `\\b(${[...Object.keys(NAME), ...TRAILER_KINDS, ...HEAD_STYLES, ...BLADE_SHAPES, 'none', 'fanned', 'wings']
    .sort((a, b) => b.length - a.length)
    .join('|')})\\b`,
  'g',
);

/** Words whose vowels have no mark: what is read, and what is said for what is drawn. */
function plainWords(): string[] {
  const found = new Set<string>();
  const look = (text: string | null, isList = false): void => {
    const own = isList ? (text ?? '').replace(TOKENS, '') : (text ?? '');
    const left = own
      .replace(SAME, '')
      .replace(UNITS, '')
      .match(/[A-Za-z]{3,}/g);
    for (const word of left ?? []) if (/[aeiou]/i.test(word)) found.add(word);
  };
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const parent = node.parentElement!;
    if (!parent.closest('code, style, script')) look(node.textContent, parent.closest('.templates dl') !== null);
  }
  for (const name of ['aria-label', 'aria-valuetext', 'placeholder', 'title', 'alt']) {
    for (const element of document.querySelectorAll(`[${name}]`)) look(element.getAttribute(name));
  }
  return [...found];
}
/** Until what comes in stages and after a moment is there. */
async function settle(): Promise<void> {
  for (let before = '', still = 0; still < 4; still++) {
    await new Promise((resolve) => setTimeout(resolve, 60));
    const now = document.body.innerHTML;
    if (now !== before) still = 0;
    before = now;
  }
}
async function visit(place: string): Promise<void> {
  await router.push(place);
  await until(() => expect(every('heading')).not.toEqual([]));
  await settle();
}

test.each(['/water', '/pick', '/bench', '/tank', '/box', '/tickets', '/handbook', '/tickets/nowhere'])(
  'no word of %s is left outside the locale',
  async (place) => {
    await visit(place);
    expect(plainWords()).toEqual([]);
  },
);

test('nor of a pick that is opened, its cards, and its ticket', async () => {
  await visit('/pick');
  await user.click(every('button', undefined, await at('pick-1'))[0]!);
  await until(() => expect(useAdvice().flips).not.toBeNull());
  await settle();
  expect(plainWords()).toEqual([]);
  useNumberCard().asked = { of: 'score' };
  await at('number-card');
  expect(plainWords()).toEqual([]);
  useNumberCard().asked = null;
  useRuleCard().id = 'fall-cold';
  await at('rule-card');
  expect(plainWords()).toEqual([]);
  useRuleCard().id = null;
  await user.click(document.querySelector<HTMLElement>('.reasons__make')!);
  await at('ticket');
  await settle();
  expect(plainWords()).toEqual([]);
});

test.each(['skirted', 'spinner'] as const)(
  'nor of a %s rig on the bench, with its cuts, step by step',
  async (family) => {
    useWater().change({ families: [family] });
    await visit('/pick');
    await until(() => expect(useAdvice().picks[0]?.rig.family).toBe(family));
    await useBench().start(useAdvice().picks[0]!.rig);
    await visit('/bench');
    for (const part of document.querySelectorAll<HTMLElement>('[data-testid^="part-"]')) {
      await user.click(part);
      await settle();
      expect(plainWords()).toEqual([]);
    }
    await user.click(await at('open-steps'));
    await at('steps');
    expect(plainWords()).toEqual([]);
  },
);

test.each(['heads', 'skirts', 'trailers', 'blades', 'hooks', 'lines', 'rods', 'reels'])(
  'nor of the tray of %s, its first part and its gallery',
  async (tray) => {
    await visit('/box');
    const trays = document.querySelectorAll<HTMLElement>('.box__tray');
    await user.click(
      trays[['heads', 'skirts', 'trailers', 'blades', 'hooks', 'lines', 'rods', 'reels'].indexOf(tray)]!,
    );
    await settle();
    await user.click(document.querySelector<HTMLElement>('[data-testid="box-list"] button')!);
    await at('part-sheet');
    await settle();
    expect(plainWords()).toEqual([]);
    await user.click(document.querySelector<HTMLElement>('.box__list-head .v-btn')!);
    await until(() => expect(document.querySelector('.v-overlay--active')).not.toBeNull());
    await settle();
    expect(plainWords()).toEqual([]);
  },
);

/** Presses what stands at a place of the page, by its looks: its words are not known here. */
const pressAt = async (selector: string): Promise<void> => {
  await until(() => expect(document.querySelector(selector)).not.toBeNull());
  await user.click(document.querySelector<HTMLElement>(selector)!);
  await until(() => expect(document.querySelector('.v-overlay--active, .files')).not.toBeNull());
  await settle();
};

test.each([
  ['places', '/water', '.places button'],
  ['local rules', '/water', '.places__rules, .places button:last-of-type'],
  ['schools', '/pick', '.settings__schools'],
  ['files', '/water', '.header__tools .press:nth-last-of-type(2)'],
  ['help', '/water', '.header__tools .press:last-of-type'],
  ['import', '/box', '.box__row .v-btn'],
] as const)('nor of the dialog of %s', async (_what, place, selector) => {
  await visit(place);
  await pressAt(selector);
  expect(plainWords()).toEqual([]);
});

test.each([
  ['a box list', 'heads.csv', 'style,weight\ncasting,3/8\nanvil,1/4\n'],
  ['what is no file of ours', 'x.json', '{"type": "Topology"}'],
  ['a good list', 'heads.csv', 'style,weight\ncasting,3/8\ncasting,3/8\n'],
] as const)('nor of %s that is taken in', async (_what, name, text) => {
  await visit('/box');
  await pressAt('.box__row .v-btn');
  await giveFile(name, text);
  await settle();
  // what the file holds is said as it stands there
  expect(plainWords().filter((word) => !['anvil', 'heads', 'style', 'json', 'Topology'].includes(word))).toEqual([]);
});

test.each(['solve', 'compare', 'builds', 'card', 'calibrate'] as const)(
  'nor of the bench’s dialog of %s',
  async (what) => {
    await visit('/pick');
    await until(() => expect(useAdvice().picks).not.toEqual([]));
    await useBench().start(useAdvice().picks[0]!.rig);
    await visit('/bench');
    await user.click(document.querySelector(`[data-testid=open-${what}]`)!);
    await settle();
    expect(document.querySelector('.v-overlay--active')).not.toBeNull();
    expect(plainWords()).toEqual([]);
  },
);

test('nor of the table of weights and cuts, nor of cuts that lie on the drawing', async () => {
  await visit('/pick');
  await until(() => expect(useAdvice().picks).not.toEqual([]));
  const { rig, base } = useAdvice().picks[0]!;
  await useBench().start(base);
  await visit('/bench');
  await user.click(document.querySelector('[data-testid=open-solve]')!);
  await settle();
  await until(() => expect(document.querySelector('.solve__acts .v-btn:last-child')).not.toBeNull());
  await user.click(document.querySelector('.solve__acts .v-btn:last-child')!);
  await settle();
  expect(rig).not.toEqual(base);
  expect(document.querySelector('[data-testid=ghost]')).not.toBeNull();
  expect(plainWords()).toEqual([]);
  await user.click(document.querySelector('[data-testid=open-table]')!);
  await settle();
  expect(document.querySelector('[data-testid=cut-table]')).not.toBeNull();
  expect(plainWords()).toEqual([]);
});

test('nor of what a tank shows: two rigs, every programme, falls, charts as tables, what differs, what is solved', async () => {
  await visit('/pick');
  await until(() => expect(useAdvice().picks.length).toBeGreaterThan(2));
  const tank = useTank();
  const [first, , third] = useAdvice().picks;
  await tank.put(first!.rig, null);
  await tank.putOther(third!.rig);
  await visit('/tank');
  for (const id of PROGRAMME_IDS) {
    await tank.begin(id);
    await settle();
    expect([id, ...plainWords()]).toEqual([id]);
  }
  for (const nth of [1, 3, 4]) {
    await user.click(document.querySelectorAll<HTMLElement>('.tank__sections button')[nth]!);
    await settle();
    expect([nth, ...plainWords()]).toEqual([nth]);
  }
});

test('nor of a day on the deck: planned, with a lock that cannot be kept, what more would add, and what is handed on', async () => {
  for (const part of DECK_PARTS) await part();
  await visit('/deck');
  const deck = useDeck();
  await until(() => expect(deck.isPlanned).toBe(true));
  await settle();
  expect(plainWords()).toEqual([]);
  for (const details of document.querySelectorAll('details')) details.open = true;
  deck.change({ until: '07:00', reTieMin: 4 });
  await until(() => expect(deck.isPlanned).toBe(true));
  await settle();
  expect(plainWords()).toEqual([]);
  deck.changeStop(deck.trip!.stops[1]!.id, { at: '05:00' });
  await settle();
  expect(plainWords()).toEqual([]);
  await deck.remove();
  await settle();
  expect(plainWords()).toEqual([]);
});

const LOG_PARTS = [
  () => import('../stations/log/LogBegin.vue'),
  () => import('../stations/log/LogOut.vue'),
  () => import('../stations/log/OutTie.vue'),
  () => import('../stations/log/LogList.vue'),
  () => import('../stations/log/LogRecording.vue'),
  () => import('../stations/log/LogOuting.vue'),
  () => import('../stations/log/LogSays.vue'),
  () => import('../stations/log/LogHooks.vue'),
  () => import('../stations/log/LogSchools.vue'),
  () => import('../stations/log/LogCharts.vue'),
  () => import('../stations/log/LogTrue.vue'),
  () => import('../stations/log/LogTests.vue'),
  () => import('../stations/log/LogDrop.vue'),
  () => import('../stations/log/LogWake.vue'),
  () => import('../stations/log/LogHand.vue'),
];
test('nor of the log: on the water, its outings, what it says by everything, its tests', async () => {
  for (const one of LOG_PARTS) await one();
  await visit('/log');
  const press = async (selector: string, nth = 0): Promise<void> => {
    await until(() => expect(document.querySelectorAll(selector).length).toBeGreaterThan(nth));
    await user.click(document.querySelectorAll<HTMLElement>(selector)[nth]!);
    await settle();
  };
  const part = (nth: number): Promise<void> => press('.log__parts button', nth);
  await part(2);
  await at('log-rates');
  for (let by = 0; by < 8; by++) {
    await press('.rates .choice-row button', by);
    expect([by, ...plainWords()]).toEqual([by]);
  }
  await press('.schools .press');
  await until(() => expect(document.querySelector('.schools dl')).not.toBeNull());
  for (let chart = 0; chart < 4; chart++) await press('.log-charts .choice-row button', chart);
  await press('.log-charts__take button', 1);
  await at('log-true');
  await settle();
  expect(plainWords()).toEqual([]);
  await part(1);
  // the names of columns are the same in every language
  document
    .querySelector('.log-columns dl')!
    .querySelectorAll('dt')
    .forEach((name) => name.remove());
  expect(plainWords()).toEqual([]);
  await press('[data-testid=outing]');
  await press('.outing__acts button');
  expect(plainWords()).toEqual([]);
  await part(3);
  await press('.tests__new button', 1);
  expect(plainWords()).toEqual([]);
  await press('.wake__row button', 1);
  await press('.tests__new button');
  expect(plainWords()).toEqual([]);
  await press('.drop .press');
  expect(plainWords()).toEqual([]);
  await part(0);
  await press('.begin__go');
  await at('log-out');
  for (const key of ['nip', 'nip', 'landed']) await press(`[data-testid=key-${key}]`);
  await press('.sounder .press');
  await useOutings().note('note', { stop: 'lily bay' });
  await settle();
  expect(plainWords()).toEqual([]);
  await press('.out__key--tie');
  expect(plainWords()).toEqual([]);
  await useOutings().end();
  await settle();
});

test('nor of the map of picks, as a picture and as a table, nor of the year', async () => {
  useMap().sides = { x: 'depth', y: 'sky' };
  useMap().cells = 4;
  await visit('/pick');
  await user.click(await at('open-map'));
  await until(() => expect(useMap().picture?.isWhole).toBe(true));
  await settle();
  expect(plainWords()).toEqual([]);
  await user.click(document.querySelectorAll<HTMLElement>('[data-testid=map] .choice-row__options button')[1]!);
  await settle();
  expect(plainWords()).toEqual([]);
  await user.click(await at('open-year'));
  await until(() => expect(useYear().winners).toHaveLength(12));
  await until(() => expect(useYear().busy).toBe(false));
  await settle();
  expect(plainWords()).toEqual([]);
});
