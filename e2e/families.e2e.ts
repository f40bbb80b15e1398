import { deskOnly, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test.beforeEach(({ page }) => openDemoWorld(page));

test('spinnerbaits instead of jigs, by keyboard: ranked on how they run, and a ticket that says so', async ({
  page,
}, info) => {
  deskOnly(info);
  await goTo(page, 'Pick');
  const among = page.getByRole('group', { name: 'Among' });
  await expect(page.getByTestId('pick-1')).toBeVisible();
  // without a choice all three are compared, and it is said which suits and why
  const verdict = page.getByTestId('families');
  await expect(verdict.getByRole('heading')).toHaveText(['Jigs', 'Vibrating jigs', 'Spinnerbaits']);
  await expect(verdict).toContainText('Thick cover in shallow water');
  await among.getByRole('button', { name: 'jigs', exact: true }).press('Enter');
  await among.getByRole('button', { name: 'vibrating' }).press('Enter');
  const first = page.getByTestId('pick-1');
  await expect(first).toContainText(/oz spinnerbait in [a-z/ ]+, \w+ \w+ \d/);
  await expect(verdict).toHaveCount(0);
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
