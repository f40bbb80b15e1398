import type { CDPSession, Locator, Page } from '@playwright/test';
import { DECK, DEMO_STATE, expect, layUncut, openDemoWorld, test } from './fixtures';

test.use({ storageState: DEMO_STATE });
test.beforeEach(({ page }) => openDemoWorld(page));

interface Point {
  readonly x: number;
  readonly y: number;
}
const scrolled = (page: Page): Promise<number> =>
  page.evaluate('document.scrollingElement.scrollTop + document.scrollingElement.scrollLeft') as Promise<number>;

/** A finger that moves over the glass as the browser itself gets it, panning and all. */
class Finger {
  constructor(private readonly cdp: CDPSession) {}
  private send(type: 'touchStart' | 'touchMove' | 'touchEnd' | 'touchCancel', touchPoints: Point[]): Promise<void> {
    return this.cdp.send('Input.dispatchTouchEvent', { type, touchPoints }) as Promise<never>;
  }
  async down(at: Point): Promise<void> {
    await this.send('touchStart', [at]);
  }
  async along(from: Point, to: Point, steps = 6): Promise<void> {
    for (let step = 1; step <= steps; step++) {
      const part = step / steps;
      await this.send('touchMove', [{ x: from.x + (to.x - from.x) * part, y: from.y + (to.y - from.y) * part }]);
    }
  }
  up = (): Promise<void> => this.send('touchEnd', []);
  cancel = (): Promise<void> => this.send('touchCancel', []);
}
const fingerOn = async (page: Page): Promise<Finger> => new Finger(await page.context().newCDPSession(page));

/** Lets so many pictures be drawn: what follows a change in steps has then followed. */
const nextPictures = (page: Page, count: number): Promise<void> =>
  page.evaluate(async (left) => {
    for (let at = 0; at < left; at++) await new Promise((resolve) => requestAnimationFrame(resolve));
  }, count);

/** Middle of a handle, brought to where the page can be panned both ways. */
async function middleOf(page: Page, handle: Locator): Promise<Point> {
  const where = async (): Promise<Point> => {
    const held = handle.locator('.handle__target, .handle__reach');
    const box = (await ((await held.count()) > 0 ? held : handle).boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  // numbers and lines that come after a change move what stands below them
  for (let before = { x: 0, y: 0 }; ;) {
    await handle.evaluate((element) => element.scrollIntoView({ block: 'center' }));
    await nextPictures(page, 4);
    const now = await where();
    if (Math.hypot(now.x - before.x, now.y - before.y) < 1) return now;
    before = now;
  }
}
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
  const box = (await more.boundingBox())!;
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await finger.down(at);
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
