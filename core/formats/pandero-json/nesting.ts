import { visit } from 'jsonc-parser';
import { issue, type Issue } from '../../result';

/** How deep a file of ours may nest; ours go to eight. */
export const DEPTH_LIMIT = 64;

const QUOTE = 34;
const BACKSLASH = 92;
const [COLON, OPEN_LIST, CLOSE_LIST, OPEN, CLOSE] = [58, 91, 93, 123, 125] as const;

/** What can be told of JSON text before it is parsed, at the speed of reading it once. */
export interface Nesting {
  /** place of the bracket that goes deeper than is read, or null */
  readonly tooDeepAt: number | null;
  /** how deep it goes, or went until then */
  readonly deepest: number;
  /** keys written, doubled ones counted each time */
  readonly keys: number;
}

/** Looks over JSON text without parsing it: a parser calls itself for every bracket, and a few thousand of them end it. */
export function nestingOf(text: string): Nesting {
  let depth = 0;
  let deepest = 0;
  let keys = 0;
  for (let at = 0; at < text.length; at++) {
    const code = text.charCodeAt(at);
    if (code === QUOTE) {
      for (at++; at < text.length && text.charCodeAt(at) !== QUOTE; at++) if (text.charCodeAt(at) === BACKSLASH) at++;
    } else if (code === COLON) keys++;
    else if (code === OPEN || code === OPEN_LIST) {
      if (++depth > deepest) deepest = depth;
      if (depth > DEPTH_LIMIT) return { tooDeepAt: at, deepest, keys };
    } else if (code === CLOSE || code === CLOSE_LIST) depth--;
  }
  return { tooDeepAt: null, deepest, keys };
}

/** Keys a parsed value holds, at every depth. */
function keysIn(value: unknown): number {
  if (typeof value !== 'object' || value === null) return 0;
  let sum = 0;
  if (Array.isArray(value)) for (const inner of value) sum += keysIn(inner);
  else for (const key in value) sum += 1 + keysIn((value as Record<string, unknown>)[key]);
  return sum;
}

/**
 * Keys that stand twice in one object: a parser keeps the last and drops the others in silence.
 * @param written  keys counted in the text; where the value holds as many, none is doubled
 */
export function doubledKeys(text: string, value: unknown, written: number): Issue[] {
  if (keysIn(value) === written) return [];
  const found: Issue[] = [];
  const seen: Set<string>[] = [];
  visit(text, {
    onObjectBegin: () => void seen.push(new Set()),
    onObjectEnd: () => void seen.pop(),
    onObjectProperty: (key, _offset, _length, line) => {
      const keys = seen.at(-1);
      if (keys?.has(key)) found.push(issue('duplicate-key', key, {}, line + 1));
      keys?.add(key);
    },
  });
  return found;
}
