import type { CDPSession, Locator, Page } from '@playwright/test';

/** A place on the screen, in its pixels. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A finger that moves over the glass as the browser itself gets it, panning and all. */
export class Finger {
  constructor(private readonly cdp: CDPSession) {}
  private send(type: 'touchStart' | 'touchMove' | 'touchEnd' | 'touchCancel', touchPoints: Point[]): Promise<void> {
    return this.cdp.send('Input.dispatchTouchEvent', { type, touchPoints }) as Promise<never>;
  }
  async down(at: Point): Promise<void> {
    await this.send('touchStart', [at]);
  }
  async along(from: Point, to: Point, steps = 6): Promise<void> {
    for (let step = 1; step <= steps; step++) {
      const part = step / steps;
      await this.send('touchMove', [{ x: from.x + (to.x - from.x) * part, y: from.y + (to.y - from.y) * part }]);
    }
  }
  up = (): Promise<void> => this.send('touchEnd', []);
  cancel = (): Promise<void> => this.send('touchCancel', []);
}
export const fingerOn = async (page: Page): Promise<Finger> => new Finger(await page.context().newCDPSession(page));

/** Lets so many pictures be drawn: what follows a change in steps has then followed. */
export const nextPictures = (page: Page, count: number): Promise<void> =>
  page.evaluate(async (left) => {
    for (let at = 0; at < left; at++) await new Promise((resolve) => requestAnimationFrame(resolve));
  }, count);

const middle = async (on: Locator): Promise<Point> => {
  const box = (await on.boundingBox())!;
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
};
/** What is measured once `ready`, again and again until it stays: numbers and lines that come after a change move what stands around them. */
async function steady(page: Page, ready: () => Promise<unknown>, measure: () => Promise<Point>): Promise<Point> {
  for (let before = { x: 0, y: 0 }; ;) {
    await ready();
    await nextPictures(page, 4);
    const now = await measure();
    if (Math.hypot(now.x - before.x, now.y - before.y) < 1) return now;
    before = now;
  }
}

/** Middle of a handle as soon as it stays where it is. */
export const steadyMiddle = (page: Page, on: Locator): Promise<Point> =>
  steady(
    page,
    () => Promise.resolve(),
    () => middle(on),
  );

/** Middle of a handle, brought to where the page can be panned both ways. */
export const middleOf = (page: Page, handle: Locator): Promise<Point> =>
  steady(
    page,
    () => handle.evaluate((element) => element.scrollIntoView({ block: 'center' })),
    async () => {
      const held = handle.locator('.handle__target, .handle__reach');
      return middle((await held.count()) > 0 ? held : handle);
    },
  );

/** Drags with the mouse, by so many pixels. */
export async function dragBy(page: Page, from: Point, dx: number, dy: number): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + dx / 2, from.y + dy / 2, { steps: 3 });
  await page.mouse.move(from.x + dx, from.y + dy, { steps: 3 });
  await page.mouse.up();
}
