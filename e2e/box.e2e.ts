import { choose, DESK, expect, goTo, test } from './fixtures';

test('a box from nothing, by keyboard alone: head, skirt, trailer, and a rig to tie', DESK, async ({ page }) => {
  await page.goto('/#/box');
  await expect(page.getByText('A rig needs three parts')).toBeVisible();
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
  await page.reload();
  await page.getByRole('button', { name: /^Trailers/ }).press('Enter');
  await expect(page.getByTestId('box-list')).toContainText('soft plastic, weighed 0.32 oz');
  await goTo(page, 'Pick');
  await expect(page.getByTestId('pick-1')).toContainText('3/8 oz casting');
});
