import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { advise, makeTicket, readPanderoJson, writeBackup, writeBox, type Backup } from '@core';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { addToBox, rowsOfBox } from '../db/box-rows';
import { PanderoDatabase } from '../db/database';
import { makeBackup, type AllRows, type OnScreen } from '../db/everything';
import { doFileJob, writtenAndRead } from './jobs';

const ON_SCREEN: OnScreen = {
  settings: { units: 'us', theme: 'light', source: 'box' },
  waiting: [],
  screen: { widthPx: 1, heightPx: 1, ratio: 1 },
};
const MADE_AT = '2026-09-26T07:00:00.000Z';
const ticket = makeTicket(advise(NORTH_ARM, DEMO_BOX, 1).picks[0]!, NORTH_ARM, {
  id: 't',
  madeAt: MADE_AT,
  name: 'first',
});
const tell = (): void => undefined;
let db: PanderoDatabase;
let number = 0;
beforeEach(() => {
  db = new PanderoDatabase(`jobs-${number++}`);
});
afterEach(() => db.close());
const blob = (text: string | Uint8Array<ArrayBuffer>): Blob => new Blob([text]);

describe('a backup', () => {
  const nothing: AllRows = {
    settings: [],
    waters: [],
    parts: [],
    tickets: [],
    builds: [],
    trips: [],
    outings: [],
    tests: [],
    setAside: [],
  };
  const saved = async (rows: Partial<AllRows>, told: (part: number) => void = tell) => {
    const job = { do: 'back-up', onScreen: ON_SCREEN, madeAt: MADE_AT, rows: { ...nothing, ...rows } } as const;
    const made = await doFileJob(job, db, told);
    if (!made.ok) throw new Error(made.issues[0]!.code);
    const read = readPanderoJson(await made.value.blob.text(), ['backup']);
    if (!read.ok) throw new Error('it does not come back');
    return { counts: made.value.counts, backup: read.value.value as Backup };
  };
  test('of 1,750 tickets is read back before it is one: no limit of reading lies below those of storing', async () => {
    const told: number[] = [];
    const tickets = Array.from({ length: 1750 }, (_, at) => ({ ...ticket, id: `t${at}` }));
    const { counts, backup } = await saved({ tickets }, (part) => told.push(part));
    expect(counts).toEqual({
      waters: 0,
      parts: 0,
      tickets: 1750,
      builds: 0,
      trips: 0,
      outings: 0,
      tests: 0,
      setAside: 0,
    });
    expect(backup.tickets.length).toBe(1750);
    expect(told.length).toBeGreaterThan(5);
    expect(told).toEqual([...told].sort((a, b) => a - b));
  });
  test('of a tray of 22,000 parts comes back', async () => {
    const parts = rowsOfBox({ trailers: Array.from({ length: 22_000 }, () => DEMO_BOX.trailers[0]!) }, new Set(), 0);
    expect((await saved({ parts })).backup.box.trailers.length).toBe(22_000);
  });
  test('that does not read back as it was is none', async () => {
    const backup = await makeBackup(ON_SCREEN, MADE_AT, db);
    const odd = { ...backup, tickets: [{ ...ticket, note: 'x'.repeat(3000) }] };
    expect(await writtenAndRead(odd, tell)).toMatchObject({
      ok: false,
      issues: [{ code: 'backup-differs' }, { path: 'tickets[0].note' }],
    });
    const sly = { ...backup, waters: [{ id: 'a', place: ' spaced ', day: null, water: NORTH_ARM }] };
    expect(await writtenAndRead(sly, tell)).toMatchObject({
      ok: false,
      issues: [{ code: 'backup-differs', data: { got: 'waters' } }],
    });
  });
  test('whatever the tables hold, what comes of it reads back: bad rows go along set aside', async () => {
    const any = fc.oneof(fc.anything({ withBigInt: true, withDate: true, withNullPrototype: true }), fc.jsonValue());
    const mangled = <T extends object>(good: T): fc.Arbitrary<T> =>
      fc
        .tuple(
          fc.constantFrom(...Object.keys(good)),
          fc.oneof(any, fc.constantFrom(' spaced ', '', 'x'.repeat(61), -0, NaN, '\ud800', undefined)),
        )
        .map(([key, value]) => ({ ...good, [key]: value }));
    const part = { id: 'p', tray: 'trailers' as const, at: 1, part: { ...DEMO_BOX.trailers[0]!, label: ' mine ' } };
    const kept = { id: 'k', tray: 'kept' as const, at: 2, part: { tray: 'rods', part: { name: 'x' } } };
    const water = { key: 'w', place: '', day: null, at: 1, value: NORTH_ARM };
    const aside = { from: 'ticket', key: 'k', why: ['x'], row: 1 };
    await fc.assert(
      fc.asyncProperty(
        fc.tuple(
          mangled(part),
          mangled(kept),
          mangled(part.part),
          mangled(water),
          mangled(ticket),
          mangled(aside),
          any,
        ),
        async ([one, two, inner, place, written, left, rubbish]) => {
          const rows = {
            parts: [one, two, { ...part, id: 'q', part: inner }],
            waters: [place],
            tickets: [written],
            builds: [rubbish],
            setAside: [left],
            settings: [{ key: 'screen', value: rubbish }],
          } as unknown as AllRows;
          const { counts, backup } = await saved(rows);
          expect(counts.parts + counts.waters + counts.tickets + backup.setAside.length).toBe(7);
        },
      ),
      { numRuns: 400, endOnFailure: true, interruptAfterTimeLimit: 20_000, markInterruptAsFailure: false },
    );
  });
  test('where the store cannot be read holds what is on the screen', async () => {
    db.close({ disableAutoOpen: true });
    const asked = { do: 'back-up', onScreen: ON_SCREEN, madeAt: MADE_AT } as const;
    expect((await doFileJob({ ...asked, rows: null }, db, tell)).ok).toBe(false);
    const rows = {
      settings: [],
      waters: [],
      parts: [],
      tickets: [ticket],
      builds: [],
      trips: [],
      outings: [],
      tests: [],
      setAside: [],
    };
    const made = await doFileJob({ ...asked, rows }, db, tell);
    expect(made.ok && made.value.counts.tickets).toBe(1);
  });
});

describe('a file taken in', () => {
  const read = (
    text: string | Uint8Array<ArrayBuffer>,
    how: 'all-or-nothing' | 'what-can-be-read' = 'all-or-nothing',
  ) => doFileJob({ do: 'read', file: blob(text), how, onScreen: ON_SCREEN }, db, tell);
  test('is told by as much as is shown', async () => {
    await addToBox({ lines: DEMO_BOX.lines }, db);
    const found = await read(writeBox(DEMO_BOX));
    if (!found.ok) throw new Error('refused');
    expect(found.value).toMatchObject({
      what: 'parts',
      count: 66,
      asideCount: 0,
      diff: { counts: { there: 4, fresh: 62 } },
    });
    expect(found.value.diff.fresh.length).toBeLessThanOrEqual(40);
  });
  test('with rows that cannot be read: refused, or without them, which are kept', async () => {
    const list = 'style,weight\ncasting,3/8\nanvil,3/8\nball,1/4\n';
    expect(await read(list)).toMatchObject({ ok: false, issues: [{ line: 3, path: 'style' }] });
    expect(await read(list, 'what-can-be-read')).toMatchObject({ ok: true, value: { count: 2, asideCount: 1 } });
    const taken = await doFileJob(
      { do: 'take', file: blob(list), how: 'what-can-be-read', mode: 'add', onScreen: ON_SCREEN },
      db,
      tell,
    );
    expect(taken).toMatchObject({ ok: true, value: { count: 2, aside: 1, epoch: null } });
    expect(await db.setAside.toArray()).toMatchObject([{ from: 'heads', key: 'line 3', row: { style: 'anvil' } }]);
  });
  test('a backup with one bad ticket of two comes back without it, and it is set aside', async () => {
    const backup = {
      ...(await makeBackup(ON_SCREEN, MADE_AT, db)),
      tickets: [ticket, { ...ticket, id: 'odd', name: 7 }],
    };
    const file = blob(writeBackup(backup as never));
    const take = (how: 'all-or-nothing' | 'what-can-be-read') =>
      doFileJob({ do: 'take', file, how, mode: 'add', onScreen: ON_SCREEN }, db, tell);
    expect(await take('all-or-nothing')).toMatchObject({ ok: false, issues: [{ path: 'tickets[1].name' }] });
    expect(await take('what-can-be-read')).toMatchObject({ ok: true, value: { aside: 1, epoch: expect.any(String) } });
    expect([await db.tickets.count(), await db.setAside.count()]).toEqual([1, 1]);
  });
  test('letters stored the old way are understood, and said', async () => {
    const bytes = Uint8Array.from('kind,length,colour\nchunk,3,crème\n', (letter) => letter.charCodeAt(0));
    expect(await read(bytes)).toMatchObject({
      ok: true,
      value: { notes: [{ code: 'read-as-latin-1' }, { code: 'unknown-colour', data: { got: 'crème' } }] },
    });
  });
  test('a picture is called one', async () => {
    expect(await read(Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 13, 10]))).toMatchObject({
      ok: false,
      issues: [{ code: 'not-text' }],
    });
  });
  test('tickets alone', async () => {
    await db.tickets.add(ticket);
    const made = await doFileJob({ do: 'tickets', onScreen: ON_SCREEN }, db, tell);
    if (!made.ok) throw new Error('not written');
    expect(readPanderoJson(await made.value.blob.text(), ['tickets'])).toMatchObject({
      ok: true,
      value: { value: { tickets: [ticket] } },
    });
  });
});
