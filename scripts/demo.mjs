// npm run demo: installs what is missing, builds, and serves the app with the made-up world; prints one address.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureDependencies, root, run } from './ensure.mjs';

if (process.argv.slice(2).some((word) => word === '--help' || word === '-h')) {
  console.log(`npm run demo [-- OPTIONS]

Installs what is missing, builds, fills the demo world, starts the stand-ins (scale, sounder, practice tube) and the server, and prints one address.

  --port N        the port to listen on (4310, or the next that is free)
  --host HOST     who may open it: 127.0.0.1 (this machine alone, the default) or 0.0.0.0 (the boat's network)
  --name NAME     a further name this machine is known by; may stand several times
  --help          this`);
  process.exit(0);
}
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
/** UDP port on which sounders are heard. */
const SOUNDER_PORT = '10110';
const sounder = spawn(process.execPath, [join(root, 'dist-server/sounder.js'), '--port', SOUNDER_PORT], {
  stdio: 'ignore',
});
sounder.once('error', () =>
  console.error('pandero: the stand-in sounder did not start; everything else works without it.'),
);
/** Port of the practice tube. */
const TUBE_PORT = '10120';
const tube = spawn(process.execPath, [join(root, 'dist-server/tube.js'), '--port', TUBE_PORT], { stdio: 'ignore' });
tube.once('error', () => console.error('pandero: the practice tube did not start; everything else works without it.'));
console.error('pandero: stop with Ctrl+C. Open:');
const server = spawn(
  process.execPath,
  [
    join(root, 'dist-server/serve.js'),
    '--open',
    '/#/water?world=brindle-mere',
    ...(scale === null ? [] : ['--scale', scale.port]),
    '--sounder',
    SOUNDER_PORT,
    '--tube',
    TUBE_PORT,
    ...process.argv.slice(2),
  ],
  { stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => {
  scale?.child.kill();
  sounder.kill();
  tube.kill();
  process.exit(code ?? 0);
});
