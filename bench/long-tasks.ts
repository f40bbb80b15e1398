import type { Page } from '@playwright/test';

interface Watched {
  readonly longTasks: number[];
}

/** Has a page write down every task over 50 ms from its start on, ms. */
export const watchLongTasks = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    const tasks: number[] = [];
    Object.assign(window, { longTasks: tasks });
    new PerformanceObserver((list) => list.getEntries().forEach(({ duration }) => tasks.push(duration))).observe({
      type: 'longtask',
      buffered: true,
    });
  });

/** The longest of them since they were forgotten, ms; 0 for none. */
export const longestTask = (page: Page): Promise<number> =>
  page.evaluate(() => Math.max(0, ...(window as unknown as Watched).longTasks));
export const forgetTasks = (page: Page): Promise<void> =>
  page.evaluate(() => void (window as unknown as Watched).longTasks.splice(0));
