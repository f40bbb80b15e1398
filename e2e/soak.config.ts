import { defineConfig } from '@playwright/test';
import base from '../playwright.config';

/** Long runs of random work: `npm run soak`. How long is told by SOAK_SECONDS, where it begins by SOAK_SEED. */
export default defineConfig({
  ...base,
  testDir: '.',
  testMatch: '**/*.soak.ts',
  outputDir: '../test-results/soak',
  // so much longer than it is told to work
  timeout: (Number(process.env['SOAK_SECONDS'] ?? 300) + 120) * 1000,
  reporter: 'list',
  webServer: [base.webServer!].flat().map((server) => ({ ...server, cwd: new URL('..', import.meta.url).pathname })),
  projects: base
    .projects!.filter(({ name }) => name !== 'setup')
    .map(({ dependencies: _first, ...project }) => project),
});
