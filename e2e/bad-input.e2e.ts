import { deskOnly, chooseFile, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test.describe('numbers that cannot be', () => {
  test.beforeEach(({ page }) => openDemoWorld(page));

  test('a temperature that cannot be is explained, and the last good one counts; another unit is understood', async ({
    page,
  }, info) => {
    deskOnly(info);
    await test.step('a temperature that cannot be is explained, and the last good one counts', async () => {
      const before = await page.getByTestId('want-fall').textContent();
      const field = page.getByRole('textbox', { name: /Water temperature/ });
      for (const [typed, says] of [
        ['', 'Empty. Enter 32 °F to 104 °F'],
        ['warm', 'Not a number in °F'],
        ['300', 'Outside 32 °F to 104 °F'],
        ['-5', 'Outside 32 °F to 104 °F'],
        ['57 in', 'Not a number in °F'],
      ] as const) {
        await field.fill(typed);
        await expect(page.getByText(says)).toBeVisible();
        expect(await page.getByTestId('want-fall').textContent()).toBe(before);
      }
      await expectAxeClean(page);
      await field.fill('60');
      await expect(page.getByText('Not a number in °F')).toBeHidden();
    });
    await test.step('a number in the other unit is understood', async () => {
      await page.getByRole('textbox', { name: /Water temperature/ }).fill('14 C');
      await expect(page.getByRole('link', { name: /^The water: 57 °F/ })).toBeVisible();
    });
  });
});

test.describe('files that cannot be', () => {
  test.beforeEach(async ({ page }) => {
    await page.goto('/#/box');
    await page.getByRole('button', { name: 'Import a list…' }).click();
  });

  test('each is refused by line and field, and nothing is taken in', async ({ page }, info) => {
    deskOnly(info);
    test.slow();
    await test.step('a fraction that a spreadsheet made a date of, and a negative number of parts', async () => {
      await chooseFile(page, 'list.csv', 'style,weight,quantity\ncasting,03-Aug,2\nball,1/4,-3\n');
      const alert = page.getByRole('dialog').getByRole('alert');
      await expect(alert).toContainText('line 2, weight: "03-Aug" is what a spreadsheet makes of a fraction');
      await expect(alert).toContainText('line 3, quantity: -3 is too small');
    });
    await test.step('20,000 rows are read, and one more is refused', async () => {
      const rows = (count: number): string => `style,weight\n${'casting,3/8\n'.repeat(count)}`;
      await chooseFile(page, 'many.csv', rows(20_001));
      await expect(page.getByRole('dialog').getByRole('alert')).toContainText('20001 rows; the most is 20000');
      await chooseFile(page, 'heads.csv', rows(20_000));
      await expect(page.getByTestId('import-preview')).toContainText('20000 new');
      await expect(page.getByRole('dialog')).toContainText('is the same as line 2');
    });
    await test.step('each is refused by line and field, and nothing is taken in', async () => {
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
        await chooseFile(page, 'list.csv', text);
        await expect(page.getByRole('dialog').getByRole('alert'), name).toContainText(says);
        await expect(page.getByRole('button', { name: 'Take it in' })).toBeDisabled();
      }
      await expectAxeClean(page);
      await page.getByRole('button', { name: 'Cancel' }).click();
      await expect(page.getByRole('heading', { name: 'Your box is empty' })).toBeVisible();
    });
  });

  test('semicolons, a byte-order mark, decimal commas and 3/8 oz are taken', async ({ page }) => {
    await chooseFile(page, 'heads.csv', '\uFEFFstyle;weight;quantity\r\ncasting;3/8 oz;2\r\nball;0,25;1\r\n');
    await expect(page.getByRole('dialog')).toContainText('2 parts, read without a problem');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('heading', { name: '2 parts in your box' })).toBeVisible();
    await expect(page.getByTestId('box-list')).toContainText('3/8 oz casting');
  });

  test('5,000 rows go in, and the page stays quick', async ({ page }) => {
    const rows = Array.from({ length: 5000 }, (_, i) => `chunk,${2 + (i % 12) / 4} in`).join('\n');
    await chooseFile(page, 'trailers.csv', `kind,length\n${rows}\n`);
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('heading', { name: '5000 parts in your box' })).toBeVisible();
    await page.getByRole('button', { name: /^Trailers/ }).click();
    await expect(page.getByTestId('box-list').getByRole('listitem').filter({ hasText: 'chunk' })).toHaveCount(60);
    // no head: nothing can be built, and the station says what is missing
    await goTo(page, 'Pick');
    await expect(page.getByText('No head in this box')).toBeVisible();
    await page.getByRole('button', { name: 'Pick from every kind there is' }).click();
    await expect(page.getByTestId('pick-1')).toBeVisible({ timeout: 60_000 });
  });

  test('a mass that contradicts the size is asked about, and both numbers stay', async ({ page }) => {
    await chooseFile(page, 'list.csv', 'kind,length,mass\nflapper-craw,4 in,25 g\n');
    await expect(page.getByRole('dialog')).toContainText('weighs 25 g where its size computes to');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByRole('button', { name: /^Trailers/ }).click();
    await page.getByRole('button', { name: /flapper craw.*open its sheet/ }).click();
    const ask = page.getByRole('group', { name: 'Scale against size' });
    await expect(ask).toContainText('over 40 % apart');
    await expectAxeClean(page);
    await ask.getByRole('button', { name: 'The size' }).click();
    await expect(page.getByTestId('box-list')).toContainText('weighed 0.88 oz, not counted');
    await ask.getByRole('button', { name: 'The scale' }).click();
    await expect(page.getByTestId('box-list')).not.toContainText('not counted');
  });

  test('a list that names what is there raises its number, or replaces the tray', async ({ page }) => {
    const take = async (text: string, how?: string): Promise<void> => {
      await chooseFile(page, 'list.csv', text);
      if (how) await page.getByRole('radio', { name: how }).check();
      await page.getByRole('button', { name: 'Take it in' }).click();
      await expect(page.getByRole('dialog')).toBeHidden();
    };
    await take('style,weight,quantity\ncasting,3/8,2\nball,1/4,1\n');
    await page.getByRole('button', { name: 'Import a list…' }).click();
    await take('style,weight,quantity\ncasting,3/8,3\n');
    await expect(page.getByRole('heading', { name: '2 parts in your box' })).toBeVisible();
    await expect(page.getByLabel('quantity 5')).toBeVisible();
    await page.getByRole('button', { name: 'Import a list…' }).click();
    await take('style,weight\nfootball,1/2\n', 'Replace the tray by this list');
    await expect(page.getByRole('heading', { name: '1 part in your box' })).toBeVisible();
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
