import { parse as parseTolerant, type ParseError } from 'jsonc-parser';
import type * as z from 'zod/mini';
import { parseWith } from '../../parse';
import { fail, issue, ok, type Issue, type Result } from '../../result';
import { sameJson } from '../../keeping/merge';
import { READ_LIMIT } from '../../rig/parts/box';
import { setAside, type Aside, type ReadHow } from '../aside';
import { JSON_KINDS, JSON_LIMIT_CHARS, type JsonKind, type RowList } from './format';
import { lineFinder, withLines } from './lines';
import { DEPTH_LIMIT, doubledKeys, nestingOf } from './nesting';

/** A file of ours, checked, and what kind it is. */
export type PanderoFile = {
  [K in JsonKind]: { readonly kind: K; readonly value: z.infer<(typeof JSON_KINDS)[K]['schema']> };
}[JsonKind];

/** A file that was read, and the rows of it that could not be. */
export type ReadFile = PanderoFile & { readonly aside: readonly Aside[] };

/**
 * Reads JSON text.
 * @returns the value, or where it breaks: line and the column in its data
 */
export function readJson(text: string): Result<unknown> {
  if (text.length > JSON_LIMIT_CHARS) {
    return fail([issue('too-big-a-file', '', { got: text.length, limit: JSON_LIMIT_CHARS })]);
  }
  const plain = text.charCodeAt(0) === 0xfeff ? text.slice(1) : text;
  if (!/\S/.test(plain)) return fail([issue('empty-file', '')]);
  const nesting = nestingOf(plain);
  if (nesting.tooDeepAt !== null) {
    return fail([issue('too-deep', '', { limit: DEPTH_LIMIT }, lineFinder(plain)(nesting.tooDeepAt))]);
  }
  let value: unknown;
  try {
    value = JSON.parse(plain) as unknown;
  } catch {
    const errors: ParseError[] = [];
    parseTolerant(plain, errors, { disallowComments: true });
    const offset = errors[0]?.offset ?? plain.length;
    const column = offset - plain.lastIndexOf('\n', offset - 1);
    return fail([issue('not-json', '', { column }, lineFinder(plain)(offset))]);
  }
  const doubled = doubledKeys(plain, value, nesting.keys);
  return doubled.length > 0 ? fail(doubled) : ok(value);
}

function kindOf(value: unknown): JsonKind | 'unknown' {
  if (typeof value !== 'object' || value === null) return 'unknown';
  if ('kind' in value) {
    const { kind } = value;
    return kind === 'box' || kind === 'tickets' || kind === 'backup' || kind === 'trip' || kind === 'log'
      ? kind
      : 'unknown';
  }
  if ('head' in value && 'family' in value) return 'rig';
  if ('steps' in value || 'castM' in value) return 'plan';
  if ('temperatureC' in value || 'visibilityM' in value) return 'water';
  return 'unknown';
}

const listAt = (value: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>((at, key) => (at as Record<string, unknown> | null | undefined)?.[key], value);

const idOf = (row: unknown, list: RowList): unknown =>
  list.id === null ? undefined : (row as Record<string, unknown> | null | undefined)?.[list.id];

/** Rows of one list that carry an id another carried before them. */
const doubledRows = (value: unknown, lists: readonly RowList[]): Issue[] =>
  lists.flatMap((list) => {
    const rows = listAt(value, list.path);
    if (list.id === null || !Array.isArray(rows)) return [];
    const seen = new Set<unknown>();
    return rows.flatMap((row: unknown, at) => {
      const id = idOf(row, list);
      if (!seen.has(id)) {
        seen.add(id);
        return [];
      }
      return [issue('duplicate-id', `${list.path.join('.')}[${at}].${list.id}`, { got: String(id) })];
    });
  });

/** The same value with each list holding only the rows that can be read; the others come back beside it. */
function withoutBadRows(
  value: unknown,
  lists: readonly RowList[],
): { readonly value: unknown; readonly aside: Aside[] } {
  const aside: Aside[] = [];
  let whole = value;
  for (const list of lists) {
    const rows = listAt(whole, list.path);
    if (!Array.isArray(rows)) continue;
    const seen = new Set<unknown>();
    const good = rows.filter((row: unknown, at) => {
      const read = parseWith<unknown>(list.row, row);
      const id = idOf(row, list);
      const issues = !read.ok
        ? read.issues
        : list.id !== null && seen.has(id)
          ? [issue('duplicate-id', list.id, { got: String(id) })]
          : [];
      seen.add(id);
      if (issues.length > 0) aside.push(setAside(list.path.at(-1)!, id ?? at + 1, issues, row));
      return issues.length === 0;
    });
    if (good.length < rows.length) whole = withList(whole, list.path, good);
  }
  return { value: whole, aside };
}

function withList(value: unknown, [key, ...rest]: readonly string[], list: readonly unknown[]): unknown {
  const around = value as Record<string, unknown>;
  return { ...around, [key!]: rest.length === 0 ? list : withList(around[key!], rest, list) };
}

/** A value without the rows of some of its lists, and those rows. A list that is too long stays, for whoever checks that. */
function rowsApart(value: unknown, names: readonly string[]) {
  const rows: Record<string, readonly unknown[]> = {};
  for (const name of names) {
    const list = listAt(value, [name]);
    if (Array.isArray(list) && list.length <= READ_LIMIT) rows[name] = list;
  }
  const emptied = Object.fromEntries(Object.keys(rows).map((name) => [name, []]));
  return { bare: { ...(value as object), ...emptied }, rows };
}

/**
 * Recognises and checks any JSON file of ours.
 * @param wanted         kinds the caller can use; another of ours is refused by name
 * @param how            whether one bad row refuses the file, or is set aside
 * @param rowsElsewhere  lists whose rows somebody checks with `checkRows` meanwhile; here they are taken as they come
 */
export function readPanderoJson(
  text: string,
  wanted?: readonly JsonKind[],
  how: ReadHow = 'all-or-nothing',
  rowsElsewhere: readonly string[] = [],
): Result<ReadFile> {
  const json = readJson(text);
  if (!json.ok) return json;
  const kind = kindOf(json.value);
  if (kind === 'unknown') {
    const got = (json.value as { kind?: unknown } | null)?.kind;
    return fail([issue('not-pandero', '', { got: typeof got === 'string' ? got : 'no kind' }, 1)]);
  }
  if (wanted && !wanted.includes(kind)) {
    const allowed = wanted.map((name) => JSON_KINDS[name].title).join(' or ');
    return fail([issue('wrong-kind', 'kind', { got: JSON_KINDS[kind].title, allowed }, 1)]);
  }
  const { schema, version, upgrade, lists } = JSON_KINDS[kind];
  const stated = (json.value as { version?: unknown }).version;
  if (version !== null && typeof stated === 'number' && stated > version) {
    return fail(withLines([issue('newer-version', 'version', { got: stated, version })], text));
  }
  const upgraded = upgrade(json.value);
  const { value, aside } =
    how === 'what-can-be-read' ? withoutBadRows(upgraded, lists) : { value: upgraded, aside: [] as Aside[] };
  const { bare, rows } = rowsApart(value, rowsElsewhere);
  const parsed = parseWith<object>(schema as z.ZodMiniType<object>, bare);
  if (!parsed.ok) return fail(withLines(parsed.issues, text));
  const whole: unknown = { ...parsed.value, ...rows };
  const doubled = doubledRows(whole, lists);
  if (doubled.length > 0) return fail(withLines(doubled, text));
  return ok({ kind, value: whole, aside } as ReadFile);
}

/**
 * Whether rows of one list of a backup read as they are written, each checked as a whole file would have it checked.
 * @param list  its name
 * @param text  some of its rows, as a JSON list
 */
export function checkRows(list: string, text: string): boolean {
  const { row } = JSON_KINDS.backup.lists.find(({ path }) => path.join('.') === list)!;
  return (JSON.parse(text) as unknown[]).every((written) => {
    const read = parseWith<unknown>(row, written);
    return read.ok && sameJson(read.value, written);
  });
}
