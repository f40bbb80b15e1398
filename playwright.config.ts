import { defineConfig, devices } from '@playwright/test';

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
const chrome = {
  ...devices['Desktop Chrome'],
  launchOptions: { executablePath: '/usr/bin/chromium', args: CHROMIUM_ARGS },
};

export default defineConfig({
  testDir: 'e2e',
  testMatch: '**/*.e2e.ts',
  outputDir: 'test-results',
  fullyParallel: true,
  workers: 2,
  retries: 0,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: { baseURL: `http://127.0.0.1:${PORT}`, acceptDownloads: true, contextOptions: { reducedMotion: 'reduce' } },
  webServer: {
    command: `node dist-server/serve.js --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}`,
    reuseExistingServer: false,
  },
  projects: [
    { name: 'desk', use: { ...chrome, viewport: { width: 1280, height: 800 } } },
    {
      name: 'deck',
      testIgnore: '**/bad-input.e2e.ts',
      use: { ...chrome, viewport: { width: 390, height: 844 }, hasTouch: true },
    },
  ],
});
