import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { expect, test } from '@jest/globals';
import ts from 'typescript';

const FLOW = JSON.parse(readFileSync('core/flow.json', 'utf8')) as readonly string[];

/** Code of the core with what each file imports, paths from its root. */
const files = readdirSync('core', { recursive: true, encoding: 'utf8' }).filter(
  (name) => name.endsWith('.ts') && !/\.(d|test|cases)\.ts$|^testing/.test(name),
);
const fileAt = (path: string): string | null =>
  [`${path}.ts`, join(path, 'index.ts')].find((name) => existsSync(join('core', name))) ?? null;
const importsOf = (name: string): string[] =>
  ts
    .preProcessFile(readFileSync(join('core', name), 'utf8'))
    .importedFiles.filter(({ fileName }) => fileName.startsWith('.'))
    .flatMap(({ fileName }) => fileAt(join(dirname(name), fileName)) ?? []);
const imports = new Map(files.map((name) => [name, importsOf(name)]));
const floorOf = (name: string): number =>
  FLOW.findIndex((floor) => name === `${floor}.ts` || name.startsWith(`${floor}/`));

test('every file of the core stands on a floor', () => {
  expect(files.filter((name) => floorOf(name) < 0)).toEqual([]);
  expect(FLOW.filter((_, floor) => !files.some((name) => floorOf(name) === floor))).toEqual([]);
});

test('no import runs back up', () => {
  const up = [...imports].flatMap(([name, to]) =>
    to.filter((other) => floorOf(other) > floorOf(name)).map((other) => `${name} -> ${other}`),
  );
  expect(up).toEqual([]);
});

test('no file reaches itself by its imports, types included', () => {
  const settled = new Set<string>();
  const circles: string[] = [];
  const visit = (name: string, way: readonly string[]): void => {
    if (way.includes(name)) circles.push([...way.slice(way.indexOf(name)), name].join(' -> '));
    if (way.includes(name) || settled.has(name)) return;
    for (const other of imports.get(name) ?? []) visit(other, [...way, name]);
    settled.add(name);
  };
  files.forEach((name) => visit(name, []));
  expect(circles).toEqual([]);
});
