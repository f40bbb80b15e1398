/** A value as JSON has them. */
type Fields = Readonly<Record<string, unknown>>;

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Whether two values say the same as JSON: order of fields and fields set to undefined do not matter. Backups of hundreds of millions
 * of letters go through here, so nothing is made on the way.
 */
export function sameJson(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return Object.is(a, b);
  if (Array.isArray(a) || Array.isArray(b)) {
    if (!Array.isArray(a) || !Array.isArray(b) || a.length !== b.length) return false;
    for (let at = 0; at < a.length; at++) if (!sameJson(a[at], b[at])) return false;
    return true;
  }
  const [mine, theirs] = [a as Fields, b as Fields];
  let more = 0;
  for (const name in mine) {
    const my = mine[name];
    if (my === undefined) {
      // what every object has by birth, as toString, is no field of it
      if (theirs[name] !== undefined && Object.hasOwn(theirs, name)) return false;
      continue;
    }
    if (!sameJson(my, theirs[name])) return false;
    more++;
  }
  for (const name in theirs) if (theirs[name] !== undefined) more--;
  return more === 0;
}

/** A field that two hands changed to different values since both read it. */
export interface Clash {
  /** names of fields from the outside in, and ids of things in lists; empty for the whole */
  readonly path: readonly string[];
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** What comes of two changes to one document, and where they could not both be had: there the newer one, mine, stands. */
export interface Merged<T> {
  readonly value: T;
  readonly clashes: readonly Clash[];
}

/**
 * Puts together what two hands made of the same document, field by field. A field only one of them changed is as that one left it;
 * one that both changed differently is as `mine` has it, and said. Lists count as one value.
 * @param base    what both read; null where there was nothing
 * @param mine    the change that is being written
 * @param theirs  what has been written meanwhile
 */
export function mergeFields<T>(base: T | null, mine: T, theirs: T): Merged<T> {
  const clashes: Clash[] = [];
  const merge = (was: unknown, my: unknown, their: unknown, path: readonly string[]): unknown => {
    if (sameJson(my, their) || sameJson(their, was)) return my;
    if (sameJson(my, was)) return their;
    if (isFields(my) && isFields(their)) {
      const before: Fields = isFields(was) ? was : {};
      const names = [...new Set([...Object.keys(their), ...Object.keys(my)])];
      const fields = names.map((name) => {
        return [name, merge(before[name], my[name], their[name], [...path, name])] as const;
      });
      return Object.fromEntries(fields.filter(([, value]) => value !== undefined));
    }
    clashes.push({ path, mine: my, theirs: their });
    return my;
  };
  const value = merge(base ?? undefined, mine, theirs, []) as T;
  return { value, clashes };
}

/** A document with the other hand's values wherever both had changed one; a list of things with ids stays a list, and is walked by id. */
export function withTheirs<Row>(row: Row, clashes: readonly Clash[]): Row {
  let taken: unknown = row;
  for (const { path, theirs } of clashes) taken = withField(taken, path, theirs);
  return taken as Row;
}

const hasId = (value: unknown, id: string): boolean => isFields(value) && value['id'] === id;

function withField(value: unknown, path: readonly string[], theirs: unknown): unknown {
  const [name, ...rest] = path;
  if (name === undefined) return theirs;
  if (Array.isArray(value)) {
    const list: readonly unknown[] = value;
    const at = list.findIndex((one) => hasId(one, name));
    // what is not in the list any more is put back where the whole of it is theirs; a field of it has nowhere to go
    if (at < 0) return rest.length === 0 && hasId(theirs, name) ? [...list, theirs] : list;
    const inner = withField(list[at], rest, theirs);
    return inner === undefined
      ? list.filter((_, other) => other !== at)
      : list.map((one, other) => (other === at ? inner : one));
  }
  // by entries, so that a field of any name is one
  const around = new Map(Object.entries(isFields(value) ? value : {}));
  const inner = withField(around.get(name), rest, theirs);
  if (inner === undefined) around.delete(name);
  else around.set(name, inner);
  return Object.fromEntries(around);
}
