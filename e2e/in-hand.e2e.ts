import { choose, clearEverything, deskOnly, expect, goTo, openDemoWorld, test } from './fixtures';

const KEY = 'pandero-last-answer';

test('a returning visit shows its last answer before the app is there, and says so; what cannot be read is no matter', async ({
  page,
}, info) => {
  deskOnly(info);
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
});

test('no two picks read the same, and each says its colours; a fault and its cure stand in the row', async ({
  page,
}, info) => {
  deskOnly(info);
  await openDemoWorld(page);
  await goTo(page, 'Pick');
  await expect(page.getByTestId('pick-12')).toBeVisible();
  const names = await page.locator('.pick-row__name').allTextContents();
  expect(new Set(names).size).toBe(names.length);
  for (const name of names) expect(name).toMatch(/ in [a-z/ ]+,|, all [a-z/ ]+/);
  await expect(page.getByTestId('row-fault').first()).toContainText(/\w\. \w/);
});

test('in metric no sentence speaks of inches, ounces or pounds', async ({ page }, info) => {
  deskOnly(info);
  await openDemoWorld(page);
  await page.getByRole('button', { name: /^Units: US/ }).click();
  const said = (): Promise<string[]> =>
    page
      .locator('#main')
      .innerText()
      .then((text) => text.match(/[^\n]*\d (?:in|oz|ft|lb|ft\/s|lbf)\b[^\n]*|[^\n]*°F[^\n]*/g) ?? []);
  await expect(page.getByTestId('want-snag')).toBeVisible();
  expect(await said()).toEqual([]);
  await goTo(page, 'Pick');
  await page.getByTestId('pick-1').getByRole('button').first().press('Enter');
  await expect(page.getByTestId('handling')).toBeVisible();
  await expect(page.getByTestId('flips')).not.toContainText('Looking');
  expect(await said()).toEqual([]);
  await page.getByRole('link', { name: 'Handbook' }).click();
  const words = page.getByRole('textbox', { name: 'Look for' });
  for (const typed of ['line', 'rod', 'deep', 'weight']) {
    await words.fill(typed);
    await expect(page.getByRole('status').filter({ hasText: /rules?$/ })).toBeVisible();
    expect(await said()).toEqual([]);
  }
  await words.fill('bladed jig');
  await expect(page.getByRole('status').filter({ hasText: /^\d+ rules$/ })).toBeVisible();
});

test('a colour nobody knows is asked about once; the next part comes in the colour last chosen; a tray says what it lacks', async ({
  page,
}, info) => {
  deskOnly(info);
  await openDemoWorld(page);
  await goTo(page, 'Box');
  await page.getByRole('button', { name: /^Trailers/ }).click();
  await expect(page.getByTestId('missing')).toContainText(/issing/);
  await page.getByRole('button', { name: 'Add a trailer' }).click();
  const gallery = page.getByRole('dialog', { name: 'Add a trailer' });
  await choose(gallery.getByRole('combobox', { name: 'In' }), 'perch mix');
  await gallery.getByRole('button', { name: 'Add stick worm, 4 in' }).click();
  await gallery.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByTestId('box-list')).toContainText('perch mix');
  await page.getByRole('button', { name: 'Add a trailer' }).click();
  await expect(gallery.getByRole('combobox', { name: 'In' })).toHaveValue('perch mix');
  await gallery.getByRole('button', { name: 'Done' }).click();

  await page.getByRole('button', { name: /stick worm, perch mix: open its sheet/ }).click();
  const colour = page.getByRole('combobox', { name: 'Colour' });
  await colour.fill('night owl');
  await colour.press('Tab');
  const asked = page.getByTestId('unknown-colours');
  await asked.getByRole('combobox').selectOption({ label: 'dark: black, purple' });
  await expect(asked).toHaveCount(0);
  await expect(page.getByTestId('box-list')).toContainText('night owl (dark)');
});

test('on the deck the build stays in sight, with what was done, while a field far below is changed', async ({
  page,
}, info) => {
  test.skip(info.project.name !== 'deck', 'a desk shows all at once');
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
});
