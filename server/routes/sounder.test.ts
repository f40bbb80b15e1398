import { createSocket, type Socket } from 'node:dgram';
import { afterEach, describe, expect, test } from '@jest/globals';
import { asSentence } from '../../core';
import { sentencesAt, stepAt } from '../../demo/sounder-track';
import { createApp } from '../app';
import { createSounderLine, SOUNDER_LISTENERS, type SounderLine, type SounderNews } from '../sounder-line';

const lines: SounderLine[] = [];
const sockets: Socket[] = [];
afterEach(() => {
  lines.splice(0).forEach((line) => line.close('over'));
  sockets.splice(0).forEach((socket) => socket.close());
});
const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
/** A line on a free port, and how to send to it. */
function opened(): Promise<{ readonly line: SounderLine; send(...pieces: string[]): Promise<void> }> {
  return new Promise((resolve, reject) => {
    const line = createSounderLine({ host: '127.0.0.1', port: 0 }, (how) => {
      if ('why' in how) return reject(new Error(how.why));
      const socket = createSocket('udp4');
      sockets.push(socket);
      const send = async (...pieces: string[]): Promise<void> => {
        for (const piece of pieces)
          await new Promise<void>((done) => socket.send(piece, how.port, '127.0.0.1', () => done()));
      };
      resolve({ line, send });
    });
    lines.push(line);
  });
}
type Told = Readonly<Record<string, number | string | null>>;
const readings = (news: readonly SounderNews[]): Told[] =>
  news.flatMap(({ event, data }) => (event === 'reading' ? [JSON.parse(data) as Told] : []));
async function until(done: () => boolean): Promise<void> {
  for (let tries = 0; tries < 100 && !done(); tries++) await wait(50);
  expect(done()).toBe(true);
}

describe('a sounder', () => {
  test('several sentences a datagram, one over two; depth is told from the surface', async () => {
    const { line, send } = await opened();
    const news: SounderNews[] = [];
    line.listen((one) => news.push(one));
    expect(news).toEqual([{ event: 'quiet', data: '' }]);
    const text = sentencesAt(0)
      .map((one) => `${one}\r\n`)
      .join('');
    await send(text.slice(0, 70), text.slice(70));
    await until(() => readings(news).some(({ temperatureC }) => temperatureC !== null));
    const [last] = readings(news).slice(-1);
    expect(last!['depthM']).toBeCloseTo(stepAt(0).depthM, 1);
    expect(last!['lat']).toBeCloseTo(stepAt(0).lat, 4);
    expect(last).toMatchObject({ day: '2026-09-26', temperatureC: 13.2 });
  });
  test('a depth that is told no more is gone while the place goes on', async () => {
    const { line, send } = await opened();
    const news: SounderNews[] = [];
    line.listen((one) => news.push(one));
    const text = (second: number): string[] => sentencesAt(second).map((one) => `${one}\r\n`);
    await send(text(0).join(''));
    await until(() => readings(news).some(({ depthM }) => depthM !== null));
    const clock = Date.now;
    try {
      // eleven seconds on, by the clock of the machine
      Date.now = () => clock() + 11_000;
      await send(text(11).find((one) => one.includes('RMC'))!);
      await until(() => readings(news).at(-1)!['depthM'] === null);
      expect(readings(news).at(-1)!['lat']).toBeCloseTo(stepAt(11).lat, 4);
    } finally {
      Date.now = clock;
    }
  });
  test('a thousand sentences a second: five tellings a second at most; what is wrong is counted, and no error', async () => {
    const { line, send } = await opened();
    const news: SounderNews[] = [];
    line.listen((one) => news.push(one));
    const started = Date.now();
    for (let at = 0; at < 60; at++) {
      await send(
        [
          ...Array.from({ length: 20 }, (_, one) => asSentence(`SDDPT,${at}.${one},0`)),
          '$SDDPT,9*00',
          '$GPGSV,1',
          'noise',
        ].join('\n') + '\n',
      );
      await wait(10);
    }
    await until(() => line.state().heard >= 1000);
    await wait(300);
    const seconds = (Date.now() - started) / 1000;
    expect(readings(news).length).toBeLessThanOrEqual(Math.ceil(seconds * 5) + 1);
    expect(readings(news).length).toBeGreaterThan(1);
    const { corrupt, foreign } = line.state();
    expect([corrupt, foreign]).toEqual([120, 60]);
  });
  test('silence is told, and what was said before stands no longer; it comes back by itself', async () => {
    const { line, send } = await opened();
    const news: SounderNews[] = [];
    line.listen((one) => news.push(one));
    await send(`${asSentence('YXMTW,14.0,C')}\n`);
    await until(() => readings(news).length === 1);
    await until(() => news.at(-1)!.event === 'quiet').catch(() => undefined);
    await wait(1500);
    expect(news.at(-1)!.event).toBe('quiet');
    await send(`${asSentence('SDDPT,2.0,')}\n`);
    await until(() => news.at(-1)!.event === 'reading');
    expect(readings(news).at(-1)).toMatchObject({ depthM: 2, temperatureC: null });
  });
  test('the relay streams it, refuses more listeners than it has room for, and says where there is none', async () => {
    const { line, send } = await opened();
    const app = createApp({ folder: '.', sounder: line });
    const reply = await app.request('/api/sounder');
    expect(reply.headers.get('content-type')).toContain('text/event-stream');
    await send(`${asSentence('YXMTW,14.0,C')}\n`);
    await until(() => line.state().heard === 1);
    await wait(300);
    line.close('over');
    const text = await reply.text();
    expect(text).toContain('"temperatureC":14');
    expect(text).toMatch(/event: gone/);
    const full = await opened();
    for (let at = 0; at < SOUNDER_LISTENERS; at++) full.line.listen(() => undefined);
    expect((await createApp({ folder: '.', sounder: full.line }).request('/api/sounder')).status).toBe(503);
    expect((await createApp({ folder: '.' }).request('/api/sounder')).status).toBe(404);
  });
});
