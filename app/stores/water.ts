import { computed, ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import {
  compileAsked,
  intentAtDepth,
  ok,
  parseWater,
  sameJson,
  wantToFile,
  unsaidWater,
  unsay,
  withAnswer,
  withSaid,
  withoutWants,
  type IntentQuestion,
  type Assumable,
  type Issue,
  type Result,
  type WantId,
  type Water,
} from '@core';
import { useLiveRows } from '../live/useLiveRows';
import { useFollowed } from '../live/useFollowed';
import { db, type SettingsRow, type WaterRow } from '../db/database';
import { keep } from '../db/keep';
import { kindOf } from '../db/kinds';
import { keeper } from '../db/our-keeper';
import { onBeginAnew } from '../db/page-state';
import { newId } from '../new-id';
import { useNotices } from './notices';
import * as words from '../locale/en/frame';

/** Day of the calendar here, `2026-09-26`. */
export function today(): string {
  const now = new Date();
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** Month of a day of the calendar, 0 for January. */
export const monthOf = (day: string): number => Number(day.slice(5, 7)) - 1;

/**
 * The water at hand, one of several kept by place and day. It only ever holds a valid water; what is not valid yet stays in its
 * field with a message.
 */
export const useWater = defineStore('water', () => {
  const water = shallowRef<Water>(unsaidWater(monthOf(today())));
  const key = ref(newId());
  const place = ref('');
  const day = ref<string | null>(null);
  const notices = useNotices();
  const compiled = computed(() => compileAsked(water.value));
  const { rows: all } = useLiveRows(
    'water',
    () => db.waters.orderBy('at').reverse().toArray(),
    (a, b) => b.at - a.at,
  );
  /** the water as it was read or stored last: what the next change is made of; null where it is not stored at all */
  let base: WaterRow | null = null;
  /** what the store knows of which water is at hand */
  let atHand: SettingsRow | null = null;

  function take(row: WaterRow): void {
    const parsed = parseWater(row.value);
    if (!parsed.ok) return void notices.complain(parsed.issues);
    base = row;
    if (!sameJson(water.value, parsed.value)) water.value = parsed.value;
    key.value = row.key;
    place.value = row.place;
    day.value = row.day;
  }

  /** Month of the day this water is of, or of today, 0 for January. */
  const month = (): number => monthOf(day.value ?? today());

  /** A season nobody said goes with the calendar: months may have passed since this water was looked at. */
  function followCalendar(): void {
    if (withSaid(water.value, {}, month()).season !== water.value.season) change({});
  }

  /** A water nobody has described yet. */
  function begin(): void {
    base = null;
    water.value = unsaidWater(monthOf(today()));
    [key.value, place.value, day.value] = [newId(), '', null];
  }

  async function load(): Promise<void> {
    begin();
    const own = key.value;
    const stored = await keep(async () => {
      const pointer = keeper.pendingOf('setting', 'at-hand')?.row ?? (await db.settings.get('at-hand')) ?? null;
      const rows = async (at: string): Promise<WaterRow | undefined> =>
        keeper.pendingOf('water', at)?.row ?? (await db.waters.get(at));
      // one that cannot be read is set aside, and said, by the list of waters
      const isGood = (row: WaterRow): boolean => kindOf('water').check(row).ok;
      const named = pointer?.key === 'at-hand' ? await rows(pointer.value) : undefined;
      if (named && isGood(named)) return { pointer, row: named };
      const all = keeper.overlaid('water', await db.waters.orderBy('at').toArray());
      return { pointer, row: all.filter(isGood).at(-1) };
    });
    if (!stored.ok) return notices.complain(stored.issues);
    atHand = stored.value.pointer;
    // what was entered while the store was still being opened is a water of its own
    if (key.value === own && base === null && keeper.pendingOf('water', own) === null && stored.value.row) {
      take(stored.value.row);
      followCalendar();
    }
  }
  onBeginAnew('water', load);
  useFollowed('water', key, (row) => {
    if (row === null) {
      if (base !== null) void load();
      return;
    }
    const isOther = base !== null && !sameJson({ ...base, at: 0 }, { ...row, at: 0 });
    const shows = { key: key.value, place: place.value, day: day.value, at: 0, value: water.value };
    const differs = !sameJson(shows, { ...row, at: 0 });
    take(row);
    if (isOther && differs) notices.say(words.waterChangedElsewhere);
  });

  /**
   * Changes some fields and stores the water at once.
   * @returns problems that keep the change from being taken; empty when it was
   */
  function change(part: { [K in keyof Water]?: Water[K] | undefined }): readonly Issue[] {
    const parsed = parseWater(withoutGone(withSaid(water.value, part, month()), water.value.depthM));
    if (!parsed.ok) return parsed.issues;
    water.value = parsed.value;
    void store();
    return [];
  }

  /** Takes back that somebody said it: it is taken for what is usual again, and said to be. */
  const unsayField = (field: Assumable): readonly Issue[] => change(unsay(water.value, field, month()));

  /** Tells whoever computes from this water that it has to be done again: the model is another now. */
  const touch = (): void => void (water.value = { ...water.value });

  /**
   * Takes a want in hand, or gives it back to the water with `null`.
   * @param band  in the core's own units
   */
  function takeInHand(id: WantId, band: { readonly from: number; readonly to: number } | null): readonly Issue[] {
    const { intent } = water.value;
    if (band === null) return change({ intent: withoutWants(intent, [id]) });
    const ends = { from: asFiled(id, band.from), to: asFiled(id, band.to) };
    return change({ intent: { ...intent, [id]: ends } });
  }
  /** Answers what the rig should do in words, or leaves it to the water with `null`. */
  function answer(question: IntentQuestion, said: string | null): void {
    change({ intent: withAnswer(water.value.intent, question, said, water.value.depthM) });
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
    if (atHand?.key !== 'at-hand' || atHand.value !== row.key) {
      const before = atHand;
      atHand = { key: 'at-hand', value: row.key };
      void keeper.put('setting', atHand, before);
    }
    const stored = await keeper.put('water', row, base);
    if (!stored.ok || stored.value === null || key.value !== row.key || keeper.pendingOf('water', row.key)) return;
    take(stored.value);
  }

  function rename(name: { readonly place?: string; readonly day?: string | null }): void {
    if (name.place !== undefined) place.value = name.place.trim().slice(0, 60);
    if (name.day !== undefined) day.value = name.day;
    void store();
    followCalendar();
  }

  /**
   * Keeps this water as it is and goes on with another: a copy of it, or one nobody has described yet. The new one is at hand at
   * once, before anything is written: what is typed in the next moment is the new one's.
   */
  async function startAnother(from: 'this' | 'blank', name: { place: string; day: string | null }): Promise<void> {
    const kept = store();
    if (from === 'blank') begin();
    base = null;
    key.value = newId();
    place.value = name.place.trim().slice(0, 60);
    day.value = name.day;
    await Promise.all([kept, store()]);
  }

  async function open(row: WaterRow): Promise<void> {
    const kept = store();
    take(row);
    followCalendar();
    await Promise.all([kept, store()]);
  }

  /** Takes a water out; the one at hand gives way to the next. */
  async function remove(row: WaterRow): Promise<Result<WaterRow>> {
    const isAtHand = row.key === key.value;
    if (isAtHand) begin();
    const removed = await keeper.remove('water', row);
    if (isAtHand) await load();
    return removed.ok ? ok(row) : removed;
  }
  const putBack = (row: WaterRow): Promise<Result<unknown>> => keeper.put('water', { ...row }, null);

  return {
    touch,
    month,
    water,
    key,
    place,
    day,
    all,
    compiled,
    load,
    change,
    unsay: unsayField,
    rename,
    startAnother,
    open,
    remove,
    putBack,
    takeInHand,
    answer,
  };
});

/** An end of a band in the unit of files, rounded to remove conversion error. */
const asFiled = (id: WantId, value: number): number => Math.round(wantToFile(id, value) * 1e6) / 1e6;

/** A shallower water takes its cover tops, wanted band and depth in hand up with it, and fields set to undefined are gone. */
function withoutGone(draft: { [K in keyof Water]?: Water[K] | undefined }, beforeM: number): unknown {
  const depthM = draft.depthM ?? 0;
  const intent = intentAtDepth(draft.intent, beforeM, depthM);
  const cover = draft.cover?.map((row) =>
    row.topM !== undefined && row.topM > depthM ? { ...row, topM: depthM } : row,
  );
  const band = draft.band && {
    fromM: Math.min(draft.band.fromM, depthM),
    toM: Math.min(draft.band.toM, depthM),
  };
  return Object.fromEntries(
    Object.entries({ ...draft, cover, band, intent }).filter(([, value]) => value !== undefined),
  );
}
