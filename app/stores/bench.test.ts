import { afterAll, afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { createPinia, disposePinia, setActivePinia, type Pinia } from 'pinia';
import { startBuild } from '@core';
import { jig } from '../../core/testing/fixtures/rigs';
import { clearAll } from '../db/backup';
import { db } from '../db/database';
import { buildJournal, notePlace } from '../db/journal';

// the theme is a matter of the page
jest.unstable_mockModule('vuetify', () => ({ useTheme: () => ({ change: () => undefined }) }));
const { useBench } = await import('./bench');

const shelf = new Map<string, string>();
notePlace.of = () =>
  ({
    getItem: (key: string) => shelf.get(key) ?? null,
    setItem: (key: string, text: string) => void shelf.set(key, text),
    removeItem: (key: string) => void shelf.delete(key),
  }) as unknown as Storage;

let pinia: Pinia;
beforeEach(async () => {
  pinia = createPinia();
  setActivePinia(pinia);
  shelf.clear();
  await clearAll();
});
afterEach(async () => {
  disposePinia(pinia);
  await new Promise((resolve) => setTimeout(resolve, 20));
});

afterAll(() => db.close());

const bug = jig({ trailer: 'flat-bug' });
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 30));

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
  bench.letGoOf();
  expect(bench.rig!.skirt!.lengthMm).toBe(55);
  bench.preview('skirt-length', 40);
  await bench.letGo();
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
  buildJournal.note(build);
  const bench = useBench();
  await bench.load();
  expect(bench.build!.id).toBe('lost');
  expect(await db.builds.get('lost')).toEqual(build);
  expect(buildJournal.unsaved()).toBeNull();
});
test('a build that is broken in the store is said, and the bench is empty', async () => {
  await db.builds.put({ id: 'odd', version: 1, rig: {} } as never);
  await db.settings.put({ key: 'on-bench', value: 'odd' });
  const bench = useBench();
  await bench.load();
  expect([bench.loaded, bench.build]).toEqual([true, null]);
});
test('once everything is cleared nothing lies on the bench', async () => {
  const bench = useBench();
  await bench.start(bug);
  await clearAll();
  await bench.reload();
  expect(bench.build).toBeNull();
  expect(await db.builds.count()).toBe(0);
});
test('a ticket carries the build as it came', async () => {
  const bench = useBench();
  await bench.start(bug);
  bench.edit('nose', 12);
  const written = await bench.writeTicket();
  const ticket = written.ok ? await db.tickets.get(written.value) : undefined;
  expect([ticket!.rig.trailer!.cutNoseMm, ticket!.base!.trailer!.cutNoseMm]).toEqual([12, 0]);
});
