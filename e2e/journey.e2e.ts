import type { Page } from '@playwright/test';
import { chooseFile, clearEverything, downloadText, expect, goTo, test } from './fixtures';

test('from nothing to a ticket that survives: box, water, pick, ticket, reload, export, clear, import', async ({
  page,
}, info) => {
  test.slow();
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'What to tie on' })).toContainText('Nothing to build from yet');

  // an empty box offers the demo parts
  await goTo(page, 'Box');
  await expect(page.getByRole('heading', { name: 'Your box is empty' })).toBeVisible();
  await page.getByRole('button', { name: 'Fill with the demo parts' }).click();
  await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();

  // the water by keyboard: typed, stepped, and wants follow at once
  await goTo(page, 'Water');
  const temperature = page.getByRole('textbox', { name: /Water temperature/ });
  const fall = page.getByTestId('want-fall');
  await temperature.fill('48');
  await expect(fall).toContainText('48 °F is cold');
  await temperature.press('ArrowUp');
  await expect(temperature).toHaveValue('49');
  await expect(fall).toContainText('49 °F is cold');
  // and by mouse
  await page.getByRole('button', { name: 'More depth' }).click();
  await expect(page.getByRole('textbox', { name: /^Depth/ })).toHaveValue('6.5');
  await page.getByRole('group', { name: 'Mood' }).getByRole('button', { name: 'inactive', exact: true }).click();
  await expect(fall).toContainText('They are not chasing');
  await page.getByRole('group', { name: 'They eat' }).getByRole('button', { name: 'crayfish' }).click();
  await expect(page.getByTestId('want-ratio')).toContainText('They eat crayfish');

  // pick: ranked rows, reasons, dissent
  await goTo(page, 'Pick');
  const first = page.getByTestId('pick-1');
  await expect(first).toBeVisible();
  await expect(page.getByRole('heading', { name: /^[\d,]+ rigs$/ })).toHaveText('4,843 rigs');
  // the answer to the last change, not to one before
  await expect(page.getByRole('status').filter({ hasText: 'compared' })).toBeVisible();
  const title = (await first.getByRole('heading').first().textContent())!;
  await first.getByRole('button').first().press('Enter');
  await expect(first.getByRole('heading', { name: 'For it' })).toBeVisible();
  await expect(first.getByTestId('dissent').first()).toContainText('On weight: the school');

  // ticket
  await first.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  const ticket = page.getByTestId('ticket');
  await expect(ticket.getByRole('heading', { level: 1 })).toHaveText(title);
  await expect(ticket).toContainText('Local rules and your licence come first');
  await expect(ticket).toContainText('Lead: wash your hands');
  await page.getByRole('textbox', { name: 'Your note' }).fill('north side, second gap');
  const written = await ticket.textContent();

  // still there after a reload
  await expect.poll(() => noteInDatabase(page)).toBe('north side, second gap');
  await page.reload();
  await expect(ticket).toContainText('north side, second gap');
  await goTo(page, 'Water');
  await expect(page.getByRole('textbox', { name: /Water temperature/ })).toHaveValue('49');

  // files are the same on the deck
  if (info.project.name !== 'desk') return;

  // export, clear, import: the same
  await page.getByRole('button', { name: 'Files' }).click();
  const backup = await downloadText(page, () => page.getByText('Export everything', { exact: true }).click());
  await clearEverything(page);
  await goTo(page, 'Tickets');
  await expect(page.getByRole('heading', { name: '0 tickets' })).toBeVisible();
  await page.getByRole('button', { name: 'Import…' }).click();
  await chooseFile(page, 'backup.json', backup);
  await expect(page.getByRole('dialog')).toContainText('A full backup of');
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.getByTestId('ticket-row').getByRole('link').click();
  await expect(ticket).toContainText('north side, second gap');
  expect(await ticket.textContent()).toContain(written!.slice(0, 200));
  await goTo(page, 'Box');
  await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
  await page.getByRole('button', { name: 'Files' }).click();
  const again = await downloadText(page, () => page.getByText('Export everything', { exact: true }).click());
  expect(withoutDate(again)).toEqual(withoutDate(backup));
});

const withoutDate = (text: string): unknown => ({ ...(JSON.parse(text) as object), madeAt: '' });

function noteInDatabase(page: Page): Promise<string> {
  return page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const open = indexedDB.open('pandero');
        open.onerror = () => reject(open.error ?? new Error('no database'));
        open.onsuccess = () => {
          const all = open.result.transaction('tickets').objectStore('tickets').getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve((all.result as { note: string }[])[0]?.note ?? '');
          };
        };
      }),
  );
}
