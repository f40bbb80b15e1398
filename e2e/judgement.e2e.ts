import { choose, deskOnly, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test.beforeEach(({ page }) => openDemoWorld(page));

test('a because-line leads to its rule, to what speaks against it, and to the handbook', async ({ page }, info) => {
  deskOnly(info);
  await goTo(page, 'Pick');
  const first = page.getByTestId('pick-1');
  await first.getByRole('button').first().press('Enter');
  const line = first.getByRole('region', { name: 'For it' }).getByRole('button').first();
  await line.press('Enter');
  const card = page.getByTestId('rule-card');
  await expect(card).toContainText('Speaks when');
  await expect(card.getByRole('heading', { name: 'What speaks against it' })).toBeVisible();
  await expectAxeClean(page);
  const id = await card.locator('code').textContent();
  await card.getByRole('button', { name: 'Read it in the handbook' }).press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Handbook');
  await expect(page.locator(`article#${id!}`)).toBeFocused();
  await expectAxeClean(page);
  await page.getByRole('textbox', { name: 'Look for' }).fill('willow below 60');
  await expect(page.getByRole('status').filter({ hasText: /rules?$/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Look for' }).fill('snorkel');
  await expect(page.getByText('No rule speaks of that.')).toBeVisible();
});

test('what would flip it, how to fish it, what is wrong with it: a remedy is applied, taken back, and goes on the ticket', async ({
  page,
}, info) => {
  deskOnly(info);
  await goTo(page, 'Pick');
  const first = page.getByTestId('pick-1');
  await first.getByRole('button').first().click();
  await expect(first.getByTestId('flips').getByRole('listitem').first()).toContainText(/from|down to|if/);
  await expect(first.getByTestId('handling')).toContainText('Bring it back');
  const faults = first.getByTestId('faults');
  await expect(faults.getByRole('listitem').first()).toBeVisible();
  const apply = faults.getByRole('button', { name: /^Apply/ }).first();
  const remedy = (await apply.getAttribute('aria-label'))!;
  await apply.press('Enter');
  await expect(faults.getByRole('button', { name: remedy })).toHaveCount(0);
  await faults.getByRole('button', { name: 'Back to the rig as it was picked' }).click();
  await expect(faults.getByRole('button', { name: remedy })).toHaveCount(1);
  await faults.getByRole('button', { name: remedy }).click();
  await first.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  const ticket = page.getByTestId('ticket');
  await expect(ticket.getByTestId('handling')).toContainText('Bring it back');
  await expectAxeClean(page);
});

test('local rules: what is forbidden is not picked, and it is said; they stay with the place', async ({
  page,
}, info) => {
  deskOnly(info);
  await page.getByRole('button', { name: 'Local rules: none entered' }).click();
  await page.getByRole('group', { name: 'Hooks to a line' }).getByRole('button', { name: '0' }).click();
  await page.getByRole('button', { name: /^Shortest that may be kept/ }).click();
  await expectAxeClean(page);
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: 'Local rules: 2 entered' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What to tie on' })).toContainText('local rules');
  await goTo(page, 'Pick');
  await expect(page.getByTestId('not-a-jig')).toContainText('allow no hook on the line');
  await expect(page.getByRole('region', { name: 'Nothing to pick from' })).toContainText('correct “hooks to a line”');
  await page.reload();
  await goTo(page, 'Water');
  await page.getByRole('button', { name: 'Local rules: 2 entered' }).click();
  await page.getByRole('group', { name: 'Hooks to a line' }).getByRole('button', { name: 'not said' }).click();
  await page.getByRole('group', { name: 'Lead' }).getByRole('button', { name: 'forbidden' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await goTo(page, 'Pick');
  await page.getByRole('button', { name: 'Pick from every kind there is' }).click();
  await expect(page.getByTestId('pick-1')).toContainText('tungsten');
});

test('when a jig is not the answer it is said plainly, with what to tie instead', async ({ page }, info) => {
  deskOnly(info);
  const seen = page.getByRole('textbox', { name: /^Visibility/ });
  await seen.fill('60');
  await goTo(page, 'Pick');
  await expect(page.getByTestId('pick-1')).toBeVisible();
  await page.getByRole('button', { name: /^Schools/ }).click();
  await choose(page.getByRole('combobox', { name: 'In clear water' }), 'leave the jig');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByTestId('not-a-jig')).toContainText('weedless worm rig');
});

test('what to buy: single kinds and sizes, by what they add', async ({ page }, info) => {
  deskOnly(info);
  await goTo(page, 'Box');
  const buy = page.getByTestId('buy');
  await buy.getByRole('button', { name: /^Rank every kind/ }).click();
  await expect(buy.getByRole('status')).toContainText(/\+[\d.]+|Nothing: no single part/);
});
