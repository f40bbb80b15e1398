import {
  asideSchema,
  asJson,
  BACKUP_VERSION,
  issue,
  parseWith,
  sameJson,
  screenSchema,
  setAside,
  STORE_LIMITS,
  tankSchema,
  type Aside,
  type Backup,
  type KeptWater,
  type MeasuredScreen,
  type Result,
  type Settings,
  type Ticket,
  yearSchema,
} from '@core';
import { newId } from '../new-id';
import { boxOfRows } from './box-of-rows';
import { addInChunks, rowsOfBox } from './box-rows';
import { KeepError } from './cause';
import { db, everyTable, type AsideRow, type PanderoDatabase, type SettingsRow, type WaterRow } from './database';
import { keep } from './keep';
import type { Pending } from './keeper-news';
import { kindOf, type KindName, type Rows } from './kinds';
import './later-kinds';
import { overlay } from './overlay';
import { EPOCH } from './shelf';

/** What the page knows and the store does not. */
export interface OnScreen {
  readonly settings: Settings;
  /** changes that are not stored yet */
  readonly waiting: readonly Pending[];
  /** the screen in front of us */
  readonly screen: Omit<MeasuredScreen, 'pxPerMm'>;
}

/** Every row of every table. */
export interface AllRows {
  readonly settings: readonly SettingsRow[];
  readonly waters: readonly WaterRow[];
  readonly parts: readonly Rows['part'][];
  readonly tickets: readonly Ticket[];
  readonly builds: readonly Rows['build'][];
  readonly trips: readonly Rows['trip'][];
  readonly outings: readonly Rows['outing'][];
  readonly tests: readonly Rows['test'][];
  readonly setAside: readonly Aside[];
}

/** By a field, as an index would; a broken row without it comes too, which an index would leave out. */
function ordered<Row>(rows: Row[], by: keyof Row): Row[] {
  const of = (row: Row): number | string => row[by] as number | string;
  return rows.sort((a, b) => (of(a) < of(b) ? -1 : of(a) > of(b) ? 1 : 0));
}

/** Tickets read at one go. */
const LOT = 1000;

/** Tickets as they lie; the next lot is on its way while one is gone through. */
async function ticketsOf(
  table: PanderoDatabase['tickets'],
  onRow?: (list: string, row: unknown) => void,
): Promise<Ticket[]> {
  const after = (last: Ticket | undefined) =>
    (last ? table.where(':id').above(last.id) : table.toCollection()).limit(LOT).toArray();
  const tickets: Ticket[] = [];
  for (let coming = after(undefined); ;) {
    const lot = await coming;
    const isLast = lot.length < LOT;
    if (!isLast) coming = after(lot.at(-1));
    for (const ticket of lot) {
      tickets.push(ticket);
      onRow?.('tickets', ticket);
    }
    if (isLast) return tickets;
  }
}

/**
 * Reads everything the store holds, as it stands at one moment.
 * @param onTicket  hears of tickets while others are read
 */
export const readAll = (from: PanderoDatabase, onTicket?: (list: string, row: unknown) => void): Promise<AllRows> =>
  from.transaction('r', [...everyTable(from)], async () => ({
    settings: await from.settings.toArray(),
    waters: ordered(await from.waters.toArray(), 'at'),
    parts: ordered(await from.parts.toArray(), 'at'),
    tickets: ordered(await ticketsOf(from.tickets, onTicket), 'madeAt'),
    builds: ordered(await from.builds.toArray(), 'changedAt'),
    trips: ordered(await from.trips.toArray(), 'changedAt'),
    outings: ordered(await from.outings.toArray(), 'changedAt'),
    tests: ordered(await from.tests.toArray(), 'changedAt'),
    setAside: ordered(await from.setAside.toArray(), 'at').map(({ id: _id, at: _at, ...row }) => row),
  }));

const keptWater = ({ key, place, day, value }: WaterRow): KeptWater => ({ id: key, place, day, water: value });

/** Rows that can be read, as they would be read; the others go to those set aside. */
function readable<K extends KindName>(name: K, rows: readonly Rows[K][], aside: Aside[]): Rows[K][] {
  const { check, key } = kindOf(name);
  return rows.flatMap((row) => {
    const checked = check(row);
    if (checked.ok) return [checked.value];
    aside.push(setAside(name, (row as object | null | undefined) ? key(row) : '', checked.issues, row));
    return [];
  });
}

/** How large a millimetre is, with the screen it was measured on. */
function screenOf(row: SettingsRow | undefined, here: OnScreen['screen']): MeasuredScreen | null {
  if (row?.key !== 'screen') return null;
  const parsed = parseWith(screenSchema, typeof row.value === 'number' ? { pxPerMm: row.value, ...here } : row.value);
  return parsed.ok ? parsed.value : null;
}

/** What a setting holds, where it can be read. */
function kept<Value>(row: SettingsRow | undefined, schema: Parameters<typeof parseWith<Value>>[0]): Value | null {
  const parsed = row && parseWith(schema, row.value);
  return parsed?.ok ? parsed.value : null;
}

/**
 * Everything as one backup: what is stored, under what is on the screen and not stored yet. A row that cannot be read spoils nothing:
 * it goes along set aside, as it stands.
 * @param how  rows whose file is read back anyway need not be checked before: that finds the same faults
 */
export function backupOf(
  rows: AllRows,
  { settings, waiting, screen }: OnScreen,
  madeAt: string,
  how: 'checked' | 'as-they-are' = 'checked',
): Backup {
  const aside = rows.setAside.map((row): Aside => {
    const parsed = parseWith(asideSchema, row);
    return parsed.ok
      ? { ...parsed.value, row: asJson(parsed.value.row) }
      : setAside('set aside', '', parsed.issues, row);
  });
  const sifted = <K extends KindName>(name: K, stored: readonly Rows[K][]): readonly Rows[K][] => {
    const all = overlay(name, stored, waiting);
    return how === 'checked' ? readable(name, all, aside) : all;
  };
  const waters = sifted('water', rows.waters);
  const parts = sifted('part', rows.parts);
  const tickets = sifted('ticket', rows.tickets);
  const builds = sifted('build', rows.builds);
  const trips = sifted('trip', rows.trips);
  const outings = sifted('outing', rows.outings);
  const tests = sifted('test', rows.tests);
  const pointers = new Map(overlay('setting', rows.settings, waiting).map((row) => [row.key, row]));
  const pointed = (key: 'at-hand' | 'on-bench' | 'on-deck' | 'on-water', to: readonly string[]): string | null => {
    const value = pointers.get(key)?.value;
    return typeof value === 'string' && to.includes(value) ? value : null;
  };
  return {
    kind: 'backup',
    version: BACKUP_VERSION,
    madeAt,
    settings,
    waters: waters.map(keptWater),
    atHand: pointed(
      'at-hand',
      waters.map(({ key }) => key),
    ),
    box: boxOfRows(parts),
    tickets: [...tickets],
    builds: [...builds],
    onBench: pointed(
      'on-bench',
      builds.map(({ id }) => id),
    ),
    trips: [...trips],
    onDeck: pointed(
      'on-deck',
      trips.map(({ id }) => id),
    ),
    outings: [...outings],
    onWater: pointed(
      'on-water',
      outings.map(({ id }) => id),
    ),
    tests: [...tests],
    screen: screenOf(pointers.get('screen'), screen),
    tank: kept(pointers.get('tank'), tankSchema),
    year: kept(pointers.get('year'), yearSchema),
    setAside: aside,
  };
}

/** Everything this browser keeps, as one file. */
export const makeBackup = async (screen: OnScreen, madeAt: string, from: PanderoDatabase = db): Promise<Backup> =>
  backupOf(await readAll(from), screen, madeAt);

function withinLimits(backup: Backup): void {
  const counts = {
    waters: backup.waters,
    tickets: backup.tickets,
    builds: backup.builds,
    trips: backup.trips,
    outings: backup.outings,
    tests: backup.tests,
  } as const;
  for (const [what, rows] of Object.entries(counts)) {
    const limit = STORE_LIMITS[what as keyof typeof counts];
    if (rows.length > limit) throw new KeepError(issue('too-many-kept', what, { got: rows.length, limit, what }));
  }
}

/** Settings that say what stands where, and what was made of what is kept: they go with it. */
const STATION_KEYS = ['at-hand', 'on-bench', 'on-deck', 'on-water', 'tank', 'year', 'belief', 'own-log'] as const;

/**
 * Replaces everything by a backup, all or nothing.
 * @param here   the screen in front of us: how large a millimetre is comes back only on the screen it was measured on
 * @param aside  rows of the file that could not be read
 * @returns the epoch that begins with it
 */
export function restoreBackup(
  backup: Backup,
  here: OnScreen['screen'],
  aside: readonly Aside[] = [],
  into: PanderoDatabase = db,
): Promise<Result<string>> {
  return keep(
    () =>
      into.transaction('rw', [...everyTable(into)], async () => {
        withinLimits(backup);
        await Promise.all([
          into.settings.bulkDelete(['settings', ...STATION_KEYS]),
          into.waters.clear(),
          into.parts.clear(),
          into.tickets.clear(),
          into.builds.clear(),
          into.trips.clear(),
          into.outings.clear(),
          into.tests.clear(),
          into.setAside.clear(),
        ]);
        await into.settings.put({ key: 'settings', value: backup.settings });
        if (backup.atHand !== null) await into.settings.put({ key: 'at-hand', value: backup.atHand });
        await into.waters.bulkAdd(
          backup.waters.map(({ id, water, ...rest }, at): WaterRow => ({ key: id, value: water, at, ...rest })),
        );
        await addInChunks(rowsOfBox(backup.box, new Set(), 0), into);
        await into.tickets.bulkAdd([...backup.tickets]);
        await into.builds.bulkAdd([...backup.builds]);
        await into.trips.bulkAdd([...backup.trips]);
        await into.outings.bulkAdd([...backup.outings]);
        await into.tests.bulkAdd([...backup.tests]);
        if (backup.onWater !== null) await into.settings.put({ key: 'on-water', value: backup.onWater });
        if (backup.onDeck !== null) await into.settings.put({ key: 'on-deck', value: backup.onDeck });
        if (backup.onBench !== null) await into.settings.put({ key: 'on-bench', value: backup.onBench });
        if (backup.tank !== null) await into.settings.put({ key: 'tank', value: backup.tank });
        if (backup.year !== null) await into.settings.put({ key: 'year', value: backup.year });
        const { screen } = backup;
        const isThis = screen !== null && sameJson({ ...screen, pxPerMm: 0 }, { ...here, pxPerMm: 0 });
        if (isThis && !(await into.settings.get('screen'))) await into.settings.put({ key: 'screen', value: screen });
        await into.setAside.bulkAdd(
          [...backup.setAside, ...aside].map((row, at): AsideRow => ({ ...row, id: newId(), at })),
        );
        return beginEpoch(into);
      }),
    into,
  );
}

/** What was noted before this moment is not written after it. */
async function beginEpoch(of: PanderoDatabase): Promise<string> {
  const value = newId();
  await of.settings.put({ key: EPOCH, value });
  return value;
}

/**
 * Empties the browser's store of everything but the settings.
 * @returns the epoch that begins with it
 */
export function clearAll(of: PanderoDatabase = db): Promise<Result<string>> {
  return keep(
    () =>
      of.transaction('rw', [...everyTable(of)], async () => {
        await Promise.all([
          of.settings.bulkDelete([...STATION_KEYS]),
          of.waters.clear(),
          of.parts.clear(),
          of.tickets.clear(),
          of.builds.clear(),
          of.trips.clear(),
          of.outings.clear(),
          of.tests.clear(),
          of.setAside.clear(),
        ]);
        return beginEpoch(of);
      }),
    of,
  );
}
