import * as z from 'zod/mini';
import { issueText } from '../locale/en/issues';
import { shortValue } from '../parse';
import type { Issue } from '../result';
import { DEPTH_LIMIT, nestingOf } from './pandero-json/nesting';

/** Problems of one row that are written down; more say nothing new. */
const WHY_LIMIT = 20;

/** A quarantined row: one the schema refuses, kept verbatim with its problems until somebody mends or deletes it. */
export const asideSchema = z.strictObject({
  /** the list it stood in: a tray, `waters`, `tickets`, `builds` … */
  from: z.string().check(z.minLength(1), z.maxLength(60)),
  /** its key there, or the line it stood on */
  key: z.string().check(z.maxLength(200)),
  why: z.array(z.string().check(z.maxLength(400))).check(z.maxLength(WHY_LIMIT)),
  row: z.unknown(),
});
export type Aside = z.infer<typeof asideSchema>;

const short = (text: string, most: number): string => (text.length > most ? `${text.slice(0, most - 1)}…` : text);

/** Brackets a row may nest to stand in a file that has some around it. */
const ROW_DEPTH = DEPTH_LIMIT - 8;

/** A row as a file can hold it: what no file can is told in words, what nests too deep stands as its own text. */
export function asJson(row: unknown): unknown {
  let text: string;
  try {
    text =
      JSON.stringify(row ?? null, (_, value: unknown) => (typeof value === 'bigint' ? `${value}n` : value)) ?? 'null';
  } catch {
    return shortValue(row);
  }
  return nestingOf(text).deepest > ROW_DEPTH ? text : (JSON.parse(text) as unknown);
}

/** Sets a row aside. */
export const setAside = (from: string, key: unknown, issues: readonly Issue[], row: unknown): Aside => ({
  from,
  key: short(typeof key === 'string' || typeof key === 'number' ? String(key) : '', 200),
  why: issues.slice(0, WHY_LIMIT).map((found) => short(issueText(found), 400)),
  row: asJson(row),
});

/** How a file with rows that cannot be read is taken: not at all, or without those rows. */
export type ReadHow = 'all-or-nothing' | 'what-can-be-read';
