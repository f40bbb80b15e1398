// npm test: sets the machine up, then types, lint, layout, build, unit tests and browser tests; the last line counts them all.
// npm test -- --changed: types, lint, layout and the nearest tests of what differs from the last commit, for the hundred times a day.
import { join } from 'node:path';
import { changedFiles, nearestTests, partsOf } from './changed.mjs';
import { chromium } from './chromium.mjs';
import { ensureChromium, ensureDependencies, root } from './ensure.mjs';
import { finish, say, sideBySide, stage } from './stages.mjs';

const CACHE = 'node_modules/.cache';
const bin = (name) => `node_modules/.bin/${name}`;
/** Titles of the browser tests that needed a second try. */
const flakyIn = (suites) =>
  suites.flatMap(({ specs = [], suites: within = [] }) => [
    ...specs.flatMap(({ title, tests: runs }) => (runs.some(({ status }) => status === 'flaky') ? [title] : [])),
    ...flakyIn(within),
  ]);

const types = (parts = []) => stage('types', process.execPath, ['scripts/types.mjs', ...parts]);
const lint = (files = ['.']) =>
  stage('lint', bin('eslint'), [
    ...['--cache', '--cache-location', `${CACHE}/eslint/`, '--no-warn-ignored', '--no-error-on-unmatched-pattern'],
    ...files,
  ]);
const layout = (files = ['.']) =>
  stage('layout', bin('prettier'), [...['--check', '--log-level', 'warn', '--ignore-unknown', '--cache'], ...files]);
const unused = () => stage('nothing unused', bin('knip'), ['--no-progress', '--no-config-hints']);
const build = () => stage('build', 'npm', ['run', '-s', 'build']);
const unitTests = (args = []) =>
  stage(
    'unit tests',
    process.execPath,
    [
      ...['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js', '--silent'],
      ...['--json', '--outputFile=test-results/unit.json', ...args],
    ],
    {
      isAlone: true,
      report: {
        file: join(root, 'test-results/unit.json'),
        count: (report) => ({
          good: report.numPassedTests,
          bad: report.numFailedTests + report.numRuntimeErrorTestSuites,
        }),
      },
    },
  );
const browserTests = () =>
  stage('browser tests', bin('playwright'), ['test'], {
    isAlone: true,
    report: {
      file: join(root, 'test-results/e2e.json'),
      count: ({ stats, suites }) => {
        // a race in a test is a fault of the test: it does not stop the others, but it is named until somebody mends it
        for (const title of flakyIn(suites)) say(`only on a second try: ${title}`);
        return { good: stats.expected + stats.flaky, bad: stats.unexpected };
      },
    },
  });

ensureDependencies();
if (process.argv.includes('--changed')) {
  const files = changedFiles();
  if (files.length === 0) say('nothing differs from the last commit');
  else {
    const tests = nearestTests(files);
    const parts = partsOf(files);
    await sideBySide([
      ...(parts.length > 0 ? [() => types(parts)] : []),
      () => lint(files.filter((name) => /\.(ts|vue|[cm]?js)$/.test(name))),
      () => layout(files),
    ]);
    if (tests.length > 0) await unitTests(['--runTestsByPath', ...tests]);
  }
} else {
  ensureChromium();
  console.log(`pandero: testing with Node ${process.version} and ${chromium()}`);
  let isBuilt = false;
  await sideBySide([
    () => types(),
    () => lint(),
    async () => (isBuilt = await build()),
    () => layout(),
    () => unused(),
  ]);
  await unitTests();
  if (isBuilt) await browserTests();
}
finish();
