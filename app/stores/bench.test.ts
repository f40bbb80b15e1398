import { afterAll, afterEach, beforeEach, expect, test } from '@jest/globals';
import { createPinia, disposePinia, setActivePinia, type Pinia } from 'pinia';
import { changedBuild, startBuild } from '@core';
import { jig } from '../../core/testing/fixtures/rigs';
import { clearAll } from '../db/everything';
import { db } from '../db/database';
import { notePlace } from '../db/journal';
import { keeper } from '../db/our-keeper';
import { beginAnew } from './begin-anew';
import { useBench } from './bench';
import { useKeeping } from './keeping';

const shelf = new Map<string, string>();
notePlace.of = () =>
  ({
    getItem: (key: string) => shelf.get(key) ?? null,
    setItem: (key: string, text: string) => void shelf.set(key, text),
    removeItem: (key: string) => void shelf.delete(key),
    key: (at: number) => [...shelf.keys()][at] ?? null,
    get length() {
      return shelf.size;
    },
  }) as unknown as Storage;

let pinia: Pinia;
beforeEach(async () => {
  pinia = createPinia();
  setActivePinia(pinia);
  shelf.clear();
  await keeper.flush();
  const cleared = await clearAll();
  if (cleared.ok) keeper.forget(cleared.value);
});
afterEach(async () => {
  disposePinia(pinia);
  await new Promise((resolve) => setTimeout(resolve, 20));
});

afterAll(() => db.close());

const bug = jig({ trailer: 'flat-bug' });
const settled = async (): Promise<void> => {
  do await new Promise((resolve) => setTimeout(resolve, 30));
  while (keeper.pending.size > 0);
};

test('every change is stored at once, and comes back with what can be taken back', async () => {
  const bench = useBench();
  await bench.start(bug);
  expect(bench.edit('nose', 12)).toMatchObject({ ok: true });
  await settled();
  expect((await db.builds.toArray())[0]!.rig.trailer!.cutNoseMm).toBe(12);
  disposePinia(pinia);
  pinia = createPinia();
  setActivePinia(pinia);
  const later = useBench();
  await later.load();
  expect(later.rig!.trailer!.cutNoseMm).toBe(12);
  await later.undo();
  expect(later.rig!.trailer!.cutNoseMm).toBe(0);
});
test('what cannot be cut is refused and changes nothing', async () => {
  const bench = useBench();
  await bench.start(bug);
  expect(bench.edit('nose', 99)).toMatchObject({ ok: false, why: 'past-the-bend' });
  expect(bench.build!.past).toEqual([]);
});
test('a drag shows, is taken when it is let go, and leaves nothing when it is given up', async () => {
  const bench = useBench();
  await bench.start(bug);
  bench.preview('skirt-length', 40);
  expect([bench.rig!.skirt!.lengthMm, bench.build!.rig.skirt!.lengthMm]).toEqual([40, 55]);
  bench.cancelDrag();
  expect(bench.rig!.skirt!.lengthMm).toBe(55);
  bench.preview('skirt-length', 40);
  await bench.commitDrag();
  await settled();
  expect(bench.build!.rig.skirt!.lengthMm).toBe(40);
  expect(bench.effects.map(({ edit }) => edit)).toEqual(['skirt-length']);
});
test('numbers are compared with the version kept last', async () => {
  const bench = useBench();
  await bench.start(bug);
  bench.edit('nose', 12);
  await bench.keepVersion('short');
  bench.edit('nose', 18);
  expect(bench.earlier!.name).toBe('short');
  expect(bench.before!.rig.trailer!.cutNoseMm).toBe(12);
  expect(bench.numbers!.rig.trailer!.cutNoseMm).toBe(18);
});
test('a change that a closing tab kept from the database comes back and is stored', async () => {
  const build = startBuild(bug, { id: 'lost', name: 'lost', at: '2026-09-26T06:30:00.000Z' });
  // as the version before this one noted it
  shelf.set('pandero-unsaved-build', JSON.stringify(build));
  await db.settings.put({ key: 'on-bench', value: 'lost' });
  await keeper.recover();
  const bench = useBench();
  await bench.load();
  expect(bench.build!.id).toBe('lost');
  await settled();
  expect(await db.builds.get('lost')).toEqual(build);
  expect([...shelf.keys()]).toEqual([]);
});
test('a note that cannot be read hides nothing: it is set aside, and the stored build lies on the bench', async () => {
  const build = startBuild(bug, { id: 'kept', name: 'kept', at: '2026-09-26T06:30:00.000Z' });
  await db.builds.put(build);
  await db.settings.put({ key: 'on-bench', value: 'kept' });
  shelf.set('pandero-unsaved-build', JSON.stringify({ ...build, rig: {} }));
  shelf.set('pandero-note old build kept', '{');
  useKeeping().start();
  await keeper.recovered();
  const bench = useBench();
  await bench.load();
  for (let wait = 0; (await db.setAside.count()) < 2 && wait < 100; wait++) await settled();
  expect(bench.build).toEqual(build);
  expect([...new Set((await db.setAside.toArray()).map(({ from }) => from))].sort()).toEqual([
    'notes',
    'notes of a build',
  ]);
  expect([...shelf.keys()]).toEqual([]);
});
test('a build that is broken in the store is set aside and said, and the bench is empty', async () => {
  await db.builds.put({ id: 'odd', version: 1, rig: {} } as never);
  await db.settings.put({ key: 'on-bench', value: 'odd' });
  const bench = useBench();
  await bench.load();
  for (let wait = 0; (await db.setAside.count()) === 0 && wait < 100; wait++) await settled();
  expect([bench.loaded, bench.build]).toEqual([true, null]);
  expect(await db.setAside.toArray()).toMatchObject([{ from: 'build', key: 'odd' }]);
});
test('another tab’s cut joins this one’s, and both can be taken back', async () => {
  const bench = useBench();
  await bench.start(bug);
  await settled();
  const there = (await db.builds.toArray())[0]!;
  bench.edit('nose', 12);
  // written from another page, between this page’s reading and writing
  await db.builds.put(
    changedBuild(
      there,
      { ...there.rig, skirt: { ...there.rig.skirt!, lengthMm: 48 } },
      { at: '2027-01-01T00:00:00.000Z' },
    ),
  );
  bench.edit('nose', 13);
  await settled();
  expect([bench.rig!.trailer!.cutNoseMm, bench.rig!.skirt!.lengthMm]).toEqual([13, 48]);
  expect((await db.builds.get(there.id))!.rig).toEqual(bench.rig);
  await bench.undo();
  await bench.undo();
  expect(bench.rig!.skirt!.lengthMm).toBe(48);
});
test('once everything is cleared nothing lies on the bench', async () => {
  const bench = useBench();
  await bench.start(bug);
  const cleared = await clearAll();
  if (cleared.ok) await beginAnew(cleared.value);
  expect(bench.build).toBeNull();
  expect(await db.builds.count()).toBe(0);
});
test('a ticket carries the build as it came; asked for twice in a moment it is written once', async () => {
  const bench = useBench();
  await bench.start(bug);
  bench.edit('nose', 12);
  const id = bench.writeTicket();
  expect(bench.writeTicket()).toBe(id);
  await settled();
  expect(await db.tickets.count()).toBe(1);
  const ticket = await db.tickets.get(id);
  expect([ticket!.rig.trailer!.cutNoseMm, ticket!.base!.trailer!.cutNoseMm]).toEqual([12, 0]);
});
