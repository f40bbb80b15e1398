/** Unit tests run as ES modules through swc; the sandbox's slow Math is replaced by the real one. */
export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/core', '<rootDir>/cli', '<rootDir>/server', '<rootDir>/app', '<rootDir>/demo', '<rootDir>/paper'],
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  transform: { '^.+\\.ts$': '<rootDir>/scripts/jest-transform.cjs' },
  moduleNameMapper: { '^@core$': '<rootDir>/core/index.ts' },
  setupFiles: ['fake-indexeddb/auto'],
  // two at a time on the smallest machine too: one would leave a core idle
  maxWorkers: 2,
  cacheDirectory: '<rootDir>/node_modules/.cache/jest',
};
