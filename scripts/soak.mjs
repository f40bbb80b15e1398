// npm run soak: the relay of a sounder under a thousand sentences a second, then long runs of random work in the built app, at both sizes; SOAK_SECONDS and SOAK_SEED change how long and from where.
import { ensureChromium, ensureDependencies, run } from './ensure.mjs';

ensureDependencies();
ensureChromium();
const show = { stdio: ['ignore', 'inherit', 'inherit'] };
if (run('npm', ['run', '-s', 'build']) !== 0) process.exit(1);
const relay = run('node', ['--expose-gc', '--import', 'tsx', 'server/sounder.soak.ts'], show);
const random = run(
  'node_modules/.bin/playwright',
  ['test', '--config', 'e2e/soak.config.ts', ...process.argv.slice(2)],
  show,
);
process.exitCode = relay !== 0 ? relay : random;
