import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BOAT } from '../playwright.config';
import { DESK, chooseFile, clearEverything, downloadText, expect, goTo, test } from './fixtures';

// what is stored and sent is the same on any screen

test.describe('on a boat’s own network, over plain http', () => {
  test.use({ baseURL: BOAT });
  test('the main journey: water, box, pick, ticket, bench, backup and back', DESK, async ({ page }) => {
    test.slow();
    await page.goto('/');
    expect(await page.evaluate(() => [location.hostname, isSecureContext, 'randomUUID' in crypto])).toEqual([
      'mere.test',
      false,
      false,
    ]);
    await goTo(page, 'Box');
    await page.getByRole('button', { name: 'Fill with the demo parts' }).click();
    await expect(page.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
    await goTo(page, 'Water');
    await page.getByRole('textbox', { name: /Water temperature/ }).fill('48');
    await expect(page.getByTestId('want-fall')).toContainText('48 °F is cold');
    await goTo(page, 'Pick');
    await page.getByTestId('pick-1').getByRole('button').first().click();
    await page.getByRole('button', { name: 'Write the ticket for this rig' }).click();
    await page.getByRole('textbox', { name: 'Your note' }).fill('by the houseboats');
    await page.getByRole('button', { name: 'To the bench' }).click();
    await page.getByTestId('handle-nose').focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled();
    await page.reload();
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled();
    await page.getByRole('button', { name: 'Files' }).click();
    await page.getByText('Where it is kept…').click();
    await expect(page.getByRole('dialog')).toContainText('This page came over plain http');
    const backup = await downloadText(page, () =>
      page.getByRole('dialog').getByRole('button', { name: 'Export everything' }).click(),
    );
    await page.getByRole('button', { name: 'Close' }).click();
    await clearEverything(page);
    await goTo(page, 'Tickets');
    await expect(page.getByRole('heading', { name: '0 tickets' })).toBeVisible();
    await page.getByRole('button', { name: 'Import…' }).click();
    await chooseFile(page, 'backup.json', backup);
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByTestId('ticket-row').getByRole('link').click();
    await expect(page.getByRole('textbox', { name: 'Your note' })).toHaveValue('by the houseboats');
  });
});

test.describe('with no server and no signal', () => {
  test.use({ serviceWorkers: 'allow' });

  /** A server of this test alone, which it may stop. */
  async function ownServer(port: number): Promise<ChildProcess> {
    const server = spawn(process.execPath, ['dist-server/serve.js', '--port', String(port)]);
    await new Promise<void>((resolve) => server.stdout.once('data', () => resolve()));
    return server;
  }
  const stopped = (server: ChildProcess): Promise<void> =>
    new Promise((resolve) => {
      server.once('exit', () => resolve());
      server.kill();
    });

  test.use({ baseURL: 'http://127.0.0.1:4395' });
  test(
    'after one visit everything works with the server stopped, a reload and a new tab too',
    DESK,
    async ({ page, context }) => {
      test.slow();
      const server = await ownServer(4395);
      await page.goto('/#/water?world=brindle-mere');
      await expect(page.getByRole('link', { name: /^Tie on/ })).toBeVisible();
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
      await stopped(server);
      await page.reload();
      await expect(page.getByRole('link', { name: /^Tie on/ })).toBeVisible();
      await page.getByRole('textbox', { name: /Water temperature/ }).fill('71');
      await goTo(page, 'Pick');
      await page.getByTestId('pick-1').getByRole('button').first().click();
      await page.getByRole('button', { name: 'Write the ticket for this rig' }).click();
      await page.getByRole('button', { name: 'To the bench' }).click();
      await expect(page.getByTestId('bench')).toBeVisible();
      const card = page.waitForEvent('download');
      await page.getByRole('button', { name: /Cut card/ }).click();
      await page.getByRole('button', { name: /PDF/ }).first().click();
      expect((await card).suggestedFilename()).toMatch(/\.pdf$/);
      await page.keyboard.press('Escape');
      const next = await context.newPage();
      await next.goto('/#/box');
      await expect(next.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
      await next.getByRole('button', { name: 'Import a list…' }).click();
      await chooseFile(next, 'list.csv', 'kind,length\nchunk,3\n');
      await expect(next.getByRole('dialog')).toContainText('1 part, read without a problem');
      await next.goto('/#/handbook');
      await expect(next.getByRole('heading', { level: 1 })).toBeVisible();
      await next.close();
    },
  );
});

test.describe('a new version', () => {
  test.use({ serviceWorkers: 'allow', baseURL: 'http://127.0.0.1:4398' });
  let server: ChildProcess | null = null;
  // a test that failed leaves no server on its port
  test.afterEach(() => void server?.kill());
  test(
    'waits until it is taken, then every open page starts anew with it and nothing entered is lost',
    DESK,
    async ({ page, context }) => {
      test.slow();
      // a copy of what is built, so that a later one can take its place
      const home = mkdtempSync(join(tmpdir(), 'pandero-update-'));
      cpSync('dist', join(home, 'dist'), { recursive: true });
      cpSync('dist-server', join(home, 'dist-server'), { recursive: true });
      const started = spawn(process.execPath, [join(home, 'dist-server/serve.js'), '--port', '4398']);
      server = started;
      await new Promise<void>((resolve) => started.stdout.once('data', () => resolve()));
      await page.goto('/#/water?world=brindle-mere');
      await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
      const other = await context.newPage();
      await other.goto('/#/box');
      await expect(other.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
      for (const one of [page, other]) await one.evaluate(() => Object.assign(window, { isOld: true }));
      // the later version
      const index = join(home, 'dist/index.html');
      writeFileSync(index, readFileSync(index, 'utf8').replace('<title>Pandero', '<title>Later Pandero'));
      const worker = join(home, 'dist/sw.js');
      writeFileSync(
        worker,
        readFileSync(worker, 'utf8').replace(
          /(url:"index\.html",revision:")[^"]*|(revision:")[^"]*(",url:"index\.html)/,
          '$1$2later$3',
        ),
      );
      await page.evaluate(() =>
        navigator.serviceWorker
          .getRegistration()
          .then((found) => found!.update())
          .then(() => undefined),
      );
      const news = page.getByRole('status', { name: 'News' });
      await expect(news).toContainText('A new version of Pandero is here and waits');
      await page.getByRole('textbox', { name: /Water temperature/ }).fill('62');
      // an old page opened now is still the old one
      const late = await context.newPage();
      await late.goto('/#/tickets');
      expect(
        await late.evaluate(async () => (await caches.match('index.html', { ignoreSearch: true }))?.text() ?? ''),
      ).not.toContain('Later');
      expect(await page.evaluate(() => 'isOld' in window)).toBe(true);
      await news.getByRole('button', { name: 'Take the new version' }).click();
      for (const one of [page, other]) {
        await expect.poll(() => one.evaluate(() => 'isOld' in window).catch(() => true)).toBe(false);
      }
      await expect(page.getByRole('textbox', { name: /Water temperature/ })).toHaveValue('62');
      await expect(other.getByRole('heading', { name: '66 parts in your box' })).toBeVisible();
      expect(await (await page.request.get('/')).text()).toContain('Later Pandero');
    },
  );
});

test.describe('a part of the app that is gone', () => {
  test('a worker that cannot be had is said, and the page goes on', DESK, async ({ page }) => {
    await page.route('**/assets/worker-rank-*.js', (route) => route.fulfill({ status: 404, body: '' }));
    await page.goto('/#/water?world=brindle-mere');
    await expect(page.getByRole('alert', { name: 'Problems' })).toContainText('Ranking could not be started');
    await page.getByRole('textbox', { name: /Water temperature/ }).fill('66');
    await expect(page.getByTestId('want-fall')).toContainText('66 °F');
  });
  test('a worker that never answers is noticed within seconds, started anew, and said', DESK, async ({ page }) => {
    test.slow();
    await page.route('**/assets/worker-rank-*.js', (route) =>
      route.fulfill({ status: 200, contentType: 'text/javascript', body: 'self.onmessage = () => undefined;' }),
    );
    await page.goto('/#/water?world=brindle-mere');
    await expect(page.locator('.v-snackbar__content')).toContainText('Ranking stopped answering and was started anew', {
      timeout: 20_000,
    });
    await expect(page.getByRole('alert', { name: 'Problems' })).toContainText('Ranking stopped answering', {
      timeout: 20_000,
    });
  });
  test('reading a file goes on without its worker', DESK, async ({ page }) => {
    await page.route('**/assets/worker-files-*.js', (route) => route.fulfill({ status: 404, body: '' }));
    await page.goto('/#/box');
    await page.getByRole('button', { name: 'Import a list…' }).click();
    await chooseFile(page, 'list.csv', 'kind,length\nchunk,3\n');
    await expect(page.getByRole('dialog')).toContainText('1 part, read without a problem');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('heading', { name: '1 part in your box' })).toBeVisible();
  });
});
