import { choose, deskOnly, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test('a box from nothing, by keyboard alone: head, skirt, trailer, and a rig to tie', async ({ page }, info) => {
  deskOnly(info);
  await page.goto('/#/box');
  await expect(page.getByText('A rig needs three parts')).toBeVisible();
  await expectAxeClean(page);
  const add = async (tray: string, one: string, size: string): Promise<void> => {
    await page.getByRole('button', { name: new RegExp(`^${tray}`) }).press('Enter');
    await page.getByRole('button', { name: `Add a ${one}`, exact: true }).press('Enter');
    await page.getByRole('button', { name: size, exact: true }).press('Enter');
    await expect(page.getByText('1 added.')).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).press('Enter');
    await expect(page.getByRole('dialog', { name: `Add a ${one}` })).toBeHidden();
  };
  await add('Heads', 'head', 'Add casting, 3/8 oz');
  await add('Skirts', 'skirt', 'Add silicone, 50 strands');
  await add('Trailers', 'trailer', 'Add flapper craw, 4 in');
  await expect(page.getByRole('heading', { name: '3 parts in your box' })).toBeVisible();

  // open, change and measure the trailer
  await page.getByRole('button', { name: /4 in flapper craw.*open its sheet/ }).press('Enter');
  const sheet = page.getByTestId('part-sheet');
  await expect(sheet.getByRole('img', { name: '4 in flapper craw, from above' })).toBeVisible();
  await choose(sheet.getByRole('combobox', { name: /Plastic/ }), 'soft');
  await sheet.getByRole('textbox', { name: /^Length/ }).fill('3 3/4');
  await sheet.getByRole('textbox', { name: /^Mass/ }).fill('9 g');
  await expect(sheet.getByRole('heading', { name: '3 3/4 in flapper craw' })).toBeVisible();
  await expect(sheet).toContainText(/\d+ % more/);
  await sheet.getByRole('textbox', { name: /^Length/ }).fill('-3');
  await expect(sheet.getByText(/^Outside /)).toBeVisible();
  await sheet.getByRole('textbox', { name: /^Length/ }).fill('3 3/4');
  await sheet.getByRole('button', { name: 'One less' }).press('Enter');
  await expect(sheet).toContainText('Left out of the picks: used up');
  await sheet.getByRole('button', { name: 'One less' }).press('Enter');
  await expect(sheet.getByTestId('sheet-quantity')).toHaveText('0');
  await sheet.getByRole('button', { name: 'One more' }).press('Enter');
  await expectAxeClean(page);
  await page.reload();
  await page.getByRole('button', { name: /^Trailers/ }).press('Enter');
  await expect(page.getByTestId('box-list')).toContainText('soft plastic, weighed 0.32 oz');
  await goTo(page, 'Pick');
  await expect(page.getByTestId('pick-1')).toContainText('3/8 oz casting');
});

test.describe('with the demo parts', () => {
  test.beforeEach(async ({ page }) => {
    await openDemoWorld(page);
    await page.keyboard.press('7');
    await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
  });

  test('find, every tray, duplicate, torn, take out, undo', async ({ page }, info) => {
    deskOnly(info);
    await test.step('/ finds across all trays', async () => {
      await page.keyboard.press('/');
      await page.keyboard.type('4 in green');
      await expect(page.getByRole('heading', { name: /^Found for 4 in green/ })).toBeVisible();
      const rows = page.getByTestId('box-list').getByRole('listitem');
      await expect(rows.first()).toContainText('4 in');
      for (const text of await rows.allTextContents()) expect(text).toContain('green');
      await page.keyboard.press('Escape');
      await page.getByRole('textbox', { name: 'Find a part' }).fill('zebra');
      await expect(page.getByText('Nothing of that name')).toBeVisible();
    });
    await test.step('every tray shows its kinds', async () => {
      for (const [tray, one] of [
        ['Blades', 'blade'],
        ['Hooks', 'hook'],
        ['Lines', 'line'],
        ['Rods', 'rod'],
        ['Reels', 'reel'],
      ] as const) {
        await page.getByRole('button', { name: new RegExp(`^${tray}`) }).click();
        await page.getByRole('button', { name: `Add a ${one}`, exact: true }).click();
        await expect(page.getByRole('dialog').getByRole('listitem').first()).toBeVisible();
        await page.getByRole('button', { name: 'Done' }).click();
        await expect(page.getByRole('dialog')).toBeHidden();
        await page
          .getByTestId('box-list')
          .getByRole('button', { name: /open its sheet/ })
          .first()
          .click();
        await expect(page.getByTestId('part-sheet')).toBeVisible();
        await page.getByRole('button', { name: 'Close the sheet' }).click();
      }
    });
    await test.step('duplicate, torn, take out, undo', async () => {
      await page.getByRole('button', { name: /^Heads/ }).click();
      await page.getByRole('button', { name: /1\/4 oz casting.*open its sheet/ }).click();
      const sheet = page.getByTestId('part-sheet');
      await sheet.getByRole('button', { name: 'Duplicate' }).click();
      await expect(page.getByRole('heading', { name: '67 parts in your box', includeHidden: true })).toBeAttached();
      await sheet.getByRole('button', { name: 'Without guard' }).click();
      await expect(page.getByTestId('box-list')).toContainText('no guard');
      await sheet.getByRole('button', { name: 'With guard' }).click();
      await sheet.getByRole('button', { name: 'rusty' }).click();
      await expect(sheet).toContainText('Left out of the picks: rusty');
      await sheet.getByRole('button', { name: /^Take out this head/ }).click();
      await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(page.getByRole('heading', { name: '67 parts in your box' })).toBeVisible();
    });
  });

  test('what is missing for this water is named, fewest parts first', async ({ page }, info) => {
    deskOnly(info);
    await page.getByRole('button', { name: 'Look for the fewest parts' }).click();
    const gaps = page.getByTestId('gaps');
    await expect(gaps).toContainText(/answers \d+ of 100/, { timeout: 60_000 });
    await expect(gaps.getByRole('listitem').first()).toContainText(/with .+for .+ oz/);
    await expectAxeClean(page);
  });
});
