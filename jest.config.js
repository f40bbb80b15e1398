export default {
  testEnvironment: 'node',
  roots: ['core','cli','server','app','demo','paper','standins'].map((r) => `<rootDir>/${r}`),
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  moduleFileExtensions: ['ts', 'js', 'mjs', 'cjs', 'json', 'vue'],
  transform: { '\\.test\\.ts$': '<rootDir>/scripts/jest-bundle.cjs' },
  moduleNameMapper: { '^@core$': '<rootDir>/core/index.ts' },
  setupFiles: ['fake-indexeddb/auto'],
  cacheDirectory: '<rootDir>/node_modules/.cache/jest',
  maxWorkers: 2,
  testTimeout: 60_000,
};
