import type { Page } from '@playwright/test';
import { chooseFile, downloadText, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

async function writeTicket(page: Page, rank: number): Promise<void> {
  await goTo(page, 'Pick');
  const row = page.getByTestId(`pick-${rank}`);
  await row.getByRole('button').first().click();
  await row.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  await expect(page.getByTestId('ticket')).toBeVisible();
}

test.beforeEach(({ page }) => openDemoWorld(page));

test('tickets are listed, named, exported one by one and together, thrown away and brought back', async ({ page }) => {
  await writeTicket(page, 1);
  await page.getByRole('textbox', { name: 'Name' }).fill('First light, hedgerow');
  const one = await downloadText(page, () => page.getByRole('button', { name: 'Export', exact: true }).click());
  expect(JSON.parse(one)).toMatchObject({ kind: 'tickets', tickets: [{ name: 'First light, hedgerow' }] });
  await writeTicket(page, 2);
  await goTo(page, 'Tickets');
  await expect(page.getByRole('heading', { name: '2 tickets' })).toBeVisible();
  await expectAxeClean(page);

  // newest first
  await expect(page.getByTestId('ticket-row').nth(1)).toContainText('First light, hedgerow');
  await page.getByRole('button', { name: 'Throw away First light, hedgerow' }).click();
  await expect(page.getByRole('heading', { name: '1 ticket' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: '2 tickets' })).toBeVisible();

  // taken in twice it is still one
  await page.getByRole('button', { name: 'Import…' }).click();
  await chooseFile(page, 'ticket.json', one);
  await expect(page.getByRole('dialog')).toContainText('1 ticket, to be added');
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('heading', { name: '2 tickets' })).toBeVisible();
  const all = await downloadText(page, () => page.getByRole('button', { name: 'Export tickets' }).click());
  expect((JSON.parse(all) as { tickets: unknown[] }).tickets).toHaveLength(2);
});

test('a ticket keeps its numbers when the water changes', async ({ page }) => {
  await writeTicket(page, 1);
  const falls = page.getByTestId('ticket').getByRole('region', { name: 'Numbers' });
  const before = await falls.textContent();
  await goTo(page, 'Water');
  await page.getByRole('textbox', { name: /Water temperature/ }).fill('80');
  await page.getByRole('textbox', { name: /^Depth/ }).fill('12');
  await goTo(page, 'Tickets');
  await page.getByTestId('ticket-row').getByRole('link').click();
  expect(await falls.textContent()).toBe(before);
  await expect(page.getByTestId('ticket')).toContainText('For 57 °F');
});

test('a box goes out as lists and comes back the same', async ({ page }) => {
  await goTo(page, 'Box');
  const out = async (tray: string): Promise<string> => {
    await page.getByRole('button', { name: new RegExp(`^${tray} `, 'i') }).click();
    return downloadText(page, () => page.getByRole('button', { name: `Export ${tray}` }).click());
  };
  const lists: string[] = [];
  for (const tray of ['heads', 'skirts', 'trailers', 'blades', 'hooks', 'lines', 'rods', 'reels']) {
    lists.push(await out(tray));
    const template = await downloadText(page, () => page.getByRole('button', { name: `Template for ${tray}` }).click());
    expect(template.split('\n')[0]).toBe(lists.at(-1)!.split('\n')[0]);
  }
  await page.getByRole('button', { name: 'Empty the box' }).click();
  await expect(page.getByRole('heading', { name: 'Your box is empty' })).toBeVisible();
  for (const text of lists) {
    await page.getByRole('button', { name: 'Import a list…' }).click();
    await chooseFile(page, 'list.csv', text);
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
  await goTo(page, 'Pick');
  await expect(page.getByRole('heading', { name: '6,775 rigs' })).toBeVisible();
});

test('a server that stops costs nothing: the app goes on, keeps and computes', async ({ page, context }) => {
  // the rest of the app is fetched a few seconds after the first view, however long that takes here
  const fetched = (): Promise<number> =>
    page.evaluate(
      (parts) => {
        const names = performance.getEntriesByType('resource').map(({ name }) => name);
        return parts.filter((part) => names.some((name) => name.includes(part))).length;
      },
      ['PickPage', 'TicketsPage', 'TicketPage', 'FileImport', 'files.worker'],
    );
  await expect.poll(fetched, { timeout: 60_000 }).toBe(5);
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
  await context.setOffline(false);
});

test('the newest water wins, however fast it changes', async ({ page }) => {
  const temperature = page.getByRole('textbox', { name: /Water temperature/ });
  for (const typed of ['40', '50', '60', '70', '80', '44']) await temperature.fill(typed);
  await expect(page.getByRole('region', { name: 'What to tie on' })).toContainText('chunk');
  await goTo(page, 'Pick');
  await page.getByTestId('pick-1').getByRole('button').first().click();
  await expect(page.getByTestId('pick-1')).toContainText('44 °F');
  await expect(page.getByTestId('pick-1')).not.toContainText('80 °F');
});
