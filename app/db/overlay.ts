import { kindOf, type KindName, type Rows } from './kinds';
import type { Pending } from './keeper-news';

/** Rows of the store with what it does not have yet: changed ones in their place, new ones at the end, deleted ones gone. */
export function overlay<K extends KindName>(
  name: K,
  rows: readonly Rows[K][],
  waiting: Iterable<Pending>,
): readonly Rows[K][] {
  const own = [...waiting].filter(({ kind }) => kind === name) as unknown as Pending<K>[];
  if (own.length === 0) return rows;
  const { key } = kindOf(name);
  const byKey = new Map(own.map((one) => [one.key, one.row]));
  const kept = rows.flatMap((row) => {
    const at = key(row);
    if (!byKey.has(at)) return [row];
    const mine = byKey.get(at);
    byKey.delete(at);
    return mine ? [mine] : [];
  });
  return [...kept, ...[...byKey.values()].filter((row): row is Rows[K] => row !== null && row !== undefined)];
}
