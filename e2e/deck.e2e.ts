import { inflateSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import jsQR from 'jsqr';
import { DECK, DEMO_STATE, DESK, downloadText, expect, expectAxeClean, goTo, openDemoWorld, test } from './fixtures';
import { dragBy, fingerOn, middleOf, steadyMiddle } from './hand';

test.use({ storageState: DEMO_STATE });

const names = (page: Page, of: 'stop-head' | 'list'): Promise<string[]> =>
  of === 'list'
    ? page.locator('[data-testid=deck-list] .deck-list__head b').allInnerTexts()
    : page.getByTestId('stop-head').locator('b').allInnerTexts();
const planned = async (page: Page): Promise<void> => {
  await expect(page.getByTestId('deck-status')).toContainText('of 100', { timeout: 60_000 });
  await expect(page.getByText(/^Planning, /)).toHaveCount(0, { timeout: 60_000 });
};

/** Words of a PDF, sheet by sheet. */
function wordsOf(bytes: Buffer): readonly string[] {
  const all = bytes.toString('latin1');
  return [...all.matchAll(/\/FlateDecode[^>]*>>\r?\nstream\r?\n/g)].map((found) => {
    const from = found.index + found[0].length;
    const content = inflateSync(Buffer.from(all.slice(from, all.indexOf('endstream', from)), 'latin1')).toString(
      'latin1',
    );
    return [...content.matchAll(/\(((?:[^()\\]|\\.)*)\) Tj/g)]
      .map(([, words]) => words!.replace(/\\([()\\])/g, '$1'))
      .join('\n');
  });
}

test(
  'the weekend is planned at the desk: proven, dragged, locked, printed, and handed over by a code',
  DESK,
  async ({ page }) => {
    test.slow();
    await openDemoWorld(page);
    await goTo(page, 'Deck');
    await planned(page);
    await expect(page.getByTestId('deck-status')).toContainText('Proven');
    await expect(page.locator('[data-answers=yes]')).toHaveCount(8);
    await expectAxeClean(page);
    await page.getByRole('button', { name: /^Theme/ }).click();
    await expectAxeClean(page);
    await page.getByRole('button', { name: /^Theme/ }).click();

    // a stop is dragged two places on, and back with the arrow keys
    const before = await names(page, 'stop-head');
    const handle = page.getByRole('button', { name: `Move ${before[0]!}: drag it, or use the arrow keys` });
    const wide = (await page.getByTestId('stop-head').first().boundingBox())!.width;
    await dragBy(page, await steadyMiddle(page, handle), 2.2 * wide, 0);
    await expect.poll(() => names(page, 'stop-head')).toEqual([before[1], before[2], before[0], ...before.slice(3)]);
    await handle.press('ArrowLeft');
    await handle.press('ArrowLeft');
    await expect.poll(() => names(page, 'stop-head')).toEqual(before);
    // given up by Escape it stays
    const from = await steadyMiddle(page, handle);
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x + 2 * wide, from.y, { steps: 4 });
    await page.keyboard.press('Escape');
    await page.mouse.up();
    expect(await names(page, 'stop-head')).toEqual(before);

    await page.getByRole('button', { name: 'Lock hedge rod to long hedgerow' }).click();
    await planned(page);
    const row = page.getByTestId('deck-grid').locator('tbody tr', { hasText: 'hedge rod' });
    await expect(row.locator('td').first()).toHaveAttribute('data-answers', 'yes');

    // the day is as it was after the page was closed
    await page.reload();
    await planned(page);
    await expect(page.getByRole('button', { name: 'Take the lock of hedge rod from long hedgerow' })).toBeVisible();

    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Sheet for the night before (PDF)' }).click(),
    ]);
    const chunks: Buffer[] = [];
    for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
    const sheets = wordsOf(Buffer.concat(chunks));
    const words = sheets.join('\n');
    for (const name of before) expect(words).toContain(name);
    for (const said of ['06:40-07:40', 'hedge rod', 'To pack', 'Life jacket', 'Take care', 'Pandero cut card'])
      expect(words).toContain(said);

    const file = JSON.parse(
      await downloadText(page, () => page.getByRole('button', { name: 'Day as a file' }).click()),
    ) as {
      readonly plan: { readonly rods: unknown[] };
    };
    await page.getByRole('button', { name: 'Hand over to a phone' }).click();
    const code = page.getByTestId('day-code');
    await expect(code).toBeVisible();
    await expectAxeClean(page);
    const { d, size } = await code.evaluate((svg) => ({
      d: svg.querySelector('path')!.getAttribute('d')!,
      size: Number(svg.getAttribute('viewBox')!.split(' ')[2]),
    }));
    // the code as it is drawn, four pixels a square, read as a camera's program reads it
    const PX = 4;
    const pixels = new Uint8ClampedArray(4 * (PX * size) ** 2).fill(255);
    for (const [, x, y] of d.matchAll(/M(\d+) (\d+)h1v1h-1z/g))
      for (let row_ = 0; row_ < PX; row_++)
        for (let column = 0; column < PX; column++)
          pixels.fill(
            0,
            4 * ((PX * Number(y) + row_) * PX * size + PX * Number(x) + column),
            4 * ((PX * Number(y) + row_) * PX * size + PX * Number(x) + column) + 3,
          );
    const address = jsQR(pixels, PX * size, PX * size)?.data ?? '';
    expect(address).toBe(await page.getByTestId('day-address').inputValue());
    expect(new URL(address).hash).toMatch(/^#\/deck\?plan=/);
    await page.getByRole('button', { name: 'Close', exact: true }).click();

    // and a phone that has nothing opens it
    const phone = await page
      .context()
      .browser()!
      .newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'block' });
    const there = await phone.newPage();
    await there.goto(address);
    await expect(there.getByTestId('now')).toContainText('long hedgerow');
    await expect(there.getByTestId('now')).toContainText('hedge rod');
    await expect(there.getByTestId('next')).toContainText('lily bay');
    expect(there.url()).not.toContain('plan=');
    expect(file.plan.rods.length).toBeGreaterThan(1);
    await there.goto(`${address.slice(0, -20)}`);
    await expect(there.getByRole('alert')).toContainText('cannot be read');
    await phone.close();
  },
);

test('on a phone the plan opens as now and next; stops are dragged by a finger', DECK, async ({ page }) => {
  test.slow();
  await openDemoWorld(page);
  await goTo(page, 'Deck');
  await expect(page.getByTestId('now')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByTestId('now')).toContainText('long hedgerow');
  await expectAxeClean(page);
  const wide = await page.evaluate(() => document.scrollingElement!.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  await page.getByRole('button', { name: 'Next stop' }).tap();
  await expect(page.getByTestId('now')).toContainText('stop 2 of 8');
  // it is where it was when the phone comes out of the pocket again
  await page.reload();
  await expect(page.getByTestId('now')).toContainText('stop 2 of 8');
  for (const button of await page.getByTestId('now').getByRole('button').all())
    expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(47.5);

  await page.getByRole('button', { name: 'Plan the day' }).tap();
  await planned(page);
  await expectAxeClean(page);
  const before = await names(page, 'list');
  const handle = page.getByRole('button', { name: `Move ${before[0]!}: drag it, or use the arrow keys` });
  const finger = await fingerOn(page);
  const at = await middleOf(page, handle);
  const tall = (await page.locator('[data-testid=deck-list] li').first().boundingBox())!.height;
  await finger.down(at);
  await finger.along(at, { x: at.x, y: at.y + 1.2 * tall });
  await finger.up();
  await expect.poll(() => names(page, 'list')).toEqual([before[1], before[0], ...before.slice(2)]);
  const again = await middleOf(page, handle);
  await finger.down(again);
  await finger.along(again, { x: again.x, y: again.y - 1.2 * tall });
  await finger.cancel();
  expect(await names(page, 'list')).toEqual([before[1], before[0], ...before.slice(2)]);
  expect(await page.evaluate(() => document.scrollingElement!.scrollWidth)).toBeLessThanOrEqual(390);
});

test(
  'places come from a GPX file and go into one; what is wrong is told by place and field',
  DESK,
  async ({ page }) => {
    await openDemoWorld(page);
    await goTo(page, 'Deck');
    await planned(page);
    await page.getByRole('button', { name: 'New day' }).click();
    const give = (name: string, text: string): Promise<void> =>
      page
        .getByRole('dialog')
        .locator('input[type=file]')
        .setInputFiles({ name, mimeType: 'application/gpx+xml', buffer: Buffer.from(text) });
    await page.getByRole('button', { name: 'Stops from a file' }).click();
    await give('broken.gpx', '<gpx><wpt lat="99" lon="0"/></gpx>');
    await expect(page.getByRole('alert')).toContainText('wpt[0].lat');
    const many = Array.from(
      { length: 10_000 },
      (_, at) => `<wpt lat="45.${at}" lon="-30"><name>mark ${at}</name><sym>Buoy</sym></wpt>`,
    );
    await give('many.gpx', `<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1">${many.join('')}</gpx>`);
    await expect(page.getByText('10000 places are in it.')).toBeVisible();
    await page.getByRole('searchbox', { name: 'Find a place' }).fill('mark 777');
    await page.getByRole('checkbox', { name: 'mark 7770', exact: true }).check();
    await page.getByRole('checkbox', { name: 'mark 777', exact: true }).check();
    await page.getByRole('button', { name: 'Take 2 stops' }).click();
    await expect.poll(() => names(page, 'stop-head')).toEqual(['Brindle Mere, north arm', 'mark 777', 'mark 7770']);
    await planned(page);
    const gpx = await downloadText(page, () => page.getByRole('button', { name: 'Stops as GPX' }).click());
    expect(gpx).toContain('<sym>Buoy</sym>');
    expect(gpx.match(/<wpt/g)).toHaveLength(2);
  },
);
