import { spawn } from 'node:child_process';
import { chromium, expect, type BrowserContext } from '@playwright/test';
import { CHROMIUM_ARGS } from '../playwright.config';

/** A browser of its own that can be killed: its folder stays. */
export async function killable(profile: string): Promise<{ context: BrowserContext; kill(): Promise<void> }> {
  const port = 9300 + Math.floor(Math.random() * 500);
  const child = spawn(
    '/usr/bin/chromium',
    [...CHROMIUM_ARGS, '--headless', `--user-data-dir=${profile}`, `--remote-debugging-port=${port}`, 'about:blank'],
    { stdio: 'ignore', detached: true },
  );
  let browser: Awaited<ReturnType<typeof chromium.connectOverCDP>> | null = null;
  await expect(async () => {
    browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
  }).toPass();
  return {
    context: browser!.contexts()[0]!,
    async kill() {
      const gone = new Promise((resolve) => child.once('exit', resolve));
      // every process of it at once, without a word
      process.kill(-child.pid!, 'SIGKILL');
      await gone;
    },
  };
}
