import { chooseFile, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test.describe('numbers that cannot be', () => {
  test.beforeEach(({ page }) => openDemoWorld(page));

  for (const [typed, says] of [
    ['', 'Empty. Enter 32 °F to 104 °F'],
    ['warm', 'Not a number in °F'],
    ['300', 'Outside 32 °F to 104 °F'],
    ['-5', 'Outside 32 °F to 104 °F'],
    ['57 in', 'Not a number in °F'],
  ] as const) {
    test(`a temperature of "${typed}" is explained, and the last good one counts`, async ({ page }) => {
      const before = await page.getByTestId('want-fall').textContent();
      const field = page.getByRole('textbox', { name: /Water temperature/ });
      await field.fill(typed);
      await expect(page.getByText(says)).toBeVisible();
      expect(await page.getByTestId('want-fall').textContent()).toBe(before);
      await expectAxeClean(page);
      await field.fill('60');
      await expect(page.getByText(says)).toBeHidden();
    });
  }
  test('a number in the other unit is understood', async ({ page }) => {
    await page.getByRole('textbox', { name: /Water temperature/ }).fill('14 C');
    await expect(page.getByRole('link', { name: /^The water: 57 °F/ })).toBeVisible();
  });
});

test.describe('files that cannot be', () => {
  test.beforeEach(async ({ page }) => {
    await page.goto('/#/box');
    await page.getByRole('button', { name: 'Import a list…' }).click();
  });

  for (const [name, text, says] of [
    ['a wrong header', 'name,price\nx,3\n', 'line 1: The header "name,price" fits no tray'],
    ['a bad number', 'style,weight\ncasting,3/8 oz\ncasting,heavy\n', 'line 3, weight: "heavy" is not a number'],
    ['an unknown kind', 'kind,length\nsquid,4 in\n', 'line 2, kind: "squid" is not known here'],
    ['an empty file', '', 'There is nothing in it'],
    ['broken JSON', '{\n  "kind": "box",\n  "heads": [', 'line 3: breaks off as JSON'],
    ['foreign JSON', '{"type": "Topology"}', 'not a file of Pandero'],
    ['another of our files', '{"temperatureC": 14}', 'This file is a water'],
    [
      'a box with a bad field',
      '{"kind":"box","version":1,\n"heads":[],"skirts":[],"trailers":[{"kind":"chunk"}]}',
      'line 2, trailers[0].lengthMm: is missing',
    ],
  ] as const) {
    test(`${name}: by line and field, nothing taken in`, async ({ page }) => {
      await chooseFile(page, 'list.csv', text);
      await expect(page.getByRole('dialog').getByRole('alert')).toContainText(says);
      await expect(page.getByRole('button', { name: 'Take it in' })).toBeDisabled();
      await expectAxeClean(page);
      await page.getByRole('button', { name: 'Cancel' }).click();
      await expect(page.getByRole('heading', { name: 'Your box is empty' })).toBeVisible();
    });
  }

  test('semicolons, a byte-order mark, decimal commas and 3/8 oz are taken', async ({ page }) => {
    await chooseFile(page, 'heads.csv', '\uFEFFstyle;weight;quantity\r\ncasting;3/8 oz;2\r\nball;0,25;1\r\n');
    await expect(page.getByRole('dialog')).toContainText('2 parts, to be added');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('heading', { name: '2 parts in your box' })).toBeVisible();
    await expect(page.getByTestId('tray-heads')).toContainText('3/8 oz casting');
  });

  test('5,000 rows go in, and the page stays quick', async ({ page }) => {
    const rows = Array.from({ length: 5000 }, (_, i) => `chunk,${2 + (i % 12) / 4} in`).join('\n');
    await chooseFile(page, 'trailers.csv', `kind,length\n${rows}\n`);
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('heading', { name: '5000 parts in your box' })).toBeVisible();
    await expect(page.getByTestId('tray-trailers').getByRole('listitem').filter({ hasText: 'chunk' })).toHaveCount(60);
    // no head: nothing can be built, and the station says what is missing
    await goTo(page, 'Pick');
    await expect(page.getByText('No head in this box')).toBeVisible();
    await page.getByRole('button', { name: 'Pick from every kind there is' }).click();
    await expect(page.getByTestId('pick-1')).toBeVisible({ timeout: 20_000 });
  });

  test('a box without trailers is ranked, and says so', async ({ page }) => {
    await chooseFile(
      page,
      'heads.csv',
      'style,weight,skirt material\ncasting,3/8 oz,silicone\nfootball,1/2 oz,silicone\n',
    );
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('heading', { name: '2 parts in your box' })).toBeVisible();
    await goTo(page, 'Pick');
    await expect(page.getByTestId('pick-1')).toContainText('no trailer');
    await expect(page.getByText('No trailer in this box')).toBeVisible();
  });
});

test('a ticket that is not here is explained', async ({ page }) => {
  await page.goto('/#/tickets/nowhere');
  await expect(page.getByText('This ticket is not in this browser')).toBeVisible();
});

test('a place that does not exist leads to the water', async ({ page }) => {
  await page.goto('/#/moon');
  await expect(page.getByRole('heading', { name: 'What this water asks for' })).toBeVisible();
});

test('a full disk costs nothing that was entered', async ({ page }) => {
  await openDemoWorld(page);
  await page.evaluate(() => {
    const full = (): never => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = full;
    IDBObjectStore.prototype.add = full;
  });
  await page.getByRole('textbox', { name: /Water temperature/ }).fill('66');
  await expect(page.getByRole('alert', { name: 'Problems' })).toContainText('full');
  await expect(page.getByRole('textbox', { name: /Water temperature/ })).toHaveValue('66');
  await expect(page.getByTestId('want-fall')).toContainText('66 °F');
});
