import { clearEverything, DECK, DEMO_STATE, DESK, expect, goTo, openDemoWorld, test } from './fixtures';

test.use({ storageState: DEMO_STATE });
const KEY = 'pandero-last-answer';

test(
  'a returning visit shows its last answer before the app is there, and says so; what cannot be read is no matter',
  DESK,
  async ({ page }) => {
    await openDemoWorld(page);
    const tie = page.getByRole('region', { name: 'What to tie on' });
    const title = (await tie.locator('.tie-on__title').textContent()) ?? '';
    await expect.poll(() => page.evaluate((key) => localStorage.getItem(key) !== null, KEY)).toBe(true);

    await test.step('while the app is still on its way', async () => {
      let letGo = (): void => undefined;
      const held = new Promise<void>((resolve) => (letGo = resolve));
      await page.route('**/assets/main-*.js', async (route) => {
        await held;
        await route.continue();
      });
      await page.reload({ waitUntil: 'commit' });
      const last = page.getByTestId('last-answer');
      await expect(last).toContainText('as it was last');
      await expect(last).toContainText(title);
      await expect(last.getByRole('img')).toBeVisible();
      await expect(tie).toHaveCount(0);
      letGo();
      await expect(tie.getByRole('link', { name: /^Tie on/ })).toBeVisible();
      await expect(last).toHaveCount(0);
      await page.unroute('**/assets/main-*.js');
    });
    await test.step('a last answer that cannot be read is left out', async () => {
      await page.evaluate((key) => localStorage.setItem(key, '{"version":1,"title":3'), KEY);
      await page.reload();
      await expect(tie.getByRole('link', { name: /^Tie on/ })).toBeVisible();
    });
    await test.step('with nothing to tie on there is no last answer either', async () => {
      await clearEverything(page);
      await expect(tie).toContainText('Nothing to build from yet');
      await expect.poll(() => page.evaluate((key) => localStorage.getItem(key), KEY)).toBeNull();
    });
  },
);

test(
  'on the deck the build stays in sight, with what was done, while a field far below is changed',
  DECK,
  async ({ page }) => {
    await openDemoWorld(page);
    await goTo(page, 'Bench');
    await page.getByRole('button', { name: 'Lay it on the bench' }).first().click();
    await expect(page.getByTestId('bench')).toBeVisible();
    const glance = page.getByTestId('glance');
    await expect(glance).toHaveCount(0);
    const more = page.getByRole('button', { name: 'More: Off the nose' });
    await more.scrollIntoViewIfNeeded();
    await more.tap();
    await more.tap();
    await expect(glance).toBeVisible();
    await expect(glance.getByRole('img')).toBeVisible();
    await expect(glance).toContainText('Off the nose');
    const [once] = await page.getByTestId('bench-says').allTextContents();
    await page.getByRole('button', { name: 'Less: Off the nose' }).tap();
    await more.tap();
    // the same total, told the same, however it was reached
    await expect(page.getByTestId('bench-says')).toHaveText(once ?? '');
  },
);
