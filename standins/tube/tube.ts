import { serve } from '@hono/node-server';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { secureHeaders } from 'hono/secure-headers';
import { parseRig, TEST_LIMITS } from '../../core';
import { TRUE_RATES } from '../../demo/seasons';
import { fallInTube } from './tube-water';
import { PAGE, SCRIPT, STYLE } from './tube-page';

/**
 * A stand-in for a clear tube of water to time drops in: a separate program with a page of its own. What falls in it falls by factors that
 * nobody is told; it is timed with the watch of the app, in another window or on a phone.
 *   tube                       at 127.0.0.1, port 10120
 *   tube --port N --seed 7     on another port, with another water
 */
const args = process.argv.slice(2);
function option(name: string, usual: number, most: number): number {
  const at = args.indexOf(`--${name}`);
  const value = at === -1 ? usual : Number(args[at + 1]);
  if (!Number.isInteger(value) || value < 0 || value > most) {
    console.error(`tube: --${name} needs a whole number from 0 to ${most}`);
    process.exit(2);
  }
  return value;
}
const HOST = '127.0.0.1';
const port = option('port', 10_120, 65_535);
const seed = option('seed', 7, 1_000_000);
const BODY_BYTES = 64 * 1024;

const app = new Hono();
app.use(
  secureHeaders({
    contentSecurityPolicy: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'"],
      styleSrc: ["'self'"],
      connectSrc: ["'self'"],
      baseUri: ["'none'"],
      formAction: ["'none'"],
      frameAncestors: ["'none'"],
    },
    strictTransportSecurity: false,
  }),
);
app.use(bodyLimit({ maxSize: BODY_BYTES, onError: (c) => c.json({ why: 'too large' }, 413) }));
app.get('/', (c) => c.html(PAGE));
app.get('/tube.js', (c) => c.body(SCRIPT, 200, { 'Content-Type': 'text/javascript; charset=utf-8' }));
app.get('/tube.css', (c) => c.body(STYLE, 200, { 'Content-Type': 'text/css; charset=utf-8' }));
app.get('/rigs', (c) => c.json(TRUE_RATES.map(({ name, rig }) => ({ name, rig }))));
app.post('/fall', async (c) => {
  const asked = (await c.req.json().catch(() => null)) as {
    rig?: unknown;
    depthM?: unknown;
    temperatureC?: unknown;
  } | null;
  const rig = parseRig(asked?.rig);
  const [depthM, temperatureC] = [Number(asked?.depthM), Number(asked?.temperatureC)];
  const { depthM: depth, temperatureC: warmth } = TEST_LIMITS;
  const fits = (value: number, { min, max }: { min: number; max: number }): boolean => value >= min && value <= max;
  if (!rig.ok || !fits(depthM, depth) || !fits(temperatureC, warmth))
    return c.json({ why: 'That is no rig, depth or temperature this tube knows.' }, 400);
  const fall = fallInTube(rig.value, depthM, temperatureC, seed);
  return fall ? c.json(fall) : c.json({ why: 'It does not sink.' }, 422);
});

const server = serve({ fetch: app.fetch, hostname: HOST, port }, ({ port: got }) => {
  console.log(`http://${HOST}:${got}/`);
});
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `tube: port ${port} is taken. Give another with --port`
      : `tube: cannot listen (${error.message})`,
  );
  process.exit(2);
});
