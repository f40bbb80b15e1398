import compat from 'eslint-plugin-compat';
import pluginVue from 'eslint-plugin-vue';
import tseslint from 'typescript-eslint';
import vueParser from 'vue-eslint-parser';

/** Which folders of the core a folder may not reach into: imports point one way. */
const FLOW = ['units', 'water', 'tackle', 'rig', 'motion', 'hold', 'advice', 'bench', 'ticket', 'formats'];
const arrows = FLOW.map((folder, at) => ({
  files: [`core/${folder}/**/*.ts`],
  ignores: ['**/*.test.ts', '**/*.prop.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...(at < FLOW.length - 1
            ? [
                {
                  group: FLOW.slice(at + 1).map((later) => `**/${later}/**`),
                  // the caution ids are words of the ticket that the wording table names
                  message: `core/${folder} comes before these in the flow: units, water, tackle -> rig -> motion -> advice -> bench -> ticket -> formats.`,
                  allowTypeImports: folder === 'advice',
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

export default tseslint.config(
  { ignores: ['dist/**', 'dist-server/**', 'node_modules/**', 'test-results/**', 'playwright-report/**', '**/*.d.ts'] },
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
    ignores: ['**/*.test.ts', 'core/**', 'scripts/**', 'e2e/**', 'bench/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: ['**/core/*', '**/core/*/**'], message: 'Import the core by its index: @core, or ../core.' },
          ],
        },
      ],
    },
  },
  {
    // what one of the three engines lacks is used with a way round, or not at all; `browserslist` in package.json says which versions
    ...compat.configs['flat/recommended'],
    files: ['app/**/*.ts', 'app/**/*.vue', 'core/**/*.ts', 'paper/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/testing/**'],
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  { files: ['server/serve.ts', 'standins/**', 'scripts/**', 'bench/**'], rules: { 'no-console': 'off' } },
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
);
