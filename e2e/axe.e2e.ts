import type { Page } from '@playwright/test';
import { chooseFile, DECK, DEMO_STATE, DESK, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';

test.use({ storageState: DEMO_STATE });

const closed = (page: Page): Promise<void> => expect(page.getByRole('dialog')).toHaveCount(0);
async function escape(page: Page): Promise<void> {
  await page.keyboard.press('Escape');
  await closed(page);
}

/** A dialog is loaded when it is first asked for: until it is there the page behind it fades already. */
async function expectDialogClean(page: Page): Promise<void> {
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectAxeClean(page);
}

test('the water, its dialogs and the help are clean for axe, by day and by night', DESK, async ({ page }) => {
  await openDemoWorld(page);
  await page.getByRole('textbox', { name: /Water temperature/ }).fill('300');
  await expect(page.getByText('Outside 32 °F to 104 °F')).toBeVisible();
  await expectAxeClean(page);
  await page.getByRole('textbox', { name: /Water temperature/ }).fill('57');
  await page.getByRole('button', { name: /^Water at hand/ }).click();
  await expectDialogClean(page);
  await escape(page);
  await page.getByRole('button', { name: /^Local rules/ }).click();
  await expectDialogClean(page);
  await escape(page);
  await page.getByRole('button', { name: 'Keyboard and help' }).click();
  await expectDialogClean(page);
  await escape(page);
  await page.getByRole('button', { name: /^Theme/ }).click();
  await expectAxeClean(page);
});

test('picks, their reasons, schools and cards are clean for axe, by day and by night', DESK, async ({ page }) => {
  await openDemoWorld(page);
  await goTo(page, 'Pick');
  const first = page.getByTestId('pick-1');
  await first.getByRole('button').first().click();
  await expect(first.getByTestId('handling')).toBeVisible();
  await expectAxeClean(page);
  await first.getByRole('region', { name: 'For it' }).getByRole('button').first().click();
  await expect(page.getByTestId('rule-card')).toBeVisible();
  await expectAxeClean(page);
  await escape(page);
  await page.getByRole('button', { name: /^Schools/ }).click();
  await expectDialogClean(page);
  await escape(page);
  await page.getByRole('button', { name: /^Theme/ }).click();
  await expectAxeClean(page);
  await first.getByRole('button', { name: 'Write the ticket for this rig' }).click();
  await expect(page.getByTestId('ticket')).toBeVisible();
  await expectAxeClean(page);
  await page.getByRole('link', { name: 'Handbook' }).click();
  await expect(page.locator('article').first()).toBeVisible();
  await expectAxeClean(page);
});

test('box, sheet, gallery, import and tickets are clean for axe', DESK, async ({ page }) => {
  await openDemoWorld(page);
  await goTo(page, 'Box');
  await page
    .getByTestId('box-list')
    .getByRole('button', { name: /open its sheet/ })
    .first()
    .click();
  await expect(page.getByTestId('part-sheet')).toBeVisible();
  await expectAxeClean(page);
  await page.getByRole('button', { name: 'Add a head' }).click();
  await expectDialogClean(page);
  await page.getByRole('button', { name: 'Done' }).click();
  await closed(page);
  await page.getByRole('button', { name: 'Import a list…' }).click();
  await chooseFile(page, 'list.csv', 'style,weight\ncasting,heavy\n');
  await expect(page.getByRole('dialog').getByRole('alert')).toBeVisible();
  await expectAxeClean(page);
  await escape(page);
  await goTo(page, 'Tickets');
  await expectAxeClean(page);
});

test('the bench is clean for axe, by day and by night', DESK, async ({ page }) => {
  await openDemoWorld(page);
  await goTo(page, 'Bench');
  await page.getByRole('button', { name: 'Lay it on the bench' }).first().click();
  await expect(page.getByTestId('open-steps')).toBeVisible();
  await page.mouse.move(4, 4);
  await expectAxeClean(page);
  await page.getByRole('button', { name: /^Theme/ }).click();
  await expectAxeClean(page);
});

test(
  'on the deck the bench is clean for axe, a step at a time, everything as large as a thumb',
  DECK,
  async ({ page }) => {
    await openDemoWorld(page);
    await expectAxeClean(page);
    await goTo(page, 'Bench');
    await page.getByRole('button', { name: 'Lay it on the bench' }).first().click();
    await page.getByTestId('open-steps').click();
    await expectDialogClean(page);
    for (const button of await page.getByTestId('steps').getByRole('button').all()) {
      expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(48);
    }
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.getByTestId('steps')).toContainText('2 of');
  },
);

test('an app without anything in it is clean for axe', DESK, async ({ browser, baseURL }) => {
  const context = await browser.newContext({
    storageState: { cookies: [], origins: [] },
    ...(baseURL ? { baseURL } : {}),
  });
  const page = await context.newPage();
  for (const [hash, says] of [
    ['/#/water', 'Nothing to build from yet'],
    ['/#/pick', 'Nothing to pick from yet'],
    ['/#/box', 'A rig needs three parts'],
    ['/#/tickets', '0 tickets'],
  ] as const) {
    await page.goto(hash);
    await expect(page.getByText(says).first()).toBeVisible();
    await expectAxeClean(page);
  }
  await context.close();
});
