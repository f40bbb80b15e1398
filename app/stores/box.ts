import { computed } from 'vue';
import { defineStore } from 'pinia';
import { ok, partCount, type Box, type Result, type Tray } from '@core';
import { addToBox, boxOfRows, type Addition } from '../db/backup';
import { db, type PartRow } from '../db/database';
import { keep } from '../db/keep';
import { useLiveRows } from '../composables/useLiveRows';

/** What the angler owns, straight from the database. */
export const useBox = defineStore('box', () => {
  const { rows, ready, error } = useLiveRows(() => db.parts.orderBy('at').toArray());
  const box = computed<Box>(() => boxOfRows(rows.value));
  const count = computed(() => partCount(box.value));
  /** entries of an older box that no tray reads */
  const kept = computed(() => rows.value.filter((row) => row.tray === 'kept'));
  const tray = (name: Tray): readonly PartRow[] => rows.value.filter((row) => row.tray === name);

  const add = (parts: Addition): Promise<Result<number>> => addToBox(parts);
  /** Adds one part at the end, or right behind the one it was copied from. */
  async function addOne(name: Tray, part: object): Promise<Result<PartRow>> {
    const row: PartRow = {
      id: crypto.randomUUID(),
      tray: name,
      at: (rows.value.at(-1)?.at ?? -1) + 1,
      part: withoutId(part),
    };
    const added = await keep(() => db.parts.add(row));
    return added.ok ? ok(row) : added;
  }
  /** Puts a changed part in the place of the old one. */
  const replace = (row: PartRow, part: object): Promise<Result<unknown>> =>
    keep(() => db.parts.put({ ...row, part: withoutId(part) }));
  const remove = (id: string): Promise<Result<void>> => keep(() => db.parts.delete(id));
  const putBack = (found: readonly PartRow[]): Promise<Result<unknown>> => keep(() => db.parts.bulkPut([...found]));
  const empty = (): Promise<Result<void>> => keep(() => db.parts.clear());

  return { rows, box, count, kept, ready, error, tray, add, addOne, replace, remove, putBack, empty };
});

function withoutId(part: object): Record<string, unknown> {
  const { id: _id, ...rest } = part as { readonly id?: unknown };
  return rest;
}
