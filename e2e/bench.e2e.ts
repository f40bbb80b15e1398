import type { Locator, Page } from '@playwright/test';
import { startBuild, type Rig } from '../core';
import { jig } from '../core/testing/fixtures/rigs';
import { choose, deskOnly, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

/** Lays the first pick that is offered on the bench. */
async function layFirst(page: Page): Promise<void> {
  await openDemoWorld(page);
  await goTo(page, 'Bench');
  await page.getByRole('button', { name: 'Lay it on the bench' }).first().click();
  // drawing, parts, numbers and cut list come in one after the other
  await expect(page.getByTestId('open-steps')).toBeVisible();
}
/** Puts a build where the browser keeps them, as if it had been laid on the bench before, and opens it. */
async function layBuild(page: Page, rig: Rig): Promise<void> {
  const build = startBuild(rig, { id: 'laid', name: 'laid', at: '2026-09-26T06:30:00.000Z' });
  await page.evaluate(
    (row) =>
      new Promise<void>((resolve, reject) => {
        const asked = indexedDB.open('pandero');
        asked.onerror = () => reject(new Error('the database does not open'));
        asked.onsuccess = () => {
          const writing = asked.result.transaction(['builds', 'settings'], 'readwrite');
          writing.objectStore('builds').put(row);
          writing.objectStore('settings').put({ key: 'on-bench', value: row.id });
          writing.oncomplete = () => {
            asked.result.close();
            resolve();
          };
        };
      }),
    build,
  );
  await goTo(page, 'Bench');
  await expect(page.getByTestId('bench')).toBeVisible();
}
const handle = (page: Page, edit: string): Locator => page.getByTestId(`handle-${edit}`);
const field = (page: Page, edit: string): Locator => page.getByTestId(`edit-${edit}`).locator('input');
const chosen = (page: Page, edit: string): Locator =>
  page.getByTestId(`edit-${edit}`).locator('button[aria-pressed=true]');
const openPart = (page: Page, part: string): Promise<void> => page.getByTestId(`part-${part}`).click();
const said = (page: Page): Locator => page.getByTestId('bench-says');

/** Millimetres of the sheet in pixels of the screen. */
const pxPerMm = (page: Page): Promise<number> =>
  page
    .locator('.sheet__svg')
    .evaluate((svg: SVGSVGElement) => svg.getBoundingClientRect().width / svg.viewBox.baseVal.width);

/** Drags a handle by so many millimetres of its drawing. */
async function drag(page: Page, edit: string, xMm: number, yMm: number): Promise<void> {
  const scale = await pxPerMm(page);
  const box = (await handle(page, edit).locator('.handle__dot').boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + (xMm * scale) / 2, y + (yMm * scale) / 2, { steps: 3 });
  await page.mouse.move(x + xMm * scale, y + yMm * scale, { steps: 3 });
  await page.mouse.up();
}

test('a full build by mouse: dragged, taken back, kept, compared, printed, written', async ({ page }, info) => {
  deskOnly(info);
  await layFirst(page);
  await expect(page.getByTestId('part-trailer')).toContainText('Kicking bug');

  // a cut at the nose catches on the fourth rib
  await drag(page, 'nose', 12.6, 0);
  await expect(handle(page, 'nose')).toHaveAttribute('aria-valuetext', /4 ribs/);
  await expect(field(page, 'nose')).toHaveValue('0.48');
  await expect(said(page)).toContainText('Off the nose');
  await drag(page, 'tail', -8, 0);
  await expect(handle(page, 'tail')).toHaveAttribute('aria-valuenow', /^(7\.|8\.?)/);
  await drag(page, 'legs', -6, 0);
  await expect(field(page, 'legs')).toHaveValue('1');
  // turned on the dial, from its edge to flat and over
  await drag(page, 'turn', 27, 27);
  await expect(chosen(page, 'turn')).toHaveText('flat');
  await drag(page, 'turn', -54, 0);
  await expect(chosen(page, 'turn')).toHaveText('upside down');
  await drag(page, 'push', -4, 0);
  await expect(handle(page, 'push')).toHaveAttribute('aria-valuenow', /^(3\.[89]|4)/);
  await drag(page, 'skirt-length', -14, 0);
  await expect(page.getByTestId('fields-skirt')).toBeVisible();
  await expect(handle(page, 'skirt-length')).toHaveAttribute('aria-valuenow', /^4[01]/);
  await drag(page, 'thin', 0, 4);
  await expect(field(page, 'thin')).toHaveValue('10');
  await drag(page, 'guard-length', -1.4, 1.6);
  await expect(handle(page, 'guard-length')).toHaveAttribute('aria-valuenow', /^2[56]/);
  await drag(page, 'guard-spread', 9, 1);
  await expect(chosen(page, 'guard-spread')).toHaveText('fanned');
  await drag(page, 'guard-bevel', 9, 9);
  await expect(chosen(page, 'guard-bevel')).toHaveText('on a slant');

  // a bright core: fields stand beside every handle
  await openPart(page, 'core');
  await field(page, 'core').fill('0.4');
  await expect(page.getByTestId('part-core')).toContainText('0.40 in, chartreuse');
  await openPart(page, 'trailer');
  await expect(field(page, 'nose')).toHaveValue(/0\.88|7\/8/);

  const undo = page.getByRole('button', { name: 'Undo' });
  await undo.click();
  await expect(page.getByTestId('part-core')).toContainText('None');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByTestId('part-core')).toContainText('0.40 in');

  // a version is kept, one thing is changed, and the two are compared
  await page.getByRole('button', { name: 'Keep version…' }).click();
  await page.getByLabel('Name of this version').fill('with a core');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Keep version 2…' })).toBeVisible();
  await field(page, 'tail').fill('0');
  await page.getByRole('button', { name: 'Compare' }).click();
  const compare = page.getByTestId('compare');
  await expect(compare.getByRole('region', { name: 'Changes' }).getByRole('listitem')).toHaveCount(1);
  await expect(compare.getByRole('row', { name: /^Weighs/ })).toContainText('+');
  await compare.getByRole('button', { name: 'Close' }).click();
  await expect(compare).toBeHidden();

  // the cut list follows, step by step with its cautions
  const list = page.getByRole('region', { name: 'Cut list' });
  await expect(list.getByRole('listitem').first()).toContainText('Cut 0.40 in of chartreuse stick worm');
  await page.getByTestId('open-steps').click();
  const steps = page.getByTestId('steps');
  await expect(steps.getByTestId('step-title')).toHaveText('Core');
  await expect(steps.getByRole('list', { name: 'Mind' })).toContainText('Cut on a board');
  while (await steps.getByRole('button', { name: 'Next' }).isVisible())
    await steps.getByRole('button', { name: 'Next' }).click();
  await steps.getByRole('button', { name: 'Done' }).click();
  await expect(steps).toBeHidden();

  // the card comes out as PDF that printers must not scale
  await page.getByRole('button', { name: 'Cut card' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as PDF' }).click(),
  ]);
  const chunks: Buffer[] = [];
  for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
  const pdf = Buffer.concat(chunks).toString('latin1');
  expect(pdf.slice(0, 5)).toBe('%PDF-');
  expect(pdf).toContain('/PrintScaling /None');
  await page.getByRole('button', { name: 'Close', exact: true }).click();

  // nothing is lost when the tab goes, and the ticket carries the cuts
  await page.reload();
  await expect(page.getByTestId('part-core')).toContainText('0.40 in');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await page.getByRole('button', { name: 'Ticket', exact: true }).click();
  await expect(page.getByTestId('ticket').getByRole('region', { name: 'Cut list' })).toContainText('Fan');
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByTestId('part-core')).toContainText('0.40 in');
});

test('a full build by keyboard alone', async ({ page }, info) => {
  deskOnly(info);
  await openDemoWorld(page);
  await page.keyboard.press('3');
  const lay = page.getByRole('button', { name: 'Lay it on the bench' }).first();
  await lay.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('bench')).toBeVisible();
  await expect(page.getByTestId('part-head')).toContainText('1/2 oz');
  await page.keyboard.press('[');
  await expect(page.getByTestId('part-head')).toContainText('7/16 oz');
  await page.keyboard.press(']');
  await expect(page.getByTestId('part-head')).toContainText('1/2 oz');
  await page.keyboard.press('o');
  await expect(chosen(page, 'turn')).toHaveText('upside down');

  // x goes from cut to cut; arrows cut, Home leaves whole, End goes as far as it may
  const seen = new Set<string>();
  for (let at = 0; at < 17; at++) {
    await page.keyboard.press('x');
    seen.add((await page.evaluate(() => document.activeElement?.getAttribute('data-testid'))) ?? '');
  }
  for (const edit of [
    'guard-length',
    'guard-spread',
    'skirt-length',
    'thin',
    'nose',
    'tail',
    'legs',
    'turn',
    'hang',
    'second-hook',
  ]) {
    expect(seen).toContain(`handle-${edit}`);
  }
  await handle(page, 'nose').focus();
  for (let rib = 0; rib < 4; rib++) await page.keyboard.press('ArrowRight');
  await expect(handle(page, 'nose')).toHaveAttribute('aria-valuetext', /4 ribs/);
  await page.keyboard.press('End');
  await expect(handle(page, 'nose')).toHaveAttribute(
    'aria-valuenow',
    (await handle(page, 'nose').getAttribute('aria-valuemax'))!,
  );
  await page.keyboard.press('Home');
  await expect(handle(page, 'nose')).toHaveAttribute('aria-valuenow', '0');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(handle(page, 'nose')).toHaveAttribute('aria-valuetext', /4 ribs/);
  await page.keyboard.press('Control+y');
  await page.keyboard.press('Control+z');
  await handle(page, 'guard-spread').focus();
  await page.keyboard.press('ArrowRight');
  await expect(chosen(page, 'guard-spread')).toHaveText('fanned');
  await handle(page, 'second-hook').focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByTestId('part-second-hook')).toContainText('Point up');

  // the same in a field: typed, and stepped with the arrows
  await page.getByTestId('part-skirt').focus();
  await page.keyboard.press('Enter');
  await field(page, 'skirt-length').focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByTestId('part-skirt')).toContainText('2 1/8 in after trim');

  await page.keyboard.press('Escape');
  await page.getByTestId('open-steps').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('steps')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('steps')).toContainText('2 of');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('steps')).toBeHidden();
  await page.getByTestId('handle-nose').focus();
  await page.keyboard.press('c');
  await expect(page.getByTestId('compare')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('compare')).toBeHidden();
  await page.getByTestId('handle-nose').focus();
  await page.keyboard.press('p');
  await expect(page.getByTestId('ticket')).toBeVisible();
});

test('a turn that does nothing on a round body is said, not refused; a spinner is tuned', async ({ page }, info) => {
  deskOnly(info);
  await openDemoWorld(page);
  await layBuild(page, jig({ trailer: 'stick-worm', lengthIn: 4.75 }));
  await expect(page.getByTestId('part-trailer')).toContainText('Stick worm');
  await page.getByTestId('edit-turn').getByRole('button', { name: 'on edge' }).click();
  await expect(said(page)).toContainText('does nothing here');
  await expect(page.getByTestId('fault-mark-edge-on-round-body')).toBeVisible();
  await page.getByTestId('bench-fault-edge-on-round-body').getByRole('button', { name: 'Mend it' }).click();
  await expect(chosen(page, 'turn')).toHaveText('flat');

  await goTo(page, 'Pick');
  const among = page.getByRole('group', { name: 'Among' });
  await among.getByRole('button', { name: 'jigs', exact: true }).click();
  await among.getByRole('button', { name: 'vibrating' }).click();
  await expect(page.getByTestId('pick-1')).toContainText('spinnerbait');
  await page.getByTestId('pick-1').getByRole('button').first().click();
  await page.getByRole('button', { name: 'Cut and hang it on the bench' }).click();
  await expect(page.getByTestId('bench')).toBeVisible();
  await drag(page, 'arm-twist', 6, 1);
  const tuning = page.getByTestId('tuning');
  await expect(tuning).toContainText(/to the left by/);
  await expect(page.getByTestId('bench-fault-arm-out-of-line')).toBeVisible();
  await openPart(page, 'arms');
  await page.getByTestId('edit-squeeze').getByRole('button', { name: 'pressed' }).click();
  await drag(page, 'arm-length', -8, 5);
  await expect(page.getByTestId('part-arms')).toContainText('pressed');
  await expect(page.getByRole('region', { name: 'Cut list' })).toContainText('Nip the upper arm');
  await openPart(page, 'blades');
  const front = page.getByRole('combobox', { name: 'Front blade' });
  const large = await front
    .locator('option', { hasText: /^Colorado 5, in the box/ })
    .first()
    .textContent();
  await choose(front, large ?? '');
  await expect(page.getByTestId('part-blades')).toContainText('Colorado 5');
});

test('cuts that cannot be made are refused with their reason; true size after one calibration; the scale counts', async ({
  page,
}, info) => {
  deskOnly(info);
  await layFirst(page);
  const refuses = async (edit: string, typed: string, why: RegExp): Promise<void> => {
    await field(page, edit).fill(typed);
    await expect(page.getByTestId(`edit-${edit}`)).toContainText(why);
    await field(page, edit).fill('0');
  };
  await refuses('nose', '3.4', /past the bend/);
  await refuses('nose', '-1', /Less than nothing/);
  await refuses('tail', 'abc', /Not a number/);
  await refuses('legs', '9', /It has 2/);
  await openPart(page, 'skirt');
  await refuses('thin', '-4', /Less than nothing/);
  await refuses('thin', '4.5', /Whole pieces only/);
  await refuses('thin', '49', /no skirt/);
  await field(page, 'skirt-length').fill('0.2');
  await expect(page.getByTestId('edit-skirt-length')).toContainText(/nothing to hold/);
  await field(page, 'skirt-length').fill('9');
  await expect(page.getByTestId('edit-skirt-length')).toContainText(/take off, they do not put on/);
  await openPart(page, 'core');
  await refuses('core', '3', /no shank/);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();

  // once measured against a bank card, 1:1 is
  await page.getByRole('button', { name: 'Is 1:1 true?' }).click();
  const card = page.getByTestId('calibration-card');
  const slider = page.getByRole('slider', { name: 'Width of the card' });
  await slider.focus();
  for (let at = 0; at < 20; at++) await page.keyboard.press('ArrowRight');
  const wide = (await card.boundingBox())!.width;
  await page.getByRole('button', { name: 'It fits' }).click();
  await page.getByRole('button', { name: '1:1', exact: true }).click();
  await expect.poll(() => pxPerMm(page), { timeout: 10_000 }).toBeCloseTo(wide / 85.6, 1);
  await page.reload();
  await page.getByRole('button', { name: '1:1', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Calibrated' })).toBeVisible();
  await expect.poll(() => pxPerMm(page), { timeout: 10_000 }).toBeCloseTo(wide / 85.6, 1);

  await openPart(page, 'guard');
  await page.getByRole('button', { name: 'Press it on the scale…' }).click();
  await expect(page.getByText('Steady.')).toBeVisible();
  await page.getByRole('button', { name: /^Keep/ }).last().click();
  await expect(page.getByTestId('fields-guard')).toContainText(/Measured: 0\.02 lbf \(the model says 0\.\d+ lbf\)/);
  await expect(page.getByTestId('readout-guard')).toContainText('0.02');
  await openPart(page, 'trailer');
  await page.getByRole('button', { name: 'Weigh it…' }).click();
  await expect(page.getByText('Steady.')).toBeVisible();
  await page.getByRole('button', { name: /^Keep/ }).last().click();
  await expect(page.getByTestId('fields-trailer')).toContainText('Weighed whole: 0.33 oz');
});

test('the bench is clean for axe, in both themes and on the deck', async ({ page }, info) => {
  await layFirst(page);
  await page.mouse.move(4, 4);
  await expectAxeClean(page);
  if (info.project.name === 'desk') {
    await page.getByRole('button', { name: /^Theme/ }).click();
    await expectAxeClean(page);
    return;
  }
  // on the deck: one column, a step at a time, everything as large as a thumb
  await page.getByTestId('open-steps').click();
  await expectAxeClean(page);
  for (const button of await page.getByTestId('steps').getByRole('button').all()) {
    expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(48);
  }
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByTestId('steps')).toContainText('2 of');
});
