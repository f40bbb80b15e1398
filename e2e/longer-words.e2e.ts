import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { PROGRAMME_IDS } from '../core/index';
import { chooseFile, cutOff, DESK, expect, settled, test } from './fixtures';
import { plainWords, stillness, storeOf } from './other-words';

/**
 * The app in a made-up language whose words are two fifths longer (core/testing/pseudo.ts), every screen of it in the built app: a word that
 * was left in English has no marks on its vowels, and a layout that is too tight cuts something off.
 */
const PORT = 4396;
const DESK_SIZE = { width: 1280, height: 800 };
const DECK_SIZE = { width: 390, height: 844 };
let home: string;
let server: ChildProcess;

interface Advice {
  readonly flips: unknown;
  readonly picks: readonly { readonly rig: { readonly family: string }; readonly base: unknown }[];
}
interface Bench {
  start(rig: unknown): Promise<void>;
}
interface Tank extends Record<'put' | 'putOther' | 'begin', (...given: unknown[]) => Promise<void>> {
  readonly rig: unknown;
}

/** Goes to a page, and waits until all of it is there. */
async function visit(page: Page, place: string): Promise<void> {
  await page.evaluate((to) => (location.hash = `#${to}`), place);
  await expect(page.locator('h1')).toHaveCount(1);
  await stillness(page);
}
/** What stands on the page says nothing in plain English, and none of it is cut off. */
async function isWell(page: Page, where: string): Promise<void> {
  await stillness(page);
  expect([where, ...(await plainWords(page))]).toEqual([where]);
}
async function fits(page: Page, where: string): Promise<void> {
  await settled(page);
  expect([where, ...(await cutOff(page))]).toEqual([where]);
  const sideways = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(sideways, where).toBeLessThanOrEqual(0);
}
const press = async (page: Page, selector: string, nth = 0): Promise<void> => page.locator(selector).nth(nth).click();
async function closeDialogs(page: Page): Promise<void> {
  await page.keyboard.press('Escape');
  await expect(page.locator('.v-overlay--active')).toHaveCount(0);
}
/** Waits for an answer of at least so many rigs. */
async function answered(page: Page, atLeast = 1): Promise<void> {
  const advice = await storeOf<Advice>(page, 'advice');
  await expect.poll(() => advice.evaluate(({ picks }) => picks.length)).toBeGreaterThanOrEqual(atLeast);
}

test.describe('in words two fifths longer', () => {
  // one server for all of them
  test.describe.configure({ mode: 'default' });
  test.use({ baseURL: `http://127.0.0.1:${PORT}`, viewport: DESK_SIZE });
  test.beforeAll(async () => {
    home = mkdtempSync(join(tmpdir(), 'pandero-longer-'));
    const built = spawnSync('node_modules/.bin/vite', ['build', '--mode', 'pseudo', '--outDir', join(home, 'dist')]);
    expect(built.status, String(built.stderr)).toBe(0);
    cpSync('dist-server', join(home, 'dist-server'), { recursive: true });
    server = spawn(process.execPath, [join(home, 'dist-server/serve.js'), '--port', String(PORT)]);
    await new Promise<void>((resolve) => server.stdout!.once('data', () => resolve()));
  });
  test.afterAll(() => {
    server.kill();
    rmSync(home, { recursive: true, force: true });
  });
  test.beforeEach(async ({ page }) => {
    await page.goto('/#/water?world=brindle-mere');
    await expect(page.locator('.tie-on__title')).toBeVisible();
    await answered(page);
  });

  test('every page, on the desk and on the phone', DESK, async ({ page }) => {
    for (const size of [DESK_SIZE, DECK_SIZE]) {
      await page.setViewportSize(size);
      for (const place of [
        'water',
        'pick',
        'bench',
        'tank',
        'deck',
        'log',
        'box',
        'tickets',
        'tickets/nowhere',
        'handbook',
      ]) {
        await visit(page, `/${place}`);
        const where = `${place} at ${size.width}`;
        if (['bench', 'tank'].includes(place) && size === DESK_SIZE) {
          // with nothing on it first; what is put there stays for the second size
          await isWell(page, where);
          await press(page, '.offered .press.act');
        }
        await isWell(page, where);
        await fits(page, where);
      }
    }
  });

  test('an opened pick, its cards, its ticket; map and year', DESK, async ({ page }) => {
    await visit(page, '/pick');
    await press(page, '[data-testid=pick-1] button');
    const advice = await storeOf<Advice>(page, 'advice');
    await expect.poll(() => advice.evaluate(({ flips }) => flips !== null)).toBe(true);
    await isWell(page, 'an opened pick');
    await fits(page, 'an opened pick');
    await (await storeOf<{ asked: unknown }>(page, 'number-card')).evaluate((card) => (card.asked = { of: 'score' }));
    await expect(page.getByTestId('number-card')).toBeVisible();
    await isWell(page, 'the card of a number');
    await (await storeOf<{ asked: unknown }>(page, 'number-card')).evaluate((card) => (card.asked = null));
    await (await storeOf<{ id: unknown }>(page, 'rule-card')).evaluate((card) => (card.id = 'fall-cold'));
    await expect(page.getByTestId('rule-card')).toBeVisible();
    await isWell(page, 'the card of a rule');
    await (await storeOf<{ id: unknown }>(page, 'rule-card')).evaluate((card) => (card.id = null));
    await press(page, '.settings__schools');
    await expect(page.locator('.v-overlay--active')).toHaveCount(1);
    await isWell(page, 'schools');
    await closeDialogs(page);

    const map = await storeOf<{ sides: unknown; cells: number; picture: { isWhole: boolean } | null }>(
      page,
      'map',
    ).catch(() => null);
    await page.getByTestId('open-map').click();
    await expect(page.getByTestId('map')).toBeVisible();
    expect(map).not.toBeNull();
    const drawn = await storeOf<{ sides: unknown; cells: number; picture: { isWhole: boolean } | null }>(page, 'map');
    await drawn.evaluate((store) => {
      store.sides = { x: 'depth', y: 'sky' };
      store.cells = 4;
    });
    await expect.poll(() => drawn.evaluate(({ picture }) => picture?.isWhole ?? false)).toBe(true);
    await isWell(page, 'the map');
    await fits(page, 'the map');
    await press(page, '[data-testid=map] .choice-row__options button', 1);
    await isWell(page, 'the map as a table');
    await page.getByTestId('open-year').click();
    const year = async () => storeOf<{ busy: boolean; winners: readonly unknown[] }>(page, 'year');
    await expect.poll(async () => (await year()).evaluate(({ busy, winners }) => !busy && winners.length)).toBe(12);
    await isWell(page, 'the year');
    await fits(page, 'the year');

    await press(page, '.reasons__make');
    await expect(page.getByTestId('ticket')).toBeVisible();
    await isWell(page, 'a ticket');
    await fits(page, 'a ticket');
  });

  test('the bench: parts, cuts step by step, dialogs, what was cut', DESK, async ({ page }) => {
    await visit(page, '/bench');
    const lay = async (which: 'rig' | 'base'): Promise<void> => {
      const bench = await storeOf<Bench>(page, 'bench');
      const advice = await storeOf<Advice>(page, 'advice');
      await page.evaluate(([on, of, name]) => on.start(of.picks[0]![name]), [bench, advice, which] as const);
    };
    for (const family of ['skirted', 'spinner']) {
      const water = await storeOf<{ change(part: object): void }>(page, 'water');
      await water.evaluate((store, only) => store.change({ families: [only] }), family);
      const advice = await storeOf<Advice>(page, 'advice');
      await expect.poll(() => advice.evaluate(({ picks }) => picks[0]?.rig.family)).toBe(family);
      await lay('rig');
      const parts = page.locator('[data-testid^="part-"]');
      await expect(parts.first()).toBeVisible();
      for (let nth = 0; nth < (await parts.count()); nth++) {
        await parts.nth(nth).click();
        await isWell(page, `part ${nth} of a ${family}`);
        await fits(page, `part ${nth} of a ${family}`);
      }
      await page.getByTestId('open-steps').click();
      await expect(page.getByTestId('steps')).toBeVisible();
      await isWell(page, `steps of a ${family}`);
    }
    for (const what of ['compare', 'builds', 'card', 'calibrate', 'solve']) {
      await page.getByTestId(`open-${what}`).click();
      await expect(page.locator('.v-overlay--active')).toHaveCount(1);
      await isWell(page, what);
      await closeDialogs(page);
    }
    await lay('base');
    await page.getByTestId('open-solve').click();
    await press(page, '.solve__acts .v-btn:last-child');
    await expect(page.getByTestId('ghost')).toBeAttached();
    await isWell(page, 'what was cut on the drawing');
    await page.getByTestId('open-table').click();
    await expect(page.getByTestId('cut-table')).toBeVisible();
    await isWell(page, 'the table of cuts');
  });

  test(
    'the box: trays, parts, galleries, lists that are taken in; dialogs of water and frame',
    DESK,
    async ({ page }) => {
      const opened: readonly (readonly [string, string, string])[] = [
        ['places', '/water', '.places button'],
        ['local rules', '/water', '.places__rules, .places button:last-of-type'],
        ['files', '/water', '.header__tools .press:nth-last-of-type(2)'],
        ['help', '/water', '.header__tools .press:last-of-type'],
      ];
      for (const [what, place, selector] of opened) {
        await visit(page, place);
        await press(page, selector);
        await expect(page.locator('.v-overlay--active, .files').first()).toBeVisible();
        await isWell(page, what);
        await closeDialogs(page);
      }
      await visit(page, '/box');
      for (let tray = 0; tray < 8; tray++) {
        await press(page, '.box__tray', tray);
        await press(page, '[data-testid=box-list] button');
        await expect(page.getByTestId('part-sheet')).toBeVisible();
        await isWell(page, `tray ${tray}, its first part`);
        await fits(page, `tray ${tray}, its first part`);
        await press(page, '.box__list-head .v-btn');
        await expect(page.locator('.v-overlay--active')).toHaveCount(1);
        await isWell(page, `gallery of tray ${tray}`);
        await closeDialogs(page);
      }
      const lists: readonly (readonly [string, string, string])[] = [
        ['a list with a word nobody knows', 'heads.csv', 'style,weight\ncasting,3/8\nanvil,1/4\n'],
        ['what is no file of ours', 'x.json', '{"type": "Topology"}'],
        ['a good list', 'heads.csv', 'style,weight\ncasting,3/8\ncasting,3/8\n'],
      ];
      for (const [what, name, text] of lists) {
        await visit(page, '/box');
        await press(page, '.box__row .v-btn');
        await expect(page.locator('.v-overlay--active')).toHaveCount(1);
        await isWell(page, 'the dialog of files');
        await chooseFile(page, name, text);
        await stillness(page);
        // what the file holds is said as it stands there
        const left = (await plainWords(page)).filter(
          (word) => !['anvil', 'heads', 'style', 'json', 'Topology'].includes(word),
        );
        expect([what, ...left]).toEqual([what]);
        await closeDialogs(page);
      }
    },
  );

  test('the tank: two rigs, every programme, falls, charts, what differs, what is solved', DESK, async ({ page }) => {
    await answered(page, 3);
    await visit(page, '/tank');
    const tank = await storeOf<Tank>(page, 'tank');
    const advice = await storeOf<Advice>(page, 'advice');
    await page.evaluate(
      async ([store, { picks }]) => {
        await store.put(picks[0]!.rig, null);
        await store.putOther(picks[2]!.rig);
      },
      [tank, advice] as const,
    );
    for (const id of PROGRAMME_IDS) {
      await tank.evaluate((store, programme) => store.begin(programme), id);
      await isWell(page, id);
    }
    await fits(page, 'the tank with two rigs');
    for (const nth of [1, 3, 4]) {
      await press(page, '.tank__sections button', nth);
      await isWell(page, `section ${nth} of the tank`);
    }
  });

  test('a day on the deck: planned, with a lock that cannot be kept, and gone', DESK, async ({ page }) => {
    await visit(page, '/deck');
    interface Deck {
      readonly isPlanned: boolean;
      readonly trip: { readonly stops: readonly { readonly id: string }[] } | null;
      change(part: object): void;
      changeStop(id: string, part: object): void;
      remove(): Promise<void>;
    }
    const deck = await storeOf<Deck>(page, 'deck');
    const planned = (): Promise<unknown> => expect.poll(() => deck.evaluate(({ isPlanned }) => isPlanned)).toBe(true);
    await planned();
    await isWell(page, 'a planned day');
    await fits(page, 'a planned day');
    await page.evaluate(() => {
      for (const details of document.querySelectorAll('details')) details.open = true;
    });
    await deck.evaluate((store) => store.change({ until: '07:00', reTieMin: 4 }));
    await planned();
    await isWell(page, 'a short day, all of it opened');
    await deck.evaluate((store) => store.changeStop(store.trip!.stops[1]!.id, { at: '05:00' }));
    await isWell(page, 'a stop before the one before it');
    await deck.evaluate((store) => store.remove());
    await isWell(page, 'no day');
  });

  test('the log: what it says, its outings, its tests, on the water', DESK, async ({ page }) => {
    await visit(page, '/log');
    const part = (nth: number): Promise<void> => press(page, '.log__parts button', nth);
    await part(2);
    await expect(page.getByTestId('log-rates')).toBeVisible();
    for (let by = 0; by < 8; by++) {
      await press(page, '.rates .choice-row button', by);
      await isWell(page, `rates by ${by}`);
    }
    await press(page, '.schools .press');
    await expect(page.locator('.schools dl')).toBeVisible();
    for (let chart = 0; chart < 4; chart++) await press(page, '.log-charts .choice-row button', chart);
    await press(page, '.log-charts__take button', 1);
    await expect(page.getByTestId('log-true')).toBeVisible();
    await isWell(page, 'what the log says');
    await fits(page, 'what the log says');
    await part(1);
    await isWell(page, 'outings');
    await press(page, '[data-testid=outing]');
    await press(page, '.outing__acts button');
    await isWell(page, 'an outing and its form');
    await part(3);
    await press(page, '.tests__new button', 1);
    await isWell(page, 'a wake test');
    await press(page, '.wake__row button', 1);
    await press(page, '.tests__new button');
    await isWell(page, 'a drop test');
    await press(page, '.drop .press');
    await isWell(page, 'a drop test that runs');
    await part(0);
    await press(page, '.begin__go');
    await expect(page.getByTestId('log-out')).toBeVisible();
    for (const key of ['nip', 'nip', 'landed']) await page.getByTestId(`key-${key}`).click();
    await press(page, '.sounder .press');
    const outings = await storeOf<{ note(what: string, more: object): Promise<boolean> }>(page, 'outings');
    await outings.evaluate((store) => store.note('note', { stop: 'lily bay' }));
    await isWell(page, 'an outing that runs');
    await fits(page, 'an outing that runs');
    await press(page, '.out__key--tie');
    await isWell(page, 'what is tied on');
  });
});
