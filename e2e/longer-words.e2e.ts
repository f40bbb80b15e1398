import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { chooseFile, cutOff, DESK, expect, settled, test } from './fixtures';
import { plainWords, stillness, storeOf } from './other-words';

/**
 * The app in a made-up language whose words are two fifths longer (core/testing/pseudo.ts), every screen of it in the built app: a word that
 * was left in English has no marks on its vowels, and a layout that is too tight cuts something off.
 */
const PORT = 4411;
const DESK_SIZE = { width: 1280, height: 800 };
const DECK_SIZE = { width: 390, height: 844 };
let home: string;
let server: ChildProcess;

interface Advice {
  readonly flips: unknown;
  readonly picks: readonly { readonly rig: { readonly family: string }; readonly base: unknown }[];
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
    // it is looked for once the pick is open, and takes longer than the answer
    await expect.poll(() => advice.evaluate(({ flips }) => flips !== null), { timeout: 90_000 }).toBe(true);
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

    await page.getByTestId('open-map').click();
    await expect(page.getByTestId('map')).toBeVisible();
    const drawn = await storeOf<{ sides: unknown; cells: number; picture: { isWhole: boolean } | null }>(page, 'map');
    await drawn.evaluate((store) => {
      store.sides = { x: 'depth', y: 'sky' };
      store.cells = 4;
    });
    // the map and the year ask for hundreds of answers, which a busy machine takes its time for
    await expect.poll(() => drawn.evaluate(({ picture }) => picture?.isWhole ?? false), { timeout: 90_000 }).toBe(true);
    await isWell(page, 'the map');
    await fits(page, 'the map');
    await press(page, '[data-testid=map] .choice-row__options button', 1);
    await isWell(page, 'the map as a table');
    await page.getByTestId('open-year').click();
    const year = async () => storeOf<{ busy: boolean; winners: readonly unknown[] }>(page, 'year');
    await expect
      .poll(async () => (await year()).evaluate(({ busy, winners }) => !busy && winners.length), { timeout: 90_000 })
      .toBe(12);
    await isWell(page, 'the year');
    await fits(page, 'the year');

    await press(page, '.reasons__make');
    await expect(page.getByTestId('ticket')).toBeVisible();
    await isWell(page, 'a ticket');
    await fits(page, 'a ticket');
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

  test('the bench step by step, its dialogs; the tank with what it computes', DESK, async ({ page }) => {
    await visit(page, '/bench');
    await press(page, '.offered .press.act');
    await expect(page.getByTestId('view-side')).toBeVisible();
    for (const tool of ['solve', 'compare', 'calibrate', 'builds', 'card']) {
      await page.getByTestId(`open-${tool}`).click();
      await expect(page.locator('.v-overlay--active')).toHaveCount(1);
      await isWell(page, `the bench, ${tool}`);
      await fits(page, `the bench, ${tool}`);
      await closeDialogs(page);
    }
    // the table stands in the place of the bench
    await page.getByTestId('open-table').click();
    await expect(page.getByTestId('cut-table')).toBeVisible();
    await isWell(page, 'weights against cuts');
    await fits(page, 'weights against cuts');
    await press(page, '.cuts__acts .v-btn', 1);
    await page.getByTestId('open-steps').click();
    const steps = page.getByTestId('steps');
    await expect(steps).toBeVisible();
    for (let step = 1; ; step++) {
      await isWell(page, `step ${step}`);
      await fits(page, `step ${step}`);
      const next = steps.locator('.steps__go .act');
      await next.click();
      if ((await steps.count()) === 0 || !(await steps.isVisible())) break;
      expect(step).toBeLessThan(30);
    }
    for (const part of await page.locator('[data-testid^=part-]').all()) {
      await part.click();
      await isWell(page, `the bench, ${await part.getAttribute('data-testid')}`);
    }
    await visit(page, '/tank');
    await press(page, '.offered .press.act');
    await expect(page.getByTestId('tank-scene')).toBeVisible();
    for (const programme of await page.getByTestId('tank-programme').locator('.choice-row__options button').all()) {
      await programme.click();
      await isWell(page, `the tank, ${await programme.textContent()}`);
    }
    await fits(page, 'the tank');
  });

  test('a planned day; an outing on the water and at home; timed tests', DESK, async ({ page }) => {
    await visit(page, '/deck');
    await expect(page.locator('[data-testid=deck-grid] [data-answers=yes]').first()).toBeVisible({ timeout: 90_000 });
    for (const summary of await page.locator('main summary').all()) await summary.click();
    await isWell(page, 'a planned day');
    await fits(page, 'a planned day');

    await visit(page, '/log');
    for (const part of await page.locator('.log__parts button').all()) {
      await part.click();
      await stillness(page);
      await isWell(page, `the log, ${await part.textContent()}`);
      await fits(page, `the log, ${await part.textContent()}`);
    }
    await press(page, '.log__parts button');
    // the plan is for another day: what is tied on has to be chosen
    await page.locator('.begin__rod select').first().selectOption({ index: 1 });
    await press(page, '.begin__go');
    await page.setViewportSize(DECK_SIZE);
    for (const key of ['bite', 'nip', 'bite', 'bite', 'hooked']) await page.getByTestId(`key-${key}`).click();
    await expect(page.getByTestId('stored')).toHaveAttribute('data-is', 'stored');
    await isWell(page, 'on the water');
    await fits(page, 'on the water');
    await press(page, '.out__key--tie');
    await expect(page.locator('.v-overlay--active')).toHaveCount(1);
    await isWell(page, 'tied on anew');
    await closeDialogs(page);
  });
});
