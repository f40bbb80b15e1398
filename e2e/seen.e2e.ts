import type { Page } from '@playwright/test';
import { cutOff, DEMO_STATE, expect, goTo, openDemoWorld, settled, test } from './fixtures';

const PAGES = [
  '#/water',
  '#/pick',
  '#/bench',
  '#/tank',
  '#/box',
  '#/tickets',
  '#/handbook',
  '#/tickets/nowhere',
] as const;

test.use({ storageState: DEMO_STATE });

async function withTicketAndBuild(page: Page): Promise<string> {
  await openDemoWorld(page);
  await goTo(page, 'Pick');
  await page.getByTestId('pick-1').getByRole('button').first().click();
  await page.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  await expect(page.getByTestId('ticket')).toBeVisible();
  const address = new URL(page.url()).hash;
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByTestId('bench')).toBeVisible();
  return address;
}
async function visit(page: Page, hash: string): Promise<void> {
  await page.evaluate((to) => (location.hash = to), hash);
  await expect(page.locator('h1')).toHaveCount(1);
  await settled(page);
}
/** How far the page could be moved sideways, px. */
const sideways = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

test('every page has its heading, and a word of 400 letters widens none of them', async ({ page }, info) => {
  test.slow();
  const ticket = await withTicketAndBuild(page);
  const word = 'W'.repeat(400);
  await visit(page, ticket);
  await page.getByRole('textbox', { name: 'Your note' }).fill(word);
  await page.getByRole('textbox', { name: 'Name' }).fill(word.slice(0, 60));
  const sheet = (await page.getByTestId('ticket').boundingBox())!;
  expect(sheet.width).toBeLessThanOrEqual(info.project.use.viewport!.width);
  await visit(page, '#/water');
  await page.getByRole('button', { name: /^Water at hand/ }).click();
  await page.getByRole('textbox', { name: 'Place', exact: true }).fill(word.slice(0, 60));
  await page.getByRole('button', { name: 'Close' }).click();
  for (const hash of [...PAGES, ticket]) {
    await visit(page, hash);
    expect(await sideways(page), hash).toBeLessThanOrEqual(0);
  }
  if (info.project.name !== 'desk') return;
  // on paper the drawing keeps its size: 170 mm, however long the words are
  await visit(page, ticket);
  await page.emulateMedia({ media: 'print' });
  const drawing = (await page.locator('.sheet__drawings').boundingBox())!;
  expect(drawing.width / (96 / 25.4)).toBeCloseTo(170, 0);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
});

test('letters twice as large are cut off nowhere', async ({ page }) => {
  test.slow();
  const ticket = await withTicketAndBuild(page);
  for (const hash of [...PAGES, ticket]) {
    await visit(page, hash);
    await page.evaluate(() => {
      const all = [...document.querySelectorAll<HTMLElement>('.v-application *')];
      const sizes = all.map((element) => parseFloat(getComputedStyle(element).fontSize));
      all.forEach((element, at) => {
        if (!element.closest('svg, .v-overlay-container, [aria-hidden=true]'))
          element.style.setProperty('font-size', `${2 * sizes[at]!}px`, 'important');
      });
    });
    // what is laid out anew takes a moment on a busy machine
    await expect.poll(() => cutOff(page), hash).toEqual([]);
    await page.reload();
  }
});

test('with colours of the reader’s own the station, what is pressed and every mark are still told', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await openDemoWorld(page);
  const ground = (selector: string): Promise<string> =>
    page
      .locator(selector)
      .first()
      .evaluate((element) => getComputedStyle(element).backgroundColor);
  const page0 = await ground('body');
  expect(await ground('[aria-current=page]')).not.toBe(page0);
  expect(await ground('[aria-pressed=true]')).not.toBe(page0);
  expect(await ground('[aria-pressed=true]')).not.toBe(await ground('[aria-pressed=false]'));
  await goTo(page, 'Pick');
  await expect(page.getByTestId('pick-1')).toBeVisible();
  const marks = await page
    .getByTestId('pick-1')
    .locator('.band-line__dot')
    .evaluateAll((dots) =>
      dots.map((dot) => {
        const { backgroundColor, borderTopWidth, width } = getComputedStyle(dot);
        return [backgroundColor, borderTopWidth, width];
      }),
    );
  expect(marks.length).toBeGreaterThan(3);
  for (const [, border, width] of marks)
    expect([parseFloat(border!) >= 2, parseFloat(width!) > 4]).toEqual([true, true]);
});
