import { computed, ref } from 'vue';
import { defineStore } from 'pinia';
import { parseWater, sameJson, type Water } from '@core';
import { useWater } from './water';

/** A water as it was before another was taken in its place. */
export interface WaterBefore {
  /** the water of a place and day it belongs to */
  readonly key: string;
  readonly atMs: number;
  readonly water: Water;
}

const PLACE = 'pandero-waters-before';
const MOST = 12;

/** The browser's own small store, where it gives one: what finds no room there is known until the page is left. */
function stored(): Storage | null {
  try {
    return globalThis.localStorage ?? null;
  } catch {
    return null;
  }
}
function read(): WaterBefore[] {
  try {
    const found = JSON.parse(stored()?.getItem(PLACE) ?? '[]') as Partial<WaterBefore>[];
    return found.flatMap(({ key, atMs, water }): WaterBefore[] => {
      const parsed = parseWater(water);
      return typeof key === 'string' && Number.isFinite(atMs) && parsed.ok
        ? [{ key, atMs: atMs!, water: parsed.value }]
        : [];
    });
  } catch {
    return [];
  }
}
function write(rows: readonly WaterBefore[]): void {
  try {
    if (rows.length === 0) stored()?.removeItem(PLACE);
    else stored()?.setItem(PLACE, JSON.stringify(rows));
  } catch {
    // no room: it is known until the page is left
  }
}

/** What the water at hand was before the map, the year or a day on the deck put another in its place: the last ones of each, to go back to. */
export const useWatersBefore = defineStore('waters-before', () => {
  const store = useWater();
  const rows = ref<readonly WaterBefore[]>(read());
  const ofThis = computed(() =>
    rows.value.filter(({ key, water }) => key === store.key && !sameJson(water, store.water)),
  );

  const isSame = (a: WaterBefore, b: WaterBefore): boolean => a.key === b.key && sameJson(a.water, b.water);
  /** Remembers the water at hand, which is about to give way, beside what other tabs remembered meanwhile. */
  function remember(): void {
    const { key, water } = store;
    const all = [{ key, atMs: Date.now(), water }, ...rows.value, ...read()];
    rows.value = all
      .filter((row, at) => all.findIndex((other) => isSame(row, other)) === at)
      .sort((a, b) => b.atMs - a.atMs)
      .slice(0, MOST);
    write(rows.value);
  }
  /** Everything was cleared or replaced: none of these waters is there any more. */
  function forget(): void {
    rows.value = [];
    write([]);
  }
  /** Goes back to one; the water at hand can be gone back to in turn. */
  function goBack(to: WaterBefore): void {
    remember();
    // what is not said there is not said again
    const none = Object.fromEntries(Object.keys(store.water).map((field) => [field, undefined]));
    store.change({ ...none, ...to.water });
  }
  return { ofThis, remember, forget, goBack };
});
