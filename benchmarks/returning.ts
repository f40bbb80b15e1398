import type { Browser, Page } from '@playwright/test';
import { line } from './line';
import { longestTask, watchLongTasks } from './long-tasks';

/** Times a visit is repeated, and the app has to fetch what it keeps for later, ms. */
const VISITS = 5;
const ALL_FETCHED_MS = 10_000;

/** Screens that are measured: the desk as it is, and a phone's screen at a quarter of the speed, about a mid-range phone. */
const SCREENS = [
  {
    name: 'desk',
    slower: 1,
    look: { viewport: { width: 1280, height: 800 } },
    budgets: { last: 800, fresh: 1300, task: 50, pick: 300, row: 300, bench: 600, drag: 16 },
  },
  {
    name: 'phone',
    slower: 4,
    look: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
    budgets: { last: 2500, fresh: 3000, task: 200, pick: 300, row: 300, bench: 600, drag: 33 },
  },
] as const;

const median = (found: readonly number[]): number => [...found].sort((a, b) => a - b)[Math.floor(found.length / 2)]!;

interface Told {
  readonly lastAt: number;
  readonly freshAt: number;
}

/** Has the page write down by itself when the last answer and when the fresh one is there. */
const watchAnswers = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    const told = { lastAt: 0, freshAt: 0 };
    Object.assign(window, { told });
    new MutationObserver(() => {
      if (told.lastAt === 0 && document.querySelector('[data-testid=last-answer]')) told.lastAt = performance.now();
      if (told.freshAt === 0 && document.querySelector('.tie-on__link')) told.freshAt = performance.now();
    }).observe(document, { subtree: true, childList: true });
  });

/**
 * Time from an act to the picture that shows what it was for, told by the page, ms.
 * @param act   script that acts
 * @param what  selector of what has to stand there
 */
const within = (page: Page, act: string, what: string): Promise<number> =>
  page.evaluate(`new Promise((resolve) => setTimeout(() => {
    const started = performance.now();
    ${act};
    const look = () => requestAnimationFrame(() => {
      const found = document.querySelector(${JSON.stringify(what)});
      if (!found || found.getBoundingClientRect().height === 0) return look();
      const painted = new MessageChannel();
      painted.port1.onmessage = () => resolve(performance.now() - started);
      painted.port2.postMessage(0);
    });
    look();
  }, 50))`) as Promise<number>;

/** Time from a movement of the pointer to the next picture on the bench, every movement its own, ms. */
export const dragTimes = (page: Page, at: { x: number; y: number }): Promise<number[]> =>
  page.evaluate(async ({ x, y }) => {
    const sheet = document.querySelector('.sheet__svg')!;
    const took: number[] = [];
    for (let step = 0; step < 60; step++) {
      // the clock starts as the coming frame does, before the page computes and draws in it, and stops at the first task after it
      await new Promise<void>((resolve) => {
        let started = 0;
        requestAnimationFrame(() => (started = performance.now()));
        sheet.dispatchEvent(
          new PointerEvent('pointermove', {
            pointerId: 1,
            clientX: x + 20 + 18 * Math.sin(step / 6),
            clientY: y,
            bubbles: true,
          }),
        );
        requestAnimationFrame(() => {
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
  }, at);

/** Takes hold of the nose on the bench and moves it. */
async function dragNose(page: Page): Promise<readonly number[]> {
  const grip = (await page.getByTestId('handle-nose').locator('.handle__dot').boundingBox())!;
  const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const took = await dragTimes(page, { x, y });
  await page.mouse.up();
  return took;
}

/** A returning visit with the demo box: when it answers, what its start holds up, and how soon the stations stand. */
export async function measureReturning(browser: Browser, url: string): Promise<void> {
  for (const { name, slower, look, budgets } of SCREENS) {
    const context = await browser.newContext({ ...look, serviceWorkers: 'block' });
    const before = await context.newPage();
    await before.goto(`${url}/#/water?world=brindle-mere`);
    await before.getByText('Why, and what else').waitFor();
    await before.evaluate(`location.hash = '#/bench'`);
    await before.getByRole('button', { name: 'Lay it on the bench' }).first().click();
    await before.getByTestId('bench').waitFor();
    await before.waitForTimeout(1500);
    await before.close();

    const [lasts, freshs, tasks]: [number[], number[], number[]] = [[], [], []];
    for (let visit = 0; visit < VISITS; visit++) {
      const page = await context.newPage();
      const devtools = await context.newCDPSession(page);
      await devtools.send('Emulation.setCPUThrottlingRate', { rate: slower });
      await watchLongTasks(page);
      await watchAnswers(page);
      await page.goto(url);
      await page.locator('.tie-on__link').waitFor();
      await page.waitForTimeout(1000 * slower);
      const told = await page.evaluate(() => (window as unknown as { told: Told }).told);
      lasts.push(told.lastAt);
      freshs.push(told.freshAt);
      tasks.push(await longestTask(page, 'first-paint'));
      await page.close();
    }
    line(`returning-${name}-last-answer`, median(lasts), 'ms', budgets.last);
    line(`returning-${name}-fresh-answer`, median(freshs), 'ms', budgets.fresh);
    line(`returning-${name}-longest-task`, median(tasks), 'ms', budgets.task);

    const [picks, rows, benches, drags]: [number[], number[], number[], number[]] = [[], [], [], []];
    for (let visit = 0; visit < 3; visit++) {
      const page = await context.newPage();
      const devtools = await context.newCDPSession(page);
      await page.goto(url);
      await page.locator('.tie-on__link').waitFor();
      await page.waitForTimeout(ALL_FETCHED_MS);
      await devtools.send('Emulation.setCPUThrottlingRate', { rate: slower });
      const first = name === 'phone' ? '[data-testid=pick-first]' : '[data-testid=pick-1] button';
      picks.push(await within(page, `location.hash = '#/pick'`, first));
      await page.waitForTimeout(2500);
      const row = `document.querySelector('[data-testid=pick-1] button').click()`;
      rows.push(await within(page, row, '[data-testid=pick-1] .reasons__make'));
      await page.waitForTimeout(2500);
      benches.push(await within(page, `location.hash = '#/bench'`, '[data-testid=bench] .sheet__svg path'));
      await page.waitForTimeout(2500);
      const took = await dragNose(page);
      drags.push(took[Math.floor(took.length * 0.9)]!);
      await page.close();
    }
    line(`open-pick-${name}`, median(picks), 'ms', budgets.pick);
    line(`open-row-${name}`, median(rows), 'ms', budgets.row);
    line(`open-bench-${name}`, median(benches), 'ms', budgets.bench);
    line(`drag-slowest-tenth-${name}`, median(drags), 'ms', budgets.drag);
    await context.close();
  }
}
