import { choose, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test('without a box the catalogue answers', async ({ page }) => {
  await page.goto('/');
  await goTo(page, 'Pick');
  await expect(page.getByRole('heading', { name: 'Nothing to pick from yet' })).toBeVisible();
  await expect(page.getByText('No head in this box')).toBeVisible();
  await expectAxeClean(page);
  await page.getByRole('button', { name: 'Pick from every kind there is' }).click();
  await expect(page.getByTestId('pick-1')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('heading', { name: /^1\d\d,\d\d\d rigs$/ })).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('pick-1')).toBeVisible({ timeout: 20_000 });
});

test.describe('the water of the demo world', () => {
  test.beforeEach(({ page }) => openDemoWorld(page));

  test('cover is added, described, given a top, and taken away, by keyboard', async ({ page }) => {
    const cover = page.getByRole('region', { name: 'Cover' });
    await page.getByRole('button', { name: 'Add cover' }).press('Enter');
    const third = cover.getByRole('group', { name: 'Cover 3' });
    await choose(page, third.getByRole('combobox', { name: /What/ }), 'riprap');
    await choose(page, third.getByRole('combobox', { name: /How thick/ }), 'thick');
    await expect(page.getByTestId('want-snag')).toContainText('72 or more');
    await third.getByRole('button', { name: 'How high does it reach?' }).press('Enter');
    const top = third.getByRole('textbox', { name: /Top at depth/ });
    await top.fill('9');
    await expect(third.getByText('Outside 0 ft to 4 ft')).toBeVisible();
    await top.fill('2');
    await expect(third.getByText('Outside 0 ft to 4 ft')).toBeHidden();
    await page.reload();
    await expect(third.getByRole('textbox', { name: /Top at depth/ })).toHaveValue('2');
    for (const number of [3, 2, 1]) await page.getByRole('button', { name: `Remove cover ${number}` }).press('Enter');
    await expect(cover).toContainText('None: open water');
    await expect(page.getByTestId('want-snag')).toContainText('Nothing here holds a hook');
    await expect(page.getByRole('link', { name: /^The water: .*no cover/ })).toBeVisible();
  });

  test('high over weed asks for a light head, and picks a swim head', async ({ page }) => {
    await page.getByRole('button', { name: 'Remove cover 2' }).click();
    const first = page.getByRole('group', { name: 'Cover 1' });
    await choose(page, first.getByRole('combobox', { name: /What/ }), 'grass below');
    await first.getByRole('textbox', { name: /Top at depth/ }).fill('2');
    await page.getByRole('group', { name: 'Where the lure works' }).getByRole('button', { name: 'high up' }).click();
    await expect(page.getByTestId('want-weight')).toContainText('It must ride above the weed');
    await expect(page.getByRole('region', { name: 'What to tie on' })).toContainText('swim');
    await page
      .getByRole('group', { name: 'Where the lure works' })
      .getByRole('button', { name: 'on the bottom' })
      .click();
    await expect(page.getByTestId('want-weight')).toContainText('It has to get into the grass below');
  });

  test('in metric every number changes, and nothing is lost on the way', async ({ page }) => {
    await page.keyboard.press('u');
    await expect(
      page.getByRole('link', { name: 'The water: 13.9 °C · 36 cm · 1.2 m · hedgerow. Edit it' }),
    ).toBeVisible();
    await page.getByRole('button', { name: 'More water temperature' }).click();
    await expect(page.getByRole('textbox', { name: /Water temperature, °C/ })).toHaveValue('14.5');
    await page.getByRole('button', { name: 'Less visibility' }).click();
    await expect(page.getByRole('textbox', { name: /Visibility, cm/ })).toHaveValue('30');
    await goTo(page, 'Pick');
    const first = page.getByTestId('pick-1');
    await expect(first).toContainText(/\d+(\.\d)? g /);
    await first.getByRole('button').first().click();
    await expect(first).toContainText('m/s');
    await expect(first).not.toContainText(/ft\/s| oz|°F/);
    await expectAxeClean(page);
    await page.keyboard.press('u');
    await expect(first).toContainText('ft/s');
  });

  test('a shallower water takes its cover with it', async ({ page }) => {
    await page.getByRole('textbox', { name: /^Depth/ }).fill('0.5');
    await expect(page.getByRole('group', { name: 'Cover 1' }).getByRole('textbox')).toHaveValue('0.5');
  });

  test('low light is said to fish murkier', async ({ page }) => {
    await page.getByRole('group', { name: 'Light' }).getByRole('button', { name: 'dark' }).click();
    await expect(page.getByText('stained; in this light it fishes like muddy')).toBeVisible();
    await expect(page.getByTestId('want-push')).toContainText('and little light');
  });
});
