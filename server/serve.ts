import { existsSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { serve, type ServerType } from '@hono/node-server';
import { createApp } from './app';
import { createScaleLine, type ScaleAddress } from './scale-line';
import { createSounderLine } from './sounder-line';

const LOCAL = '127.0.0.1';
const EVERYWHERE = '0.0.0.0';
const DEFAULT_PORT = 4310;
/** Ports tried after the first when it is taken. */
const PORT_TRIES = 20;
/** How long those who are being answered get when it is told to stop, ms. */
const LAST_WORDS_MS = 500;

function stop(message: string): never {
  console.error(`pandero: ${message}`);
  process.exit(2);
}

/** The options, or a word about the one that is wrong. */
function options() {
  const text = { type: 'string' } as const;
  try {
    return parseArgs({
      options: {
        host: text,
        port: text,
        scale: text,
        sounder: text,
        tube: text,
        open: text,
        name: { type: 'string', multiple: true },
      },
    }).values;
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error);
    const missing = /Option '--(\w+) <value>' argument missing/.exec(message)?.[1];
    if (missing === 'host') return stop('--host needs an address, e.g. --host 0.0.0.0');
    if (missing === 'port') return stop('--port needs a number from 1 to 65535');
    return stop(`${message.split('\n')[0]!} It takes --host, --port, --name, --scale, --sounder, --tube and --open.`);
  }
}
const given = options();

const isPort = (port: number): boolean => Number.isInteger(port) && port >= 1 && port <= 65535;

const folder = resolve(import.meta.dirname, '../dist');
if (!existsSync(join(folder, 'index.html'))) stop('the app is not built. Run: npm run build');

const hostname = given.host ?? LOCAL;
if (hostname === '') stop('--host needs an address, e.g. --host 0.0.0.0');
const firstPort = given.port === undefined ? DEFAULT_PORT : /^\d+$/.test(given.port) ? Number(given.port) : NaN;
if (!isPort(firstPort)) stop('--port needs a number from 1 to 65535');
const fixedPort = given.port !== undefined;
const path = given.open ?? '/';
const more = given.name ?? [];
if (more.some((name) => !/^[\w.:[\]-]+$/.test(name)))
  stop('--name needs a name as a browser is given it, e.g. --name boat.lan');

/** `--scale 127.0.0.1:4331`, or a port of this machine alone. */
function scaleAddress(): ScaleAddress | null {
  if (given.scale === undefined) return null;
  const match = /^(?:\[?([^[\]]+)\]?:)?(\d{1,5})$/.exec(given.scale);
  const port = Number(match?.[2]);
  if (!match || !isPort(port)) {
    stop('--scale needs host:port of a scale that writes lines of text, e.g. 127.0.0.1:4331');
  }
  return { host: match[1] ?? LOCAL, port };
}
const address = scaleAddress();
const scale = address && createScaleLine(address);
/** The port on which sentences of a sounder arrive, on the addresses this server listens on. */
function sounderPort(): number | null {
  if (given.sounder === undefined) return null;
  const port = Number(given.sounder);
  if (!/^\d+$/.test(given.sounder) || !isPort(port))
    stop('--sounder needs the UDP port on which NMEA 0183 arrives, e.g. 10110');
  return port;
}
const udpPort = sounderPort();
const sounder =
  udpPort === null
    ? null
    : createSounderLine({ host: hostname, port: udpPort }, (how) => {
        if ('why' in how)
          console.error(`pandero: no sounder can be heard on UDP port ${udpPort} (${how.why}); everything else works.`);
      });
/** The port of the practice tube on this machine. */
function tubePort(): number | null {
  if (given.tube === undefined) return null;
  const port = Number(given.tube);
  if (!/^\d+$/.test(given.tube) || !isPort(port)) stop('--tube needs the port of the practice tube, e.g. 10120');
  return port;
}
const tube = tubePort();
const isOpen = ![LOCAL, 'localhost', '::1'].includes(hostname);

/** Addresses a phone on the same network can be given. */
const reachedAt = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address: own }) => own);

function listen(port: number, triesLeft: number): void {
  const app = createApp({ folder, scale, sounder, tube, names: { open: isOpen, more: [...more, hostname] } });
  const server = serve({ fetch: app.fetch, hostname, port }, () => {
    const shown =
      hostname === EVERYWHERE || hostname === '::' ? LOCAL : hostname.includes(':') ? `[${hostname}]` : hostname;
    if (isOpen) {
      console.error(
        `pandero: listening on ${hostname}: anybody who reaches this machine can open the app. Your data stays in each browser.`,
      );
      const others = [...reachedAt(), ...more].map((name) => `http://${name}:${port}/`);
      if (others.length > 0) console.error(`pandero: on a phone in the same network: ${others.join(' or ')}`);
    }
    console.log(`http://${shown}:${port}${path}`);
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code === 'EADDRINUSE' && !fixedPort && triesLeft > 0) listen(port + 1, triesLeft - 1);
    else if (error.code === 'EADDRINUSE')
      stop(`port ${port} is taken. Stop what runs there, or give another with --port`);
    else stop(`cannot listen on ${hostname}:${port} (${error.message})`);
  });
  server.on('listening', () => endWith(server));
}

/** Told to stop, it tells those who listen, answers what it began, and is gone within the second. */
function endWith(server: ServerType): void {
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => {
      scale?.close('the server was stopped');
      sounder?.close('the server was stopped');
      server.close(() => process.exit(0));
      setTimeout(() => {
        if ('closeAllConnections' in server) server.closeAllConnections();
        process.exit(0);
      }, LAST_WORDS_MS);
    });
  }
}

listen(firstPort, PORT_TRIES);
