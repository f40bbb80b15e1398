import { readFileSync } from 'node:fs';
import compat from 'eslint-plugin-compat';
import pluginVue from 'eslint-plugin-vue';
import tseslint from 'typescript-eslint';
import vueParser from 'vue-eslint-parser';

/** Floors of the core from the ground up: a folder may not reach into one above it. Circles are looked for in core/flow.test.ts. */
const FLOW = JSON.parse(readFileSync(new URL('core/flow.json', import.meta.url), 'utf8'));
const folderOf = (floor) => `**/${floor.split('/').at(-1)}/**`;
const arrows = FLOW.map((floor, at) => ({
  files: [`core/${floor}/**/*.ts`, `core/${floor}.ts`],
  ignores: ['**/*.test.ts', '**/*.cases.ts', 'core/index.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...(at < FLOW.length - 2
            ? [
                {
                  group: FLOW.slice(at + 1, -1).map(folderOf),
                  message: `core/${floor} stands below these: core/flow.json.`,
                },
              ]
            : []),
          {
            group: ['**/app/**', '**/server/**', '**/cli/**', '**/demo/**', 'vue', 'dexie', 'node:*'],
            message: 'The core knows no page, server or machine.',
          },
          { group: ['**/core', '../index', '../../index'], message: 'Inside the core import the file itself.' },
        ],
      },
    ],
  },
}));

const CORE_BY_ITS_INDEX = {
  group: ['**/core/*', '**/core/*/**'],
  message: 'Import the core by its index: @core, or ../core.',
};
/** Floors of the app, rooms of one floor together; a room is a folder or a file. Circles are looked for in core/flow.test.ts. */
const APP_FLOW = JSON.parse(readFileSync(new URL('app/flow.json', import.meta.url), 'utf8'));
const foldersOf = (floors) =>
  floors
    .slice(0, -1)
    .flat()
    .filter((room) => !room.includes('/') && !/^[A-Z]/.test(room));
const appArrows = APP_FLOW.slice(0, -2).map((rooms, at) => ({
  files: rooms.flatMap((room) => [`app/${room}/**/*.{ts,vue}`, `app/${room}.{ts,vue}`]),
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          CORE_BY_ITS_INDEX,
          {
            // single files, and those that stand lower than their folder, are left to the test
            group: [...foldersOf(APP_FLOW.slice(at + 1)).map((room) => `**/${room}/**`)],
            message: `app/${rooms.join(', ')} stand below these: app/flow.json.`,
          },
        ],
      },
    ],
  },
}));

export default tseslint.config(
  {
    ignores: [
      'dist/**',
      'dist-server/**',
      '.stryker-tmp/**',
      'node_modules/**',
      'test-results/**',
      'playwright-report/**',
      '**/*.d.ts',
    ],
  },
  ...tseslint.configs.recommended,
  ...pluginVue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parser: vueParser, parserOptions: { parser: tseslint.parser, sourceType: 'module' } },
    rules: {
      'vue/no-ref-as-operand': 'error',
      'vue/multi-word-component-names': 'off',
      // layout is Prettier's
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  {
    // what only types can tell: a promise nobody waits for, a case nobody thought of. The core has no promises, and its switches are tables
    files: ['app/**/*.ts', 'cli/**/*.ts', 'server/**/*.ts'],
    ignores: ['**/*.test.ts'],
    languageOptions: {
      parserOptions: {
        project: ['app', 'cli', 'server'].map((part) => `${part}/tsconfig.json`),
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  {
    files: ['**/*.ts', '**/*.vue'],
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      'no-console': ['error', { allow: ['error'] }],
      eqeqeq: 'error',
    },
  },
  {
    files: ['**/*.ts', '**/*.vue'],
    ignores: ['**/*.test.ts', 'core/**', 'scripts/**', 'e2e/**', 'benchmarks/**'],
    rules: {
      'no-restricted-imports': ['error', { patterns: [CORE_BY_ITS_INDEX] }],
    },
  },
  {
    // what one of the three engines lacks is used with a way round, or not at all; `browserslist` in package.json says which versions
    ...compat.configs['flat/recommended'],
    files: ['app/**/*.ts', 'app/**/*.vue', 'core/**/*.ts', 'paper/**/*.ts', 'solver/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/testing/**'],
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  { files: ['server/serve.ts', 'standins/**', 'scripts/**', 'benchmarks/**'], rules: { 'no-console': 'off' } },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Chance is a parameter.' },
        { object: 'Date', property: 'now', message: 'Time is a parameter.' },
      ],
      'no-restricted-globals': ['error', 'Date', 'document', 'window', 'fetch'],
    },
  },
  ...arrows,
  ...appArrows,
);
