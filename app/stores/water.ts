import { computed, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import { compileWater, DEFAULT_WATER, parseWater, type Issue, type Water } from '@core';
import { db } from '../db/database';
import { keep } from '../db/keep';
import { useNotices } from './notices';

/** The water at hand. It only ever holds a valid water; what is not valid yet stays in its field with a message. */
export const useWater = defineStore('water', () => {
  const water = shallowRef<Water>(DEFAULT_WATER);
  const notices = useNotices();
  const compiled = computed(() => compileWater(water.value));

  async function load(): Promise<void> {
    const stored = await keep(() => db.waters.get('current'));
    if (!stored.ok) return notices.complain(stored.issues);
    if (!stored.value) {
      water.value = DEFAULT_WATER;
      return;
    }
    const parsed = parseWater(stored.value.value);
    if (parsed.ok) water.value = parsed.value;
    else notices.complain(parsed.issues);
  }

  /**
   * Changes some fields and stores the water at once.
   * @returns problems that keep the change from being taken; empty when it was
   */
  function change(part: Partial<Water>): readonly Issue[] {
    const parsed = parseWater(withoutGone({ ...water.value, ...part }));
    if (!parsed.ok) return parsed.issues;
    water.value = parsed.value;
    void store(parsed.value);
    return [];
  }

  async function store(value: Water): Promise<void> {
    const stored = await keep(() => db.waters.put({ key: 'current', value }));
    if (!stored.ok) notices.complain(stored.issues);
  }

  return { water, compiled, load, change };
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
