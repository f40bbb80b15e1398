import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { expect, test } from '@jest/globals';

/** What is there as soon as the page is, and what only a page in its first moments asks for. */
const AT_ONCE = /^app\/(first\/|main$|vuetify$|later$|stores\/keeping$|preload$)/;
/** What a page does itself only where no worker is to be had. */
const WITHOUT_WORKER = /^(app\/workers\/deck|solver\/highs)$/;
/** Pages are fetched by their table. */
const TABLES = ['app/preload.ts', 'app/stations/table.ts'];
const files = readdirSync('app', { recursive: true, encoding: 'utf8' })
  .map((name) => join('app', name))
  .filter((path) => /\.(ts|vue)$/.test(path) && !/\.test\.ts$|^app\/(testing|locale)\//.test(path))
  // the worker fetches what workers do by itself
  .filter((path) => path !== 'app/workers/work.worker.ts');
const askedFor = (path: string): string[] =>
  [...readFileSync(path, 'utf8').matchAll(/\bimport\('([^']+)'\)/g)].map(([, from]) =>
    normalize(join(dirname(path), from!)),
  );

test('whatever is fetched when it is asked for is fetched ahead: a server that stops takes nothing away', () => {
  const ahead = new Set(TABLES.flatMap(askedFor));
  const missing = files
    .flatMap((path) => askedFor(path).map((part) => [part, path] as const))
    .filter(([part]) => !ahead.has(part) && !AT_ONCE.test(part) && !WITHOUT_WORKER.test(part))
    .map(([part, path]) => `${part}, which ${path} asks for`);
  expect(missing).toEqual([]);
});
