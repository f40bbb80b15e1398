// npm run soak: the long proofs whole, of which `npm test` makes a share; the relay of a sounder under a thousand sentences a second, then long runs of random work in the built app, at both sizes; SOAK_SECONDS and SOAK_SEED change how long and from where.
import { spawnSync } from 'node:child_process';
import { ensureChromium, ensureDependencies, root, run } from './ensure.mjs';

ensureDependencies();
ensureChromium();
const show = { stdio: ['ignore', 'inherit', 'inherit'] };
if (run('npm', ['run', '-s', 'build']) !== 0) process.exit(1);
const proofs = spawnSync('git', ['grep', '-l', 'testing/runs', '--', '*.test.ts'], { cwd: root, encoding: 'utf8' })
  .stdout.split('\n')
  .filter(Boolean);
console.log(`pandero: the whole of ${proofs.join(', ')}`);
const whole = run(
  process.execPath,
  ['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js', '--runTestsByPath', ...proofs],
  { ...show, env: { ...process.env, SOAK: 'yes' } },
);
console.log('pandero: the relay of a sounder under a thousand sentences a second');
const relay = run('node', ['--expose-gc', '--import', 'tsx', 'server/sounder.soak.ts'], show);
console.log('pandero: random work in the built app');
const random = run(
  'node_modules/.bin/playwright',
  ['test', '--config', 'e2e/soak.config.ts', ...process.argv.slice(2)],
  show,
);
process.exitCode = [whole, relay, random].find((status) => status !== 0) ?? 0;
