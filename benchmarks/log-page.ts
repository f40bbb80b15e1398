import type { Browser, Page } from '@playwright/test';
import { manyOutings } from './log';
import { line } from './line';
import { forgetTasks, longestTask, watchLongTasks } from './long-tasks';

const KEYS = 15;
/** A desk as it is, and a phone's screen at a quarter of the speed. */
const SCREENS = [
  { name: 'desk', slower: 1, keyMs: 50, openMs: 1000, look: { viewport: { width: 1280, height: 800 } } },
  {
    name: 'phone',
    slower: 4,
    keyMs: 100,
    openMs: 3000,
    look: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
  },
] as const;
const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** Puts outings straight into the store. */
async function lay(page: Page): Promise<void> {
  const all = manyOutings();
  for (let from = 0; from < all.length; from += 500) {
    await page.evaluate(
      (rows) =>
        new Promise<void>((resolve, reject) => {
          const open = indexedDB.open('pandero');
          open.onsuccess = () => {
            const write = open.result.transaction('outings', 'readwrite');
            for (const row of rows) write.objectStore('outings').put(row);
            write.oncomplete = () => {
              open.result.close();
              resolve();
            };
            write.onerror = () => reject(write.error ?? new Error('not written'));
          };
        }),
      all.slice(from, from + 500),
    );
  }
}

/** From the press of a key to the moment the page says that it is on the disk, ms. */
const keyTimes = (page: Page): Promise<number[]> =>
  page.evaluate(async (count) => {
    const took: number[] = [];
    const said = document.querySelector<HTMLElement>('[data-testid=stored]')!;
    const keys = ['bite', 'nip', 'snag'];
    for (let at = 0; at < count; at++) {
      await new Promise((resolve) => setTimeout(resolve, 300));
      const started = performance.now();
      const done = new Promise<void>((resolve) => {
        const watcher = new MutationObserver(() => {
          if (said.dataset['is'] !== 'stored') return;
          watcher.disconnect();
          resolve();
        });
        watcher.observe(said, { attributes: true, childList: true, characterData: true, subtree: true });
      });
      document.querySelector<HTMLElement>(`[data-testid=key-${keys[at % keys.length]!}]`)!.click();
      await done;
      took.push(performance.now() - started);
    }
    return took;
  }, KEYS);

/** A key to the disk, and a log of many years that is opened and analysed. */
export async function measureLogPage(browser: Browser, url: string): Promise<void> {
  for (const { name, slower, keyMs, openMs, look } of SCREENS) {
    const context = await browser.newContext({ ...look, serviceWorkers: 'block' });
    const page = await context.newPage();
    await watchLongTasks(page);
    await page.goto(`${url}/#/water?world=brindle-mere`);
    await page.locator('.tie-on__link').waitFor();
    await page.waitForTimeout(2000);
    await lay(page);
    await page.goto(`${url}/#/water`);
    await page.reload();
    await page.locator('.tie-on__link').waitFor();
    await page.waitForTimeout(4000);
    const devtools = await context.newCDPSession(page);
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: slower });
    await forgetTasks(page);
    const opened = await page.evaluate(async () => {
      const started = performance.now();
      location.hash = '#/log';
      while (document.querySelector('.log__parts button') === null) await new Promise((r) => setTimeout(r, 5));
      document.querySelectorAll<HTMLElement>('.log__parts button')[1]?.click();
      while (document.querySelector('[data-testid=outing]') === null) await new Promise((r) => setTimeout(r, 5));
      return performance.now() - started;
    });
    line(`log-2000-outings-open-${name}`, opened, 'ms', openMs);
    const analysed = await page.evaluate(async () => {
      const started = performance.now();
      document.querySelectorAll<HTMLElement>('.log__parts button')[2]!.click();
      while (document.querySelector('[data-testid=rate]') === null) await new Promise((r) => setTimeout(r, 5));
      return performance.now() - started;
    });
    line(`log-2000-outings-analysed-${name}`, analysed, 'ms', openMs);
    await page.waitForTimeout(3000);
    line(`longest-task-log-${name}`, await longestTask(page), 'ms', 50);
    await page.evaluate(() => document.querySelectorAll<HTMLElement>('.log__parts button')[0]!.click());
    await page.getByRole('button', { name: 'Tie on, and begin' }).click();
    await page.getByTestId('log-out').waitFor();
    await page.waitForTimeout(4000);
    await forgetTasks(page);
    line(`log-key-to-stored-${name}`, middle(await keyTimes(page)), 'ms', keyMs);
    line(`longest-task-log-keys-${name}`, await longestTask(page), 'ms', 50);
    await context.close();
  }
}
