import { createSocket } from 'node:dgram';
import { sentencesAt } from '../demo/sounder-track';
import { createSounderLine, type SounderNews } from './sounder-line';

/**
 * A thousand sentences a second for a minute: the relay tells five times a second at most, hears nearly all of them, and its memory stays bounded.
 * Run by `npm run soak`.
 */
const SECONDS = Number(process.env['SOAK_SECONDS'] ?? 60);
const PER_SECOND = 1000;
const TICK_MS = 20;
/** Memory may breathe by so much, MB, and tellings a second come to so many at most. */
const MOST_MB = 40;
const MOST_TELLINGS = 5.5;

const heapMb = (): number => {
  globalThis.gc?.();
  return process.memoryUsage().heapUsed / 1e6;
};
const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

const news: SounderNews['event'][] = [];
let tellings = 0;
const port = await new Promise<number>((resolve, reject) => {
  const line = createSounderLine({ host: '127.0.0.1', port: 0 }, (how) => {
    if ('why' in how) reject(new Error(how.why));
    else resolve(how.port);
  });
  line.listen(({ event }) => {
    if (event === 'reading') tellings++;
    news[0] = event;
  });
  Object.assign(globalThis, { line });
});
const { line } = globalThis as unknown as { line: ReturnType<typeof createSounderLine> };
const socket = createSocket('udp4');
let sent = 0;
let second = 0;
let queue: string[] = [];
await wait(200);
const before = heapMb();
let most = before;
const started = performance.now();
while (performance.now() - started < 1000 * SECONDS) {
  const due = Math.floor(((performance.now() - started) / 1000) * PER_SECOND) - sent;
  for (let at = 0; at < due; at++) {
    if (queue.length === 0) queue = [...sentencesAt(second++)];
    socket.send(`${queue.shift()!}\r\n`, port, '127.0.0.1');
    sent++;
  }
  if (sent % 5000 < 20) most = Math.max(most, heapMb());
  await wait(TICK_MS);
}
await wait(500);
const { heard, corrupt, foreign } = line.state();
const grown = heapMb() - before;
const perSecond = tellings / SECONDS;
console.error(
  JSON.stringify({
    sent,
    heard,
    corrupt,
    foreign,
    perSecond,
    grownMb: Number(grown.toFixed(1)),
    mostMb: Number((most - before).toFixed(1)),
  }),
);
socket.close();
line.close('over');
const problems = [
  ...(sent < 0.95 * PER_SECOND * SECONDS ? [`only ${sent} were sent`] : []),
  ...(heard + foreign < 0.9 * sent ? [`only ${heard + foreign} of ${sent} were heard`] : []),
  ...(corrupt > 0 ? [`${corrupt} came broken`] : []),
  ...(perSecond > MOST_TELLINGS ? [`${perSecond} tellings a second`] : []),
  ...(grown > MOST_MB ? [`memory grew by ${grown.toFixed(0)} MB`] : []),
];
for (const problem of problems) console.error(`sounder soak: ${problem}`);
process.exitCode = problems.length > 0 ? 1 : 0;
