import { defineConfig, devices } from '@playwright/test';
import { chromium } from './scripts/chromium.mjs';

export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

const PORT = 4319;
const DESK = { width: 1280, height: 800 };
/** A made-up name that resolves to this machine: plain http, as a phone opens it on a boat's network. */
export const BOAT = `http://mere.test:${PORT}`;
export const SCALE_PORT = 4332;
/** UDP port on which sounders are heard, and the port of the practice tube. */
export const SOUNDER_PORT = 10_111;
export const TUBE_PORT = 10_121;
const chrome = {
  ...devices['Desktop Chrome'],
  launchOptions: {
    executablePath: chromium(),
    args: [...CHROMIUM_ARGS, '--host-resolver-rules=MAP mere.test 127.0.0.1'],
  },
};

export default defineConfig({
  testDir: 'e2e',
  testMatch: '**/*.e2e.ts',
  outputDir: 'test-results',
  fullyParallel: true,
  workers: 2,
  // what fails twice has failed; what fails once is named by `npm test`
  retries: 1,
  // a machine that is busy with other things is slow, not wrong: only what never comes is a failure
  timeout: 120_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    acceptDownloads: true,
    contextOptions: { reducedMotion: 'reduce' },
    // only the tests of it have the app kept by the browser: the others see what is served
    serviceWorkers: 'block',
  },
  webServer: [
    {
      command: `node dist-server/scale.js --port ${SCALE_PORT} --hold 9.4`,
      port: SCALE_PORT,
      reuseExistingServer: false,
    },
    {
      command: `node dist-server/serve.js --port ${PORT} --scale ${SCALE_PORT} --sounder ${SOUNDER_PORT} --tube ${TUBE_PORT} --name mere.test`,
      url: `http://127.0.0.1:${PORT}`,
      reuseExistingServer: false,
    },
  ],
  projects: [
    { name: 'setup', testMatch: '**/*.setup.ts', use: { ...chrome, viewport: DESK } },
    { name: 'desk', dependencies: ['setup'], grepInvert: /@deck/, use: { ...chrome, viewport: DESK } },
    {
      name: 'deck',
      dependencies: ['setup'],
      grepInvert: /@desk/,
      use: { ...chrome, viewport: { width: 390, height: 844 }, hasTouch: true },
    },
  ],
});
