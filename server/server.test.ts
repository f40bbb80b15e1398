import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { createApp } from './app';

const root = mkdtempSync(join(tmpdir(), 'pandero-server-'));
const folder = join(root, 'dist');
mkdirSync(join(folder, 'assets'), { recursive: true });
writeFileSync(join(folder, 'index.html'), '<!doctype html><title>Pandero</title>');
writeFileSync(join(folder, 'assets/app.js'), 'export {};');
writeFileSync(join(root, 'secret.txt'), 'not yours');
const app = createApp(folder);

describe('the server', () => {
  test('serves the page under a strict policy', async () => {
    const reply = await app.request('/');
    expect(reply.status).toBe(200);
    expect(await reply.text()).toContain('Pandero');
    const policy = reply.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).toContain("connect-src 'self'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(reply.headers.get('x-content-type-options')).toBe('nosniff');
    expect(reply.headers.get('referrer-policy')).toBe('no-referrer');
  });
  test('assets are kept for good, the page is asked for anew', async () => {
    expect((await app.request('/assets/app.js')).headers.get('cache-control')).toContain('immutable');
    expect((await app.request('/')).headers.get('cache-control')).toBe('no-cache');
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
      expect(reply.status).not.toBe(200);
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
