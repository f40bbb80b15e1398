/** Unit tests: each is bundled with all it imports before it runs (scripts/jest-bundle.cjs, ADR 33). */
export default {
  testEnvironment: 'node',
  roots: ['core', 'cli', 'server', 'app', 'demo', 'paper', 'standins'].map((folder) => `<rootDir>/${folder}`),
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  moduleFileExtensions: ['ts', 'js', 'mjs', 'cjs', 'json', 'vue'],
  transform: { '\\.test\\.ts$': '<rootDir>/scripts/jest-bundle.cjs' },
  // which test hangs on which file is told by their imports
  moduleNameMapper: { '^@core$': '<rootDir>/core/index.ts' },
  setupFiles: ['fake-indexeddb/auto'],
  cacheDirectory: '<rootDir>/node_modules/.cache/jest',
  // two at a time on the smallest machine too: one would leave a core idle
  maxWorkers: 2,
  // a busy machine is slow, not wrong
  testTimeout: 240_000,
};
