// Type-checks every part with the library and types it may use, and no more. Two parts at a time: one would leave a core idle.
import { spawn } from 'node:child_process';
import { root } from './ensure.mjs';

const AT_ONCE = 2;
// the longest first
const checks = [
  ['vue-tsc', '-p', 'app'],
  ['tsc', '-p', 'core/tsconfig.test.json'],
  ['tsc', '-p', 'core'],
  ['tsc', '-p', 'cli'],
  ['tsc', '-p', 'server'],
  ['tsc', '-p', 'e2e'],
];

const check = ([program, ...args]) =>
  new Promise((resolve) => {
    const child = spawn(`node_modules/.bin/${program}`, args, { cwd: root, stdio: 'inherit' });
    child.on('error', () => resolve(false));
    child.on('close', (code) => resolve(code === 0));
  });

let failed = 0;
async function work() {
  for (let next = checks.shift(); next; next = checks.shift()) {
    if (!(await check(next))) failed++;
  }
}
await Promise.all(Array.from({ length: AT_ONCE }, work));
process.exitCode = failed === 0 ? 0 : 1;
