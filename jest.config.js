/** Unit tests run as ES modules through swc; the sandbox's slow Math is replaced by the real one. */
export const inEnglish = {
  displayName: 'unit',
  testEnvironment: 'node',
  roots: [
    '<rootDir>/core',
    '<rootDir>/cli',
    '<rootDir>/server',
    '<rootDir>/app',
    '<rootDir>/demo',
    '<rootDir>/paper',
    '<rootDir>/standins',
  ],
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts', '.vue'],
  moduleFileExtensions: ['ts', 'js', 'mjs', 'cjs', 'json', 'vue'],
  transform: {
    '^.+\\.ts$': '<rootDir>/scripts/jest-transform.cjs',
    '^.+\\.vue$': '<rootDir>/scripts/jest-vue.cjs',
  },
  moduleNameMapper: {
    '^@core$': '<rootDir>/core/index.ts',
    // looks and the addresses of workers belong to the build
    '\\.css$': '<rootDir>/scripts/jest-nothing.mjs',
    '/\\w+\\.worker\\.ts$': '<rootDir>/scripts/jest-nothing.mjs',
    '^highs/runtime': '<rootDir>/scripts/jest-nothing.mjs',
    '^vuetify/styles/': '<rootDir>/scripts/jest-nothing.mjs',
  },
  setupFiles: ['fake-indexeddb/auto'],
  cacheDirectory: '<rootDir>/node_modules/.cache/jest',
};
/** The same app in a made-up language: a word that is left in English stands outside the locale. */
const inPseudo = {
  ...inEnglish,
  displayName: 'pseudo',
  testMatch: ['**/*.pseudo.ts'],
  transform: { ...inEnglish.transform, '^.+\\.ts$': '<rootDir>/scripts/jest-pseudo.cjs' },
};

export default {
  projects: [inEnglish, inPseudo],
  // two at a time on the smallest machine too: one would leave a core idle
  maxWorkers: 2,
  // a busy machine is slow, not wrong
  testTimeout: 60_000,
};
