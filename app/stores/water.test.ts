import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { createPinia, disposePinia, getActivePinia, setActivePinia } from 'pinia';
import { unsaidWater, withSaid } from '@core';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { db } from '../db/database';
import { keeper } from '../db/our-keeper';
import { useKeeping } from './keeping';
import { useNotices } from './notices';
import { useWater } from './water';

const MONTH = new Date().getMonth();
/** what a page begins with today: nothing of it was said */
const UNSAID = unsaidWater(MONTH);

beforeEach(async () => {
  setActivePinia(createPinia());
  await keeper.flush();
  await Promise.all([db.waters.clear(), db.settings.clear(), db.setAside.clear()]);
});

/** Live queries end with their store: none may still run when a test is over. */
afterEach(async () => {
  disposePinia(getActivePinia()!);
  await settled();
});

const stored = async (): Promise<unknown> => (await db.waters.get(useWater().key))?.value;
const settled = async (): Promise<void> => {
  do await new Promise((resolve) => setTimeout(resolve, 20));
  while (keeper.pending.size > 0);
};

describe('the water at hand', () => {
  test('starts from the default, and every change is stored at once', async () => {
    const store = useWater();
    await store.load();
    expect(store.water).toEqual(UNSAID);
    expect(store.change({ temperatureC: 11 })).toEqual([]);
    await settled();
    expect(await stored()).toEqual(withSaid(UNSAID, { temperatureC: 11 }, MONTH));
  });
  test('a season nobody said goes with the calendar from visit to visit, and with the day it is given', async () => {
    const stale = { ...UNSAID, temperatureC: 12, season: 'summer' } as const;
    await db.waters.put({ key: 'current', place: '', day: '2026-03-10', at: 1, value: stale });
    const store = useWater();
    await store.load();
    expect(store.water.season).toBe('prespawn');
    store.rename({ day: '2026-10-10' });
    expect(store.water).toMatchObject({ season: 'autumn', assumed: UNSAID.assumed });
    await settled();
    expect(await stored()).toMatchObject({ season: 'autumn' });
  });
  test('comes back as it was left', async () => {
    await db.waters.put({ key: 'current', place: '', day: null, at: 1, value: NORTH_ARM });
    const store = useWater();
    await store.load();
    expect(store.water).toEqual(NORTH_ARM);
    expect(store.compiled.facts.mainCover?.kind).toBe('flooded-bush');
  });
  test('what is not valid is not taken, and says why', async () => {
    const store = useWater();
    const problems = store.change({ temperatureC: 99 });
    expect(problems.map(({ code, path }) => `${code} ${path}`)).toEqual(['too-large temperatureC']);
    await settled();
    expect(store.water.temperatureC).toBe(UNSAID.temperatureC);
    expect(await stored()).toBeUndefined();
  });
  test('a shallower water takes its cover tops and its band up with it', () => {
    const store = useWater();
    store.change({ depthM: 4, cover: [{ kind: 'brush', density: 'thick', topM: 3 }], band: { fromM: 1, toM: 3.5 } });
    expect(store.change({ depthM: 2 })).toEqual([]);
    expect(store.water.cover[0]!.topM).toBe(2);
    expect(store.water.band).toEqual({ fromM: 1, toM: 2 });
  });
  test('a field set to undefined is gone, in the store and on the disk', async () => {
    const store = useWater();
    store.change({ band: { fromM: 0, toM: 0.5 } });
    store.change({ band: undefined } as never);
    await settled();
    expect('band' in store.water).toBe(false);
    expect(Object.keys((await stored()) as object)).not.toContain('band');
  });
  test('a broken record on the disk is set aside and said, and the default is used', async () => {
    await db.waters.put({ key: 'current', place: '', day: null, at: 1, value: { ...NORTH_ARM, temperatureC: 400 } });
    useKeeping().start();
    const store = useWater();
    await store.load();
    expect(store.water).toEqual(UNSAID);
    for (let wait = 0; useNotices().problems.length === 0 && wait < 200; wait++) await settled();
    expect(
      useNotices()
        .problems.map(({ text }) => text)
        .join(),
    ).toMatch(/set aside.*temperatureC: 400 is too large/);
    expect(await db.setAside.toArray()).toMatchObject([{ from: 'water', key: 'current', row: { key: 'current' } }]);
    expect(await db.waters.count()).toBe(0);
  });
  test('changes in quick succession end as the last one', async () => {
    const store = useWater();
    for (let tempC = 1; tempC <= 30; tempC++) store.change({ temperatureC: tempC });
    await settled();
    expect(await stored()).toMatchObject({ temperatureC: 30 });
  });
});

describe('several waters by place and day', () => {
  test('a new day starts as a copy; the one before stays as it was', async () => {
    const store = useWater();
    store.change(NORTH_ARM);
    store.rename({ place: 'Brindle Mere', day: '2026-09-26' });
    await settled();
    await store.startAnother('this', { place: store.place, day: '2026-09-28' });
    store.change({ temperatureC: 9 });
    await settled();
    const rows = await db.waters.orderBy('at').toArray();
    expect(rows.map(({ place }) => place)).toEqual(['Brindle Mere', 'Brindle Mere']);
    expect(rows.map(({ value }) => value.temperatureC)).toEqual([NORTH_ARM.temperatureC, 9]);
    expect(rows[0]!.day).toBe('2026-09-26');
    expect(store.day).toBe('2026-09-28');
  });
  test('what is typed while the copy is being written belongs to the copy', async () => {
    const store = useWater();
    store.rename({ place: 'Brindle Mere', day: '2026-09-26' });
    await settled();
    const before = store.key;
    const copied = store.startAnother('this', { place: store.place, day: '2026-09-28' });
    store.rename({ place: 'Withy Pool' });
    await copied;
    await settled();
    expect((await db.waters.get(before))!.place).toBe('Brindle Mere');
    expect((await db.waters.get(store.key))!.place).toBe('Withy Pool');
  });
  test('a blank one knows nothing of the one before, and its name does not rename that one', async () => {
    const store = useWater();
    store.change(NORTH_ARM);
    store.rename({ place: 'Brindle Mere', day: '2026-09-26' });
    await settled();
    await store.startAnother('blank', { place: ' Withy Pool ', day: null });
    await settled();
    expect(store.water).toEqual(UNSAID);
    // both may have been stored in the same millisecond
    const rows = (await db.waters.toArray()).sort((a, b) => a.place.localeCompare(b.place));
    expect(rows.map(({ place, day }) => [place, day])).toEqual([
      ['Brindle Mere', '2026-09-26'],
      ['Withy Pool', null],
    ]);
    expect(rows.map(({ value }) => value.temperatureC)).toEqual([NORTH_ARM.temperatureC, UNSAID.temperatureC]);
  });
  test('another is opened, and is at hand after a reload', async () => {
    const store = useWater();
    store.change({ temperatureC: 9 });
    await settled();
    const first = (await db.waters.get(store.key))!;
    await store.startAnother('this', { place: store.place, day: '2026-09-28' });
    store.change({ temperatureC: 21 });
    await settled();
    await store.open(first);
    expect(store.water.temperatureC).toBe(9);
    disposePinia(getActivePinia()!);
    setActivePinia(createPinia());
    const again = useWater();
    await again.load();
    expect([again.key, again.water.temperatureC]).toEqual([first.key, 9]);
  });
  test('the one at hand taken out gives way to the next, and comes back', async () => {
    const store = useWater();
    store.change({ temperatureC: 9 });
    await settled();
    await store.startAnother('this', { place: store.place, day: '2026-09-28' });
    store.change({ temperatureC: 21 });
    await settled();
    const row = (await db.waters.get(store.key))!;
    expect((await store.remove(row)).ok).toBe(true);
    expect(store.water.temperatureC).toBe(9);
    await store.putBack(row);
    expect(await db.waters.count()).toBe(2);
  });
});

describe('notices', () => {
  test('the same problem is said once, and stays until it is settled', () => {
    const notices = useNotices();
    notices.complainIn(['a', 'b', 'a']);
    notices.complainIn(['b']);
    expect(notices.problems).toEqual([{ text: 'a' }, { text: 'b' }]);
    notices.settle();
    expect(notices.problems).toEqual([]);
  });
  test('a line may carry a way back', () => {
    const notices = useNotices();
    notices.say('gone', () => Promise.resolve());
    expect(notices.notice).toMatchObject({ text: 'gone', undo: expect.any(Function) });
    notices.say('done');
    expect(notices.notice).toEqual({ text: 'done' });
  });
});
