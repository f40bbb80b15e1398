import { spawn } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium as engine } from '@playwright/test';
import { CHROMIUM_ARGS } from '../playwright.config';
import { chromium } from '../scripts/chromium.mjs';
import { measureKeeping } from './keeping';
import { measureLogPage } from './log-page';
import { finish, line, part } from './line';
import { dragTimes, measureReturning } from './returning';
import { measureTankPage } from './tank-page';
import { forgetTasks, longestTask, watchLongTasks } from './long-tasks';

const PORT = 4327;
const URL_HERE = `http://127.0.0.1:${PORT}`;

const gzipKb = (path: string): number => gzipSync(readFileSync(path), { level: 9 }).length / 1000;

const server = spawn(process.execPath, ['dist-server/serve.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise<void>((resolve) => server.stdout.once('data', () => resolve()));
const browser = await engine.launch({ executablePath: chromium(), args: CHROMIUM_ARGS });
/** Longest anything is waited for, ms: a machine that is busy with other things is slow, not wrong. */
const PATIENCE_MS = 180_000;
const newContext = browser.newContext.bind(browser);
browser.newContext = async (options) => {
  const context = await newContext(options);
  context.setDefaultTimeout(PATIENCE_MS);
  return context;
};

/** In a page: notes when its first view can be used. */
function tellWhenUsable(): void {
  new MutationObserver((_, watcher) => {
    if (document.querySelector('[data-testid=want-fall]') === null) return;
    watcher.disconnect();
    Object.assign(window, { seenAt: performance.now() });
  }).observe(document, { subtree: true, childList: true });
}

/** The first view: what it loads before it can be used, and when that is. */
async function measureFirstView(): Promise<void> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  const scripts = new Set<string>();
  page.on('response', (response) => {
    if (response.url().endsWith('.js')) scripts.add(new URL(response.url()).pathname);
  });
  await page.addInitScript(tellWhenUsable);
  await page.goto(URL_HERE);
  await page.getByTestId('want-fall').waitFor();
  // what the page itself had asked for by then: a driver that looks now and then would count what comes after
  const first = await page.evaluate(() =>
    (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
      .filter(({ startTime }) => startTime < (window as unknown as { seenAt: number }).seenAt)
      .map(({ name }) => new URL(name).pathname)
      .filter((path) => path.endsWith('.js')),
  );
  await page.waitForLoadState('networkidle');
  const worker = [...scripts].filter((path) => path.includes('worker'));
  line(
    'first-view-js',
    [...new Set(first)].filter((path) => !worker.includes(path)).reduce((sum, path) => sum + gzipKb(`dist${path}`), 0),
    'kB gzip',
    200,
  );
  line(
    'worker-js',
    worker.reduce((sum, path) => sum + gzipKb(`dist${path}`), 0),
    'kB gzip',
  );
  line(
    'all-js',
    readdirSync('dist/assets')
      .filter((name) => name.endsWith('.js'))
      .reduce((sum, name) => sum + gzipKb(`dist/assets/${name}`), 0),
    'kB gzip',
  );
  const times: number[] = [];
  for (let i = 0; i < 7; i++) {
    const visit = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    await visit.addInitScript(tellWhenUsable);
    await visit.goto(URL_HERE);
    await visit.getByTestId('want-fall').waitFor();
    times.push(await visit.evaluate(() => (window as unknown as { seenAt: number }).seenAt));
    await visit.context().close();
  }
  line('first-view-interactive', times.sort((a, b) => a - b)[3]!, 'ms', 1000);
  await context.close();
}

/** Work in the page with the demo box: ranking, a row, the bench, the cut card. */
async function measureWork(): Promise<void> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  await watchLongTasks(page);
  const longest = (): Promise<number> => longestTask(page);
  const forget = (): Promise<void> => forgetTasks(page);

  // ranking the demo box in the worker while the water changes: the page must not stand still
  await page.goto(`${URL_HERE}/#/water?world=brindle-mere`);
  await page.reload();
  await page.getByText('Why, and what else').waitFor();
  await page.waitForTimeout(500);
  // a shared machine stutters now and then: each action is done several times, and the middle one counts
  const medianLongest = async (times: number, act: (round: number) => Promise<void>): Promise<number> => {
    const found: number[] = [];
    for (let round = 0; round < times; round++) {
      await forget();
      await act(round);
      await page.waitForTimeout(1200);
      found.push(await longest());
    }
    return found.sort((a, b) => a - b)[Math.floor(times / 2)]!;
  };
  /** Acts from inside the page, so that the test driver's own work there is not counted. */
  const inside = (script: string): Promise<void> => page.evaluate(`void setTimeout(() => { ${script} }, 50)`);

  line(
    'longest-task-changing-water',
    await medianLongest(5, async () => {
      for (let i = 0; i < 4; i++) {
        await inside(`document.querySelector('[aria-label="More water temperature"]').click()`);
        await page.waitForTimeout(120);
      }
    }),
    'ms',
    50,
  );
  line(
    'longest-task-opening-pick',
    await medianLongest(5, async (round) => {
      if (round > 0) {
        await page.evaluate(`location.hash = '#/water'`);
        await page.waitForTimeout(1000);
        await forget();
      }
      await inside(`location.hash = '#/pick'`);
    }),
    'ms',
    50,
  );
  const tookMs = await page.locator('[data-took-ms]').getAttribute('data-took-ms');
  line('rank-demo-box-in-worker', Number(tookMs), 'ms', 1000);
  line(
    'longest-task-opening-a-row',
    await medianLongest(5, (round) =>
      inside(`document.querySelector('[data-testid=pick-${round + 1}] button').click()`),
    ),
    'ms',
    50,
  );

  // dragging on the bench: time from a movement of the pointer to the next picture, every movement its own
  await page.evaluate(`location.hash = '#/bench'`);
  await page.getByRole('button', { name: 'Lay it on the bench' }).first().click();
  await page.getByTestId('bench').waitFor();
  await page.waitForTimeout(800);
  const grip = (await page.getByTestId('handle-nose').locator('.handle__dot').boundingBox())!;
  await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
  await page.mouse.down();
  await forget();
  const redraws = await dragTimes(page, grip);
  await page.mouse.up();
  line('bench-redraw-while-dragging', redraws[Math.floor(redraws.length / 2)]!, 'ms', 16);
  line('bench-redraw-slowest-tenth', redraws[Math.floor(redraws.length * 0.9)]!, 'ms', 16);
  line('longest-task-dragging', await longest(), 'ms', 50);
  line(
    'longest-task-opening-bench',
    await medianLongest(5, async () => {
      await page.evaluate(`location.hash = '#/water'`);
      await page.waitForTimeout(1000);
      await forget();
      await inside(`location.hash = '#/bench'`);
    }),
    'ms',
    50,
  );
  await page.getByRole('button', { name: 'Cut card' }).click();
  await page.getByTestId('cut-card').waitFor();
  const asked = Date.now();
  await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save as PDF' }).click()]);
  line('cut-card-in-the-page', Date.now() - asked, 'ms', 500);
  await context.close();
}

try {
  await part('first view', measureFirstView);
  await part('work in the page', measureWork);
  await part('tank, map and year in the page', () => measureTankPage(browser, URL_HERE));
  await part('a returning visit', () => measureReturning(browser, URL_HERE));
  await part('the log in the page', () => measureLogPage(browser, URL_HERE));
  await part('keeping', () => measureKeeping(browser, URL_HERE));
} finally {
  await browser.close();
  server.kill();
}
finish();
