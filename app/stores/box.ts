import { computed, onScopeDispose, shallowRef, watch } from 'vue';
import { defineStore } from 'pinia';
import { emptyBox, ok, type Box, type Result, type Tray } from '@core';
import { allParts } from '../db/all-parts';
import { boxOfRows } from '../db/box-of-rows';
import type { Addition } from '../db/box-rows';
import { db, type PartRow } from '../db/database';
import { keeper } from '../db/our-keeper';
import { useLiveRows } from '../live/useLiveRows';
import { newId } from '../new-id';
import { useKeeping } from './keeping';

/** Parts up to which the box is made of them at once. */
const AT_ONCE = 2000;

/** What the angler owns, straight from the store. */
export const useBox = defineStore('box', () => {
  const {
    rows,
    ready: isRead,
    error,
  } = useLiveRows(
    'part',
    () => allParts(db),
    (a, b) => a.at - b.at,
  );
  const keeping = useKeeping();
  const box = shallowRef<Box>(emptyBox());
  /** the rows the box was made of */
  const made = shallowRef<readonly PartRow[] | null>(null);
  const ready = computed(() => isRead.value && made.value === rows.value);
  function make(): void {
    box.value = boxOfRows(rows.value);
    made.value = rows.value;
  }
  // a large one is made in a task of its own: whoever shows the rows has just drawn them
  let timer: ReturnType<typeof setTimeout> | undefined;
  watch(
    rows,
    (found) => {
      clearTimeout(timer);
      if (found.length <= AT_ONCE) make();
      else timer = setTimeout(make);
    },
    { immediate: true, flush: 'sync' },
  );
  onScopeDispose(() => clearTimeout(timer));
  const count = computed(() => rows.value.reduce((sum, { tray: of }) => (of === 'kept' ? sum : sum + 1), 0));
  /** entries of an older box that no tray reads */
  const kept = computed(() => rows.value.filter((row) => row.tray === 'kept'));
  const tray = (name: Tray): readonly PartRow[] => rows.value.filter((row) => row.tray === name);

  /** many at once are another matter than one, and nothing the first view needs */
  const atOnce = () => import('../db/box-rows');
  async function add(parts: Addition): Promise<Result<number>> {
    const added = await (await atOnce()).addToBox(parts);
    if (added.ok) keeping.somethingToLose();
    return added;
  }
  /** Adds one part at the end, or right behind the one it was copied from. */
  async function addOne(name: Tray, part: object): Promise<Result<PartRow>> {
    const row: PartRow = { id: newId(), tray: name, at: (rows.value.at(-1)?.at ?? -1) + 1, part: withoutId(part) };
    const added = await keeper.put('part', row, null);
    keeping.somethingToLose();
    return added.ok ? ok(row) : added;
  }
  /** Puts a changed part in the place of the old one. */
  const replace = (row: PartRow, part: object): Promise<Result<unknown>> =>
    keeper.put('part', { ...row, part: withoutId(part) }, row);
  const remove = (row: PartRow): Promise<Result<unknown>> => keeper.remove('part', row);
  const putBack = (row: PartRow): Promise<Result<unknown>> => keeper.put('part', row, null);

  return {
    rows,
    box,
    count,
    kept,
    ready,
    error,
    tray,
    add,
    addOne,
    replace,
    remove,
    putBack,
    empty: async () => (await atOnce()).emptyTheBox(),
    putAllBack: async (found: readonly PartRow[]) => (await atOnce()).putPartsBack(found),
  };
});

function withoutId(part: object): Record<string, unknown> {
  const { id: _id, ...rest } = part as { readonly id?: unknown };
  return rest;
}
