/** How `npm run mutants` breaks the core; the rooms and their tests are told by scripts/mutants.mjs. */
export default {
  testRunner: 'jest',
  testRunnerNodeArgs: ['--experimental-vm-modules', '--no-warnings'],
  coverageAnalysis: 'perTest',
  jest: { configFile: 'scripts/jest-mutants.mjs', enableFindRelatedTests: false },
  // words and the sources of coefficients are no arithmetic
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'Regex'] },
  ignorePatterns: ['dist', 'dist-server', 'e2e', 'test-results'],
  ignoreStatic: true,
  timeoutMS: 10_000,
  concurrency: 2,
  thresholds: { high: 90, low: 80, break: 80 },
  reporters: ['clear-text', 'json', 'progress-append-only'],
  jsonReporter: { fileName: process.env['MUTANTS_REPORT'] ?? 'test-results/mutants.json' },
  tempDirName: '.stryker-tmp',
};
