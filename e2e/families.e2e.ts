import { expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test.beforeEach(({ page }) => openDemoWorld(page));

test('spinnerbaits instead of jigs, by keyboard: ranked on how they run, and a ticket that says so', async ({
  page,
}) => {
  await goTo(page, 'Pick');
  const among = page.getByRole('group', { name: 'Among' });
  await expect(page.getByTestId('pick-1')).toBeVisible();
  await among.getByRole('button', { name: 'spinnerbaits' }).press('Enter');
  await among.getByRole('button', { name: 'jigs' }).press('Enter');
  const first = page.getByTestId('pick-1');
  await expect(first).toContainText(/oz spinnerbait, \w+ \d/);
  await expect(page.getByRole('list', { name: 'Bear in mind' })).toContainText('ranked on how they run');
  await expectAxeClean(page);

  // the last family cannot be let go
  await among.getByRole('button', { name: 'spinnerbaits' }).press('Enter');
  await expect(among.getByRole('button', { name: 'spinnerbaits' })).toHaveAttribute('aria-pressed', 'true');

  await first.getByRole('button').first().press('Enter');
  await expect(first).toContainText(/Runs at [\d.]+ ft is (inside|deeper than|higher than)/);
  await first.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  const ticket = page.getByTestId('ticket');
  await expect(ticket).toContainText('Holds at');
  await expect(ticket.getByRole('heading', { level: 1 })).toContainText('spinnerbait');
  await page.reload();
  await expect(ticket).toContainText('Holds at');
});
