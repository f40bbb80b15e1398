import { connect, createServer, type AddressInfo } from 'node:net';
import { createPan, seeded } from './pan';

/**
 * A stand-in for a pocket scale: a separate program that writes its display as lines of text to whoever connects, and takes
 * the keys of a scale as lines back. With words behind it the same program presses a key of a scale that runs:
 *   scale                    starts it; parts of the made-up box come and go on its pan
 *   scale --hold 9.4         starts it with one thing left on the pan
 *   scale put 9.4            (or tare, unit oz, noise 2, drift 0.1, silence 5, garble 4) to one that runs
 */
const HOST = '127.0.0.1';
const args = process.argv.slice(2);
const option = (name: string): string | undefined => {
  const at = args.indexOf(`--${name}`);
  return at === -1 ? undefined : args[at + 1];
};
const PORT = 4331;
/** 0 takes any that is free */
const port = Number(option('port') ?? PORT);
if (!Number.isInteger(port) || port < 0 || port > 65535) {
  console.error('scale: --port needs a number from 0 to 65535');
  process.exit(2);
}
const LINES_A_SECOND = 5;
const words = args.filter((word, at) => !word.startsWith('--') && !args[at - 1]?.startsWith('--'));

if (words.length > 0) {
  const socket = connect(port, HOST, () => socket.write(`${words.join(' ')}\n`));
  socket.on('data', (data) => {
    const answer = data
      .toString()
      .split('\n')
      .find((line) => line.startsWith('# ok') || line.startsWith('# ?'));
    if (!answer) return;
    console.log(answer.slice(2));
    process.exit(answer.startsWith('# ok') ? 0 : 2);
  });
  socket.on('error', ({ message }) => {
    console.error(`scale: none answers at ${HOST}:${port} (${message}). Start it first: npm run scale`);
    process.exit(2);
  });
} else {
  const pan = createPan(seeded(Number(option('seed') ?? 7)), Number(option('noise') ?? 0.04));
  const hold = option('hold');
  /** what comes and goes on the pan by itself, g; 0 is the empty pan */
  const SHOW_G = [0, 9.3, 0, 7.9, 0, 11.6, 0, 12.8, 0, 1.5];
  let touched = hold !== undefined;
  if (hold !== undefined) pan.command(`put ${hold}`);
  const startedMs = Date.now();
  let showing = -1;

  const server = createServer((socket) => {
    socket.write('# stand-in scale; parts come and go by themselves until somebody puts one on\n');
    socket.setEncoding('utf8');
    let heard = '';
    socket.on('data', (data: string) => {
      heard = (heard + data).slice(-400);
      const lines = heard.split('\n');
      heard = lines.pop() ?? '';
      for (const line of lines) {
        const answer = pan.command(line);
        touched ||= answer?.startsWith('put') ?? false;
        socket.write(answer === null ? '# ? put, tare, unit, noise, drift, silence or garble\n' : `# ok ${answer}\n`);
      }
    });
    const timer = setInterval(() => {
      const line = pan.line(Date.now());
      if (line !== null) socket.write(`${line}\n`);
    }, 1000 / LINES_A_SECOND);
    socket.on('close', () => clearInterval(timer));
    socket.on('error', () => clearInterval(timer));
  });
  const show = setInterval(() => {
    const step = Math.floor((Date.now() - startedMs) / 9000);
    if (touched || step === showing) return;
    showing = step;
    pan.command(`put ${SHOW_G[step % SHOW_G.length]!}`);
  }, 200);
  let isSecondTry = false;
  server.on('error', (error: NodeJS.ErrnoException) => {
    // somebody else's program is there: this one goes elsewhere, unless it was told to stand just there
    if (error.code === 'EADDRINUSE' && option('port') === undefined && !isSecondTry) {
      isSecondTry = true;
      server.listen(0, HOST);
      return;
    }
    console.error(`scale: cannot listen on ${HOST}:${port} (${error.message})`);
    process.exit(2);
  });
  server.on('listening', () => {
    const own = (server.address() as AddressInfo).port;
    console.error(`scale: stand-in at ${HOST}:${own}${own === PORT ? '' : `; press its keys with --port ${own}`}`);
    // as text: numbers are coloured where colours are wanted, and a program reads this
    console.log(String(own));
  });
  server.listen(port, HOST);
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => {
      clearInterval(show);
      process.exit(0);
    });
  }
}
