import { decide, issue, type Change, type Decision } from '@core';
import { KeepError } from './cause';
import type { PanderoDatabase } from './database';
import { kindOf, type KindName, type Rows } from './kinds';

/** The storage documents are written to; tests replace it by a slow or a failing one. */
export interface Shelf {
  /** Writes one change if nothing speaks against it, and tells what became of it. */
  write<K extends KindName>(
    kind: K,
    key: string,
    change: Omit<Change<Rows[K]>, 'epoch'> & { readonly epoch: string | null },
  ): Promise<Decision<Rows[K]>>;
}

export const EPOCH = 'epoch';

/** The epoch of the store: changes made in an earlier one are not written. */
export async function epochOf(of: PanderoDatabase): Promise<string> {
  const row = await of.settings.get(EPOCH);
  return row?.key === EPOCH ? row.value : '';
}

/** Documents in the browser's database: what is there is read, compared and written in one transaction. */
export const databaseShelf = (of: PanderoDatabase): Shelf => ({
  write(name, key, change) {
    const kind = kindOf(name);
    const table = kind.table(of);
    return of.transaction('rw', [table, of.settings], async () => {
      const epoch = await epochOf(of);
      const stored = (await table.get(key)) ?? null;
      const decision = decide({ ...change, epoch: change.epoch ?? epoch }, stored, epoch, kind.meeting);
      if (decision.as === 'delete') await table.delete(key);
      if (decision.as === 'write') {
        if (stored === null) {
          const { counted, limit } = kind;
          const count = await (counted
            ? table.where(counted.index).equals(counted.of(decision.row)).count()
            : table.count());
          if (count >= limit)
            throw new KeepError(issue('too-many-kept', '', { got: count + 1, limit, what: `${name}s` }));
        }
        await table.put(decision.row);
      }
      return decision;
    });
  },
});
