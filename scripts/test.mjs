// npm test: sets the machine up, then types, lint, unit tests and browser tests; the last line counts them all.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { chromium, ensureChromium, ensureDependencies, root, run } from './ensure.mjs';

const started = Date.now();
let passed = 0;
let failed = 0;
const say = (text) => console.log(`pandero: ${text} (${Math.round((Date.now() - started) / 1000)} s)`);
const show = { stdio: ['ignore', 'inherit', 'inherit'] };

function step(name, command, args) {
  const good = run(command, args, show) === 0;
  if (good) passed++;
  else failed++;
  say(`${name} ${good ? 'passed' : 'FAILED'}`);
  return good;
}

/** A step that runs beside others; what it says is shown when it is done. */
function beside(name, command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root });
    let said = '';
    child.stdout.on('data', (data) => (said += data));
    child.stderr.on('data', (data) => (said += data));
    const finish = (good) => {
      if (good) passed++;
      else failed++;
      if (said !== '') console.log(said);
      say(`${name} ${good ? 'passed' : 'FAILED'}`);
      resolve();
    };
    child.on('error', ({ message }) => {
      said += message;
      finish(false);
    });
    child.on('close', (code) => finish(code === 0));
  });
}

/** Runs tests that leave a report; a runner that dies without one counts as a failure. */
function tests(name, command, args, report, count, env = {}) {
  rmSync(report, { force: true });
  mkdirSync(dirname(report), { recursive: true });
  const status = run(command, args, { ...show, env: { ...process.env, ...env } });
  if (!existsSync(report)) {
    failed++;
    say(`${name} FAILED without a report`);
    return;
  }
  const { good, bad } = count(JSON.parse(readFileSync(report, 'utf8')));
  passed += good;
  failed += status !== 0 && bad === 0 ? 1 : bad;
  say(`${name}: ${good} passed, ${bad} failed`);
}

/** Titles of the browser tests that needed a second try. */
const flakyIn = (suites) =>
  suites.flatMap(({ specs = [], suites: within = [] }) => [
    ...specs.flatMap(({ title, tests: runs }) => (runs.some(({ status }) => status === 'flaky') ? [title] : [])),
    ...flakyIn(within),
  ]);

ensureDependencies();
ensureChromium();
console.log(`pandero: testing with Node ${process.version} and ${chromium}`);

// nothing here waits for another: they share the machine
await Promise.all([
  beside('types', process.execPath, ['scripts/types.mjs']),
  beside('lint', 'node_modules/.bin/eslint', ['--cache', '--cache-location', 'node_modules/.cache/eslint/', '.']),
  beside('layout', 'node_modules/.bin/prettier', ['--check', '--log-level', 'warn', '.']),
]);

const unitReport = join(root, 'test-results/unit.json');
tests(
  'unit tests',
  process.execPath,
  [
    '--experimental-vm-modules',
    '--no-warnings',
    'node_modules/jest/bin/jest.js',
    '--silent',
    '--json',
    `--outputFile=${unitReport}`,
  ],
  unitReport,
  (report) => ({ good: report.numPassedTests, bad: report.numFailedTests + report.numRuntimeErrorTestSuites }),
);

if (step('build', 'npm', ['run', '-s', 'build'])) {
  const e2eReport = join(root, 'test-results/e2e.json');
  tests('browser tests', 'node_modules/.bin/playwright', ['test'], e2eReport, ({ stats, suites }) => {
    // a race in a test is a fault of the test: it does not stop the others, but it is named until somebody mends it
    for (const title of flakyIn(suites)) say(`only on a second try: ${title}`);
    return { good: stats.expected + stats.flaky, bad: stats.unexpected };
  });
}

console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
