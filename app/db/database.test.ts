import { afterEach, describe, expect, test } from '@jest/globals';
import Dexie from 'dexie';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { demoSeasons } from '../../demo/seasons';
import { DEMO_WEEKEND } from '../../demo/weekend';
import {
  advise,
  makeTicket,
  outingOf,
  partCount,
  readPanderoJson,
  startBuild,
  writeBackup,
  type Backup,
  type Settings,
} from '@core';
import { boxOfRows } from './box-of-rows';
import { addToBox, takeIntoBox } from './box-rows';
import { addOutings } from './add';
import { clearAll, makeBackup, restoreBackup, type OnScreen } from './everything';
import { PanderoDatabase } from './database';
import type { Pending } from './keeper-news';

const SETTINGS: Settings = { units: 'metric', theme: 'night', source: 'box' };
const SCREEN = { widthPx: 1280, heightPx: 800, ratio: 2 };
const ON_SCREEN: OnScreen = { settings: SETTINGS, waiting: [], screen: SCREEN };
const MADE_AT = '2026-09-26T07:00:00.000Z';
const advice = advise(NORTH_ARM, DEMO_BOX, 1);
const ticket = makeTicket(advice.picks[0]!, NORTH_ARM, { id: 't1', madeAt: MADE_AT, name: 'first' });

const build = startBuild(ticket.rig, { id: 'b1', name: 'mine', at: MADE_AT });

let opened: PanderoDatabase | null = null;
let number = 0;
function fresh(): PanderoDatabase {
  opened = new PanderoDatabase(`test-${number++}`);
  return opened;
}
afterEach(() => opened?.close());

/** Something in every table. */
async function fill(db: PanderoDatabase): Promise<void> {
  await addToBox(DEMO_BOX, db);
  await db.tickets.add(ticket);
  await db.waters.put({ key: 'a', place: 'Brindle Mere', day: '2026-09-27', at: 0, value: NORTH_ARM });
  await db.waters.put({ key: 'b', place: 'Brindle Mere', day: null, at: 1, value: NORTH_ARM });
  await db.settings.bulkPut([
    { key: 'settings', value: SETTINGS },
    { key: 'at-hand', value: 'a' },
    { key: 'on-bench', value: 'b1' },
    { key: 'screen', value: { ...SCREEN, pxPerMm: 4.2 } },
  ]);
  await db.builds.add(build);
  await db.outings.bulkAdd(demoSeasons().slice(0, 2));
  await db.setAside.add({ id: 'x', at: 0, from: 'ticket', key: 'old', why: ['name: is missing.'], row: { id: 'old' } });
}
/** Every table as it stands; what only tells one store from another left out. */
async function everything(db: PanderoDatabase): Promise<unknown> {
  const tables = await Promise.all(db.tables.map(async (table) => [table.name, await table.toArray()] as const));
  return tables.map(([name, rows]) => [
    name,
    (rows as Record<string, unknown>[])
      .filter(({ key }) => key !== 'epoch' && key !== 'backed-up')
      .map((row) => (name === 'setAside' ? { ...row, id: '' } : row)),
  ]);
}

describe('the box in the database', () => {
  test('parts keep their order and come back as a box', async () => {
    const db = fresh();
    expect(await addToBox(DEMO_BOX, db)).toEqual({ ok: true, value: 66 });
    const box = boxOfRows(await db.parts.orderBy('at').toArray());
    expect(box.trailers.map(({ id: _id, ...part }) => part)).toEqual(DEMO_BOX.trailers);
    expect(new Set(box.heads.map(({ id }) => id)).size).toBe(DEMO_BOX.heads.length);
  });
  test('the same list twice adds, and never overwrites', async () => {
    const db = fresh();
    await addToBox(DEMO_BOX, db);
    const box = boxOfRows(await db.parts.orderBy('at').toArray());
    await addToBox(box, db);
    expect(await db.parts.count()).toBe(132);
  });
  test('every tray comes and goes, and entries no tray reads are kept', async () => {
    const db = fresh();
    const kept = [{ tray: 'rods', part: { name: 'seven foot', lengthIn: 84 } }];
    await addToBox({ ...DEMO_BOX, kept }, db);
    const box = boxOfRows(await db.parts.orderBy('at').toArray());
    expect(box.rods.map(({ id: _id, ...part }) => part)).toEqual(DEMO_BOX.rods);
    expect(box.kept).toEqual(kept);
  });
  test('5,000 parts go in at once', async () => {
    const db = fresh();
    const trailers = Array.from({ length: 5000 }, () => DEMO_BOX.trailers[0]!);
    expect(await addToBox({ trailers }, db)).toEqual({ ok: true, value: 5000 });
    expect(await db.parts.count()).toBe(5000);
  });
});

describe('backup', () => {
  test('export, wipe, import: every table is the same, the measured screen too', async () => {
    const db = fresh();
    await fill(db);
    const before = await everything(db);
    const text = writeBackup(await makeBackup(ON_SCREEN, MADE_AT, db));
    await db.delete();
    const again = fresh();
    const read = readPanderoJson(text, ['backup']);
    if (!read.ok) throw new Error('the backup cannot be read');
    expect((await restoreBackup(read.value.value as Backup, SCREEN, [], again)).ok).toBe(true);
    expect(await everything(again)).toEqual(before);
    expect(readPanderoJson(writeBackup(await makeBackup(ON_SCREEN, MADE_AT, again)))).toEqual(read);
  });
  test('export, clear, import: the same', async () => {
    const db = fresh();
    await fill(db);
    const before = await everything(db);
    const backup = await makeBackup(ON_SCREEN, MADE_AT, db);
    expect((await clearAll(db)).ok).toBe(true);
    expect([await db.parts.count(), await db.builds.count(), await db.setAside.count()]).toEqual([0, 0, 0]);
    expect((await restoreBackup(backup, SCREEN, [], db)).ok).toBe(true);
    expect(await everything(db)).toEqual(before);
  });
  test('how large a millimetre is does not come to another screen, nor over what was measured on this one', async () => {
    const db = fresh();
    await fill(db);
    const backup = await makeBackup(ON_SCREEN, MADE_AT, db);
    const other = fresh();
    await restoreBackup(backup, { ...SCREEN, widthPx: 390 }, [], other);
    expect(await other.settings.get('screen')).toBeUndefined();
    await other.settings.put({ key: 'screen', value: { ...SCREEN, pxPerMm: 5 } });
    await restoreBackup(backup, SCREEN, [], other);
    expect((await other.settings.get('screen'))?.value).toMatchObject({ pxPerMm: 5 });
  });
  test('what is on the screen and not stored yet is in it', async () => {
    const db = fresh();
    await fill(db);
    const waiting: Pending[] = [
      { kind: 'ticket', key: 't1', base: ticket, row: { ...ticket, note: 'typed just now' } },
      { kind: 'water', key: 'b', base: null, row: null },
      { kind: 'build', key: 'b2', base: null, row: { ...build, id: 'b2' } },
      { kind: 'setting', key: 'on-bench', base: null, row: { key: 'on-bench', value: 'b2' } },
    ];
    const backup = await makeBackup({ ...ON_SCREEN, waiting }, MADE_AT, db);
    expect(backup.tickets.map(({ note }) => note)).toEqual(['typed just now']);
    expect([backup.waters.map(({ id }) => id), backup.onBench]).toEqual([['a'], 'b2']);
  });
  test('a row that cannot be read is set aside in it, and the file comes back', async () => {
    const db = fresh();
    await fill(db);
    await db.tickets.put({ ...ticket, id: 'odd', name: 7 } as never);
    await db.parts.put({ id: 'bad', tray: 'heads', part: { style: 'anvil' } } as never);
    const text = writeBackup(await makeBackup(ON_SCREEN, MADE_AT, db));
    const read = readPanderoJson(text, ['backup']);
    expect(read).toMatchObject({
      ok: true,
      value: {
        value: {
          setAside: [{ key: 'old' }, { from: 'part', key: 'bad' }, { from: 'ticket', key: 'odd', row: { name: 7 } }],
        },
      },
    });
  });
  test('a backup that fails half way leaves everything as it was', async () => {
    const db = fresh();
    await addToBox(DEMO_BOX, db);
    const backup = await makeBackup(ON_SCREEN, MADE_AT, db);
    const broken = { ...backup, tickets: [ticket, ticket] };
    const restored = await restoreBackup(broken, SCREEN, [], db);
    expect(restored.ok).toBe(false);
    expect(await db.parts.count()).toBe(66);
    expect(await db.tickets.count()).toBe(0);
  });
  test('parts in a backup are counted without their ids mattering', async () => {
    const db = fresh();
    await addToBox(DEMO_BOX, db);
    expect(partCount((await makeBackup(ON_SCREEN, MADE_AT, db)).box)).toBe(66);
  });
});

test('a database of version 1 as first shipped opens with all it held, each thing in its new place', async () => {
  const name = `shipped-${number++}`;
  const shipped = new Dexie(name);
  shipped.version(1).stores({ settings: 'key', waters: 'key', parts: 'id, tray, at', tickets: 'id, madeAt' });
  await shipped.table('tickets').add(ticket);
  await shipped.table('settings').add({ key: 'settings', value: SETTINGS });
  await shipped.table('waters').add({ key: 'current', value: NORTH_ARM });
  await shipped.table('parts').bulkAdd([
    { id: 'p', tray: 'heads', at: 0, part: { ...DEMO_BOX.heads[0] } },
    { id: 'q', tray: 'lines', at: 1, part: { kind: 'braid', lb: 50 } },
    { id: 'r', tray: 'rods', at: 2, part: { name: 'seven foot', lengthIn: 84 } },
  ]);
  expect(shipped.verno).toBe(1);
  shipped.close();
  opened = new PanderoDatabase(name);
  expect(await opened.tickets.toArray()).toEqual([ticket]);
  expect((await opened.settings.get('settings'))?.value).toEqual(SETTINGS);
  expect(await opened.waters.get('current')).toEqual({ key: 'current', place: '', day: null, at: 0, value: NORTH_ARM });
  const box = boxOfRows(await opened.parts.orderBy('at').toArray());
  expect(box.heads).toEqual([{ ...DEMO_BOX.heads[0], id: 'p' }]);
  expect(box.lines).toEqual([{ kind: 'braid', lb: 50, id: 'q' }]);
  expect(box.kept).toEqual([{ tray: 'rods', part: { name: 'seven foot', lengthIn: 84 } }]);
});

test('a database of version 2 opens with all it held, and builds can be laid in it', async () => {
  const name = `shipped-${number++}`;
  const shipped = new Dexie(name);
  shipped.version(1).stores({ settings: 'key', waters: 'key', parts: 'id, tray, at', tickets: 'id, madeAt' });
  shipped.version(2).stores({ waters: 'key, at' });
  const water = { key: 'a', place: 'Brindle Mere', day: null, at: 3, value: NORTH_ARM };
  const part = { id: 'p', tray: 'heads', at: 0, part: { ...DEMO_BOX.heads[0] } };
  await shipped.table('tickets').add(ticket);
  await shipped.table('waters').add(water);
  await shipped.table('parts').add(part);
  shipped.close();
  opened = new PanderoDatabase(name);
  expect(await opened.tickets.toArray()).toEqual([ticket]);
  expect(await opened.waters.toArray()).toEqual([water]);
  expect(await opened.parts.toArray()).toEqual([part]);
  await opened.builds.add(build);
  expect(await opened.builds.orderBy('changedAt').toArray()).toEqual([build]);
});

test('a database of version 3 opens with all it held, and rows can be set aside in it', async () => {
  const name = `shipped-${number++}`;
  const shipped = new Dexie(name);
  shipped.version(1).stores({ settings: 'key', waters: 'key', parts: 'id, tray, at', tickets: 'id, madeAt' });
  shipped.version(2).stores({ waters: 'key, at' });
  shipped.version(3).stores({ builds: 'id, changedAt' });
  await shipped.table('builds').add(build);
  await shipped.table('tickets').add(ticket);
  await shipped.table('settings').add({ key: 'screen', value: 4.2 });
  shipped.close();
  opened = new PanderoDatabase(name);
  expect([await opened.builds.toArray(), await opened.tickets.toArray()]).toEqual([[build], [ticket]]);
  const backup = await makeBackup(ON_SCREEN, MADE_AT, opened);
  expect(backup.screen).toEqual({ ...SCREEN, pxPerMm: 4.2 });
  await opened.setAside.add({ id: 'x', at: 0, from: 'ticket', key: 'k', why: [], row: null });
  expect(await opened.setAside.count()).toBe(1);
});

describe('a list taken into the box', () => {
  const list = { trailers: [{ ...DEMO_BOX.trailers[0]!, quantity: 2 }, DEMO_BOX.trailers[0]!] };
  test('merged, it raises the number of what is there, line after line, and adds nothing twice', async () => {
    const db = fresh();
    await addToBox(DEMO_BOX, db);
    expect(await takeIntoBox(list, 'merge', db)).toEqual({ ok: true, value: 1 });
    const box = boxOfRows(await db.parts.orderBy('at').toArray());
    expect(box.trailers).toHaveLength(DEMO_BOX.trailers.length);
    expect(box.trailers[0]!.quantity).toBe(6 + 2 + 6);
  });
  test('replaced, its tray holds the list alone, and the other trays are left', async () => {
    const db = fresh();
    await addToBox(DEMO_BOX, db);
    await takeIntoBox(list, 'replace', db);
    const box = boxOfRows(await db.parts.orderBy('at').toArray());
    expect([box.trailers.length, box.heads.length]).toEqual([2, DEMO_BOX.heads.length]);
  });
});

test('a database of version 5 opens with all it held, and outings and tests can be kept in it', async () => {
  const name = `shipped-${number++}`;
  const shipped = new Dexie(name);
  shipped.version(1).stores({ settings: 'key', waters: 'key', parts: 'id, tray, at', tickets: 'id, madeAt' });
  shipped.version(2).stores({ waters: 'key, at' });
  shipped.version(3).stores({ builds: 'id, changedAt' });
  shipped.version(4).stores({ setAside: 'id, at' });
  shipped.version(5).stores({ trips: 'id, changedAt' });
  await shipped.table('trips').add(DEMO_WEEKEND[0]!);
  await shipped.table('builds').add(build);
  shipped.close();
  opened = new PanderoDatabase(name);
  expect([await opened.trips.toArray(), await opened.builds.toArray()]).toEqual([[DEMO_WEEKEND[0]], [build]]);
  const [one, two] = demoSeasons();
  await opened.outings.bulkAdd([one!, two!]);
  await opened.settings.put({ key: 'on-water', value: one!.id });
  // the whole of it goes into a backup, and comes back all or nothing
  const backup = await makeBackup(ON_SCREEN, MADE_AT, opened);
  expect(backup.outings.map(({ id }) => id).sort()).toEqual([one!.id, two!.id].sort());
  expect(backup.onWater).toBe(one!.id);
  await opened.outings.clear();
  expect((await restoreBackup(backup, SCREEN, [], opened)).ok).toBe(true);
  expect(await opened.outings.toArray()).toEqual(expect.arrayContaining([one, two]));
  const broken = { ...backup, outings: [one!, one!] };
  expect((await restoreBackup(broken, SCREEN, [], opened)).ok).toBe(false);
  expect(await opened.outings.count()).toBe(2);
});

describe('a log of another device', () => {
  test('is put together with what is here: nothing twice, nothing lost, and said how much', async () => {
    const db = fresh();
    const [one, two] = demoSeasons();
    await db.outings.bulkAdd([{ ...one!, events: one!.events.slice(0, 5) }]);
    const taken = await addOutings([outingOf(one!), outingOf(two!)], [], db);
    expect(taken).toMatchObject({ ok: true, value: { fresh: 1, met: 1, added: one!.events.length - 5, differ: 0 } });
    expect((await db.outings.get(one!.id))!.events).toEqual(one!.events);
    expect(await addOutings([outingOf(one!), outingOf(two!)], [], db)).toMatchObject({
      value: { fresh: 0, met: 2, added: 0 },
    });
    expect(await db.outings.count()).toBe(2);
  });
});
