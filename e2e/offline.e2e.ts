import type { Page } from '@playwright/test';
import { chooseFile, DEMO_STATE, DESK, expect, goTo, openDemoWorld, test } from './fixtures';

async function writeTicket(page: Page, rank: number): Promise<void> {
  await goTo(page, 'Pick');
  const row = page.getByTestId(`pick-${rank}`);
  await row.getByRole('button').first().click();
  await row.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  await expect(page.getByTestId('ticket')).toBeVisible();
}

test.use({ storageState: DEMO_STATE, fetchesAhead: true });
/** Addresses of what was fetched, by the page and its workers. */
const fetched = new Set<string>();
test.beforeEach(async ({ page }) => {
  fetched.clear();
  page.on('requestfinished', (request) => fetched.add(request.url()));
  await openDemoWorld(page);
});

test('a server that stops costs nothing: the app goes on, keeps and computes', DESK, async ({ page, context }) => {
  // the rest of the app is fetched a few seconds after the first view, however long that takes here; what workers do too
  const parts = ['PickPage', 'TicketsPage', 'TicketPage', 'FileImport', 'worker-files', 'AsideDialog', 'highs-'];
  await expect.poll(() => parts.filter((part) => ![...fetched].some((name) => name.includes(part)))).toEqual([]);
  await page.waitForLoadState('networkidle');
  await context.setOffline(true);
  await page.getByRole('textbox', { name: /Water temperature/ }).fill('71');
  await expect(page.getByTestId('want-fall')).toContainText('71 °F');
  await writeTicket(page, 1);
  await goTo(page, 'Tickets');
  await expect(page.getByRole('heading', { name: '1 ticket' })).toBeVisible();
  await page.getByRole('button', { name: 'Import…' }).click();
  await chooseFile(page, 'heads.csv', 'style,weight\ncasting,3/8\n');
  await expect(page.getByRole('dialog')).toContainText('1 part, read without a problem');
  await page.keyboard.press('Escape');
  // a day is planned too: the solver is there
  await goTo(page, 'Deck');
  await expect(page.getByTestId('deck-status')).toContainText('of 100', { timeout: 60_000 });
  await context.setOffline(false);
});
