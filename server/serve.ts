import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { serve } from '@hono/node-server';
import { createApp } from './app';
import type { ScaleAddress } from './routes/scale';

const LOCAL = '127.0.0.1';
const DEFAULT_PORT = 4310;
/** Ports tried after the first when it is taken. */
const PORT_TRIES = 20;

function option(name: string): string | undefined {
  const at = process.argv.indexOf(`--${name}`);
  return at === -1 ? undefined : process.argv[at + 1];
}

function stop(message: string): never {
  console.error(`pandero: ${message}`);
  process.exit(2);
}

const folder = resolve(import.meta.dirname, '../dist');
if (!existsSync(join(folder, 'index.html'))) stop('the app is not built. Run: npm run build');

const hostname = option('host') ?? LOCAL;
if (process.argv.includes('--host') && option('host') === undefined)
  stop('--host needs an address, e.g. --host 0.0.0.0');
const firstPort = Number(option('port') ?? DEFAULT_PORT);
if (!Number.isInteger(firstPort) || firstPort < 1 || firstPort > 65535) stop('--port needs a number from 1 to 65535');
const fixedPort = option('port') !== undefined;
const path = option('open') ?? '/';

/** `--scale 127.0.0.1:4331`, or a port of this machine alone. */
function scaleAddress(): ScaleAddress | null {
  const given = option('scale');
  if (given === undefined) return null;
  const match = /^(?:(.+):)?(\d{1,5})$/.exec(given);
  if (!match) stop('--scale needs host:port of a scale that writes lines of text, e.g. 127.0.0.1:4331');
  return { host: match[1] ?? LOCAL, port: Number(match[2]) };
}
const scale = scaleAddress();

if (hostname !== LOCAL) {
  console.error(
    `pandero: listening on ${hostname}: anybody who reaches this machine can open the app. Your data stays in each browser.`,
  );
}

function listen(port: number, triesLeft: number): void {
  const server = serve({ fetch: createApp(folder, scale).fetch, hostname, port }, () => {
    console.log(`http://${hostname}:${port}${path}`);
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code === 'EADDRINUSE' && !fixedPort && triesLeft > 0) listen(port + 1, triesLeft - 1);
    else if (error.code === 'EADDRINUSE')
      stop(`port ${port} is taken. Stop what runs there, or give another with --port`);
    else stop(`cannot listen on ${hostname}:${port} (${error.message})`);
  });
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => server.close(() => process.exit(0)));
  }
}

listen(firstPort, PORT_TRIES);
