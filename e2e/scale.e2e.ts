import { connect } from 'node:net';
import type { Locator, Page } from '@playwright/test';
import { SCALE_PORT } from '../playwright.config';
import { DEMO_STATE, DESK, expect, layUncut, openDemoWorld, test } from './fixtures';

/** One stand-in serves all tests: what is done to it is done by one test at a time. */
test.use({ storageState: DEMO_STATE });
test.describe.configure({ mode: 'serial' });

/** Presses keys of the scale that runs. */
function press(...keys: readonly string[]): Promise<void> {
  return new Promise((resolve, reject) => {
    const socket = connect(SCALE_PORT, '127.0.0.1', () => socket.write(`${keys.join('\n')}\n`));
    let heard = '';
    socket.on('data', (data) => {
      heard += data.toString();
      if (heard.split('\n').filter((line) => line.startsWith('# ok')).length < keys.length) return;
      socket.destroy();
      resolve();
    });
    socket.on('error', reject);
  });
}

/** Both sizes of screen are tried here, one after the other, since they share the one scale. */
const SIZES = { desk: { width: 1280, height: 800 }, deck: { width: 390, height: 844 } } as const;

async function openScale(page: Page, size: keyof typeof SIZES): Promise<Locator> {
  await press('unit g', 'noise 0.04', 'put 9.4');
  await page.setViewportSize(SIZES[size]);
  await openDemoWorld(page);
  await page.keyboard.press('7');
  await page.getByRole('button', { name: /^Trailers/ }).click();
  await page.getByRole('button', { name: /3 1\/4 in flapper craw.*open its sheet/ }).click();
  await page.getByRole('button', { name: 'Weigh it…' }).click();
  return page.getByRole('dialog', { name: 'Weigh it' });
}

for (const size of ['desk', 'deck'] as const) {
  test(`weigh, average with its spread, keep: ${size}`, DESK, async ({ page }) => {
    const dialog = await openScale(page, size);
    await expect(dialog.getByRole('status')).toHaveText('Steady.', { timeout: 60_000 });
    await expect(dialog).toContainText('This is the stand-in scale');
    await expect(dialog.getByTestId('scale-mean')).toContainText(/^\s*9\.[34]\d g/);
    await dialog.getByRole('textbox', { name: 'Pieces on the pan' }).fill('2');
    await expect(dialog.getByTestId('scale-mean')).toContainText(/^\s*4\.[67]\d g/);
    await dialog.getByRole('button', { name: /^Keep 4\.[67]/ }).click();
    await expect(page.getByTestId('part-sheet').getByRole('textbox', { name: /^Mass/ })).toHaveValue(/^0\.1[67]$/);
  });
}

test(
  'a scale in ounces is understood, one that jumps, stops or writes rubbish is not believed',
  DESK,
  async ({ page }) => {
    test.slow();
    const dialog = await openScale(page, 'desk');
    const status = dialog.getByRole('status');
    await press('unit oz');
    await expect(dialog).toContainText('The scale shows oz', { timeout: 60_000 });
    await expect(dialog.getByTestId('scale-mean')).toContainText(/^\s*9\.[345]\d g/, { timeout: 60_000 });
    await press('unit g', 'noise 3');
    await expect(status).toContainText('jumps about', { timeout: 60_000 });
    await expect(dialog.getByRole('button', { name: /^Keep/ })).toBeDisabled();
    await press('noise 0.04', 'garble 15');
    await expect(status).toContainText('which is no mass with a unit', { timeout: 60_000 });
    await press('silence 6');
    await expect(status).toContainText('has stopped sending', { timeout: 60_000 });
    await expect(status).toHaveText('Steady.', { timeout: 60_000 });
    await press('put 0');
    await expect(status).toContainText('The pan is empty', { timeout: 60_000 });
  },
);

test('at the bench a guard is pressed on the scale and a trailer weighed, and both count', DESK, async ({ page }) => {
  await press('unit g', 'noise 0.04', 'put 9.4');
  await openDemoWorld(page);
  await layUncut(page);
  await page.getByTestId('part-guard').click();
  await page.getByRole('button', { name: 'Press it on the scale…' }).click();
  await expect(page.getByText('Steady.')).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: /^Keep/ }).last().click();
  await expect(page.getByTestId('fields-guard')).toContainText(/Measured: 0\.02 lbf \(the model says 0\.\d+ lbf\)/);
  await expect(page.getByTestId('readout-guard')).toContainText('0.02');
  await page.getByTestId('part-trailer').click();
  await page.getByRole('button', { name: 'Weigh it…' }).click();
  await expect(page.getByText('Steady.')).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: /^Keep/ }).last().click();
  await expect(page.getByTestId('fields-trailer')).toContainText('Weighed whole: 0.33 oz');
});
