import type { Browser, Page } from '@playwright/test';
import { line } from './line';
import { forgetTasks, longestTask, watchLongTasks } from './long-tasks';

/** Frames that are measured of a running tank. */
const FRAMES = 180;
/** Longest a map may take, ms. */
const PATIENCE_MS = 180_000;

/** A desk as it is, and a phone's screen at a quarter of the speed. */
const SCREENS = [
  { name: 'desk', slower: 1, frameMs: 16, look: { viewport: { width: 1280, height: 800 } } },
  {
    name: 'phone',
    slower: 4,
    frameMs: 33,
    look: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
  },
] as const;

/** How long the page works for each frame of a running film: from the first callback of a frame to the first task after it, ms, upwards. */
const frameTimes = (page: Page): Promise<number[]> =>
  page.evaluate(async (frames) => {
    const took: number[] = [];
    for (let frame = 0; frame < frames; frame++) {
      await new Promise<void>((resolve) => {
        requestAnimationFrame(() => {
          const started = performance.now();
          const heard = new MessageChannel();
          heard.port1.onmessage = () => {
            took.push(performance.now() - started);
            resolve();
          };
          heard.port2.postMessage(0);
        });
      });
    }
    return took.sort((a, b) => a - b);
  }, FRAMES);

const idle = (page: Page, id: string): Promise<unknown> =>
  page.waitForSelector(`[data-testid=${id}][data-busy=false]`, { timeout: PATIENCE_MS });

/** A tank that runs, and the map of picks and the year of the demo box, as they are seen. */
export async function measureTankPage(browser: Browser, url: string): Promise<void> {
  for (const { name, slower, frameMs, look } of SCREENS) {
    const context = await browser.newContext({ ...look, serviceWorkers: 'block' });
    const page = await context.newPage();
    await watchLongTasks(page);
    await page.goto(`${url}/#/water?world=brindle-mere`);
    await page.locator('.tie-on__link').waitFor();
    const devtools = await context.newCDPSession(page);
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: slower });
    await page.evaluate(`location.hash = '#/tank'`);
    await page.getByRole('button', { name: 'Put it in the tank' }).first().click();
    await page.getByLabel('Begin with').selectOption('slow-roll');
    await page.waitForTimeout(2000);
    await page.getByTestId('tank-run').click();
    const frames = await frameTimes(page);
    line(`tank-frame-p95-${name}`, frames[Math.floor(FRAMES * 0.95)]!, 'ms', frameMs);
    await page.evaluate(`location.hash = '#/pick'`);
    await page.getByTestId('pick-1').waitFor();
    await page.waitForTimeout(2500);
    await forgetTasks(page);
    const opened = Date.now();
    await page.getByTestId('open-map').click();
    await page.locator('.map__region').first().waitFor();
    line(`map-first-picture-${name}`, Date.now() - opened, 'ms', 1500);
    await idle(page, 'map');
    line(`map-32-${name}`, Date.now() - opened, 'ms', 10_000);
    line(`longest-task-drawing-the-map-${name}`, await longestTask(page), 'ms', 50);
    await page.getByTestId('open-year').click();
    const asked = Date.now();
    await page.getByRole('img', { name: /round the year/ }).waitFor();
    await idle(page, 'year');
    line(`season-clock-${name}`, Date.now() - asked, 'ms', 2000);
    await context.close();
  }
}
