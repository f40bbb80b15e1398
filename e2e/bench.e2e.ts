import type { Locator, Page } from '@playwright/test';
import { choose, DEMO_STATE, DESK, expect, goTo, layUncut, openDemoWorld, test } from './fixtures';
import { dragBy, steadyMiddle } from './hand';

test.use({ storageState: DEMO_STATE });

/** Lays the first pick that is offered on the bench. */
async function layFirst(page: Page): Promise<void> {
  await openDemoWorld(page);
  await layUncut(page);
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
  const from = await steadyMiddle(page, handle(page, edit).locator('.handle__dot'));
  const scale = await pxPerMm(page);
  await dragBy(page, from, xMm * scale, yMm * scale);
}

test('a full build by mouse: dragged, taken back, kept, compared, printed, written', DESK, async ({ page }) => {
  await layFirst(page);

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

test('a spinner is tuned by mouse', DESK, async ({ page }) => {
  await openDemoWorld(page);
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

test('true size after one calibration', DESK, async ({ page }) => {
  await layFirst(page);
  // once measured against a bank card, 1:1 is
  await page.getByRole('button', { name: 'Is 1:1 true?' }).click();
  const card = page.getByTestId('calibration-card');
  const slider = page.getByRole('slider', { name: 'Width of the card' });
  await slider.focus();
  for (let at = 0; at < 20; at++) await page.keyboard.press('ArrowRight');
  // the card follows the slider a moment later
  const told = async (): Promise<number> => 85.6 * Number(await slider.getAttribute('aria-valuenow'));
  const width = async (): Promise<number> => (await card.boundingBox())!.width;
  await expect.poll(async () => Math.abs((await width()) - (await told()))).toBeLessThan(0.5);
  const wide = await width();
  await page.getByRole('button', { name: 'It fits' }).click();
  await page.getByRole('button', { name: '1:1', exact: true }).click();
  await expect.poll(() => pxPerMm(page), { timeout: 10_000 }).toBeCloseTo(wide / 85.6, 1);
  await page.reload();
  await page.getByRole('button', { name: '1:1', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Calibrated' })).toBeVisible();
  await expect.poll(() => pxPerMm(page), { timeout: 10_000 }).toBeCloseTo(wide / 85.6, 1);
});
