import { deskOnly, choose, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test.beforeEach(({ page }) => openDemoWorld(page));

test('stations, units and help by single keys; none while typing', async ({ page }, info) => {
  deskOnly(info);
  await page.keyboard.press('2');
  await expect(page.getByTestId('pick-1')).toBeVisible();
  await page.keyboard.press('7');
  await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
  await page.keyboard.press('t');
  await expect(page.getByRole('heading', { name: '0 tickets' })).toBeVisible();
  await page.keyboard.press('1');
  await expect(page.getByTestId('want-fall')).toContainText('ft/s');
  await page.keyboard.press('u');
  await expect(page.getByTestId('want-fall')).toContainText('m/s');
  await expect(page.getByRole('textbox', { name: /Water temperature, °C/ })).toHaveValue('13.9');
  await page.keyboard.press('u');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('switch between US and metric');
  await expectAxeClean(page);
  await page.keyboard.press('2');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  const field = page.getByRole('textbox', { name: /^Depth/ });
  await field.fill('7');
  await expect(page.getByRole('heading', { name: 'What this water asks for' })).toBeVisible();
});

test('a whole ticket without a mouse', async ({ page }, info) => {
  deskOnly(info);
  await page.keyboard.press('2');
  const first = page.getByTestId('pick-1').getByRole('button').first();
  await expect(first).toBeVisible();
  for (let i = 0; i < 40 && !(await first.evaluate((element) => element === document.activeElement)); i++) {
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

test('the night theme is as legible, and stays after a reload', async ({ page }, info) => {
  deskOnly(info);
  await page.getByRole('button', { name: /^Theme: light/ }).click();
  for (const key of ['1', '2', '7', 't']) {
    await page.keyboard.press(key);
    await expectAxeClean(page);
  }
  await page.reload();
  await expect(page.getByRole('button', { name: /^Theme: night/ })).toBeVisible();
});

test('another school is chosen, and its reasons count; taking a part out can be undone', async ({ page }, info) => {
  deskOnly(info);
  await page.keyboard.press('2');
  await page.getByRole('button', { name: /^Schools/ }).press('Enter');
  await choose(page.getByRole('combobox', { name: /On weight/ }), 'slow hand');
  await expectAxeClean(page);
  await page.getByRole('button', { name: 'Done' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Schools: 1 chosen…' })).toBeVisible();
  const first = page.getByTestId('pick-1');
  await first.getByRole('button').first().press('Enter');
  await expect(first).toContainText('On weight: “slow hand”, because you chose it.');
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: 'Box' }).click();
  await page
    .getByRole('button', { name: /^Take out/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: '65 parts in your box' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
});

test('on the deck every target is large enough, and nothing scrolls sideways', async ({ page }, info) => {
  test.skip(info.project.name !== 'deck', 'the deck is a phone');
  for (const key of ['1', '2', '7', 't']) {
    await page.keyboard.press(key);
    await page.waitForTimeout(300);
    const small = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('button, nav a, summary')]
        .filter((element) => element.offsetParent !== null && !element.closest('.v-field'))
        .map((element) => ({
          name: element.textContent?.trim() || element.ariaLabel,
          box: element.getBoundingClientRect(),
        }))
        .filter(({ box }) => box.height > 0 && box.height < 47.5)
        .map(({ name, box }) => `${name}: ${Math.round(box.height)} px`),
    );
    expect(small).toEqual([]);
    const fields = await page
      .locator('.v-field, .typed__input, select')
      .evaluateAll((found) => found.map((field) => field.getBoundingClientRect().height));
    expect(fields.filter((height) => height < 47.5)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
});

test('a number says what it is and which end is which, wherever its name stands; Escape goes back to it', async ({
  page,
}, info) => {
  deskOnly(info);
  const ask = async (name: string): Promise<void> => {
    const asked = page.getByRole('button', { name, exact: true }).first();
    await asked.press('Enter');
    const card = page.getByTestId('number-card');
    await expect(card.getByRole('heading', { level: 2 })).toBeVisible();
    await expect(card).toContainText('3/8 oz casting, 3 in chunk');
    await expect(card).toContainText('4 in flapper craw');
    await page.keyboard.press('Escape');
    await expect(card).toHaveCount(0);
    await expect(asked).toBeFocused();
  };
  await ask('Push');
  await page.getByRole('button', { name: 'Motion', exact: true }).press('Enter');
  await expect(page.getByTestId('number-card')).toContainText('lies still');
  await expectAxeClean(page);
  await page.keyboard.press('Escape');
  await goTo(page, 'Bench');
  await page.getByRole('button', { name: 'Lay it on the bench' }).first().click();
  await ask('Puff');
  await goTo(page, 'Pick');
  await ask('Snag-proof');
});
