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
/** Starts the stand-in scale; its port, or null where it does not start: the demo goes on without. */
function startScale() {
  const child = spawn(process.execPath, [join(root, 'dist-server/scale.js')], { stdio: ['ignore', 'pipe', 'inherit'] });
  return new Promise((resolve) => {
    child.stdout.once('data', (data) => resolve({ child, port: String(data).trim() }));
    child.once('exit', () => resolve(null));
    child.once('error', () => resolve(null));
  });
}
const scale = await startScale();
if (scale === null) console.error('pandero: the stand-in scale did not start; everything else works without it.');
console.error('pandero: stop with Ctrl+C. Open:');
const server = spawn(
  process.execPath,
  [
    join(root, 'dist-server/serve.js'),
    '--open',
    '/#/water?world=brindle-mere',
    ...(scale === null ? [] : ['--scale', scale.port]),
    ...process.argv.slice(2),
  ],
  { stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => {
  scale?.child.kill();
  process.exit(code ?? 0);
});
