import { createSocket } from 'node:dgram';
import { sentencesAt } from '../../demo/sounder-track';

/**
 * A stand-in for a sounder with a receiver of places: a separate program that plays the track of the made-up boat as NMEA 0183 over UDP,
 * a step a second, as a real one does.
 *   sounder                        to 127.0.0.1, port 10110
 *   sounder --port N --fast 10     to another port, ten times as fast
 *   sounder --seconds 60           ends after so many steps
 */
const args = process.argv.slice(2);
const option = (name: string, usual: number): number => {
  const at = args.indexOf(`--${name}`);
  const value = at === -1 ? usual : Number(args[at + 1]);
  if (!Number.isFinite(value) || value < 0) {
    console.error(`sounder: --${name} needs a number`);
    process.exit(2);
  }
  return value;
};
const PORT = 10110;
const port = option('port', PORT);
const fast = Math.max(0.1, option('fast', 1));
const most = option('seconds', 1e9);
const socket = createSocket('udp4');
// nobody listens yet: a sounder does not mind
socket.on('error', () => undefined);

let second = 0;
const timer = setInterval(() => {
  const lines = sentencesAt(second++);
  const text = lines.map((line) => `${line}\r\n`).join('');
  // several sentences a datagram, and now and then one over two
  const cut = second % 4 === 0 ? Math.floor(text.length / 2) : text.length;
  socket.send(text.slice(0, cut), port, '127.0.0.1');
  if (cut < text.length) socket.send(text.slice(cut), port, '127.0.0.1');
  if (second >= most) {
    clearInterval(timer);
    setTimeout(() => socket.close(), 50);
  }
}, 1000 / fast);
console.log(`sounder: stand-in, to 127.0.0.1:${port}`);
