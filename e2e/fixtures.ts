import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type Locator, type Page } from '@playwright/test';

/** What is said because a test keeps the app from being kept, or takes a part of it away. */
const EXPECTED = ['Service Worker registration blocked by Playwright', '404 (Not Found)'] as const;

/** Every test here also watches the console and the network: no error, and nothing leaves this machine. */
export const test = base.extend<{ watched: void; fetchesAhead: boolean }>({
  /** whether the rest of the app is fetched behind the first view; elsewhere the reader saves data, which halves the work of a short visit */
  fetchesAhead: [false, { option: true }],
  watched: [
    async ({ page, context, baseURL, fetchesAhead }, use) => {
      if (!fetchesAhead) {
        await context.addInitScript(() =>
          Object.defineProperty(navigator, 'connection', { value: { saveData: true }, configurable: true }),
        );
      }
      const complaints: string[] = [];
      const strangers: string[] = [];
      page.on('console', (message) => {
        if (!['error', 'warning'].includes(message.type())) return;
        if (!EXPECTED.some((text) => message.text().includes(text)))
          complaints.push(`${message.text()} ${message.location().url}`);
      });
      page.on('pageerror', (error) => complaints.push(error.message));
      page.on('request', (request) => {
        const url = request.url();
        if (!url.startsWith(baseURL ?? '') && !/^(data|blob):/.test(url)) strangers.push(url);
      });
      await use();
      expect(complaints).toEqual([]);
      expect(strangers).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** What is the same on both sizes runs on one: these say on which. */
export const DESK = { tag: '@desk' } as const;
export const DECK = { tag: '@deck' } as const;

/** What a browser keeps in which the demo world was opened once (e2e/demo-world.setup.ts). */
export const DEMO_STATE = 'test-results/demo-world.json';

/** Waits until nothing fades or slides any more, nor begins to; what turns for ever may. */
export const settled = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const moving = (): Animation[] =>
      document.getAnimations().filter(({ effect }) => effect?.getComputedTiming().iterations !== Infinity);
    for (let still = 0; still < 3; still = moving().length > 0 ? 0 : still + 1) {
      await Promise.all(moving().map((one) => one.finished.catch(() => undefined)));
      await new Promise((resolve) => requestAnimationFrame(resolve));
    }
  });

/** Runs axe over the page as it stands: in the page itself (nothing here has frames), and told to report faults only. */
export async function expectAxeClean(page: Page): Promise<void> {
  // colours are measured once nothing fades any more: rigs of the answer before stand faded until theirs are known
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await settled(page);
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  // behind a dialog nothing can be used, and all of it is dimmed
  if ((await page.locator('.v-overlay--active[role=dialog]').count()) > 0)
    axe.include('.v-overlay--active[role=dialog]');
  const { violations } = await axe.analyze();
  const found = violations.flatMap(({ id, nodes }) =>
    nodes.map(({ target, any }) => `${id}: ${target.join(' ')}: ${any.map(({ message }) => message).join('; ')}`),
  );
  expect(found).toEqual([]);
}

/** Goes to a station by its tab, and is there: nothing of the one before can be taken for it. */
export async function goTo(
  page: Page,
  station: 'Water' | 'Pick' | 'Bench' | 'Tank' | 'Deck' | 'Log' | 'Box' | 'Tickets',
): Promise<void> {
  const tab = page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: station });
  await tab.click();
  await expect(tab).toHaveAttribute('aria-current', 'page');
}

/** Opens the app on its water, for a test that begins with the state of the demo world. */
export async function openDemoWorld(page: Page): Promise<void> {
  await page.goto('/#/water');
  await onWater(page);
}
const onWater = (page: Page): Promise<void> =>
  expect(page.getByRole('region', { name: 'What to tie on' }).getByRole('link', { name: /^Tie on/ })).toBeVisible();

/** Puts the demo world in, for runs that begin with nothing. */
export async function fillDemoWorld(page: Page): Promise<void> {
  await page.goto('/#/water?world=brindle-mere');
  await onWater(page);
}

/** Empties the browser's store of everything but the settings. */
export async function clearEverything(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByText('Clear everything…').click();
  await page.getByRole('button', { name: 'Clear', exact: true }).click();
}

/** Saves what a click downloads and returns its text. */
export async function downloadText(page: Page, click: () => Promise<void>): Promise<string> {
  const [download] = await Promise.all([page.waitForEvent('download'), click()]);
  const stream = await download.createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks).toString('utf8');
}

/** Chooses a file in the import dialog. */
export const chooseFile = (page: Page, name: string, text: string): Promise<void> =>
  page
    .getByRole('dialog')
    .locator('input[type=file]')
    .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });

/** Chooses in a list by what it says. */
export async function choose(select: Locator, option: string): Promise<void> {
  await select.selectOption({ label: option });
  await expect(select.locator('option:checked')).toHaveText(option);
}

/** Texts of the page that are cut off, by themselves or by what is around them. */
export const cutOff = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const all = [...document.querySelectorAll<HTMLElement>('.v-application *')].filter(
      (element) => !element.closest('svg, .v-overlay-container, [aria-hidden=true]'),
    );
    const found = all.filter((element) => {
      const style = getComputedStyle(element);
      const own = [...element.childNodes].some((node) => node.nodeType === 3 && node.textContent!.trim() !== '');
      if (!own || style.visibility === 'hidden' || element.classList.contains('visually-hidden')) return false;
      const box = element.getBoundingClientRect();
      if (box.width === 0 || box.height === 0) return false;
      // cut by itself or by what is around it; what can be scrolled to is not cut
      let isReached = false;
      for (let around: HTMLElement | null = element; around; around = around.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(around);
        const edge = around.getBoundingClientRect();
        const clips = (value: string): boolean => value === 'hidden' || value === 'clip';
        if (clips(overflowY) && box.bottom > edge.bottom + 3) return true;
        if (overflowX === 'auto' || overflowX === 'scroll') isReached = true;
        if (!isReached && clips(overflowX) && box.right > edge.right + 3) return true;
        if (around.classList.contains('page')) break;
      }
      return false;
    });
    return found.map(
      (element) => `${element.className || element.tagName}: ${element.textContent!.trim().slice(0, 40)}`,
    );
  });

/** Lays a jig with a kicking bug on the bench as it came out of the box, on edge: what the pick had cut is taken back, cut by cut. */
export async function layUncut(page: Page): Promise<void> {
  await goTo(page, 'Pick');
  const row = page.getByRole('article').filter({ hasText: 'flipping, 4 in kicking bug' }).first();
  await row.getByRole('button').first().click();
  await row.getByRole('button', { name: 'Cut and hang it on the bench' }).click();
  // drawing, parts, numbers and cut list come in one after the other
  await expect(page.getByTestId('open-steps')).toBeVisible();
  const undo = page.getByRole('button', { name: 'Undo' });
  while (await undo.isEnabled()) await undo.click();
  await expect(page.getByTestId('part-trailer')).toContainText('Kicking bug');
  await page.getByTestId('part-trailer').click();
  await page.getByTestId('edit-turn').getByRole('button', { name: 'on edge' }).click();
}
