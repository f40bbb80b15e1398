import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Locator, Page } from '@playwright/test';
import { SOUNDER_PORT, TUBE_PORT } from '../playwright.config';
import { DECK, DEMO_STATE, DESK, downloadText, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';
import { killable } from './killable';

test.use({ storageState: DEMO_STATE });

type Row = Record<string, unknown> & { readonly events: { readonly what: string }[]; readonly to: string | null };
const outings = (page: Page): Promise<Row[]> =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const open = indexedDB.open('pandero');
        open.onerror = () => reject(open.error ?? new Error('no database'));
        open.onsuccess = () => {
          const all = open.result.transaction('outings').objectStore('outings').getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve(all.result as Row[]);
          };
        };
      }),
  );
const running = async (page: Page): Promise<Row | undefined> => (await outings(page)).find(({ to }) => to === null);
const part = (page: Page, name: string): Locator =>
  page.getByRole('group', { name: 'Parts of the log' }).getByRole('button', { name });

async function begin(page: Page): Promise<void> {
  await goTo(page, 'Log');
  await part(page, 'On the water').click();
  await page.getByRole('button', { name: 'Tie on, and begin' }).click();
  await expect(page.getByTestId('log-out')).toBeVisible();
}
/** Presses a key of the log and waits until it says that it is on the disk. */
async function press(page: Page, what: 'bite' | 'nip' | 'hooked' | 'landed' | 'lost' | 'snag'): Promise<void> {
  const before = (await running(page))?.events.length ?? 0;
  await page.getByTestId(`key-${what}`).tap();
  await expect.poll(async () => (await running(page))?.events.length).toBe(before + 1);
  await expect(page.getByTestId('stored')).toHaveAttribute('data-is', 'stored');
}

test(
  'one thumb on the water: every key under it, large enough, stored before it says so, taken back; both themes are clean',
  DECK,
  async ({ page }) => {
    test.slow();
    await openDemoWorld(page);
    await begin(page);
    const height = page.viewportSize()!.height;
    for (const what of ['bite', 'nip', 'hooked', 'landed', 'lost', 'snag']) {
      const box = (await page.getByTestId(`key-${what}`).boundingBox())!;
      expect(Math.min(box.width, box.height), what).toBeGreaterThanOrEqual(60);
      // in the lower half of the glass, above the stations, wherever the page is
      expect(box.y, what).toBeGreaterThan(0.5 * height);
      expect(box.y + box.height, what).toBeLessThan(height - 56);
    }
    await press(page, 'bite');
    await press(page, 'nip');
    await page.mouse.wheel(0, 2000);
    await press(page, 'nip');
    await expect(page.getByTestId('short-strikes')).toContainText('short strikes');
    await press(page, 'landed');
    await page.getByRole('button', { name: 'front' }).tap();
    await page.getByRole('button', { name: 'Longer' }).tap();
    await expect
      .poll(async () => (await running(page))!.events.at(-1))
      .toMatchObject({ what: 'landed', hookedBy: 'front', lengthMm: 355.6 });
    await expectAxeClean(page);
    await page.getByRole('button', { name: /^Theme/ }).tap();
    await expectAxeClean(page);
    await page.getByTestId('take-back').tap();
    await expect
      .poll(async () => (await running(page))!.events.map(({ what }) => what))
      .toEqual([
        ...(await running(page))!.events.flatMap(({ what }) => (what === 'tie-on' ? [what] : [])),
        'bite',
        'nip',
        'nip',
      ]);
    // the page is closed and opened anew: one is still out
    await page.reload();
    await expect(page.getByTestId('log-out')).toBeVisible();
    await page.getByRole('button', { name: 'End the outing' }).tap();
    await expect.poll(() => running(page)).toBeUndefined();
  },
);

test('a browser killed right after a key said “stored” has it, every time', DESK, async ({ baseURL }) => {
  test.slow();
  const profile = mkdtempSync(join(tmpdir(), 'pandero-log-'));
  let count = 0;
  for (let round = 0; round < 3; round++) {
    const { context, kill } = await killable(profile);
    const page = await context.newPage();
    if (round === 0) {
      await page.goto(`${baseURL}/#/water?world=brindle-mere`);
      await expect(page.getByRole('link', { name: /^Tie on/ })).toBeVisible();
      await page.goto(`${baseURL}/#/log`);
      await part(page, 'On the water').click();
      await page.getByRole('button', { name: 'Tie on, and begin' }).click();
      await expect(page.getByTestId('log-out')).toBeVisible();
      count = (await running(page))!.events.length;
    } else {
      await page.goto(`${baseURL}/#/log`);
      await expect(page.getByTestId('log-out')).toBeVisible();
      expect((await running(page))!.events).toHaveLength(count);
    }
    await page.getByTestId(round === 1 ? 'key-nip' : 'key-bite').click();
    await expect(page.getByTestId('stored')).toHaveAttribute('data-is', 'stored');
    count++;
    await kill();
  }
  const { context, kill } = await killable(profile);
  const page = await context.newPage();
  await page.goto(`${baseURL}/#/log`);
  await expect(page.getByTestId('log-out')).toBeVisible();
  expect((await running(page))!.events.slice(-3).map(({ what }) => what)).toEqual(['bite', 'nip', 'bite']);
  await kill();
});

test(
  'a store that takes nothing: the key says so, what was noted stays on the page, and is stored once it can be',
  DECK,
  async ({ page }) => {
    await openDemoWorld(page);
    await begin(page);
    await page.evaluate(() => {
      const { put } = IDBObjectStore.prototype;
      Object.assign(window, { put });
      IDBObjectStore.prototype.put = () => {
        throw new DOMException('full', 'QuotaExceededError');
      };
    });
    await page.getByTestId('key-bite').tap();
    await expect(page.getByTestId('stored')).toHaveAttribute('data-is', 'not-stored');
    await expect(page.getByTestId('take-back')).toHaveAttribute('aria-label', /^Take back: Bite/);
    await page.evaluate(() => {
      IDBObjectStore.prototype.put = (window as unknown as { put: IDBObjectStore['put'] }).put;
    });
    await expect.poll(async () => (await running(page))?.events.at(-1)?.what).toBe('bite');
    await expect(page.getByTestId('stored')).toHaveAttribute('data-is', 'stored');
  },
);

test('two tabs note to one outing: both are there', DESK, async ({ page, context }) => {
  await openDemoWorld(page);
  await begin(page);
  const other = await context.newPage();
  await other.goto('/#/log');
  await expect(other.getByTestId('log-out')).toBeVisible();
  const before = (await running(page))!.events.length;
  await page.bringToFront();
  await page.getByTestId('key-bite').click();
  await other.getByTestId('key-snag').click();
  await page.getByTestId('key-nip').click();
  await expect
    .poll(async () =>
      (await running(page))!.events
        .slice(before)
        .map(({ what }) => what)
        .sort(),
    )
    .toEqual(['bite', 'nip', 'snag']);
  await expect(other.getByTestId('take-back')).toHaveAttribute('aria-label', /Nip/);
  await other.close();
});

/** Starts the stand-in sounder; it plays the track of the made-up boat to the server. */
function startSounder(): ChildProcess {
  return spawn('node', ['dist-server/sounder.js', '--port', String(SOUNDER_PORT), '--fast', '4'], { stdio: 'ignore' });
}

test(
  'the sounder by the real port: UDP, server, page; it goes quiet and comes back; its track stays with the outing',
  DESK,
  async ({ page }) => {
    test.slow();
    await page.setViewportSize({ width: 390, height: 844 });
    await openDemoWorld(page);
    await begin(page);
    const sounder = page.getByTestId('sounder');
    await page.getByRole('button', { name: 'Listen to the sounder' }).click();
    await expect(sounder).toContainText('gone quiet');
    let program = startSounder();
    try {
      await expect(sounder).toHaveAttribute('data-link', 'here');
      await expect(sounder).toContainText(/Sounder: [\d.]+ ft · \d+ °F/);
      await page.getByRole('button', { name: 'Use it for the water at hand' }).click();
      await expect(page.locator('.v-snackbar__content')).toContainText('the sounder’s now');
      await expect(page.getByTestId('track-points')).toContainText('point');
      // on another page it is listened to all the same
      await goTo(page, 'Water');
      await goTo(page, 'Log');
      program.kill();
      await expect(sounder).toContainText('gone quiet');
      program = startSounder();
      await expect(sounder).toContainText(/Sounder: [\d.]+ ft/);
      await page.getByRole('button', { name: 'Stop listening' }).click();
      await expect
        .poll(async () => ((await running(page))!['track'] as unknown[] | undefined)?.length ?? 0)
        .toBeGreaterThan(0);
    } finally {
      program.kill();
    }
  },
);

test(
  'the practice tube is another program: its fall is timed with the watch of the log, and taught nothing',
  DESK,
  async ({ page, context }) => {
    test.slow();
    const program = spawn('node', ['dist-server/tube.js', '--port', String(TUBE_PORT)], { stdio: 'ignore' });
    try {
      await openDemoWorld(page);
      await goTo(page, 'Log');
      await part(page, 'Tests').click();
      await page.getByRole('button', { name: 'Time a drop' }).click();
      await expect(page.getByTestId('drop')).toBeVisible();
      const link = page.getByTestId('tube');
      const tube = await context.newPage();
      await expect(async () => {
        await tube.goto((await link.getAttribute('href'))!);
      }).toPass();
      await expect(tube.getByLabel('Rig')).toContainText('the rig of the test');
      await tube.getByRole('button', { name: /let go/ }).click();
      const watch = page.getByTestId('watch');
      await expect(tube.getByRole('status')).toHaveText('Gone');
      await watch.dispatchEvent('pointerdown');
      await expect(tube.getByRole('status')).toContainText('It touched.');
      await watch.dispatchEvent('pointerdown');
      const really = Number(/took ([\d.]+) s/.exec((await tube.getByRole('status').textContent())!)![1]);
      const timed = Number(/([\d.]+) s/.exec((await page.getByTestId('readings').textContent())!)![1]);
      expect(Math.abs(timed - really)).toBeLessThan(1.5);
      await page.getByLabel(/In the practice tube/).check();
      await page.getByRole('button', { name: 'Keep the test' }).click();
      await expect(page.getByTestId('test')).toContainText('practice, teaches nothing');
      await expect(page.getByTestId('test-bands')).toContainText('measured');
      await tube.close();
    } finally {
      program.kill();
    }
  },
);

test(
  'at home: every part of the log is clean in both themes, pictures are drawn and saved, the log goes out and comes in',
  DESK,
  async ({ page }) => {
    test.slow();
    await openDemoWorld(page);
    await goTo(page, 'Log');
    await expect(page.getByTestId('log-rates')).toBeVisible();
    await expect(page.locator('.bands-chart canvas')).toBeVisible();
    for (let theme = 0; theme < 2; theme++) {
      for (const name of ['What it says', 'Outings', 'Tests', 'On the water']) {
        await part(page, name).click();
        await expect(page.getByTestId(/^(log-says|log-list|log-tests)$/).or(page.locator('.begin'))).toBeVisible();
        await expectAxeClean(page);
      }
      await page.getByRole('button', { name: /^Theme/ }).click();
    }
    await part(page, 'What it says').click();
    const [picture] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the picture' }).click(),
    ]);
    expect(picture.suggestedFilename()).toBe('pandero-log-rates.png');
    await page.getByRole('button', { name: 'Temperature over sight' }).click();
    await expect(page.locator('.cells-chart canvas')).toBeVisible();
    await part(page, 'Outings').click();
    const csv = await downloadText(page, () => page.getByRole('button', { name: 'Save as a table' }).click());
    expect(csv.split('\r\n').length).toBeGreaterThan(600);
    await page.getByTestId('outing').first().click();
    await expect(page.getByTestId('outing-page')).toBeVisible();
    await expectAxeClean(page);
  },
);

test(
  'whoever is out sees it on every page, comes back to the keys, and ties on any rig of the box in two taps',
  DECK,
  async ({ page, context }) => {
    test.slow();
    await openDemoWorld(page);
    await begin(page);
    await goTo(page, 'Water');
    const mark = page.getByTestId('out-since');
    await expect(mark).toHaveText(/\d\d:\d\d/);
    // another page of the same store knows, and opens where the keys are; a page that was asked for is that page
    const other = await context.newPage();
    await other.goto('/');
    await expect(other.getByTestId('log-out')).toBeVisible();
    await other.goto('/#/box');
    await expect(other.getByTestId('out-since')).toBeVisible();
    await expect(other).toHaveURL(/#\/box/);
    await other.close();

    await goTo(page, 'Log');
    await page.getByRole('button', { name: 'One rod more' }).tap();
    const list = page.getByTestId('box-rig');
    await list.getByRole('button').nth(1).tap();
    await list.getByRole('button').nth(2).tap();
    await expect
      .poll(async () => (await running(page))!.events.at(-1))
      .toMatchObject({ what: 'tie-on', rig: { trailer: {} } });
    // re-tie names each rig once
    await page.getByRole('button', { name: 'Re-tie', exact: true }).tap();
    const offered = await page
      .getByRole('dialog')
      .locator('option')
      .evaluateAll((options) => options.map(({ textContent }) => (textContent ?? '').replace(/^.*?: /, '')));
    expect(offered.length).toBeGreaterThan(0);
    expect(new Set(offered).size).toBe(offered.length);
    await page.getByRole('button', { name: 'Never mind' }).tap();

    // a fish: its form stands above the keys and is not covered by them; a length can be typed
    await press(page, 'nip');
    await press(page, 'nip');
    await press(page, 'landed');
    const length = page.getByTestId('fish-length');
    await length.scrollIntoViewIfNeeded();
    const [field, key] = [(await length.boundingBox())!, (await page.getByTestId('key-bite').boundingBox())!];
    expect(field.y + field.height).toBeLessThanOrEqual(key.y);
    await length.tap();
    await length.fill('17 1/2');
    await length.press('Enter');
    await expect.poll(async () => (await running(page))!.events.at(-1)).toMatchObject({ lengthMm: 444.5 });
    await length.fill('900');
    await length.press('Enter');
    await expect(page.getByRole('alert')).toContainText('A length from');
    expect((await running(page))!.events.at(-1)).toMatchObject({ lengthMm: 444.5 });
    await page.getByRole('button', { name: 'End the outing' }).tap();
    await expect(mark).toBeHidden();
  },
);
