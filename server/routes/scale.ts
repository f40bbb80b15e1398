import { connect } from 'node:net';
import { Hono } from 'hono';
import { streamSSE } from 'hono/streaming';

/** Where a scale's text feed comes from. */
export interface ScaleAddress {
  readonly host: string;
  readonly port: number;
}

/** Longest line that is passed on, characters. */
const LINE_LIMIT = 80;
/** Most that is kept of a line that never ends. */
const BUFFER_LIMIT = 4096;

/** Calls with every full line of a feed; a line without end is dropped. */
export function lineSplitter(onLine: (line: string) => void): (data: string) => void {
  let rest = '';
  return (data) => {
    const lines = (rest + data).split(/\r\n|\n|\r/);
    rest = (lines.pop() ?? '').slice(-BUFFER_LIMIT);
    for (const line of lines) if (line.trim() !== '') onLine(line.slice(0, LINE_LIMIT));
  };
}

/**
 * Relays a scale to the page: `GET /` streams its lines as they come. Its keys are pressed on the scale.
 * @param address  null when this server was told of no scale
 */
export function scaleRoutes(address: ScaleAddress | null): Hono {
  const routes = new Hono();

  routes.get('/', (c) => {
    if (address === null) return c.json({ code: 'no-scale', issues: [] }, 404);
    return streamSSE(c, async (stream) => {
      const gone = new Promise<string>((resolve) => {
        const socket = connect(address.port, address.host);
        socket.setEncoding('utf8');
        socket.on('connect', () => {
          void stream.writeSSE({ event: 'here', data: '' });
        });
        socket.on(
          'data',
          lineSplitter((line) => void stream.writeSSE({ event: 'line', data: line })),
        );
        const end = (why: string): void => {
          socket.destroy();
          resolve(why);
        };
        socket.on('error', ({ message }) => end(message));
        socket.on('close', () => end('it closed the line'));
        stream.onAbort(() => end('the page left'));
      });
      await stream.writeSSE({ event: 'gone', data: await gone });
    });
  });
  return routes;
}
