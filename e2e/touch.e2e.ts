import type { Locator, Page } from '@playwright/test';
import { DECK, DEMO_STATE, expect, goTo, layUncut, openDemoWorld, test } from './fixtures';
import { fingerOn, middleOf, nextPictures, steadyMiddle, type Finger } from './hand';

test.use({ storageState: DEMO_STATE });
test.beforeEach(({ page }) => openDemoWorld(page));

const scrolled = (page: Page): Promise<number> =>
  page.evaluate('document.scrollingElement.scrollTop + document.scrollingElement.scrollLeft') as Promise<number>;

const topOf = (page: Page): Promise<number> =>
  page.locator('.sheet__svg').evaluate((sheet) => sheet.getBoundingClientRect().top);
const says = async (handle: Locator): Promise<string> => (await handle.getAttribute('aria-valuetext')) ?? '';

/** Takes a handle of the water and drags it; an answer that comes in just then may have moved it from under the finger. */
async function grasp(page: Page, finger: Finger, handle: Locator, before: string): Promise<void> {
  for (let tries = 1; ; tries++) {
    const at = await middleOf(page, handle);
    const still = await scrolled(page);
    // what lies at the surface goes down, the others up
    await finger.down(at);
    await finger.along(at, { x: at.x, y: at.y + (before === '0 ft' ? 45 : -45) });
    expect(await scrolled(page)).toBe(still);
    const moved = expect.poll(() => says(handle), { timeout: tries < 4 ? 2000 : 10_000 }).not.toBe(before);
    if (tries === 4) return moved;
    if (
      await moved.then(
        () => true,
        () => false,
      )
    )
      return;
    await finger.up();
  }
}

test(
  'every handle of the water follows a finger, and the page stays still; a cancelled one goes back',
  DECK,
  async ({ page }) => {
    const finger = await fingerOn(page);
    const handles = page.getByRole('slider', { name: /, in the picture$/ });
    await expect(handles.first()).toBeVisible();
    const names = await handles.evaluateAll((all) => all.map((handle) => handle.getAttribute('aria-label')!));
    expect(names.length).toBeGreaterThan(4);
    for (const name of names) {
      const handle = page.getByRole('slider', { name, exact: true });
      const before = await says(handle);
      for (const end of ['cancel', 'up'] as const) {
        await grasp(page, finger, handle, before);
        await finger[end]();
        if (end === 'cancel') await expect.poll(() => says(handle), { message: `${name}, cancelled` }).toBe(before);
      }
      expect(await says(handle), name).not.toBe(before);
    }
  },
);

/** Which way a handle of the first pick has room, in pixels. */
const LEFT = [-40, 0] as const;
const RIGHT = [40, 0] as const;
const DOWN = [0, 40] as const;
const ROUND = [75, 75] as const;
const WAYS: Readonly<Record<string, readonly [number, number]>> = {
  'guard-bevel': RIGHT,
  'guard-spread': RIGHT,
  'guard-fibres': DOWN,
  'skirt-side': DOWN,
  thin: DOWN,
  nose: RIGHT,
  slit: RIGHT,
  core: RIGHT,
  turn: ROUND,
  hang: ROUND,
};

test('every handle of the bench follows a finger, part by part; a cancelled one goes back', DECK, async ({ page }) => {
  test.slow();
  await layUncut(page);
  const handles = page.locator('[data-testid^="handle-"]');
  const finger = await fingerOn(page);
  const parts = page.locator('[data-testid^="part-"]');
  const seen = new Set<string>();
  for (const part of await parts.all()) {
    await part.click();
    await nextPictures(page, 6);
    const ids = await handles.evaluateAll((all) => all.map((one) => one.getAttribute('data-testid')!));
    for (const id of ids) {
      const handle = page.getByTestId(id);
      const before = await says(handle);
      const [dx, dy] = WAYS[id.slice('handle-'.length)] ?? LEFT;
      const drag = async (): Promise<void> => {
        const at = await middleOf(page, handle);
        const stays = await topOf(page);
        await finger.down(at);
        await finger.along(at, { x: at.x + dx, y: at.y + dy });
        await expect.poll(() => says(handle), { message: `${id}, held` }).not.toBe(before);
        // once it is let go the sheet may lay itself out anew
        expect(Math.abs((await topOf(page)) - stays), id).toBeLessThan(2);
      };
      if (id === ids[0]) {
        await drag();
        await finger.cancel();
        await expect.poll(() => says(handle), { message: `${id}, cancelled` }).toBe(before);
      }
      await drag();
      await finger.up();
      expect(await says(handle), id).not.toBe(before);
      await page.keyboard.press('Control+z');
      await expect.poll(() => says(handle), { message: `${id}, taken back` }).toBe(before);
      seen.add(id);
    }
  }
  expect(seen.size).toBeGreaterThan(12);
});

test('more and less go on while they are held, and stop when they are let go', DECK, async ({ page }) => {
  const finger = await fingerOn(page);
  const depth = page.getByRole('textbox', { name: /^Depth/ });
  const before = Number(await depth.inputValue());
  const more = page.getByRole('button', { name: 'More depth' });
  await more.scrollIntoViewIfNeeded();
  await finger.down(await steadyMiddle(page, more));
  // several steps of one press
  await expect.poll(async () => Number(await depth.inputValue())).toBeGreaterThan(before + 1.2);
  await finger.up();
  await nextPictures(page, 6);
  const after = await depth.inputValue();
  // as long as several steps would take
  await nextPictures(page, 30);
  await expect(depth).toHaveValue(after);
  await more.click();
  await expect(depth).not.toHaveValue(after);
});

test(
  'the end of a want follows a finger and is yours from then on; a cancelled drag gives it back',
  DECK,
  async ({ page }) => {
    const row = page.getByTestId('want-push');
    const end = page.getByRole('slider', { name: 'Push, least' });
    await expect(end).toBeVisible();
    await end.scrollIntoViewIfNeeded();
    const finger = await fingerOn(page);
    const says = (): Promise<string | null> => end.getAttribute('aria-valuetext');
    const before = await says();
    const drag = async (): Promise<void> => {
      const at = await middleOf(page, end);
      await finger.down(at);
      await finger.along(at, { x: at.x + 30, y: at.y });
      await expect.poll(says).not.toBe(before);
    };
    await drag();
    await finger.cancel();
    await expect.poll(says).toBe(before);
    await expect(row).not.toContainText('yours');
    await drag();
    await finger.up();
    await expect(row).toContainText('yours');
    await page.getByRole('button', { name: 'Give push back to the water' }).tap();
    await expect.poll(says).toBe(before);
  },
);

test(
  'a tap on the map of picks names what leads there, and a button takes that water; one more tap gives it back',
  DECK,
  async ({ page }) => {
    await goTo(page, 'Pick');
    await expect(page.getByTestId('pick-1')).toBeVisible();
    await page.getByTestId('open-map').tap();
    const map = page.getByTestId('map');
    await map.getByLabel('Fineness').selectOption('16');
    await expect(map.locator('.map__region').first()).toBeVisible();
    const plane = map.getByRole('application');
    const finger = await fingerOn(page);
    const at = await middleOf(page, plane);
    const place = page.getByRole('link', { name: /^The water:/ });
    const before = await place.textContent();
    const tap = async (dx: number): Promise<void> => {
      await finger.down({ x: at.x + dx, y: at.y - 60 });
      await finger.up();
    };
    await tap(-110);
    const said = map.locator('figcaption');
    await expect(said).toContainText(/°F, .* in: .*oz/);
    const first = await said.textContent();
    await tap(-60);
    await expect(said).not.toHaveText(first!);
    await expect(place).toHaveText(before!);
    await map.getByRole('button', { name: 'Take this water' }).tap();
    await expect(place).not.toHaveText(before!);
    await page.getByRole('button', { name: 'Undo' }).tap();
    await expect(place).toHaveText(before!);
  },
);

test('a month of the year follows a finger up its curve, and the page stays still', DECK, async ({ page }) => {
  await goTo(page, 'Pick');
  await expect(page.getByTestId('pick-1')).toBeVisible();
  await page.getByTestId('open-year').tap();
  const march = page.getByTestId('year').getByRole('slider', { name: 'Temperature, March' });
  await expect(march).toBeVisible();
  const before = await says(march);
  const at = await middleOf(page, march);
  const still = await scrolled(page);
  const finger = await fingerOn(page);
  await finger.down(at);
  await finger.along(at, { x: at.x, y: at.y - 45 });
  await finger.up();
  await expect.poll(() => says(march)).not.toBe(before);
  expect(await scrolled(page)).toBe(still);
});

test('the time of a tank follows a finger', DECK, async ({ page }) => {
  await goTo(page, 'Tank');
  await page.getByRole('button', { name: 'Put it in the tank' }).first().tap();
  const time = page.getByTestId('tank').getByRole('slider', { name: 'Time', exact: true });
  const before = await says(time);
  const at = await middleOf(page, time);
  const finger = await fingerOn(page);
  await finger.down(at);
  await finger.along(at, { x: at.x + 80, y: at.y });
  await finger.up();
  await expect.poll(() => says(time)).not.toBe(before);
});
