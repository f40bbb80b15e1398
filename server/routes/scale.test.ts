import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { afterEach, describe, expect, test } from '@jest/globals';
import { createApp } from '../app';
import { createScaleLine, LISTENER_LIMIT, lineSplitter, type ScaleLine, type ScaleNews } from '../scale-line';

let server: Server | null = null;
let line: ScaleLine | null = null;
const sockets = new Set<Socket>();
afterEach(async () => {
  line?.close('over');
  sockets.forEach((socket) => socket.destroy());
  sockets.clear();
  await new Promise<void>((resolve) => (server ? server.close(() => resolve()) : resolve()));
  [server, line] = [null, null];
});

/** A made-up scale that writes what a test tells it to. */
function scale(onConnect: (socket: Socket) => void): Promise<ScaleLine> {
  return new Promise((resolve) => {
    server = createServer((socket) => {
      sockets.add(socket);
      socket.on('error', () => undefined);
      onConnect(socket);
    }).listen(0, '127.0.0.1', () => {
      line = createScaleLine({ host: '127.0.0.1', port: (server!.address() as AddressInfo).port });
      resolve(line);
    });
  });
}
const appFor = (own: ScaleLine | null) => createApp({ folder: '.', scale: own });
const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

describe('lines of a feed', () => {
  const split = (...chunks: string[]): string[] => {
    const lines: string[] = [];
    const take = lineSplitter((one) => lines.push(one));
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
    const own = await scale((socket) => socket.end('# hello\n9.42 g\n'));
    const reply = await appFor(own).request('/api/scale');
    expect(reply.headers.get('content-type')).toContain('text/event-stream');
    const text = await reply.text();
    expect(text).toMatch(/event: here/);
    expect(text).toMatch(/data: # hello/);
    expect(text).toMatch(/data: 9\.42 g/);
    expect(text).toMatch(/event: gone/);
  });
  test('a scale that is not there is said, not waited for', async () => {
    const own = await scale(() => undefined);
    await new Promise<void>((resolve) => server!.close(() => resolve()));
    server = null;
    expect(await (await appFor(own).request('/api/scale')).text()).toMatch(
      /event: gone[\s\S]*ECONNREFUSED|ECONNREFUSED/,
    );
  });
  test('a server that was told of no scale has none', async () => {
    expect((await appFor(null).request('/api/scale')).status).toBe(404);
  });
  test('it is listened to, never written to', async () => {
    expect((await appFor(await scale(() => undefined)).request('/api/scale', { method: 'POST' })).status).toBe(405);
  });
});

describe('one line for all', () => {
  test('however many listen, the scale is asked once, and let go when the last leaves', async () => {
    let connections = 0;
    const own = await scale(() => connections++);
    const stops = Array.from({ length: 10 }, () => own.listen(() => undefined)!);
    await wait(50);
    expect([connections, own.state()]).toEqual([1, { listeners: 10, connected: true }]);
    stops.forEach((stop) => stop());
    expect(own.state()).toEqual({ listeners: 0, connected: false });
  });
  test('asked for its headers alone, nobody listens', async () => {
    let connections = 0;
    const own = await scale(() => connections++);
    for (let at = 0; at < 20; at++) {
      expect((await appFor(own).request('/api/scale', { method: 'HEAD' })).status).toBe(200);
    }
    await wait(50);
    expect([connections, own.state().listeners]).toEqual([0, 0]);
  });
  test('a page that leaves stops listening', async () => {
    const own = await scale((socket) => socket.write('1 g\n'));
    const reply = await appFor(own).request('/api/scale');
    const reader = reply.body!.getReader();
    await reader.read();
    expect(own.state().listeners).toBe(1);
    await reader.cancel();
    await wait(30);
    expect(own.state()).toEqual({ listeners: 0, connected: false });
  });
  test('a scale that writes without pause starves nobody: a few of the newest lines are passed on', async () => {
    let at = 0;
    const own = await scale((socket) => {
      const flood = setInterval(() => socket.write(Array.from({ length: 500 }, () => `${at++} g\n`).join('')), 10);
      socket.on('close', () => clearInterval(flood));
    });
    const heard: number[] = [];
    own.listen((news: ScaleNews) => {
      if (news.event === 'line') heard.push(Number.parseInt(news.data, 10));
    });
    const started = performance.now();
    await wait(600);
    const most = ((performance.now() - started) / 100 + 1) * 4;
    expect(heard.length).toBeGreaterThan(4);
    expect(heard.length).toBeLessThanOrEqual(most);
    // and they are the newest
    expect(heard.at(-1)!).toBeGreaterThan(at * 0.5);
    expect(heard).toEqual([...heard].sort((a, b) => a - b));
  });
  test('who comes later is told that it is here, and how it introduced itself', async () => {
    const own = await scale((socket) => socket.write('# stand-in scale\n'));
    own.listen(() => undefined);
    await wait(60);
    const heard: ScaleNews[] = [];
    own.listen((news) => heard.push(news));
    expect(heard).toEqual([
      { event: 'here', data: '' },
      { event: 'line', data: '# stand-in scale' },
    ]);
  });
  test('no more listen than there is room for', async () => {
    const own = await scale(() => undefined);
    for (let at = 0; at < LISTENER_LIMIT; at++) expect(own.listen(() => undefined)).not.toBeNull();
    expect((await appFor(own).request('/api/scale')).status).toBe(503);
  });
  test('ended, it tells all who listen', async () => {
    const own = await scale((socket) => socket.write('1 g\n'));
    const reply = await appFor(own).request('/api/scale');
    await wait(30);
    own.close('the server was stopped');
    expect(await reply.text()).toMatch(/event: gone[\s\S]*the server was stopped|the server was stopped/);
  });
});
