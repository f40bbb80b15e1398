import type { Page } from '@playwright/test';
import { chooseFile, DEMO_STATE, DESK, expect, goTo, openDemoWorld, test } from './fixtures';

async function writeTicket(page: Page, rank: number): Promise<void> {
  await goTo(page, 'Pick');
  const row = page.getByTestId(`pick-${rank}`);
  await row.getByRole('button').first().click();
  await row.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  await expect(page.getByTestId('ticket')).toBeVisible();
}

test.use({ storageState: DEMO_STATE });
test.beforeEach(async ({ page }) => {
  // a browser notes 250 files and no more, unless it is told to
  await page.addInitScript(() => performance.setResourceTimingBufferSize(2000));
  await openDemoWorld(page);
});

test('a server that stops costs nothing: the app goes on, keeps and computes', DESK, async ({ page, context }) => {
  // the rest of the app is fetched a few seconds after the first view, however long that takes here
  const fetched = (): Promise<number> =>
    page.evaluate(
      (parts) => {
        const names = performance.getEntriesByType('resource').map(({ name }) => name);
        return parts.filter((part) => names.some((name) => name.includes(part))).length;
      },
      ['PickPage', 'TicketsPage', 'TicketPage', 'FileImport', 'files.worker', 'AsideDialog', 'highs-'],
    );
  await expect.poll(fetched, { timeout: 60_000 }).toBe(7);
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
