import type { Page } from '@playwright/test';
import { DECK, DEMO_STATE, DESK, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';
import { dragBy, fingerOn, middleOf, nextPictures, steadyMiddle } from './hand';

test.use({ storageState: DEMO_STATE });

const scene = (page: Page) => page.getByTestId('tank-scene');
const read = async (page: Page): Promise<{ t: number; x: number; z: number }> =>
  page.evaluate(() => {
    const { timeS, xM, zM } = document.querySelector<HTMLElement>('[data-testid=tank-scene]')!.dataset;
    return { t: Number(timeS), x: Number(xM), z: Number(zM) };
  });

async function fill(page: Page): Promise<void> {
  await openDemoWorld(page);
  await goTo(page, 'Tank');
  await page.getByRole('button', { name: 'Put it in the tank' }).first().click();
  await expect(scene(page)).toBeVisible();
}

test('it runs in real time, four times as fast, stops, and steps from moment to moment by keyboard', async ({
  page,
}) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await fill(page);
  await page.getByLabel('Begin with').selectOption('slow-roll');
  const before = await read(page);
  expect(before.t).toBe(0);
  await page.getByTestId('tank-run').click();
  await expect.poll(async () => (await read(page)).t).toBeGreaterThan(1.5);
  await page.keyboard.press('Space');
  const stopped = await read(page);
  await page.waitForTimeout(300);
  expect(await read(page)).toEqual(stopped);
  await page.keyboard.press('.');
  const next = await read(page);
  expect(next.t).toBeGreaterThan(stopped.t);
  await page.keyboard.press(',');
  expect((await read(page)).t).toBeLessThan(next.t);
  await page.getByRole('button', { name: '4×' }).click();
  await page.getByRole('slider', { name: 'Time' }).fill('0');
  await page.getByTestId('tank-run').click();
  const [from, at] = [await read(page), Date.now()];
  await page.waitForTimeout(1500);
  const to = await read(page);
  const passedS = (Date.now() - at) / 1000;
  expect((to.t - from.t) / passedS).toBeGreaterThan(1.5);
  await expectAxeClean(page);
});

test('the lure is drawn where the path is, within a centimetre, at three times', async ({ page }) => {
  await fill(page);
  await page.getByLabel('Begin with').selectOption('steady');
  for (const s of ['2', '8', '15']) {
    await page.getByRole('slider', { name: 'Time' }).fill(s);
    const { t, x } = await read(page);
    expect(t).toBeCloseTo(Number(s), 1);
    const drawnM = await scene(page).evaluate((svg) => {
      const lure = svg.querySelector<SVGGElement>('[data-lure=own]')!;
      const { leftPx, pxPerM } = (svg as HTMLElement | SVGElement).dataset;
      return (lure.transform.baseVal.consolidate()!.matrix.e - Number(leftPx)) / Number(pxPerM);
    });
    expect(Math.abs(drawnM - x)).toBeLessThan(0.01);
  }
});

test(
  'a step is dragged longer by its end, and by the arrow keys; a rig beside it is compared; a chart is saved',
  DESK,
  async ({ page }) => {
    await fill(page);
    await page.getByLabel('Begin with').selectOption('drag');
    const end = page.getByRole('slider', { name: /Step 1, let it sink/ });
    const was = Number(await end.getAttribute('aria-valuenow'));
    await dragBy(page, await steadyMiddle(page, end), 120, 0);
    await expect.poll(async () => Number(await end.getAttribute('aria-valuenow'))).toBeGreaterThan(was + 0.5);
    const dragged = Number(await end.getAttribute('aria-valuenow'));
    await end.press('ArrowRight');
    await expect(end).toHaveAttribute('aria-valuenow', String(dragged + 0.5));

    await page.getByLabel('Beside it').selectOption('pick-3');
    await page.getByRole('button', { name: 'Compare', exact: true }).click();
    await expect(page.getByTestId('tank-versus')).toContainText('Free fall');
    await page.getByRole('button', { name: 'Falls', exact: true }).click();
    await expect(page.getByTestId('tank-falls')).toContainText('On the bottom after');
    await page.getByRole('button', { name: 'Charts', exact: true }).click();
    await page.getByRole('button', { name: 'Depth of an endless level run, by reel speed' }).click();
    await expect(page.locator('.line-chart canvas')).toBeVisible();
    const png = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save PNG' }).click();
    expect((await png).suggestedFilename()).toMatch(/\.png$/);
    await page.getByRole('button', { name: 'As a table' }).click();
    await expect(page.getByTestId('tank-charts').getByRole('row').nth(5)).toBeVisible();
    await expectAxeClean(page);

    // what was set is there again
    await page.reload();
    await expect(page.getByRole('slider', { name: /Step 1, let it sink/ })).toHaveAttribute(
      'aria-valuenow',
      String(dragged + 0.5),
    );
  },
);

test('a step follows a finger; a cancelled drag gives it back', DECK, async ({ page }) => {
  await fill(page);
  await page.getByLabel('Begin with').selectOption('steady');
  const end = page.getByRole('slider', { name: /Step 1, let it sink/ });
  const says = async (): Promise<number> => Number(await end.getAttribute('aria-valuenow'));
  const was = await says();
  const finger = await fingerOn(page);
  const drag = async (): Promise<void> => {
    const at = await middleOf(page, end);
    await finger.down(at);
    await finger.along(at, { x: at.x + 60, y: at.y });
    await expect.poll(says).toBeGreaterThan(was);
  };
  await drag();
  await finger.cancel();
  await expect.poll(says).toBe(was);
  await drag();
  await finger.up();
  await nextPictures(page, 6);
  expect(await says()).toBeGreaterThan(was);
});

test('where motion is reduced moments are shown one by one, and nothing runs', DESK, async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await fill(page);
  await page.getByLabel('Begin with').selectOption('slow-roll');
  await expect(page.getByTestId('tank')).toContainText('Motion is reduced');
  await page.getByTestId('tank-run').click();
  const first = await read(page);
  await page.waitForTimeout(400);
  expect(await read(page)).toEqual(first);
  await expect.poll(async () => (await read(page)).t, { timeout: 10_000 }).toBeGreaterThan(first.t);
});
