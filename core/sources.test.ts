import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@jest/globals';
import { schemaFiles } from '../scripts/schema-files';
import { sourcesPage } from '../scripts/sources-page';
import { handbookPage } from '../scripts/handbook-page';
import { SOURCES } from './sources';

/** Source ids named in comments and rows of the core. */
function namedSources(): Set<string> {
  const files = readdirSync('core', { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.ts'));
  const named = new Set<string>();
  for (const name of files) {
    const text = readFileSync(join('core', name), 'utf8');
    for (const [, id] of text.matchAll(/@source ([a-z][a-z0-9-]*)/g)) named.add(id!);
    if (!/^(tackle|water\/published)/.test(name)) continue;
    for (const [, id] of text.matchAll(/source: '([a-z0-9-]+)'/g)) named.add(id!);
  }
  return named;
}

test('every source that is named exists, and every one that exists is named', () => {
  const known = Object.keys(SOURCES);
  expect([...namedSources()].filter((id) => !known.includes(id))).toEqual([]);
  expect(known.filter((id) => !namedSources().has(id))).toEqual([]);
});

test.each(Object.entries(schemaFiles()))('docs/schema/%s is up to date (npm run docs:write)', (name, text) => {
  expect(readFileSync(`docs/schema/${name}`, 'utf8')).toBe(text);
});

test('docs/handbook.md is up to date (npm run docs:write)', () => {
  expect(readFileSync('docs/handbook.md', 'utf8')).toBe(handbookPage());
});

test('docs/sources.md is up to date (npm run docs:write)', () => {
  expect(readFileSync('docs/sources.md', 'utf8')).toBe(sourcesPage());
});
