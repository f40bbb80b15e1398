import type { Browser, Page } from '@playwright/test';
import { line } from './line';
import { forgetTasks, longestTask, watchLongTasks } from './long-tasks';

/** Tickets of the backup that is measured, and parts of the list. */
const TICKETS = 20_000;
const PARTS = 20_000;

const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const quiet = (page: Page): Promise<void> => page.waitForTimeout(1500);
/** From a keystroke to its note in the journal, and to the moment the store has it, ms. */
async function keystrokes(page: Page): Promise<void> {
  const took = await page.evaluate(async () => {
    const field = [...document.querySelectorAll<HTMLInputElement>('input')].find(({ ariaLabel, id }) =>
      /Water temperature/.test(ariaLabel ?? document.querySelector(`label[for="${id}"]`)?.textContent ?? ''),
    )!;
    const { setItem, removeItem } = Storage.prototype;
    let noted: () => void = () => undefined;
    let stored: () => void = () => undefined;
    Storage.prototype.setItem = function (key: string, value: string) {
      setItem.call(this, key, value);
      if (key.includes(' water ')) noted();
    };
    Storage.prototype.removeItem = function (key: string) {
      removeItem.call(this, key);
      if (key.includes(' water ')) stored();
    };
    const journal: number[] = [];
    const disk: number[] = [];
    for (let round = 0; round < 15; round++) {
      await new Promise((resolve) => setTimeout(resolve, 250));
      const started = performance.now();
      const done = new Promise<void>((resolve) => {
        noted = () => {
          journal.push(performance.now() - started);
          noted = () => undefined;
        };
        stored = () => {
          disk.push(performance.now() - started);
          resolve();
        };
      });
      field.value = String(60 + (round % 2));
      field.dispatchEvent(new Event('input', { bubbles: true }));
      await done;
    }
    Object.assign(Storage.prototype, { setItem, removeItem });
    return { journal, disk };
  });
  line('keystroke-to-journal', middle(took.journal), 'ms', 5);
  line('keystroke-to-disk', middle(took.disk), 'ms', 50);
}

/** A full backup of many tickets: written in the worker, read back, and only then handed over. */
async function largeBackup(page: Page): Promise<void> {
  await page.evaluate(async (count) => {
    const open = await new Promise<IDBDatabase>((resolve) => {
      const request = indexedDB.open('pandero');
      request.onsuccess = () => resolve(request.result);
    });
    const ask = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((resolve) => (request.onsuccess = () => resolve(request.result)));
    const [ticket] = (await ask(open.transaction('tickets').objectStore('tickets').getAll())) as { id: string }[];
    for (let from = 0; from < count; from += 1000) {
      const change = open.transaction('tickets', 'readwrite');
      for (let at = from; at < from + 1000; at++) {
        const madeAt = new Date(1.7e12 + at * 60_000).toISOString();
        change.objectStore('tickets').put({ ...ticket, id: `t${at}`, madeAt, note: `note ${at}` });
      }
      await new Promise((resolve) => (change.oncomplete = resolve));
    }
    open.close();
  }, TICKETS - 1);
  await page.reload();
  await page.getByTestId('want-fall').waitFor();
  await page.waitForTimeout(5000);
  await forgetTasks(page);
  await page.getByRole('button', { name: 'Files' }).click();
  await page.waitForTimeout(500);
  const started = Date.now();
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: 120_000 }),
    page.getByText('Export everything', { exact: true }).click(),
  ]);
  line('backup-of-20000-tickets', (Date.now() - started) / 1000, 's', 10);
  line('longest-task-backing-up', await longestTask(page), 'ms', 50);
  await download.delete();
}

/** A list of many parts: read, taken in and ranked. The file is made in the page, so that the driver's own work is not counted. */
async function largeBox(page: Page): Promise<void> {
  await page.evaluate(`location.hash = '#/box'`);
  await page.getByRole('button', { name: 'Import a list…' }).click();
  await page.waitForTimeout(800);
  await page.evaluate((count) => {
    const kinds = ['chunk', 'flapper-craw', 'twin-tail-grub', 'creature', 'paddle-tail', 'flat-bug', 'stick-worm'];
    const rows = Array.from(
      { length: count },
      (_, at) => `${kinds[at % 7]},${2.5 + (at % 9) / 4} in,medium,green pumpkin`,
    );
    const file = new File([`kind,length,softness,colour\n${rows.join('\n')}\n`], 'many.csv');
    const files = new DataTransfer();
    files.items.add(file);
    const input = document.querySelector<HTMLInputElement>('.v-overlay input[type=file]')!;
    input.files = files.files;
    Object.assign(window, { choose: () => input.dispatchEvent(new Event('change', { bubbles: true })) });
  }, PARTS);
  await quiet(page);
  await forgetTasks(page);
  await page.evaluate('setTimeout(() => window.choose(), 50)');
  await page.getByTestId('import-preview').waitFor({ timeout: 60_000 });
  await quiet(page);
  line('longest-task-reading-20000-parts', await longestTask(page), 'ms', 50);
  await forgetTasks(page);
  const started = Date.now();
  await page.evaluate(
    `setTimeout(() => [...document.querySelectorAll('.v-overlay button')].find((b) => b.textContent.includes('Take it in')).click(), 50)`,
  );
  await page.getByRole('dialog').waitFor({ state: 'hidden', timeout: 120_000 });
  line('taking-in-20000-parts', Date.now() - started, 'ms');
  await page.waitForTimeout(3000);
  line('longest-task-taking-in-20000-parts', await longestTask(page), 'ms', 50);
}

/** What keeping costs: in a page of its own, since it fills the store. */
export async function measureKeeping(browser: Browser, url: string): Promise<void> {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    acceptDownloads: true,
  });
  const page = await context.newPage();
  // what runs this file names its functions, and knows nothing of pages
  await page.addInitScript('globalThis.__name = (named) => named');
  await watchLongTasks(page);
  await page.goto(`${url}/#/water?world=brindle-mere`);
  await page.getByText('Why, and what else').waitFor();
  await page.waitForTimeout(1500);
  await keystrokes(page);
  await largeBox(page);
  await page.evaluate(`location.hash = '#/pick'`);
  await page.getByTestId('pick-1').getByRole('button').first().click({ timeout: 120_000 });
  await page.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  await page.getByTestId('ticket').waitFor();
  await page.evaluate(`location.hash = '#/water'`);
  await quiet(page);
  await largeBackup(page);
  await context.close();
}
