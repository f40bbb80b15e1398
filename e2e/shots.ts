import { test } from '@playwright/test';
import { expect, goTo, openDemoWorld } from './fixtures';

const FOLDER = '../docs/screenshots';
const shot = (name: string): { path: string } => ({ path: new URL(`${FOLDER}/${name}.png`, import.meta.url).pathname });

test('pictures of the main views', async ({ page }) => {
  await openDemoWorld(page);
  await page.waitForTimeout(600);
  await page.screenshot(shot('water'));
  await goTo(page, 'Pick');
  await expect(page.getByTestId('pick-6')).toBeVisible();
  await page.waitForTimeout(600);
  await page.screenshot(shot('pick'));
  await page.getByRole('button', { name: /^Theme/ }).click();
  await page.mouse.move(640, 700);
  await page.waitForTimeout(400);
  await page.screenshot(shot('pick-night'));
  await page.getByRole('button', { name: /^Theme/ }).click();
  await page.getByTestId('pick-1').getByRole('button').first().click();
  await page.mouse.move(640, 790);
  await page.waitForTimeout(800);
  await page.screenshot(shot('pick-open'));
  await page.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  await page.getByTestId('ticket').waitFor();
  await page.mouse.move(1270, 790);
  await page.waitForTimeout(600);
  await page.screenshot({ ...shot('ticket'), fullPage: true });
  await goTo(page, 'Box');
  await page.waitForTimeout(600);
  await page.screenshot(shot('box'));

  await page.setViewportSize({ width: 390, height: 844 });
  await goTo(page, 'Water');
  await page.waitForTimeout(600);
  await page.screenshot(shot('water-phone'));
  await goTo(page, 'Pick');
  await expect(page.getByTestId('pick-2')).toBeVisible();
  await page.waitForTimeout(600);
  await page.screenshot(shot('pick-phone'));
});
