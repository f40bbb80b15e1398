import type * as z from 'zod/mini';
import { fail, issue, ok, type Issue, type Result } from './result';
import { parseNumber } from './units/fraction';

type Raw = z.core.$ZodIssue;

const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>((text, key) => {
    if (typeof key === 'number') return `${text}[${key}]`;
    return text === '' ? String(key) : `${text}.${String(key)}`;
  }, '');

function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  let at: unknown = input;
  for (const key of path) at = (at as Record<PropertyKey, unknown> | undefined)?.[key];
  return at;
}

/** Letters of a value that are shown. */
const SHOWN = 40;

/** A value of somebody else's in a few letters, whatever it is. */
export const shortValue = (value: unknown): string => {
  let text: string;
  try {
    text = typeof value === 'string' ? value : (JSON.stringify(value) ?? 'nothing');
  } catch {
    // what JSON cannot hold: it runs in circles, or is a number without bounds
    text = `a ${typeof value}`;
  }
  return text.length > SHOWN ? `${[...text.slice(0, SHOWN + 1)].slice(0, SHOWN).join('')}…` : text;
};

/** What stands where a number belongs; text that reads as one is told so. */
function noNumber(value: unknown): Issue['data'] {
  const reads = typeof value === 'string' ? parseNumber(value) : null;
  return { got: shortValue(value), in: 'json', ...(reads === null ? {} : { reads: Math.round(reads * 1e6) / 1e6 }) };
}

function issuesOf(raw: Raw, input: unknown): Issue[] {
  const path = pathText(raw.path);
  const value = valueAt(input, raw.path);
  const got = shortValue(value);
  switch (raw.code) {
    case 'invalid_type':
      if (value === undefined) return [issue('missing', path, { expected: raw.expected })];
      if (raw.expected === 'number') return [issue('not-a-number', path, noNumber(value))];
      return [issue('wrong-type', path, { expected: raw.expected, got })];
    case 'too_small':
      return [issue('too-small', path, { got, limit: Number(raw.minimum) })];
    case 'too_big':
      return [issue('too-large', path, { got, limit: Number(raw.maximum) })];
    case 'invalid_value':
      if (value === undefined) return [issue('missing', path, { expected: raw.values.map(String).join(' ') })];
      return [issue('not-one-of', path, { got, allowed: raw.values.map(String).join(' ') })];
    case 'unrecognized_keys':
      return raw.keys.map((key) => issue('unknown-field', path === '' ? key : `${path}.${key}`));
    case 'invalid_key':
      return raw.issues.flatMap((inner) => {
        const allowed = inner.code === 'invalid_value' ? inner.values.map(String).join(' ') : '';
        return [issue('not-one-of', path, { got: String(raw.path.at(-1) ?? ''), allowed })];
      });
    case 'invalid_union':
      return [issue('wrong-type', path, { expected: 'one of the shapes this field may have', got })];
    case 'custom': {
      const params = raw.params as { code?: Issue['code']; data?: Issue['data'] } | undefined;
      return [issue(params?.code ?? 'wrong-type', path, params?.data ?? { expected: raw.message, got })];
    }
    default:
      return [issue('wrong-type', path, { expected: raw.code, got })];
  }
}

/**
 * Checks outside data against a schema.
 * @returns the typed value, or every problem with the path of its field; nothing is thrown and nothing worded yet
 */
export function parseWith<T>(schema: z.ZodMiniType<T>, input: unknown): Result<T> {
  const parsed = schema.safeParse(input, { reportInput: false });
  return parsed.success ? ok(parsed.data) : fail(parsed.error.issues.flatMap((raw) => issuesOf(raw, input)));
}
