import { chooseFile, DESK, expect, goTo, test } from './fixtures';

test('5,000 rows go in, and the page stays quick', DESK, async ({ page }) => {
  await page.goto('/#/box');
  await page.getByRole('button', { name: 'Import a list…' }).click();
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
