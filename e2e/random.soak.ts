import type { Page } from '@playwright/test';
import { seeded } from '../core/testing/fixtures/seeded';
import { expect, fillDemoWorld, test } from './fixtures';

const SECONDS = Number(process.env['SOAK_SECONDS'] ?? 300);
const SEED = Number(process.env['SOAK_SEED'] ?? 1);

const WORDS = [
  '66',
  '',
  'W'.repeat(400),
  '=1+1',
  '-5',
  '3/8',
  '\u202eabc',
  'ñ釣🎣',
  '<b>x</b>',
  '57 °F',
  '1e9',
  "'; --",
] as const;
const KEYS = [
  '1',
  '2',
  '3',
  '7',
  't',
  'h',
  'u',
  '?',
  'Escape',
  'Enter',
  'Tab',
  'ArrowUp',
  'ArrowDown',
  'ArrowRight',
  'o',
  'x',
  'c',
  '[',
  ']',
  'Control+z',
  'Control+y',
  ' ',
] as const;
const PLACES = ['#/water', '#/pick', '#/bench', '#/box', '#/tickets', '#/handbook', '#/nowhere'] as const;

/** One thing somebody might do, well or badly meant. */
async function act(page: Page, random: () => number): Promise<string> {
  const pick = <T>(items: readonly T[]): T => items[Math.floor(random() * items.length)]!;
  const roll = random();
  const brief = { timeout: 1500 };
  if (roll < 0.45) {
    const buttons = page.locator('button:visible, a:visible, [role=slider]:visible');
    const count = await buttons.count();
    if (count === 0) return 'nothing to press';
    const one = buttons.nth(Math.floor(random() * count));
    const label = await one.getAttribute('aria-label').catch(() => 'gone');
    const name = (label ?? (await one.textContent().catch(() => 'gone')) ?? '').trim().slice(0, 40);
    // paper and files are for other tests
    if (/print|export|save|pdf|svg/i.test(name)) return `left alone: ${name}`;
    await one.click({ ...brief, force: random() < 0.2 }).catch(() => undefined);
    return `press ${name}`;
  }
  if (roll < 0.65) {
    const fields = page.locator(
      'input:visible:not([type=file]):not([type=radio]):not([type=checkbox]), textarea:visible',
    );
    const count = await fields.count();
    if (count === 0) return 'nothing to fill';
    const words = pick(WORDS);
    await fields
      .nth(Math.floor(random() * count))
      .fill(words, brief)
      .catch(() => undefined);
    return `fill ${words.slice(0, 20)}`;
  }
  if (roll < 0.85) {
    const key = pick(KEYS);
    await page.keyboard.press(key).catch(() => undefined);
    return `key ${key}`;
  }
  if (roll < 0.93) {
    const place = pick(PLACES);
    await page.evaluate((to) => (location.hash = to), place);
    return `go ${place}`;
  }
  if (roll < 0.96) {
    await page.reload();
    return 'reload';
  }
  await page.goBack(brief).catch(() => undefined);
  if (page.url() === 'about:blank') await fillDemoWorld(page);
  return 'back';
}

/** Longest one thing may take, ms: a page that stands still is a fault like any other. */
const STEP_MS = 15_000;
const within = <T>(work: Promise<T>, done: readonly string[]): Promise<T> =>
  Promise.race([
    work,
    new Promise<never>((_, reject) =>
      setTimeout(() => reject(new Error(`the page stands still behind: ${done.at(-1) ?? 'nothing'}`)), STEP_MS),
    ),
  ]);

/** What must hold whatever was done: the page shows something, its heading, nothing of ours broke, and what was entered is stored. */
async function holds(page: Page): Promise<void> {
  await expect(page.locator('h1').first()).toBeAttached();
  await expect(page.getByText('which is our own fault')).toHaveCount(0);
  await expect
    .poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('pandero-note')).length))
    .toBe(0);
}

test(`random work for ${SECONDS} s from seed ${SEED}`, async ({ page }) => {
  const random = seeded(SEED).uniform;
  await fillDemoWorld(page);
  // what is gone when it is reached for is not waited for
  page.setDefaultTimeout(3000);
  const until = Date.now() + SECONDS * 1000;
  const done: string[] = [];
  try {
    for (let step = 1; Date.now() < until; step++) {
      done.push(await within(act(page, random), done));
      if (step % 25 === 0) await holds(page);
    }
    await holds(page);
  } catch (error) {
    throw new Error(`after ${done.length} steps, the last: ${done.slice(-30).join(' | ')}`, { cause: error });
  }
  console.error(`soak: ${done.length} steps`);
  // and everything that came of it can be saved, and reads back
  await page.goto('about:blank');
  await page.goto('/#/water');
  await page.getByRole('button', { name: 'Files' }).click({ timeout: 30_000 });
  await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    page.getByText('Export everything', { exact: true }).click(),
  ]);
  await expect(page.locator('.v-snackbar__content')).toContainText('Saved and read back whole');
});
