import { findNodeAtLocation, parse as parseTolerant, parseTree, type ParseError } from 'jsonc-parser';
import type * as z from 'zod/mini';
import { parseWith } from '../../parse';
import { fail, issue, ok, type Issue, type Result } from '../../result';
import { JSON_KINDS, JSON_LIMIT_BYTES, type JsonKind } from './format';

/** A file of ours, checked, and what kind it is. */
export type PanderoFile = {
  [K in JsonKind]: { readonly kind: K; readonly value: z.infer<(typeof JSON_KINDS)[K]['schema']> };
}[JsonKind];

/** Line numbers of a text, counted from 1, looked up by offset. */
function lineFinder(text: string): (offset: number) => number {
  const ends: number[] = [];
  for (let at = text.indexOf('\n'); at !== -1; at = text.indexOf('\n', at + 1)) ends.push(at);
  return (offset) => {
    let [low, high] = [0, ends.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (ends[middle]! < offset) low = middle + 1;
      else high = middle;
    }
    return low + 1;
  };
}

/**
 * Reads JSON text.
 * @returns the value, or where it breaks: line and the column in its data
 */
export function readJson(text: string): Result<unknown> {
  if (text.length > JSON_LIMIT_BYTES) {
    return fail([issue('too-big-a-file', '', { got: text.length, limit: JSON_LIMIT_BYTES })]);
  }
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.trim() === '') return fail([issue('empty-file', '')]);
  try {
    return ok(JSON.parse(plain) as unknown);
  } catch {
    const errors: ParseError[] = [];
    parseTolerant(plain, errors, { disallowComments: true });
    const offset = errors[0]?.offset ?? plain.length;
    const column = offset - plain.lastIndexOf('\n', offset - 1);
    return fail([issue('not-json', '', { column }, lineFinder(plain)(offset))]);
  }
}

/** `rig.trailer.kind` or `cover[0].topM` as the keys of a JSON location. */
const keysOf = (path: string): (string | number)[] =>
  [...path.matchAll(/([^.[\]]+)|\[(\d+)\]/g)].map(([, name, index]) =>
    index === undefined ? (name ?? '') : Number(index),
  );

/** Adds the line of each problem's field, as far as the field exists; a missing one gets the line of what should hold it. */
export function withLines(issues: readonly Issue[], text: string): Issue[] {
  const plain = text.replace(/^\uFEFF/, '');
  const tree = parseTree(plain);
  if (!tree) return [...issues];
  const lineAt = lineFinder(plain);
  return issues.map((found) => {
    const keys = keysOf(found.path);
    for (let length = keys.length; length >= 0; length--) {
      const node = length === 0 ? tree : findNodeAtLocation(tree, keys.slice(0, length));
      if (node) return issue(found.code, found.path, found.data, lineAt(node.offset));
    }
    return found;
  });
}

function kindOf(value: unknown): JsonKind | 'unknown' {
  if (typeof value !== 'object' || value === null) return 'unknown';
  if ('kind' in value) {
    const { kind } = value;
    return kind === 'box' || kind === 'tickets' || kind === 'backup' ? kind : 'unknown';
  }
  if ('head' in value && 'family' in value) return 'rig';
  if ('steps' in value || 'castM' in value) return 'plan';
  if ('temperatureC' in value || 'visibilityM' in value) return 'water';
  return 'unknown';
}

/**
 * Recognises and checks any JSON file of ours.
 * @param wanted  kinds the caller can use; another of ours is refused by name
 */
export function readPanderoJson(text: string, wanted?: readonly JsonKind[]): Result<PanderoFile> {
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
  const { schema, version, upgrade } = JSON_KINDS[kind];
  const stated = (json.value as { version?: unknown }).version;
  if (version !== null && typeof stated === 'number' && stated > version) {
    return fail(withLines([issue('newer-version', 'version', { got: stated, version })], text));
  }
  const parsed = parseWith<unknown>(schema, upgrade(json.value));
  return parsed.ok ? ok({ kind, value: parsed.value } as PanderoFile) : fail(withLines(parsed.issues, text));
}
