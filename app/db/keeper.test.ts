import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { makeTicket, advise, startBuild, STORE_LIMITS, type Decision, type Ticket } from '@core';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { jig } from '../../core/testing/fixtures/rigs';
import { KeepError } from './cause';
import { PanderoDatabase, type WaterRow } from './database';
import './later-kinds';
import { clearAll, makeBackup, restoreBackup } from './everything';
import { createJournal, notePlace } from './journal';
import { createKeeper, type Keeper } from './keeper';
import type { KeeperNews } from './keeper-news';
import { databaseShelf, epochOf, type Shelf } from './shelf';

/** A small store like the browser's, with room for so many characters. */
function smallStore(room = 5_000_000): Storage & { readonly texts: Map<string, string> } {
  const texts = new Map<string, string>();
  return {
    texts,
    getItem: (key: string) => texts.get(key) ?? null,
    setItem(key: string, text: string) {
      if (text.length > room) throw new DOMException('no room', 'QuotaExceededError');
      texts.set(key, text);
    },
    removeItem: (key: string) => void texts.delete(key),
    key: (at: number) => [...texts.keys()][at] ?? null,
    get length() {
      return texts.size;
    },
  } as unknown as Storage & { readonly texts: Map<string, string> };
}

let place: Storage | null = null;
notePlace.of = () => place;
let db: PanderoDatabase;
let number = 0;
beforeEach(() => {
  place = smallStore();
  db = new PanderoDatabase(`keeper-${number++}`);
});
/** Keepers of a test: one whose store fails would try for ever. */
const keepers: Keeper[] = [];
afterEach(async () => {
  keepers.splice(0).forEach((one) => one.forget('over'));
  await soon(10);
  db.close();
});

let tabs = 0;
interface Tab {
  readonly keeper: Keeper;
  readonly news: KeeperNews[];
}
function tab(shelf: Shelf = databaseShelf(db)): Tab {
  const news: KeeperNews[] = [];
  const keeper = createKeeper({ shelf, journal: createJournal(`tab-${tabs++}`), state: () => db.state, retryMs: [5] });
  keepers.push(keeper);
  keeper.onNews((one) => news.push(one));
  return { keeper, news };
}
const said = ({ news }: Tab): string[] => news.map(({ what }) => what);
const soon = (ms = 40): Promise<void> => new Promise((resolve) => setTimeout(resolve, 2.5 * ms));
/** Tries until it is so; a busy machine takes its time. */
async function until(tried: () => void | Promise<void>): Promise<void> {
  for (let left = 500; ; left--) {
    try {
      return await tried();
    } catch (reason) {
      if (left === 0) throw reason;
      await soon(10);
    }
  }
}

const row: WaterRow = { key: 'a', place: 'Brindle Mere', day: null, at: 5, value: NORTH_ARM };
const warm = (temperatureC: number, from = row): WaterRow => ({ ...from, value: { ...from.value, temperatureC } });
const deep = (depthM: number, from = row): WaterRow => ({ ...from, value: { ...from.value, depthM } });
const ticket = makeTicket(advise(NORTH_ARM, DEMO_BOX, 1).picks[0]!, NORTH_ARM, {
  id: 't',
  madeAt: '2026-09-26T07:00:00.000Z',
  name: 'first',
});
const build = startBuild(jig({ trailer: 'flat-bug' }), { id: 'b', name: 'mine', at: '2026-09-26T06:30:00.000Z' });

/** A shelf that does what a test tells it before it does what it should. */
const through = (before: () => Promise<void> | void): Shelf => {
  const real = databaseShelf(db);
  return {
    async write(...words) {
      await before();
      return real.write(...words);
    },
  };
};
const full = (): never => {
  throw new DOMException('no room', 'QuotaExceededError');
};

describe('a change', () => {
  test('is noted before anything else, and the note goes when the store has it', async () => {
    const { keeper } = tab();
    const kept = keeper.put('water', row, null);
    expect(place!.length).toBe(1);
    expect(await kept).toEqual({ ok: true, value: row });
    expect([place!.length, await db.waters.get('a'), keeper.pending.size]).toEqual([0, row, 0]);
  });
  test('made while another is being written counts from what both were made of, and only the last waits', async () => {
    const writes: unknown[] = [];
    const real = databaseShelf(db);
    const { keeper } = tab({
      async write(kind, key, change) {
        writes.push((change.row as WaterRow | null)?.value.temperatureC);
        await soon(5);
        return real.write(kind, key, change);
      },
    });
    await Promise.all([10, 11, 12, 13].map((tempC) => keeper.put('water', warm(tempC), null)));
    expect(writes).toEqual([10, 13]);
    expect((await db.waters.get('a'))!.value.temperatureC).toBe(13);
  });
  test('a full or missing small store harms nothing', async () => {
    for (const given of [smallStore(10), null]) {
      place = given;
      const { keeper } = tab();
      expect((await keeper.put('water', warm(7), (await db.waters.get('a')) ?? null)).ok).toBe(true);
    }
    expect((await db.waters.get('a'))!.value.temperatureC).toBe(7);
  });
});

describe('two tabs', () => {
  test('both change a water: each field is as the one who changed it left it', async () => {
    await db.waters.put(row);
    const [one, other] = [tab(), tab()];
    await one.keeper.put('water', warm(9), row);
    await other.keeper.put('water', deep(1), row);
    expect((await db.waters.get('a'))!.value).toEqual({ ...NORTH_ARM, temperatureC: 9, depthM: 1 });
    expect([said(one), said(other)]).toEqual([[], []]);
  });
  test('both change the same field: the later stands, it is said, and the other can be taken', async () => {
    await db.waters.put(row);
    const [one, other] = [tab(), tab()];
    await one.keeper.put('water', warm(9), row);
    await other.keeper.put('water', warm(21), row);
    expect((await db.waters.get('a'))!.value.temperatureC).toBe(21);
    const [news] = other.news;
    expect(news).toMatchObject({ what: 'clash', clashes: [{ path: ['value', 'temperatureC'], mine: 21, theirs: 9 }] });
    if (news?.what === 'clash') news.takeTheirs();
    await soon();
    expect((await db.waters.get('a'))!.value.temperatureC).toBe(9);
  });
  test('whatever two tabs do to one water at once, no change of either is overwritten in silence', async () => {
    const field = fc.constantFrom('temperatureC', 'depthM', 'visibilityM' as const);
    const edit = fc.record({ field, value: fc.integer({ min: 1, max: 5 }) });
    await fc.assert(
      fc.asyncProperty(
        fc.array(edit, { minLength: 1, maxLength: 4 }),
        fc.array(edit, { minLength: 1, maxLength: 4 }),
        async (mine, theirs) => {
          const base: WaterRow = {
            ...row,
            key: `w${number++}`,
            value: { ...NORTH_ARM, cover: [], temperatureC: 8, depthM: 8, visibilityM: 3.3 },
          };
          delete (base.value as { band?: unknown }).band;
          await db.waters.put(base);
          const sides = [mine, theirs].map((edits) => {
            const side = tab(through(() => soon(Math.random() * 3)));
            let now = base;
            const done = edits.map(({ field: name, value }) => {
              now = { ...now, value: { ...now.value, [name]: value } };
              return side.keeper.put('water', now, base);
            });
            return { side, done, last: now };
          });
          await Promise.all(sides.flatMap(({ done }) => done));
          const stored = (await db.waters.get(base.key))!;
          for (const { last } of sides) {
            for (const name of ['temperatureC', 'depthM', 'visibilityM'] as const) {
              const changed = last.value[name] !== base.value[name];
              // a value that both went through is nobody's alone
              const ofBoth = [mine, theirs].every((edits) =>
                edits.some((one) => one.field === name && one.value === last.value[name]),
              );
              const lost = changed && !ofBoth && stored.value[name] !== last.value[name];
              const told = sides.some(({ side }) =>
                side.news.some(
                  (news) =>
                    news.what === 'clash' && news.clashes.some(({ path }) => path.join('.') === `value.${name}`),
                ),
              );
              if (lost) expect(told).toBe(true);
            }
          }
        },
      ),
      { numRuns: 60 },
    );
  });
  test('a cleared water does not come back from a second tab, and what was typed there is not lost either', async () => {
    await db.waters.put(row);
    const other = tab();
    other.keeper.setEpoch(await epochOf(db));
    expect((await clearAll(db)).ok).toBe(true);
    await other.keeper.put('water', warm(9), row);
    expect([await db.waters.count(), said(other)]).toEqual([0, ['gone']]);
    const [news] = other.news;
    other.keeper.setEpoch(await epochOf(db));
    if (news?.what === 'gone') news.keepMine();
    await soon();
    expect((await db.waters.get('a'))!.value.temperatureC).toBe(9);
  });
  test('deleted here, changed there: it stays and is said', async () => {
    await db.tickets.put(ticket);
    const [one, other] = [tab(), tab()];
    await one.keeper.put('ticket', { ...ticket, note: 'north side' }, ticket);
    await other.keeper.remove('ticket', ticket);
    expect([await db.tickets.count(), said(other)]).toEqual([1, ['stays']]);
  });
  test('a note here and a name there are both kept', async () => {
    await db.tickets.put(ticket);
    const [one, other] = [tab(), tab()];
    await Promise.all([
      one.keeper.put('ticket', { ...ticket, note: 'north side' }, ticket),
      other.keeper.put('ticket', { ...ticket, name: 'second' }, ticket),
    ]);
    expect(await db.tickets.get('t')).toEqual({ ...ticket, note: 'north side', name: 'second' });
  });
});

describe('what happens at once', () => {
  test('taking the other’s value keeps what was changed here since', async () => {
    await db.waters.put(row);
    const [one, other] = [tab(), tab()];
    await one.keeper.put('water', warm(9), row);
    await other.keeper.put('water', warm(21), row);
    const [news] = other.news;
    void other.keeper.put('water', deep(1, warm(21)), warm(21));
    if (news?.what === 'clash') news.takeTheirs();
    await soon();
    expect((await db.waters.get('a'))!.value).toEqual({ ...NORTH_ARM, temperatureC: 9, depthM: 1 });
  });
  test('a store that is handed over gets what is being written and what is entered meanwhile', async () => {
    const { keeper } = tab(through(() => soon(10)));
    void keeper.put('water', warm(9), null);
    void keeper.put('water', warm(10), null);
    await keeper.flush();
    expect([(await db.waters.get('a'))!.value.temperatureC, keeper.pending.size]).toEqual([10, 0]);
  });
  test('a store that fails is not asked for ever', async () => {
    const { keeper } = tab(through(full));
    void keeper.put('water', row, null);
    await keeper.flush();
    expect(keeper.pending.size).toBe(1);
  });
  test('what was under way when this tab cleared everything is no news', async () => {
    await db.waters.put(row);
    const slow = tab(through(() => soon(15)));
    slow.keeper.setEpoch(await epochOf(db));
    void slow.keeper.put('water', warm(9), row);
    const cleared = await clearAll(db);
    if (cleared.ok) slow.keeper.forget(cleared.value);
    await soon(60);
    expect([await db.waters.count(), said(slow)]).toEqual([0, []]);
  });
});

describe('a tab that closes', () => {
  /** Storing never ends: the tab is gone before it does. */
  const never: Shelf = { write: () => new Promise<never>(() => undefined) };
  test('every kind of edit made in its last moment is there when the next one starts', async () => {
    await db.waters.put(row);
    await db.tickets.put(ticket);
    const dying = tab(never).keeper;
    void dying.put('water', warm(9), row);
    void dying.put('ticket', { ...ticket, note: 'n' }, ticket);
    void dying.put('ticket', { ...ticket, note: 'north side, second gap' }, ticket);
    void dying.put('ticket', { ...ticket, id: 't2' }, null);
    void dying.put('build', build, null);
    void dying.put('part', { id: 'p', tray: 'heads', at: 0, part: { ...DEMO_BOX.heads[0] } }, null);
    void dying.put('setting', { key: 'settings', value: { units: 'metric', theme: 'night', source: 'box' } }, null);
    const { keeper } = tab();
    await keeper.recover();
    // on the screen at once, in the store a moment later
    expect(keeper.overlaid('ticket', [ticket]).map(({ note }) => note)).toEqual(['north side, second gap', '']);
    await soon();
    expect((await db.waters.get('a'))!.value.temperatureC).toBe(9);
    expect((await db.tickets.get('t'))!.note).toBe('north side, second gap');
    expect([await db.tickets.count(), await db.builds.count(), await db.parts.count()]).toEqual([2, 1, 1]);
    expect((await db.settings.get('settings'))?.value).toMatchObject({ units: 'metric' });
    expect(place!.length).toBe(0);
  });
  test('what another tab stored meanwhile is not overwritten by what it left', async () => {
    await db.waters.put(row);
    void tab(never).keeper.put('water', warm(9), row);
    await tab().keeper.put('water', deep(1), row);
    await tab().keeper.recover();
    await soon();
    expect((await db.waters.get('a'))!.value).toEqual({ ...NORTH_ARM, temperatureC: 9, depthM: 1 });
  });
  test('what is changed again before it was taken up leaves no note behind', async () => {
    await db.tickets.put(ticket);
    void tab(never).keeper.put('ticket', { ...ticket, note: 'n' }, ticket);
    const next = tab(through(() => soon(5)));
    await next.keeper.recover();
    void next.keeper.put('ticket', { ...ticket, note: 'north side' }, { ...ticket, note: 'n' });
    await soon(80);
    expect([(await db.tickets.get('t'))!.note, place!.length, said(next)]).toEqual(['north side', 0, []]);
  });
  test('two tabs that left notes on one ticket are taken up one after another', async () => {
    await db.tickets.put(ticket);
    void tab(never).keeper.put('ticket', { ...ticket, note: 'from one' }, ticket);
    void tab(never).keeper.put('ticket', { ...ticket, name: 'from the other' }, ticket);
    await tab().keeper.recover();
    await until(async () => {
      expect(await db.tickets.get('t')).toMatchObject({ note: 'from one', name: 'from the other' });
      expect(place!.length).toBe(0);
    });
  });
  test('notes that cannot be read are handed over, and hide nothing', async () => {
    place!.setItem('pandero-note x ticket t', '{"version":1');
    place!.setItem(
      'pandero-note x build b',
      JSON.stringify({ version: 1, kind: 'build', key: 'b', base: null, row: { id: 'b' }, epoch: null }),
    );
    const next = tab();
    await next.keeper.recover();
    expect(next.news).toMatchObject([
      { what: 'unreadable', notes: [{ from: 'notes' }] },
      { what: 'unreadable', notes: [{ from: 'notes of a build', key: 'b' }] },
    ]);
    expect([place!.length, next.keeper.pending.size]).toEqual([0, 0]);
  });
});

describe('a store that fails', () => {
  test('what could not be stored is tried until it is, and said once', async () => {
    let failures = 3;
    const failing = tab(through(() => (failures-- > 0 ? full() : undefined)));
    expect((await failing.keeper.put('water', row, null)).ok).toBe(false);
    expect([place!.length, failing.keeper.pending.size]).toEqual([1, 1]);
    await until(async () => expect(await db.waters.get('a')).toEqual(row));
    expect(said(failing)).toEqual(['not-stored', 'stored-at-last']);
    expect(failing.news[0]).toMatchObject({ issues: [{ code: 'no-room' }] });
  });
  test('clear and restore after a failed write are not undone by what was noted', async () => {
    const failing = tab(through(full));
    await failing.keeper.put('water', row, null);
    const cleared = await clearAll(db);
    if (cleared.ok) failing.keeper.forget(cleared.value);
    expect([place!.length, failing.keeper.pending.size]).toEqual([0, 0]);
    await tab().keeper.recover();
    await soon();
    expect(await db.waters.count()).toBe(0);
  });
  test('nor are they by a note of a tab that knew nothing of them', async () => {
    const stale = tab(through(full));
    stale.keeper.setEpoch(await epochOf(db));
    await stale.keeper.put('water', row, null);
    const screen = { widthPx: 1, heightPx: 1, ratio: 1 };
    const backup = await makeBackup(
      { settings: { units: 'us', theme: 'light', source: 'box' }, waiting: [], screen },
      '2026-09-26T07:00:00.000Z',
      db,
    );
    expect((await restoreBackup(backup, screen, [], db)).ok).toBe(true);
    const next = tab();
    await next.keeper.recover();
    await soon();
    expect([await db.waters.count(), said(next)]).toEqual([0, ['gone']]);
  });
  test('a failed write under a later one loses nothing of either', async () => {
    await db.tickets.put(ticket);
    let failures = 1;
    const { keeper } = tab(
      through(async () => {
        await soon(5);
        if (failures-- > 0) full();
      }),
    );
    void keeper.put('ticket', { ...ticket, name: 'second' }, ticket);
    await soon(1);
    void keeper.put('ticket', { ...ticket, name: 'second', note: 'north side' }, ticket);
    await soon(80);
    expect(await db.tickets.get('t')).toEqual({ ...ticket, name: 'second', note: 'north side' });
  });
  test('what is beyond the limit is refused for good, and told to who asked', async () => {
    const refusing = tab({
      write: () =>
        Promise.reject(new KeepError({ code: 'too-many-kept', path: '', data: { got: 2, limit: 1, what: 'builds' } })),
    });
    expect((await refusing.keeper.put('build', build, null)).ok).toBe(false);
    expect([refusing.keeper.pending.size, place!.length, said(refusing)]).toEqual([0, 0, ['refused']]);
  });
  test('what is no document of its kind is never stored: the one before stays, and it is said', async () => {
    const one = tab();
    await one.keeper.put('build', build, null);
    const broken = { ...build, past: { 0: 'a list no more' } } as never;
    const kept = await one.keeper.put('build', broken, build);
    expect(kept).toMatchObject({ ok: false, issues: [{ path: 'past' }] });
    expect(await db.builds.get('b')).toEqual(build);
    expect([one.keeper.pending.size, place!.length, said(one)]).toEqual([0, 0, ['refused']]);
    // nothing to try again: it would be none the next time either
    expect(one.news[0]).toMatchObject({ again: null });
    // and what is right again is stored
    expect((await one.keeper.put('build', { ...build, name: 'right' }, build)).ok).toBe(true);
    expect((await db.builds.get('b'))!.name).toBe('right');
  });
  test('what was refused is at hand still, and stored once there is room for it', async () => {
    let isFull = true;
    const found = { code: 'too-many-kept', path: '', data: { got: 2, limit: 1, what: 'builds' } } as const;
    const refusing = tab(
      through(() => {
        if (isFull) throw new KeepError(found);
      }),
    );
    await refusing.keeper.put('build', build, null);
    isFull = false;
    const [news] = refusing.news;
    if (news?.what === 'refused') news.again!();
    await soon();
    expect(await db.builds.get('b')).toEqual(build);
  });
  test('a store of a newer version costs nothing that was entered: it stays noted and is tried again', async () => {
    let isNewer = true;
    const failing = tab(
      through(() => {
        if (isNewer) throw new KeepError({ code: 'store-newer', path: '', data: {} });
      }),
    );
    expect((await failing.keeper.put('water', row, null)).ok).toBe(false);
    expect([failing.keeper.pending.size, place!.length, said(failing)]).toEqual([1, 1, ['not-stored']]);
    isNewer = false;
    await soon(60);
    expect(await db.waters.get('a')).toEqual(row);
  });
  test('the limit is counted in the store itself', async () => {
    await db.builds.bulkAdd(Array.from({ length: STORE_LIMITS.builds }, (_, at) => ({ ...build, id: `b${at}` })));
    const one = tab();
    expect(await one.keeper.put('build', { ...build, id: 'one more' }, null)).toMatchObject({
      ok: false,
      issues: [{ code: 'too-many-kept' }],
    });
    // one that is there already may still be changed
    expect((await one.keeper.put('build', { ...build, id: 'b7', name: 'other' }, { ...build, id: 'b7' })).ok).toBe(
      true,
    );
  });
  test('a slow store, one that fails and one that loses its answers: what was entered last is what stands', async () => {
    const act = fc.constantFrom('slow', 'fails', 'answer-lost', 'well');
    await fc.assert(
      fc.asyncProperty(
        fc.array(act, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 2, max: 6 }),
        async (acts, edits) => {
          const id = `t${number++}`;
          const first: Ticket = { ...ticket, id };
          await db.tickets.put(first);
          const real = databaseShelf(db);
          let at = 0;
          const shelf: Shelf = {
            async write(kind, key, change) {
              const now = acts[at++ % (acts.length + 1)] ?? 'well';
              if (now === 'slow') await soon(4);
              if (now === 'fails') full();
              const decision: Decision<never> = (await real.write(kind, key, change)) as never;
              if (now === 'answer-lost') throw Object.assign(new Error('lost'), { name: 'UnknownError' });
              return decision as never;
            },
          };
          const { keeper } = tab(shelf);
          let now = first;
          for (let edit = 0; edit < edits; edit++) {
            now = edit % 2 === 0 ? { ...now, note: `note ${edit}` } : { ...now, name: `name ${edit}` };
            void keeper.put('ticket', now, first);
            if (edit % 3 === 0) await soon(2);
          }
          for (let wait = 0; keeper.pending.size > 0 && wait < 100; wait++) await soon(5);
          expect(await db.tickets.get(id)).toEqual(now);
        },
      ),
      { numRuns: 40 },
    );
  });
});
