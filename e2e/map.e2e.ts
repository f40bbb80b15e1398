import { DEMO_STATE, DESK, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';
import { steadyMiddle } from './hand';

test.use({ storageState: DEMO_STATE });

test(
  'the map of picks: drawn, read by pointer and by keys, as a table; a click takes its water, one tap gives it back',
  DESK,
  async ({ page }) => {
    test.slow();
    await openDemoWorld(page);
    await goTo(page, 'Pick');
    await expect(page.getByTestId('pick-1')).toBeVisible();
    await page.getByTestId('open-map').click();
    const map = page.getByTestId('map');
    await map.getByLabel('Fineness').selectOption('16');
    // the first picture comes long before the last cell
    await expect(map.locator('.map__region').first()).toBeVisible();
    await expect(map).toHaveAttribute('data-busy', 'false', { timeout: 90_000 });
    await expect(map.locator('.map__legend li').first()).toContainText(/oz/);
    await expect(map).toContainText('today');
    await expectAxeClean(page);

    const plane = map.getByRole('application');
    await plane.focus();
    await page.keyboard.press('ArrowRight');
    await expect(map.locator('figcaption')).toContainText(/°F, .* in: .*oz/);
    const said = await map.locator('figcaption').textContent();
    await page.keyboard.press('ArrowUp');
    await expect(map.locator('figcaption')).not.toHaveText(said!);

    // a click far off in the cold and dirty corner takes that water
    const before = await page.getByRole('link', { name: /^The water:/ }).textContent();
    const middle = await steadyMiddle(page, plane);
    const { width, height } = (await plane.boundingBox())!;
    await page.mouse.click(middle.x - width / 2 + 12, middle.y + height / 2 - 12);
    await expect(page.getByRole('link', { name: /^The water:/ })).not.toHaveText(before!);
    await expect(map).toContainText('The water changed since');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: /^The water:/ })).toHaveText(before!);

    await map.getByRole('button', { name: 'As a table' }).click();
    await expect(map.getByRole('rowheader').first()).toBeVisible();
    await expectAxeClean(page);
  },
);

test('the year: its curve by keys, its clock, a month taken; kept over a reload', DESK, async ({ page }) => {
  test.slow();
  await openDemoWorld(page);
  await goTo(page, 'Pick');
  await page.getByTestId('open-year').click();
  const year = page.getByTestId('year');
  await expect(year.getByRole('img', { name: /round the year/ })).toBeVisible({ timeout: 30_000 });
  await expect(year).toHaveAttribute('data-busy', 'false', { timeout: 60_000 });
  const march = year.getByRole('slider', { name: 'Temperature, March' });
  const before = await march.getAttribute('aria-valuetext');
  await march.press('ArrowUp');
  await march.press('ArrowUp');
  await march.press('ArrowUp');
  await expect(march).not.toHaveAttribute('aria-valuetext', before!);
  const drawn = await march.getAttribute('aria-valuetext');
  await expectAxeClean(page);
  await page.reload();
  await page.getByTestId('open-year').click();
  await expect(year.getByRole('slider', { name: 'Temperature, March' })).toHaveAttribute('aria-valuetext', drawn!);
});
