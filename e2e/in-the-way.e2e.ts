import { DECK, DEMO_STATE, DESK, expect, goTo, openDemoWorld, test } from './fixtures';

test.use({ storageState: DEMO_STATE });

/** What once got in the way of somebody who only wanted to go on. */
test(
  'a water that the map put in the place of another can be gone back to after its notice is long gone',
  DESK,
  async ({ page }) => {
    test.slow();
    await openDemoWorld(page);
    const chip = page.getByRole('link', { name: /^The water:/ });
    const before = await chip.textContent();
    await goTo(page, 'Pick');
    await page.getByTestId('open-map').click();
    const map = page.getByTestId('map');
    await map.getByLabel('Fineness').selectOption('16');
    const plane = map.getByRole('application');
    await plane.focus();
    for (const key of ['ArrowDown', 'ArrowDown', 'ArrowLeft', 'ArrowLeft', 'Enter']) await page.keyboard.press(key);
    await expect(chip).not.toHaveText(before!);
    // another visit: the notice with its undo is no more
    await page.reload();
    await goTo(page, 'Water');
    await page
      .getByRole('button', { name: /^The water at hand|^Water at hand/ })
      .or(page.locator('.places__here'))
      .first()
      .click();
    await page.getByTestId('waters-before').getByRole('button').first().click();
    await expect(chip).toHaveText(before!);
    // and what it had become can be gone back to in turn
    await expect(page.getByTestId('waters-before').getByRole('button')).toHaveCount(1);
  },
);

test(
  'numbers of the map stay once given, and its list says in which other colours a rig leads',
  DESK,
  async ({ page }) => {
    test.slow();
    await openDemoWorld(page);
    await goTo(page, 'Pick');
    await page.getByTestId('open-map').click();
    const map = page.getByTestId('map');
    const legend = async (): Promise<Record<string, string>> =>
      map
        .locator('.map__legend li')
        .evaluateAll((rows) =>
          Object.fromEntries(
            rows.map((row) => [
              (row.querySelector('span')!.firstChild!.textContent ?? '').trim() ||
                row.querySelector('span')!.textContent!.trim(),
              row.querySelector('b')!.textContent!,
            ]),
          ),
        );
    await expect(map.locator('.map__legend li').first()).toContainText(/oz/);
    const seen: Record<string, string> = {};
    for (let look = 0; look < 12; look++) {
      const now = await legend();
      const held = Object.entries(now).filter(([title]) => seen[title] !== undefined);
      expect(held.map(([title, nth]) => [title, nth])).toEqual(held.map(([title]) => [title, seen[title]]));
      Object.assign(seen, now);
      if ((await map.getAttribute('data-busy')) === 'false') break;
      await page.waitForTimeout(400);
    }
    expect(Object.keys(seen).length).toBeGreaterThan(2);
  },
);

test(
  'on a phone what is folded out comes into sight, rigs are a swipe away, and no page slides sideways',
  DECK,
  async ({ page }) => {
    test.slow();
    await openDemoWorld(page);
    await goTo(page, 'Pick');
    await expect(page.getByTestId('pick-3')).toBeVisible();
    const { height, width } = page.viewportSize()!;
    // the second and third are reached with one swipe
    const second = (await page.getByTestId('pick-2').boundingBox())!;
    expect(second.y).toBeLessThan(2 * height);
    await page.getByTestId('open-map').tap();
    await expect.poll(async () => (await page.getByTestId('map').boundingBox())!.y).toBeLessThan(height / 2);
    for (const station of ['Water', 'Pick', 'Bench', 'Tank', 'Deck', 'Log', 'Box', 'Tickets'] as const) {
      await goTo(page, station);
      await page.evaluate(() => window.scrollTo(60, 0));
      const sideways = await page.evaluate(() => [document.documentElement.scrollWidth, window.scrollX]);
      expect([station, ...sideways]).toEqual([station, width, 0]);
    }
  },
);

test(
  'by keys the first rig of Pick is one link away, and up and down go from rig to rig; help opens at its top',
  DESK,
  async ({ page }) => {
    await openDemoWorld(page);
    await goTo(page, 'Pick');
    await expect(page.getByTestId('pick-3')).toBeVisible();
    await page.getByRole('link', { name: 'To the first rig' }).focus();
    await page.keyboard.press('Enter');
    const at = (): Promise<string | null> =>
      page.evaluate(() => document.activeElement?.closest('[data-testid]')?.getAttribute('data-testid') ?? null);
    expect(await at()).toBe('pick-1');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    expect(await at()).toBe('pick-3');
    await page.keyboard.press('ArrowUp');
    expect(await at()).toBe('pick-2');
    await page.keyboard.press('?');
    const heading = page.getByRole('dialog').getByRole('heading').first();
    await expect(heading).toBeFocused();
    expect((await heading.boundingBox())!.y).toBeGreaterThan(0);
  },
);
