import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type Locator, type Page, type TestInfo } from '@playwright/test';

/** What is said because a test keeps the app from being kept, or takes a part of it away. */
const EXPECTED = ['Service Worker registration blocked by Playwright', '404 (Not Found)'] as const;

/** Every test here also watches the console and the network: no error, and nothing leaves this machine. */
export const test = base.extend<{ watched: void }>({
  watched: [
    async ({ page, baseURL }, use) => {
      const complaints: string[] = [];
      const strangers: string[] = [];
      page.on('console', (message) => {
        if (!['error', 'warning'].includes(message.type())) return;
        if (!EXPECTED.some((text) => message.text().includes(text))) complaints.push(message.text());
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

/** Skips on the phone what is the same there: the deck's own tests are enough of its time. */
export const deskOnly = (info: TestInfo): void => base.skip(info.project.name !== 'desk', 'the same on the deck');

/** Runs axe over the page as it stands: in the page itself (nothing here has frames), and told to report faults only. */
export async function expectAxeClean(page: Page): Promise<void> {
  // colours are measured once nothing fades any more
  await page.waitForTimeout(350);
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  const { violations } = await axe.analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`)).toEqual(
    [],
  );
}

/** Goes to a station by its tab, and is there: nothing of the one before can be taken for it. */
export async function goTo(page: Page, station: 'Water' | 'Pick' | 'Bench' | 'Box' | 'Tickets'): Promise<void> {
  const tab = page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: station });
  await tab.click();
  await expect(tab).toHaveAttribute('aria-current', 'page');
}

/** Opens the app with the demo world in it. */
export async function openDemoWorld(page: Page): Promise<void> {
  await page.goto('/#/water?world=brindle-mere');
  await expect(
    page.getByRole('region', { name: 'What to tie on' }).getByRole('link', { name: /^Tie on/ }),
  ).toBeVisible();
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
