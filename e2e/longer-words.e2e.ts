import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cutOff, DESK, expect, settled, test } from './fixtures';

const PORT = 4396;
let home: string;
let server: ChildProcess;

// the app in a made-up language whose words are two fifths longer (core/testing/pseudo.ts)
test.describe('words two fifths longer', () => {
  test.use({ baseURL: `http://127.0.0.1:${PORT}` });
  test.beforeAll(async () => {
    home = mkdtempSync(join(tmpdir(), 'pandero-longer-'));
    const built = spawnSync('node_modules/.bin/vite', ['build', '--mode', 'pseudo', '--outDir', join(home, 'dist')]);
    expect(built.status, String(built.stderr)).toBe(0);
    cpSync('dist-server', join(home, 'dist-server'), { recursive: true });
    server = spawn(process.execPath, [join(home, 'dist-server/serve.js'), '--port', String(PORT)]);
    await new Promise<void>((resolve) => server.stdout!.once('data', () => resolve()));
  });
  test.afterAll(() => {
    server.kill();
    rmSync(home, { recursive: true, force: true });
  });

  test(
    'no page breaks: nothing is cut off, nothing scrolls sideways, on the desk and on the deck',
    DESK,
    async ({ page }) => {
      await page.goto('/#/water?world=brindle-mere');
      await expect(page.locator('.tie-on__title')).toBeVisible();
      for (const size of [
        { width: 1280, height: 800 },
        { width: 390, height: 844 },
      ]) {
        await page.setViewportSize(size);
        for (const place of ['water', 'pick', 'bench', 'tank', 'deck', 'log', 'box', 'tickets', 'handbook']) {
          await page.evaluate((to) => (location.hash = to), `#/${place}`);
          await expect(page.locator('h1')).toHaveCount(1);
          // what stands on the bench and in the tank stays there for the second size
          if (['bench', 'tank'].includes(place) && size.width === 1280)
            await page.locator('.offered .press.act').click();
          await settled(page);
          const where = `${place} at ${size.width}`;
          expect(await cutOff(page), where).toEqual([]);
          const sideways = await page.evaluate(
            () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
          );
          expect(sideways, where).toBeLessThanOrEqual(0);
        }
      }
    },
  );
});
