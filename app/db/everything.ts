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
import { asTable, kindOf, type KindName, type Rows } from './kinds';
import './later-kinds';
import { overlay } from './overlay';
import { EPOCH } from './shelf';
import { LISTS, STORED, type KindIn, type Stored, type StoredTable } from './stored-kinds';

/** State that only the page has, such as changes not yet stored. */
export interface OnScreen {
  readonly settings: Settings;
  /** changes that are not stored yet */
  readonly waiting: readonly Pending[];
  /** the screen in front of us */
  readonly screen: Omit<MeasuredScreen, 'pxPerMm'>;
}

/** Every row of every table. */
export type AllRows = { readonly [T in StoredTable]: readonly Rows[KindIn<T>][] } & {
  readonly settings: readonly SettingsRow[];
  readonly setAside: readonly Aside[];
};

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
  from.transaction('r', [...everyTable(from)], async () => {
    const rows: Partial<Record<StoredTable, readonly unknown[]>> = {};
    for (const { table, orderedBy } of STORED) {
      const found = table === 'tickets' ? await ticketsOf(from.tickets, onTicket) : await from[table].toArray();
      rows[table] = ordered(found as Record<string, unknown>[], orderedBy);
    }
    return {
      ...(rows as Pick<AllRows, StoredTable>),
      settings: await from.settings.toArray(),
      setAside: ordered(await from.setAside.toArray(), 'at').map(({ id: _id, at: _at, ...row }) => row),
    };
  });

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
  const sifted = <T extends StoredTable>(table: T, kind: KindIn<T>): readonly Rows[KindIn<T>][] => {
    const all = overlay(kind, rows[table] as readonly Rows[KindIn<T>][], waiting);
    return how === 'checked' ? readable(kind, all, aside) : all;
  };
  const stored = Object.fromEntries(STORED.map(({ table, kind }) => [table, sifted(table, kind)])) as unknown as Pick<
    AllRows,
    StoredTable
  >;
  const pointers = new Map(overlay('setting', rows.settings, waiting).map((row) => [row.key, row]));
  /** Which document of each kind is at hand, where there is such a document. */
  const atHand = Object.fromEntries(
    STORED.flatMap(({ kind, table, atHand: pointer }) => {
      if (pointer === null) return [];
      const value = pointers.get(pointer.setting)?.value;
      const isThere = stored[table].some((row) => kindOf(kind).key(row as never) === value);
      return [[pointer.field, isThere ? value : null]];
    }),
  ) as Pick<Backup, AtHandField>;
  return {
    kind: 'backup',
    version: BACKUP_VERSION,
    madeAt,
    settings,
    waters: stored.waters.map(keptWater),
    box: boxOfRows(stored.parts),
    tickets: [...stored.tickets],
    builds: [...stored.builds],
    trips: [...stored.trips],
    outings: [...stored.outings],
    tests: [...stored.tests],
    ...atHand,
    screen: screenOf(pointers.get('screen'), screen),
    tank: kept(pointers.get('tank'), tankSchema),
    year: kept(pointers.get('year'), yearSchema),
    setAside: aside,
  };
}
type AtHandField = NonNullable<Stored['atHand']>['field'];

/** Everything this browser keeps, as one file. */
export const makeBackup = async (screen: OnScreen, madeAt: string, from: PanderoDatabase = db): Promise<Backup> =>
  backupOf(await readAll(from), screen, madeAt);

function withinLimits(backup: Backup): void {
  for (const what of ['waters', ...LISTS] as const) {
    const { length } = backup[what];
    const limit = STORE_LIMITS[what];
    if (length > limit) throw new KeepError(issue('too-many-kept', what, { got: length, limit, what }));
  }
}

/** Settings that say what stands where, and what was made of what is kept: they go with it. */
const STATION_KEYS = [
  ...STORED.flatMap(({ atHand }) => (atHand ? [atHand.setting] : [])),
  'tank',
  'year',
  'belief',
  'own-log',
] as const;

/** Empties every table but the settings, and takes those that go with it. */
const emptied = (of: PanderoDatabase, settings: readonly SettingsRow['key'][]): Promise<unknown> =>
  Promise.all([
    of.settings.bulkDelete([...settings]),
    ...STORED.map(({ table }) => of[table].clear()),
    of.setAside.clear(),
  ]);

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
        await emptied(into, ['settings', ...STATION_KEYS]);
        await into.settings.put({ key: 'settings', value: backup.settings });
        await into.waters.bulkAdd(
          backup.waters.map(({ id, water, ...rest }, at): WaterRow => ({ key: id, value: water, at, ...rest })),
        );
        await addInChunks(rowsOfBox(backup.box, new Set(), 0), into);
        for (const list of LISTS) await asTable(into[list]).bulkAdd([...backup[list]]);
        for (const { atHand } of STORED) {
          const value = atHand && backup[atHand.field];
          if (value !== null) await into.settings.put({ key: atHand!.setting, value });
        }
        for (const key of ['tank', 'year'] as const) {
          const value = backup[key];
          if (value !== null) await into.settings.put({ key, value } as SettingsRow);
        }
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
        await emptied(of, STATION_KEYS);
        return beginEpoch(of);
      }),
    of,
  );
}
