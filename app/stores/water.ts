import { computed, ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import { compileWater, DEFAULT_WATER, ok, parseWater, type Issue, type Result, type Water } from '@core';
import { useLiveRows } from '../composables/useLiveRows';
import { db, type WaterRow } from '../db/database';
import { waterJournal } from '../db/journal';
import { keep } from '../db/keep';
import { useNotices } from './notices';

/** Day of the calendar here, `2026-09-26`. */
function today(): string {
  const now = new Date();
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/**
 * The water at hand, one of several kept by place and day. It only ever holds a valid water; what is not valid yet stays in its
 * field with a message.
 */
export const useWater = defineStore('water', () => {
  const water = shallowRef<Water>(DEFAULT_WATER);
  const key = ref('current');
  const place = ref('');
  const day = ref<string | null>(null);
  const notices = useNotices();
  const compiled = computed(() => compileWater(water.value));
  const { rows: all } = useLiveRows(() => db.waters.orderBy('at').reverse().toArray());

  function take(row: WaterRow): void {
    const parsed = parseWater(row.value);
    if (!parsed.ok) return notices.complain(parsed.issues);
    water.value = parsed.value;
    key.value = row.key;
    place.value = row.place;
    day.value = row.day;
  }

  async function load(): Promise<void> {
    water.value = DEFAULT_WATER;
    [key.value, place.value, day.value] = ['current', '', null];
    const stored = await keep(async () => {
      const atHand = await db.settings.get('at-hand');
      const named = atHand?.key === 'at-hand' ? await db.waters.get(atHand.value) : undefined;
      return named ?? (await db.waters.orderBy('at').last());
    });
    if (!stored.ok) return notices.complain(stored.issues);
    if (stored.value) take(stored.value);
    // a change that a closing tab kept from the database
    const unsaved = waterJournal.unsaved();
    if (!unsaved || !parseWater(unsaved.value).ok) return;
    take(unsaved);
    await store();
  }

  /**
   * Changes some fields and stores the water at once.
   * @returns problems that keep the change from being taken; empty when it was
   */
  function change(part: { [K in keyof Water]?: Water[K] | undefined }): readonly Issue[] {
    const parsed = parseWater(withoutGone({ ...water.value, ...part }));
    if (!parsed.ok) return parsed.issues;
    water.value = parsed.value;
    void store();
    return [];
  }

  const asRow = (): WaterRow => ({
    key: key.value,
    place: place.value,
    day: day.value,
    at: Date.now(),
    value: water.value,
  });

  async function store(): Promise<void> {
    const row = asRow();
    waterJournal.note(row);
    const stored = await keep(() =>
      db.transaction('rw', db.waters, db.settings, async () => {
        await db.waters.put(row);
        await db.settings.put({ key: 'at-hand', value: row.key });
      }),
    );
    if (stored.ok) waterJournal.settle(row);
    else notices.complain(stored.issues);
  }

  function rename(name: { readonly place?: string; readonly day?: string | null }): void {
    if (name.place !== undefined) place.value = name.place.trim().slice(0, 60);
    if (name.day !== undefined) day.value = name.day;
    void store();
  }

  /**
   * Keeps this water as it is and goes on with a copy of it: the same place, today. The copy is at hand at once, before anything
   * is written: what is typed in the next moment is the copy's.
   */
  async function copyForToday(): Promise<void> {
    const kept = store();
    key.value = crypto.randomUUID();
    day.value = today();
    await Promise.all([kept, store()]);
  }

  async function open(row: WaterRow): Promise<void> {
    const kept = store();
    take(row);
    await Promise.all([kept, store()]);
  }

  /** Takes a water out; the one at hand gives way to the next. */
  async function remove(row: WaterRow): Promise<Result<WaterRow>> {
    const removed = await keep(() => db.waters.delete(row.key));
    if (!removed.ok) return removed;
    if (row.key === key.value) await load();
    return ok(row);
  }
  const putBack = (row: WaterRow): Promise<Result<unknown>> => keep(() => db.waters.put({ ...row }));

  return { water, key, place, day, all, compiled, load, change, rename, copyForToday, open, remove, putBack };
});

/** A shallower water takes its cover tops and wanted band up with it, and fields set to undefined are gone. */
function withoutGone(draft: { [K in keyof Water]?: Water[K] | undefined }): unknown {
  const depthM = draft.depthM ?? 0;
  const cover = draft.cover?.map((row) =>
    row.topM !== undefined && row.topM > depthM ? { ...row, topM: depthM } : row,
  );
  const band = draft.band && {
    fromM: Math.min(draft.band.fromM, depthM),
    toM: Math.min(draft.band.toM, depthM),
  };
  return Object.fromEntries(Object.entries({ ...draft, cover, band }).filter(([, value]) => value !== undefined));
}
