import { defineConfig } from '@playwright/test';
import base from '../playwright.config';

/** Long runs of random work: `npm run soak`. How long is told by SOAK_SECONDS, where it begins by SOAK_SEED. */
export default defineConfig({
  ...base,
  testDir: '.',
  testMatch: '**/*.soak.ts',
  outputDir: '../test-results/soak',
  timeout: 3_600_000,
  reporter: 'list',
  projects: base.projects!.map(({ testIgnore: _testIgnore, ...project }) => project),
});
