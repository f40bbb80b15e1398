import { DEMO_STATE, DESK, expect, expectAxeClean, goTo, layUncut, openDemoWorld, test } from './fixtures';
import { dragBy, steadyMiddle } from './hand';

test.use({ storageState: DEMO_STATE });

test('cuts are solved, shown on the drawing, taken there, and go on the ticket; weights against cuts on one page', async ({
  page,
}) => {
  await openDemoWorld(page);
  await layUncut(page);
  await page.getByTestId('open-solve').click();
  const solve = page.getByTestId('solve');
  await expect(solve.getByRole('heading', { name: /Best/ }).first()).toBeVisible();
  await expect(solve).toContainText(/As it is it answers \d+ of 100/);
  await solve.getByRole('button', { name: 'Show it on the drawing' }).first().click();
  await expect(solve).toBeHidden();

  const ghost = page.getByTestId('ghost');
  await expect(page.getByTestId('ghost-side').locator('path').first()).toBeVisible();
  await expectAxeClean(page);
  const lines = ghost.getByRole('listitem');
  const proposed = await lines.count();
  expect(proposed).toBeGreaterThan(0);
  await ghost
    .getByRole('button', { name: /^Take this/ })
    .first()
    .click();
  await expect(lines).toHaveCount(proposed - 1);
  // what is left is taken one by one
  for (let left = proposed - 1; left > 0; left--) {
    await ghost
      .getByRole('button', { name: /^Take this/ })
      .first()
      .click();
    await expect(lines).toHaveCount(left - 1);
  }
  await expect(ghost).toHaveCount(0);

  await page.getByTestId('open-table').click();
  const table = page.getByTestId('cut-table');
  await expect(table.getByRole('rowheader').first()).toBeVisible();
  await expect(table.getByRole('img', { name: 'wanted here' }).first()).toBeVisible();
  await expectAxeClean(page);
  await page.getByRole('button', { name: 'Back to the bench' }).click();

  // a pick is laid cut as it will be fished, and its ticket says how
  await goTo(page, 'Pick');
  await page.getByTestId('pick-1').getByRole('button').first().click();
  await page.getByRole('button', { name: 'Cut and hang it on the bench' }).click();
  await page.getByRole('button', { name: 'Ticket', exact: true }).click();
  await expect(page.getByTestId('ticket').getByRole('region', { name: 'Cut list' })).toContainText('ribs');
});

test('a pick is read from its score and first lines to what would flip it and what others would tie', async ({
  page,
}) => {
  await openDemoWorld(page);
  await goTo(page, 'Pick');
  const first = page.getByTestId('pick-1');
  await expect(first.getByTestId('row-score')).toContainText(/\d+/);
  await expect(page.getByTestId('pick-2').getByTestId('row-score')).toContainText(
    /as good as the first|less than the first/,
  );
  await first.getByRole('button').first().click();
  await expect(first.getByTestId('ready')).toContainText('Fish it');
  await expect(first.getByTestId('flips')).toContainText(/colder|warmer|murkier|clearer|deeper|shallower|if/, {
    timeout: 30_000,
  });
  await expect(first.getByTestId('dissent').first()).toBeVisible();
  await expectAxeClean(page);
});

test('over the list the ends of a want are typed, by mouse and keys', DESK, async ({ page }) => {
  await openDemoWorld(page);
  await goTo(page, 'Pick');
  await page.getByRole('button', { name: /^Push, .*type its ends/ }).click();
  await page.getByRole('textbox', { name: /^Least/ }).fill('40');
  await expect(page.getByRole('button', { name: /^Push, 40 to/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox', { name: /^Least/ })).toHaveCount(0);
  // and the handle below it is still taken hold of
  const handle = page.getByRole('slider', { name: 'Push, least' });
  const at = await steadyMiddle(page, handle);
  const { height } = (await handle.boundingBox())!;
  await dragBy(page, { x: at.x, y: at.y + height / 2 - 4 }, 30, 0);
  await expect(page.getByRole('button', { name: /^Push, 40 to/ })).toHaveCount(0);
});
