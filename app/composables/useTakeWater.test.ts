import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { createPinia, disposePinia, getActivePinia, setActivePinia } from 'pinia';
import { unsaidWater } from '@core';
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

/** what a new page begins with today */
const UNSAID = unsaidWater(new Date().getMonth());
const muddy = { ...UNSAID, visibilityM: 0.2, temperatureC: 8 };

test('another water is taken and said; its undo gives back what it changed, and nothing else', async () => {
  const [water, notices, take] = [useWater(), useNotices(), useTakeWater()];
  take(muddy, 'taken');
  expect(water.water).toEqual(muddy);
  expect(notices.notice?.text).toBe('taken');
  water.change({ depthM: 2.5 });
  await notices.notice!.undo!();
  expect(water.water).toEqual({ ...UNSAID, depthM: 2.5 });
});

test('what another water says is said from then on; its undo takes that back too', () => {
  const [water, notices, take] = [useWater(), useNotices(), useTakeWater()];
  take({ ...muddy, season: 'prespawn', assumed: { mood: true, bottom: true } }, 'taken');
  expect(water.water).toMatchObject({ season: 'prespawn', assumed: { mood: true, bottom: true } });
  expect(water.water.assumed).not.toHaveProperty('season');
  void notices.notice!.undo!();
  expect(water.water).toEqual(UNSAID);
  // a stop where all was said
  const { assumed: _, ...said } = UNSAID;
  take(said, 'taken');
  expect(water.water.assumed).toBeUndefined();
});

test('an undo leaves what was said meanwhile, and gives back the season that went with the water', () => {
  const [water, notices, take] = [useWater(), useNotices(), useTakeWater()];
  take(muddy, 'taken');
  water.change({ mood: 'active' });
  expect(water.water.season).toBe('winter');
  void notices.notice!.undo!();
  expect(water.water).toEqual({ ...UNSAID, mood: 'active', assumed: { season: true, bottom: true } });
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
  take({ ...UNSAID }, 'taken');
  expect(notices.notice).toBeNull();
  take({ ...UNSAID, temperatureC: 99 }, 'taken');
  expect(notices.notice).toBeNull();
  expect(water.water.temperatureC).toBe(UNSAID.temperatureC);
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
