import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { DEFAULT_WATER } from '@core';
import { effectScope, ref, shallowReactive, type EffectScope } from 'vue';
import { db, type WaterRow } from '../db/database';
import { useFollowed, type Follows } from './useFollowed';

/** A keeper whose changes are under way for as long as a test says. */
const pending = shallowReactive(new Map<string, object>());
let turn = 0;
const busyKeeper: Follows = {
  pendingOf: (_kind, at) => (pending.get(at) ?? null) as never,
  turnOf: () => turn,
};

const row = (depthM: number, key = 'a'): WaterRow => ({
  key,
  place: '',
  day: null,
  at: depthM,
  value: { ...DEFAULT_WATER, depthM },
});
const key = ref<string | null>('a');
let told: (number | null)[] = [];
let scope: EffectScope;
const until = async (wanted: (number | null)[]): Promise<void> => {
  for (let left = 200; left > 0 && told.join() !== wanted.join(); left--) {
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  expect(told).toEqual(wanted);
};
const still = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 80));

beforeEach(async () => {
  pending.clear();
  key.value = 'a';
  told = [];
  await db.waters.clear();
  await db.waters.bulkPut([row(1), row(7, 'b')]);
  scope = effectScope();
  scope.run(() => useFollowed('water', key, (found) => told.push(found?.value.depthM ?? null), busyKeeper));
  await until([1]);
});
afterEach(() => scope.stop());

test('what is stored is told, what is deleted too, and another key is followed from then on', async () => {
  await db.waters.put(row(2));
  await until([1, 2]);
  key.value = 'b';
  await until([1, 2, 7]);
  await db.waters.put(row(3));
  await still();
  await db.waters.delete('b');
  await until([1, 2, 7, null]);
  key.value = null;
  await db.waters.put(row(8, 'b'));
  await still();
  expect(told).toEqual([1, 2, 7, null]);
});

test('what another tab writes while a change of this one is under way is told once that is stored', async () => {
  pending.set('a', {});
  await db.waters.put(row(2));
  await still();
  expect(told).toEqual([1]);
  pending.delete('a');
  await until([1, 2]);
});

test('what was overtaken while it was read is read again', async () => {
  const get = db.waters.get.bind(db.waters);
  let overtaken = 0;
  db.waters.get = ((at: string) =>
    get(at).then((found) => {
      // a change of this tab is stored between the reading and the telling, once
      if (overtaken++ === 0) turn++;
      return found;
    })) as typeof db.waters.get;
  await db.waters.put(row(2));
  await until([1, 2]);
  expect(overtaken).toBeGreaterThan(1);
  db.waters.get = get as typeof db.waters.get;
});

test('a row that cannot be read is not told', async () => {
  await db.waters.put({ ...row(2), value: { depthM: 'deep' } } as never);
  await still();
  expect(told).toEqual([1]);
});
