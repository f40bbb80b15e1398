import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { createPinia, disposePinia, getActivePinia, setActivePinia } from 'pinia';
import { DEFAULT_WATER } from '@core';
import { db } from '../db/database';
import { keeper } from '../db/our-keeper';
import { useNotices } from '../stores/notices';
import { useWater } from '../stores/water';
import { useWatersBefore } from '../stores/waters-before';
import { useTakeWater } from './useTakeWater';

beforeEach(async () => {
  setActivePinia(createPinia());
  await keeper.flush();
  await Promise.all([db.waters.clear(), db.settings.clear()]);
  await useWater().load();
});
afterEach(async () => {
  await keeper.flush();
  disposePinia(getActivePinia()!);
  // what followed the store ends with what it had begun to read
  await new Promise((resolve) => setTimeout(resolve, 50));
});

const muddy = { ...DEFAULT_WATER, visibilityM: 0.2, temperatureC: 8 };

test('another water is taken and said; its undo gives back what it changed, and nothing else', async () => {
  const [water, notices, take] = [useWater(), useNotices(), useTakeWater()];
  take(muddy, 'taken');
  expect(water.water).toEqual(muddy);
  expect(notices.notice?.text).toBe('taken');
  water.change({ depthM: 2.5 });
  await notices.notice!.undo!();
  expect(water.water).toEqual({ ...DEFAULT_WATER, depthM: 2.5 });
});

test('an undo that comes late does not touch another water', async () => {
  const [water, notices, take] = [useWater(), useNotices(), useTakeWater()];
  take(muddy, 'taken');
  const { undo } = notices.notice!;
  await water.startAnother('blank', { place: 'Tarn', day: null });
  const other = water.water;
  await undo!();
  expect(water.water).toBe(other);
});

test('the water at hand is taken in silence; what is no water is told and not taken', () => {
  const [water, notices, take] = [useWater(), useNotices(), useTakeWater()];
  take({ ...DEFAULT_WATER }, 'taken');
  expect(notices.notice).toBeNull();
  take({ ...DEFAULT_WATER, temperatureC: 99 }, 'taken');
  expect(notices.notice).toBeNull();
  expect(water.water.temperatureC).toBe(DEFAULT_WATER.temperatureC);
});

test('what it was can be gone back to long after, and back again; another water and a cleared store know nothing of it', async () => {
  const [water, take] = [useWater(), useTakeWater()];
  water.change({ depthM: 3, mood: 'inactive' });
  const own = water.water;
  take(muddy, 'taken');
  const before = useWatersBefore();
  expect(before.ofThis.map((row) => row.water)).toEqual([own]);
  before.goBack(before.ofThis[0]!);
  expect(water.water).toEqual(own);
  expect(before.ofThis.map((row) => row.water)).toEqual([{ ...muddy }]);
  await water.startAnother('blank', { place: 'Tarn', day: null });
  expect(before.ofThis).toEqual([]);
});
