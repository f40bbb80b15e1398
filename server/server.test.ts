import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { hostname, tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { createApp } from './app';
import { hostName, ownNames } from './hosts';

const root = mkdtempSync(join(tmpdir(), 'pandero-server-'));
const folder = join(root, 'dist');
mkdirSync(join(folder, 'assets'), { recursive: true });
writeFileSync(join(folder, 'index.html'), '<!doctype html><title>Pandero</title>');
writeFileSync(join(folder, 'manifest.webmanifest'), '{}');
writeFileSync(join(folder, 'assets/app.js'), 'export {};');
writeFileSync(join(root, 'secret.txt'), 'not yours');
const app = createApp({ folder });

describe('the server', () => {
  test('serves the page under a strict policy', async () => {
    const reply = await app.request('/');
    expect(reply.status).toBe(200);
    expect(await reply.text()).toContain('Pandero');
    const policy = reply.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).toContain("connect-src 'self'");
    expect(policy).toContain("manifest-src 'self'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(reply.headers.get('x-content-type-options')).toBe('nosniff');
    expect(reply.headers.get('referrer-policy')).toBe('no-referrer');
  });
  test('assets are kept for good, the page is asked for anew', async () => {
    expect((await app.request('/assets/app.js')).headers.get('cache-control')).toContain('immutable');
    expect((await app.request('/')).headers.get('cache-control')).toBe('no-cache');
  });
  test('what the browser has already is not sent again', async () => {
    const tag = (await app.request('/')).headers.get('etag')!;
    expect(tag).toMatch(/"/);
    expect((await app.request('/', { headers: { 'if-none-match': tag } })).status).toBe(304);
  });
  test('a part of a file can be asked for', async () => {
    const reply = await app.request('/assets/app.js', { headers: { range: 'bytes=0-5' } });
    expect([reply.status, await reply.text(), reply.headers.get('etag')]).toEqual([206, 'export', null]);
  });
  test('types are told', async () => {
    const type = async (path: string): Promise<string> => (await app.request(path)).headers.get('content-type') ?? '';
    expect(await type('/assets/app.js')).toMatch(/javascript/);
    expect(await type('/manifest.webmanifest')).toMatch(/manifest\+json/);
  });
  test('a missing asset is a 404, a bare path leads to the door', async () => {
    expect((await app.request('/assets/gone.js')).status).toBe(404);
    const reply = await app.request('/pick');
    expect([reply.status, reply.headers.get('location')]).toEqual([302, '/']);
  });
  test.each(['/../secret.txt', '/..%2fsecret.txt', '/%2e%2e/secret.txt', '/assets/..%2f..%2fsecret.txt', '/%E0%A4%A'])(
    'nothing outside the folder: %s',
    async (path) => {
      const reply = await app.request(path);
      expect(await reply.text()).not.toContain('not yours');
    },
  );
  test('a large body is refused, a small one has nowhere to go', async () => {
    const post = (body: string) =>
      app.request('/', { method: 'POST', body, headers: { 'content-length': String(body.length) } });
    expect((await post('x'.repeat(70_000))).status).toBe(413);
    expect((await post('x')).status).toBe(405);
  });
});

describe('names it answers to', () => {
  const status = async (host: string, open = false, more: readonly string[] = []): Promise<number> =>
    (await createApp({ folder, names: { open, more } }).request('/', { headers: { host } })).status;
  test.each([
    ['Boat.local.:4310', 'boat.local'],
    ['[::1]:4310', '::1'],
    ['[fe80::1%eth0]:80', 'fe80::1'],
    ['127.0.0.1', '127.0.0.1'],
    ['LOCALHOST:1', 'localhost'],
  ])('%s is %s', (header, name) => expect(hostName(header)).toBe(name));
  test('the loopback, always', async () => {
    for (const host of ['localhost:4310', '127.0.0.1:4310', '[::1]:4310']) expect(await status(host)).toBe(200);
  });
  test('a name that somebody made to point here is refused, and told what to do', async () => {
    const reply = await app.request('/', { headers: { host: 'evil.test' } });
    expect([reply.status, await reply.text()]).toEqual([421, expect.stringMatching(/evil\.test.*--name/)]);
    expect(await status('localhost.evil.test')).toBe(421);
    expect(await status('127.0.0.1.evil.test')).toBe(421);
  });
  test('this machine’s own addresses and name, only when it is open to others', async () => {
    for (const name of [...ownNames(), hostname()]) {
      if (['127.0.0.1', '::1', 'localhost'].includes(hostName(name))) continue;
      const header = name.includes(':') ? `[${name}]:4310` : `${name}:4310`;
      expect([await status(header), await status(header, true)]).toEqual([421, 200]);
    }
    expect(await status('evil.test', true)).toBe(421);
  });
  test('a name it was told', async () => {
    expect(await status('mere.test:4310', false, ['mere.test', 'weir.test'])).toBe(200);
    expect(await status('Weir.Test', false, ['mere.test', 'weir.test'])).toBe(200);
  });
});

test('a page is told where drops can be practised, and that there is no such place', async () => {
  for (const tube of [10_120, null]) {
    const answer = await createApp({ folder, tube }).request('/api/tube', { headers: { host: '127.0.0.1' } });
    expect([answer.status, await answer.json()]).toEqual([200, { port: tube }]);
  }
});
