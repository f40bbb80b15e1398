// npm run demo: installs what is missing, builds, and serves the app with the made-up world; prints one address.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureDependencies, root, run } from './ensure.mjs';

ensureDependencies();
console.error('pandero: building …');
if (run('npm', ['run', '-s', 'build']) !== 0) {
  console.error('pandero: the build failed; what went wrong stands above.');
  process.exit(1);
}
const SCALE_PORT = '4331';
const scale = spawn(process.execPath, [join(root, 'dist-server/scale.js'), '--port', SCALE_PORT], { stdio: 'inherit' });
console.error('pandero: serving on this machine only; stop with Ctrl+C. Open:');
const server = spawn(
  process.execPath,
  [
    join(root, 'dist-server/serve.js'),
    '--open',
    '/#/water?world=brindle-mere',
    '--scale',
    SCALE_PORT,
    ...process.argv.slice(2),
  ],
  { stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => {
  scale.kill();
  process.exit(code ?? 0);
});
