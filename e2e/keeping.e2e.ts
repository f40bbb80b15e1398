import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { clearEverything, DEMO_STATE, DESK, downloadText, expect, goTo, openDemoWorld, test } from './fixtures';
import { killable } from './killable';

/** All rows of a table, as the browser holds them. */
const rowsOf = (page: Page, table: string): Promise<Record<string, unknown>[]> =>
  page.evaluate(
    (name) =>
      new Promise((resolve, reject) => {
        const open = indexedDB.open('pandero');
        open.onerror = () => reject(open.error ?? new Error('no database'));
        open.onsuccess = () => {
          const all = open.result.transaction(name).objectStore(name).getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve(all.result as Record<string, unknown>[]);
          };
        };
      }),
    table,
  );
const temperature = (page: Page) => page.getByRole('textbox', { name: /Water temperature/ });
const notice = (page: Page) => page.locator('.v-snackbar__content');

async function writeTicket(page: Page): Promise<void> {
  await goTo(page, 'Pick');
  await page.getByTestId('pick-1').getByRole('button').first().click();
  await page.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  await expect(page.getByTestId('ticket')).toBeVisible();
}

// what is stored and sent is the same on any screen
test.use({ storageState: DEMO_STATE });

test(
  'two tabs: each field is as the one who changed it left it, live in both; the same field is said',
  DESK,
  async ({ page, context }) => {
    test.slow();
    await openDemoWorld(page);
    const other = await context.newPage();
    await other.goto('/#/water');
    await expect(temperature(other)).toHaveValue(await temperature(page).inputValue());
    await temperature(page).fill('66');
    await expect(temperature(other)).toHaveValue('66');
    await expect(notice(other)).toContainText('changed in the other tab');
    await other.getByRole('textbox', { name: /^Depth/ }).fill('9');
    await expect(page.getByRole('textbox', { name: /^Depth/ })).toHaveValue('9');
    await expect(temperature(page)).toHaveValue('66');
    // at the very same moment
    await Promise.all([
      page.evaluate(() => document.querySelector<HTMLElement>('[aria-label="More water temperature"]')!.click()),
      other.evaluate(() => document.querySelector<HTMLElement>('[aria-label="More depth"]')!.click()),
    ]);
    for (const one of [page, other]) {
      await expect(temperature(one)).toHaveValue('67');
      await expect(one.getByRole('textbox', { name: /^Depth/ })).not.toHaveValue('9');
    }
    const [water] = (await rowsOf(page, 'waters')).filter(({ place }) => place !== '');
    expect((water!['value'] as { temperatureC: number }).temperatureC).toBeCloseTo(19.44, 1);
    await other.close();
  },
);

test('what one tab clears does not come back from another', DESK, async ({ page, context }) => {
  await openDemoWorld(page);
  const other = await context.newPage();
  await other.goto('/#/water');
  await expect(other.getByText('Brindle Mere').first()).toBeVisible();
  await clearEverything(page);
  await expect(notice(page)).toContainText('are cleared');
  await expect(other.getByText('Brindle Mere')).toHaveCount(0);
  await temperature(other).fill('70');
  await expect.poll(async () => (await rowsOf(page, 'waters')).map(({ place }) => place)).toEqual(['']);
  // and comes back whole for who asked it to
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Brindle Mere').first()).toBeVisible();
  await goTo(page, 'Box');
  await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
  await other.close();
});

test(
  'words typed just before a tab closes are there when the next one opens; a double click writes one ticket',
  DESK,
  async ({ page, context }) => {
    test.slow();
    await openDemoWorld(page);
    await goTo(page, 'Pick');
    await page.getByTestId('pick-1').getByRole('button').first().click();
    await page.getByRole('button', { name: 'Write the ticket for this rig' }).dblclick();
    await expect(page.getByTestId('ticket')).toBeVisible();
    await expect.poll(async () => (await rowsOf(page, 'tickets')).length).toBe(1);
    const address = page.url();
    for (let round = 0; round < 6; round++) {
      const tab = await context.newPage();
      await tab.goto(address);
      const note = tab.getByRole('textbox', { name: 'Your note' });
      await expect(note).toBeVisible();
      await note.fill(`gap ${round}, by the weir`);
      await tab.close({ runBeforeUnload: false });
      await expect
        .poll(async () => (await rowsOf(page, 'tickets')).map((row) => row['note']), { timeout: 1000 })
        .toBeDefined();
      const next = await context.newPage();
      await next.goto(address);
      await expect(next.getByRole('textbox', { name: 'Your note' })).toHaveValue(`gap ${round}, by the weir`);
      await next.close();
    }
    expect(await rowsOf(page, 'tickets')).toHaveLength(1);
  },
);

test(
  'a store of a newer version, one that another tab holds, one that is deleted: each is said, and no page is blank',
  DESK,
  async ({ page, context }) => {
    test.slow();
    await openDemoWorld(page);
    // deleted while it is open
    await page.evaluate(() => new Promise((resolve) => (indexedDB.deleteDatabase('pandero').onsuccess = resolve)));
    await expect(page.getByRole('alert', { name: 'Problems' })).toContainText('was deleted while this page was open');
    await temperature(page).fill('61');
    await expect(page.getByTestId('want-fall')).toContainText('61 °F');
    await page.getByRole('button', { name: 'Files' }).click();
    const text = await downloadText(page, () => page.getByText('Export everything', { exact: true }).click());
    expect((JSON.parse(text) as { box: { heads: unknown[] } }).box.heads.length).toBe(20);
    // written by a newer version
    await page.goto('about:blank');
    const bare = await context.newPage();
    await bare.goto('/manifest.webmanifest');
    await bare.evaluate(
      () =>
        new Promise<void>((resolve) => {
          const open = indexedDB.open('pandero', 900);
          open.onsuccess = () => {
            open.result.close();
            resolve();
          };
        }),
    );
    await page.goto('/#/water');
    await expect(page.getByRole('alert', { name: 'Problems' })).toContainText('written by a newer version of Pandero');
    await expect(page.getByRole('heading', { name: 'What this water asks for' })).toBeVisible();
    // held by another tab in an older state; whoever clears a browser's data clears all of it
    await bare.evaluate(() => localStorage.clear());
    await bare.evaluate(() => new Promise((resolve) => (indexedDB.deleteDatabase('pandero').onsuccess = resolve)));
    await bare.evaluate(
      () =>
        new Promise<void>((resolve) => {
          const open = indexedDB.open('pandero', 10);
          open.onupgradeneeded = () => {
            const { result } = open;
            for (const [name, key] of [
              ['settings', 'key'],
              ['waters', 'key'],
              ['parts', 'id'],
              ['tickets', 'id'],
            ] as const) {
              const table = result.createObjectStore(name, { keyPath: key });
              if (name === 'parts') ['tray', 'at'].forEach((index) => table.createIndex(index, index));
              if (name === 'tickets') table.createIndex('madeAt', 'madeAt');
            }
          };
          open.onsuccess = () => {
            Object.assign(window, { held: open.result });
            resolve();
          };
        }),
    );
    await page.goto('about:blank');
    await page.goto('/#/water');
    await expect(page.getByRole('alert', { name: 'Problems' })).toContainText('Another tab holds an older state');
    await temperature(page).fill('63');
    await expect(page.getByTestId('want-fall')).toContainText('63 °F');
    await bare.evaluate(() => (window as unknown as { held: IDBDatabase }).held.close());
    await expect(page.getByRole('alert', { name: 'Problems' })).toHaveCount(0);
    await page.reload();
    await expect(temperature(page)).toHaveValue('63');
    await bare.close();
  },
);

test(
  'a browser killed in the middle of the work costs nothing that was stored: each kind of edit',
  DESK,
  async ({ baseURL }) => {
    test.slow();
    const profile = mkdtempSync(join(tmpdir(), 'pandero-killed-'));
    const edits: { readonly what: string; act(page: Page): Promise<void>; see(page: Page): Promise<void> }[] = [
      {
        what: 'a water',
        act: async (page) => {
          await page.goto(`${baseURL}/#/water?world=brindle-mere`);
          await expect(page.getByRole('link', { name: /^Tie on/ })).toBeVisible();
          await temperature(page).fill('64');
        },
        see: async (page) => {
          await page.goto(`${baseURL}/#/water`);
          await expect(temperature(page)).toHaveValue('64');
        },
      },
      {
        what: 'a part',
        act: async (page) => {
          await page.goto(`${baseURL}/#/box`);
          await page
            .getByTestId('box-list')
            .getByRole('button', { name: /open its sheet/ })
            .first()
            .click();
          await page.getByRole('button', { name: 'rusty' }).click();
        },
        see: async (page) => {
          await page.goto(`${baseURL}/#/box`);
          await expect(page.getByTestId('box-list')).toContainText('rusty');
        },
      },
      {
        what: 'a ticket and its note',
        act: async (page) => {
          await page.goto(`${baseURL}/#/pick`);
          await writeTicket(page);
          await page.getByRole('textbox', { name: 'Your note' }).fill('north side, second gap');
        },
        see: async (page) => {
          await page.goto(`${baseURL}/#/tickets`);
          await page.getByTestId('ticket-row').getByRole('link').click();
          await expect(page.getByRole('textbox', { name: 'Your note' })).toHaveValue('north side, second gap');
        },
      },
      {
        what: 'a build',
        act: async (page) => {
          await page.getByRole('button', { name: 'To the bench' }).click();
          await page.getByTestId('handle-nose').focus();
          await page.keyboard.press('ArrowRight');
          await page.keyboard.press('ArrowRight');
        },
        see: async (page) => {
          await page.goto(`${baseURL}/#/bench`);
          await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled();
        },
      },
      {
        what: 'a setting',
        act: (page) => page.getByRole('button', { name: /^Units: US/ }).click(),
        see: async (page) => {
          await page.goto(`${baseURL}/#/water`);
          await expect(page.getByRole('button', { name: /^Units: metric/ })).toBeVisible();
        },
      },
    ];
    let before: (typeof edits)[number] | null = null;
    for (const edit of edits) {
      await test.step(edit.what, async () => {
        const { context, kill } = await killable(profile);
        const page = await context.newPage();
        if (before) await before.see(page);
        await edit.act(page);
        // as soon as nothing waits any more it is on the disk
        await expect
          .poll(() =>
            page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('pandero-note')).length),
          )
          .toBe(0);
        await kill();
        before = edit;
      });
    }
    const { context, kill } = await killable(profile);
    await before!.see(await context.newPage());
    await kill();
  },
);
