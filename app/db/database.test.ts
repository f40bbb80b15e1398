import { afterEach, describe, expect, test } from '@jest/globals';
import Dexie from 'dexie';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import {
  advise,
  makeTicket,
  partCount,
  readPanderoJson,
  startBuild,
  writeBackup,
  type Backup,
  type Settings,
} from '@core';
import { addToBox, boxOfRows, clearAll, makeBackup, restoreBackup, takeIntoBox } from './backup';
import { PanderoDatabase } from './database';
import { keep } from './keep';

const SETTINGS: Settings = { units: 'metric', theme: 'night', source: 'box' };
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
  test('export, clear, import: the same', async () => {
    const db = fresh();
    await addToBox(DEMO_BOX, db);
    await db.tickets.add(ticket);
    await db.waters.put({ key: 'a', place: 'Brindle Mere', day: '2026-09-27', at: 1, value: NORTH_ARM });
    await db.waters.put({ key: 'b', place: 'Brindle Mere', day: null, at: 2, value: NORTH_ARM });
    await db.settings.put({ key: 'at-hand', value: 'a' });
    await db.builds.add(build);
    await db.settings.put({ key: 'on-bench', value: 'b1' });
    await db.settings.put({ key: 'screen', value: 4.2 });
    const text = writeBackup(await makeBackup(SETTINGS, MADE_AT, db));
    await clearAll(db);
    expect([await db.parts.count(), await db.builds.count()]).toEqual([0, 0]);
    const read = readPanderoJson(text, ['backup']);
    if (!read.ok) throw new Error('the backup cannot be read');
    expect((await restoreBackup(read.value.value as Backup, db)).ok).toBe(true);
    expect(readPanderoJson(writeBackup(await makeBackup(SETTINGS, MADE_AT, db)))).toEqual(read);
    expect((await db.settings.get('settings'))?.value).toEqual(SETTINGS);
    expect(await db.builds.toArray()).toEqual([build]);
    expect((await db.settings.get('on-bench'))?.value).toBe('b1');
    // how large a millimetre is belongs to the screen, not to the data
    expect((await db.settings.get('screen'))?.value).toBe(4.2);
  });
  test('a backup that fails half way leaves everything as it was', async () => {
    const db = fresh();
    await addToBox(DEMO_BOX, db);
    const backup = await makeBackup(SETTINGS, MADE_AT, db);
    const broken = { ...backup, tickets: [ticket, ticket] };
    const restored = await restoreBackup(broken, db);
    expect(restored.ok).toBe(false);
    expect(await db.parts.count()).toBe(66);
    expect(await db.tickets.count()).toBe(0);
  });
  test('parts in a backup are counted without their ids mattering', async () => {
    const db = fresh();
    await addToBox(DEMO_BOX, db);
    expect(partCount((await makeBackup(SETTINGS, MADE_AT, db)).box)).toBe(66);
  });
});

describe('when a write fails', () => {
  test('a full disk becomes a problem with a way out, not an exception', async () => {
    const quota = Object.assign(new Error('no room'), { name: 'QuotaExceededError' });
    const kept = await keep(() => Promise.reject(quota));
    expect(kept).toMatchObject({
      ok: false,
      issues: [{ code: 'does-not-fit', data: { got: expect.stringMatching(/full/) } }],
    });
  });
  test('so does anything else, by its own message', async () => {
    const kept = await keep(() => Promise.reject(new Error('the moon is wrong')));
    expect(kept).toMatchObject({ issues: [{ data: { got: 'the moon is wrong' } }] });
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
