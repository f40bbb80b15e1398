import { DECK, DEMO_STATE, DESK, expect, openDemoWorld, settled, test } from './fixtures';

test.use({ storageState: DEMO_STATE });
test.beforeEach(({ page }) => openDemoWorld(page));

test('a whole ticket without a mouse', DESK, async ({ page }) => {
  await page.keyboard.press('2');
  const first = page.getByTestId('pick-1').getByRole('button').first();
  await expect(first).toBeVisible();
  for (let i = 0; i < 90 && !(await first.evaluate((element) => element === document.activeElement)); i++) {
    await page.keyboard.press('Tab');
  }
  await expect(first).toBeFocused();
  await page.keyboard.press('Enter');
  const write = page.getByRole('button', { name: 'Write the ticket for this rig' });
  await expect(write).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(write).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('ticket')).toBeVisible();
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await page.keyboard.press('p');
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes');

  // on paper: the sheet alone, its drawing at true size
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(page.getByTestId('ticket')).toBeVisible();
  const drawing = page.getByTestId('ticket').getByRole('img', { name: /with a rule$/ });
  const { width } = (await drawing.boundingBox())!;
  expect(width / (96 / 25.4)).toBeCloseTo(170, 0);
});

test('on the deck every target is large enough, and nothing scrolls sideways', DECK, async ({ page }) => {
  for (const key of ['1', '2', '4', '7', 't']) {
    await page.keyboard.press(key);
    await expect(page.locator('h1')).toHaveCount(1);
    if (key === '4') await page.getByRole('button', { name: 'Put it in the tank' }).first().tap();
    await settled(page);
    const small = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('button, nav a, summary')]
        .filter((element) => element.offsetParent !== null)
        .map((element) => ({
          name: element.textContent?.trim() || element.ariaLabel,
          box: element.getBoundingClientRect(),
        }))
        .filter(({ box }) => box.height > 0 && box.height < 47.5)
        .map(({ name, box }) => `${name}: ${Math.round(box.height)} px`),
    );
    expect(small).toEqual([]);
    const fields = await page
      .locator('.text-field__box, .typed__input, select')
      .evaluateAll((found) => found.map((field) => field.getBoundingClientRect().height));
    expect(fields.filter((height) => height > 0 && height < 47.5)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
});
