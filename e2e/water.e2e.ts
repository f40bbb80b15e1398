import { choose, deskOnly, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test('without a box the catalogue answers', async ({ page }, info) => {
  deskOnly(info);
  await page.goto('/');
  await goTo(page, 'Pick');
  await expect(page.getByRole('heading', { name: 'Nothing to pick from yet' })).toBeVisible();
  await expect(page.getByText('No head in this box')).toBeVisible();
  await expectAxeClean(page);
  await page.getByRole('button', { name: 'Pick from every kind there is' }).click();
  await expect(page.getByTestId('pick-1')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('heading', { name: /^[\d,]{9} rigs$/ })).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('pick-1')).toBeVisible({ timeout: 60_000 });
});

test.describe('the water of the demo world', () => {
  test.beforeEach(({ page }) => openDemoWorld(page));

  test('cover is added, described, given a top, and taken away, by keyboard', async ({ page }, info) => {
    deskOnly(info);
    const cover = page.getByRole('region', { name: 'Cover' });
    await page.getByRole('button', { name: 'Add cover' }).press('Enter');
    const third = cover.getByRole('group', { name: 'Cover 3' });
    await choose(third.getByRole('combobox', { name: /What/ }), 'riprap');
    await choose(third.getByRole('combobox', { name: /How thick/ }), 'thick');
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
    await page.getByRole('button', { name: 'Undo' }).press('Enter');
    await expect(page.getByRole('link', { name: /^The water: .*hedgerow/ })).toBeVisible();
  });

  test('what a water can be: fits a desk, high over weed, shallow, dark, odd', async ({ page }, info) => {
    deskOnly(info);
    await test.step('the switches fit a desk without scrolling', async () => {
      const last = (await page.getByRole('group', { name: 'You are after' }).boundingBox())!;
      expect(last.y + last.height).toBeLessThanOrEqual(800);
      const typed = (await page.getByRole('textbox', { name: /^Usual visibility/ }).boundingBox())!;
      expect(typed.y + typed.height).toBeLessThanOrEqual(800);
    });
    await test.step('high over weed asks for a light head, and picks a swim head', async () => {
      await page.getByRole('button', { name: 'Remove cover 2' }).click();
      const first = page.getByRole('group', { name: 'Cover 1' });
      await choose(first.getByRole('combobox', { name: /What/ }), 'grass below');
      await first.getByRole('textbox', { name: /Top at depth/ }).fill('2');
      await page.getByRole('group', { name: 'Lure works' }).getByRole('button', { name: 'high up' }).click();
      await expect(page.getByTestId('want-weight')).toContainText('It must ride above the weed');
      await expect(page.getByRole('region', { name: 'What to tie on' })).toContainText('swim');
      await page.getByRole('group', { name: 'Lure works' }).getByRole('button', { name: 'on bottom' }).click();
      await expect(page.getByTestId('want-weight')).toContainText('It has to get into the grass below');
    });
    await test.step('a shallower water takes its cover with it', async () => {
      await page.getByRole('textbox', { name: /^Depth/ }).fill('0.5');
      await expect(page.getByRole('group', { name: 'Cover 1' }).getByRole('textbox')).toHaveValue('0.5');
    });
    await test.step('low light is said to fish murkier', async () => {
      await page.getByRole('group', { name: 'Light' }).getByRole('button', { name: 'dark' }).click();
      await expect(page.getByText('stained; in this light it fishes like muddy')).toBeVisible();
      await expect(page.getByTestId('want-push')).toContainText('and little light');
    });
    await test.step('a water that contradicts itself is asked about, and taken all the same', async () => {
      await page.getByRole('group', { name: 'Season' }).getByRole('button', { name: 'spawn', exact: true }).click();
      await page.getByRole('textbox', { name: /Water temperature/ }).fill('40');
      await expect(page.getByTestId('odd-water')).toContainText('They do not spawn in water this cold');
      await expect(page.getByTestId('want-fall')).toContainText('40 °F');
      await page.getByRole('textbox', { name: /Water temperature/ }).fill('64');
      await expect(page.getByTestId('odd-water')).toBeHidden();
    });
  });

  test('in metric every number changes, and nothing is lost on the way', async ({ page }, info) => {
    deskOnly(info);
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

  test('the picture: each thing in it moves by keyboard and by hand, and its number follows', async ({ page }) => {
    await expect(page.locator('.column__label').filter({ hasText: '35 in' })).toHaveText(/^\s*usual 35 in\s*$/);
    const disc = page.getByRole('slider', { name: 'Visibility, in the picture', exact: true });
    await disc.focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('textbox', { name: 'Visibility, in', exact: true })).toHaveValue('15');
    await expect(disc).toHaveAttribute('aria-valuetext', '15 in, stained');
    const mercury = page.getByRole('slider', { name: 'Water temperature, in the picture' });
    await mercury.focus();
    await page.keyboard.press('PageUp');
    await expect(page.getByRole('textbox', { name: /Water temperature/ })).toHaveValue('62');
    const top = page.getByRole('slider', { name: 'Top of hedgerow, in the picture' });
    await top.focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByRole('group', { name: 'Cover 1' }).getByRole('textbox')).toHaveValue('0.7');
    const floor = page.getByRole('slider', { name: 'Depth, in the picture' });
    await floor.evaluate((element) => element.scrollIntoView({ block: 'center' }));
    const at = (await floor.boundingBox())!;
    const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y - 60, { steps: 6 });
    await page.mouse.up();
    const depth = Number(await page.getByRole('textbox', { name: /^Depth/ }).inputValue());
    expect(depth).toBeGreaterThan(2.5);
    expect(depth).toBeLessThan(3.9);
    await page.reload();
    await expect(page.getByRole('textbox', { name: /^Depth/ })).toHaveValue(String(depth));
    await expectAxeClean(page);
  });

  test('several waters by place and day: a new day is a copy, the one before comes back', async ({ page }, info) => {
    deskOnly(info);
    await page.getByRole('button', { name: /^Water at hand: Brindle Mere, north arm · 27/ }).press('Enter');
    // what is typed for the next one renames the one at hand not at all
    await page.getByRole('textbox', { name: 'Its place' }).fill('Brindle Mere, dam end');
    await expect(page.getByRole('textbox', { name: 'Place', exact: true })).toHaveValue('Brindle Mere, north arm');
    await page.getByRole('button', { name: 'From the one at hand' }).press('Enter');
    await expect(page.getByRole('textbox', { name: 'Place', exact: true })).toHaveValue('Brindle Mere, dam end');
    await expectAxeClean(page);
    await page.getByRole('button', { name: 'Close', exact: true }).press('Enter');
    await page.getByRole('textbox', { name: /Water temperature/ }).fill('71');
    await page.reload();
    await expect(page.getByRole('textbox', { name: /Water temperature/ })).toHaveValue('71');
    await page.getByRole('button', { name: /^Water at hand: Brindle Mere, dam end/ }).press('Enter');
    await page.getByRole('button', { name: /^Brindle Mere, north arm · 27/ }).press('Enter');
    await page.getByRole('button', { name: 'Close', exact: true }).press('Enter');
    await expect(page.getByRole('textbox', { name: /Water temperature/ })).toHaveValue('57');
  });

  test('usual visibility and trend: a clear water that muddied asks for a natural jig', async ({ page }, info) => {
    deskOnly(info);
    await page.getByRole('textbox', { name: /^Usual visibility/ }).fill('60');
    await page.getByRole('textbox', { name: 'Visibility, in', exact: true }).fill('10');
    await page.getByRole('group', { name: 'Trend' }).getByRole('button', { name: 'rising, muddy' }).click();
    await goTo(page, 'Pick');
    await page.getByTestId('pick-1').getByRole('button').first().click();
    await expect(page.getByTestId('pick-1')).toContainText('Stay natural in fresh mud');
  });
});
