import { computed } from 'vue';
import { defineStore } from 'pinia';
import { partCount, type Box, type Result, type Tray } from '@core';
import { addToBox, boxOfRows, type Addition } from '../db/backup';
import { db, type PartRow } from '../db/database';
import { keep } from '../db/keep';
import { useLiveRows } from '../composables/useLiveRows';

/** What the angler owns, straight from the database. */
export const useBox = defineStore('box', () => {
  const { rows, ready, error } = useLiveRows(() => db.parts.orderBy('at').toArray());
  const box = computed<Box>(() => boxOfRows(rows.value));
  const count = computed(() => partCount(box.value));
  /** parts of trays that later stations will read: kept, not shown */
  const keptForLater = computed(() => rows.value.length - count.value);
  const tray = (name: Tray): readonly PartRow[] => rows.value.filter((row) => row.tray === name);

  const add = (parts: Addition): Promise<Result<number>> => addToBox(parts);
  const remove = (id: string): Promise<Result<void>> => keep(() => db.parts.delete(id));
  const putBack = (found: readonly PartRow[]): Promise<Result<unknown>> => keep(() => db.parts.bulkPut([...found]));
  const empty = (): Promise<Result<void>> => keep(() => db.parts.clear());

  return { rows, box, count, keptForLater, ready, error, tray, add, remove, putBack, empty };
});
