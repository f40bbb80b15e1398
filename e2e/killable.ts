import { spawn } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium as engine, expect, type BrowserContext } from '@playwright/test';
import { CHROMIUM_ARGS } from '../playwright.config';
import { chromium } from '../scripts/chromium.mjs';

/** A browser of its own that can be killed: its folder stays. */
export async function killable(profile: string): Promise<{ context: BrowserContext; kill(): Promise<void> }> {
  // it takes a port that is free, and writes down which
  const told = join(profile, 'DevToolsActivePort');
  rmSync(told, { force: true });
  const child = spawn(
    chromium(),
    [...CHROMIUM_ARGS, '--headless', `--user-data-dir=${profile}`, '--remote-debugging-port=0', 'about:blank'],
    { stdio: 'ignore', detached: true },
  );
  let browser: Awaited<ReturnType<typeof engine.connectOverCDP>> | null = null;
  await expect(async () => {
    const [port] = readFileSync(told, 'utf8').split('\n');
    browser = await engine.connectOverCDP(`http://127.0.0.1:${port}`);
  }).toPass({ timeout: 60_000 });
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
