import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { afterEach, describe, expect, test } from '@jest/globals';
import { createApp } from '../app';
import { lineSplitter } from './scale';

let server: Server | null = null;
afterEach(() => new Promise<void>((resolve) => (server ? server.close(() => resolve()) : resolve())));

/** A made-up scale that writes what a test tells it to. */
function scale(onConnect: (socket: Socket) => void): Promise<number> {
  return new Promise((resolve) => {
    server = createServer(onConnect).listen(0, '127.0.0.1', () => resolve((server!.address() as AddressInfo).port));
  });
}
const appFor = (port: number) => createApp('/nowhere', { host: '127.0.0.1', port });

describe('lines of a feed', () => {
  const split = (...chunks: string[]): string[] => {
    const lines: string[] = [];
    const take = lineSplitter((line) => lines.push(line));
    chunks.forEach(take);
    return lines;
  };
  test('whole lines, however they are cut', () =>
    expect(split('9.4', ' g\r\n9.5 g\n', '\n9.6 g\r')).toEqual(['9.4 g', '9.5 g', '9.6 g']));
  test('a line without end is not kept for ever, a long one is cut', () => {
    expect(split('x'.repeat(100_000))).toEqual([]);
    expect(split(`${'x'.repeat(500)}\n`)[0]).toHaveLength(80);
  });
});

describe('the relay', () => {
  test('passes on what the scale writes, and says when it goes', async () => {
    const port = await scale((socket) => socket.end('# hello\n9.42 g\n'));
    const reply = await appFor(port).request('/api/scale');
    expect(reply.headers.get('content-type')).toContain('text/event-stream');
    const text = await reply.text();
    expect(text).toMatch(/event: here/);
    expect(text).toMatch(/event: line\s+data: 9\.42 g|data: 9\.42 g/);
    expect(text).toMatch(/event: gone/);
  });
  test('a scale that is not there is said, not waited for', async () => {
    const port = await scale(() => undefined);
    await new Promise<void>((resolve) => server!.close(() => resolve()));
    server = null;
    expect(await (await appFor(port).request('/api/scale')).text()).toMatch(
      /event: gone\s+data: .*ECONNREFUSED|ECONNREFUSED/,
    );
  });
  test('a server that was told of no scale has none', async () => {
    expect((await createApp('/nowhere').request('/api/scale')).status).toBe(404);
  });
  test('it is listened to, never written to', async () => {
    expect((await appFor(1).request('/api/scale', { method: 'POST' })).status).toBe(405);
  });
});
