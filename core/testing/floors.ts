import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import ts from 'typescript';

/** How the files of a folder stand on its floors, and what speaks against it. */
export interface Floors {
  /** files without a floor */
  readonly unplaced: readonly string[];
  /** rooms no file is in */
  readonly empty: readonly string[];
  /** imports of a higher floor */
  readonly up: readonly string[];
  /** ways by which a file reaches itself */
  readonly circles: readonly string[];
}

/** Code of a file as TypeScript: of a component its scripts. */
const codeOf = (path: string): string => {
  const text = readFileSync(path, 'utf8');
  if (!path.endsWith('.vue')) return text;
  return [...text.matchAll(/<script[^>]*>([\s\S]*?)<\/script>/g)].map(([, script]) => script!).join('\n');
};

/**
 * Looks at the imports of every file of a folder, those of types and those that are fetched later too.
 * @param root    the folder, from where tests run
 * @param floors  rooms from the ground up, those of one floor together; a room is a folder or a file without its ending
 */
export function floorsOf(root: string, floors: readonly (readonly string[])[]): Floors {
  const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(
    (name) => /\.(ts|vue)$/.test(name) && !/\.(d|test|cases|soak)\.ts$|^testing/.test(name),
  );
  const known = new Set(files);
  const fileAt = (path: string): string | null =>
    [path, `${path}.ts`, join(path, 'index.ts')].find((name) => known.has(name)) ?? null;
  const importsOf = (name: string): string[] =>
    ts
      .preProcessFile(codeOf(join(root, name)))
      .importedFiles.filter(({ fileName }) => fileName.startsWith('.'))
      .flatMap(({ fileName }) => fileAt(join(dirname(name), fileName.replace(/\?.*/, ''))) ?? []);
  const imports = new Map(files.map((name) => [name, importsOf(name)]));
  const rooms = floors.flatMap((floor, at) => floor.map((room) => ({ room, at })));
  const isIn = (name: string, room: string): boolean =>
    name.replace(/\.(ts|vue)$/, '') === room || name.startsWith(`${room}/`);
  /** the nearest room counts: a file may stand on another floor than its folder */
  const roomOf = (name: string) =>
    rooms.filter(({ room }) => isIn(name, room)).sort((a, b) => b.room.length - a.room.length)[0];
  const floorOf = (name: string): number => roomOf(name)?.at ?? -1;

  const settled = new Set<string>();
  const circles: string[] = [];
  const visit = (name: string, way: readonly string[]): void => {
    if (way.includes(name)) circles.push([...way.slice(way.indexOf(name)), name].join(' -> '));
    if (way.includes(name) || settled.has(name)) return;
    for (const other of imports.get(name) ?? []) visit(other, [...way, name]);
    settled.add(name);
  };
  files.forEach((name) => visit(name, []));
  return {
    unplaced: files.filter((name) => floorOf(name) < 0),
    empty: rooms.filter(({ room }) => !files.some((name) => roomOf(name)?.room === room)).map(({ room }) => room),
    up: [...imports].flatMap(([name, to]) =>
      to.filter((other) => floorOf(other) > floorOf(name)).map((other) => `${name} -> ${other}`),
    ),
    circles,
  };
}

/** The root of the repository has to be where tests run. */
export const readFloors = <T>(path: string): T => {
  if (!existsSync(path)) throw new Error(`no ${path} here`);
  return JSON.parse(readFileSync(path, 'utf8')) as T;
};
