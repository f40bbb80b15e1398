import { beforeEach, describe, expect, test } from '@jest/globals';
import { createPinia, disposePinia, setActivePinia } from 'pinia';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { useWater } from '../stores/water';
import { db, type WaterRow } from './database';
import { notePlace, waterJournal } from './journal';

const row: WaterRow = { key: 'a', place: 'Brindle Mere', day: null, at: 5, value: NORTH_ARM };

/** A shelf like the browser's. */
function shelf(full = false): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => {
      if (full) throw new DOMException('no room', 'QuotaExceededError');
      kept.set(key, text);
    },
    removeItem: (key: string) => void kept.delete(key),
  } as unknown as Storage;
}
let place: Storage | null = null;
notePlace.of = () => place;
const put = (storage: Storage | null): void => void (place = storage);
beforeEach(() => put(shelf()));

describe('a water noted before the database has it', () => {
  test('is there until it is settled, and only that one settles it', () => {
    expect(waterJournal.note(row)).toBe(true);
    waterJournal.settle({ ...row, at: 6 });
    expect(waterJournal.unsaved()).toEqual(row);
    waterJournal.settle(row);
    expect(waterJournal.unsaved()).toBeNull();
  });
  test('a full or missing shelf harms nothing', () => {
    put(shelf(true));
    expect(waterJournal.note(row)).toBe(false);
    put(null);
    expect(waterJournal.note(row)).toBe(true);
    expect(waterJournal.unsaved()).toBeNull();
  });
  test('rubbish on the shelf is thrown away', () => {
    place!.setItem('pandero-unsaved-water', '{');
    expect(waterJournal.unsaved()).toBeNull();
    expect(place!.getItem('pandero-unsaved-water')).toBeNull();
  });
  test('what a closing tab kept from the database comes back, and is stored', async () => {
    const pinia = createPinia();
    setActivePinia(pinia);
    await Promise.all([db.waters.clear(), db.settings.clear()]);
    waterJournal.note(row);
    const store = useWater();
    await store.load();
    expect([store.key, store.place, store.water]).toEqual(['a', 'Brindle Mere', NORTH_ARM]);
    expect((await db.waters.get('a'))?.value).toEqual(NORTH_ARM);
    expect(waterJournal.unsaved()).toBeNull();
    disposePinia(pinia);
    await new Promise((resolve) => setTimeout(resolve, 20));
  });
});
