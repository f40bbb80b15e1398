import type { Page } from '@playwright/test';

interface Watched {
  readonly longTasks: { readonly at: number; readonly ms: number }[];
}

/** Has a page write down every task over 50 ms from its start on, ms. */
export const watchLongTasks = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    const tasks: Watched['longTasks'] = [];
    Object.assign(window, { longTasks: tasks });
    new PerformanceObserver((list) =>
      list.getEntries().forEach(({ startTime, duration }) => tasks.push({ at: startTime, ms: duration })),
    ).observe({ type: 'longtask', buffered: true });
  });

/**
 * The longest of them since they were forgotten, ms; 0 for none.
 * @param from  `first-paint` leaves out those that began before anything was on the screen
 */
export const longestTask = (page: Page, from: 'any' | 'first-paint' = 'any'): Promise<number> =>
  page.evaluate((since) => {
    const painted = performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0;
    const { longTasks } = window as unknown as Watched;
    return Math.max(0, ...longTasks.filter(({ at }) => since === 'any' || at >= painted).map(({ ms }) => ms));
  }, from);
export const forgetTasks = (page: Page): Promise<void> =>
  page.evaluate(() => void (window as unknown as Watched).longTasks.splice(0));
