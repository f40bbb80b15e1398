// Type-checks every part with the library and types it may use, and no more.
import { spawnSync } from 'node:child_process';
import { root } from './ensure.mjs';

const CHECKS = [
  ['tsc', '-p', 'core'],
  ['tsc', '-p', 'core/tsconfig.test.json'],
  ['tsc', '-p', 'cli'],
  ['tsc', '-p', 'server'],
  ['vue-tsc', '-p', 'app'],
  ['tsc', '-p', 'e2e'],
];
let failed = 0;
for (const [program, ...args] of CHECKS) {
  const done = spawnSync(`node_modules/.bin/${program}`, args, { cwd: root, stdio: 'inherit' });
  if (done.status !== 0) failed++;
}
process.exitCode = failed === 0 ? 0 : 1;
