import {
  BACKUP_VERSION,
  emptyBox,
  LATER_TRAYS,
  ok,
  TRAYS,
  type Backup,
  type Box,
  type LaterTray,
  type Result,
  type Settings,
  type Ticket,
  type Tray,
} from '@core';
import { db, type PartRow, type PanderoDatabase } from './database';
import { keep } from './keep';

type AnyTray = Tray | LaterTray;
/** What may be added to the box: a whole one, or one tray read from a list. */
export type Addition = Pick<Box, Tray> & Partial<Pick<Box, LaterTray>>;

/** Rows as a box in the shape of files, in order of entry; trays of later stations only when they hold something. */
export function boxOfRows(rows: readonly PartRow[]): Box {
  const trayOf = (name: AnyTray): object[] =>
    rows.filter(({ tray }) => tray === name).map(({ id, part }) => ({ ...part, id }));
  const trays = Object.fromEntries(TRAYS.map((name) => [name, trayOf(name)])) as unknown as Pick<Box, Tray>;
  const later = LATER_TRAYS.map((name) => [name, trayOf(name)] as const).filter(([, parts]) => parts.length > 0);
  return { ...emptyBox(), ...trays, ...(Object.fromEntries(later) as Partial<Pick<Box, LaterTray>>) };
}

/** Parts of a box as rows; an id that is already in use gets a new one, so that a list imported twice adds, never overwrites. */
export function rowsOfBox(box: Addition, used: ReadonlySet<string>, from: number): PartRow[] {
  const taken = new Set(used);
  let at = from;
  return [...TRAYS, ...LATER_TRAYS].flatMap((tray) =>
    (box[tray] ?? []).map(({ id, ...part }): PartRow => {
      const own = typeof id === 'string' && id !== '' && !taken.has(id) ? id : crypto.randomUUID();
      taken.add(own);
      return { id: own, tray, at: at++, part: { ...part } };
    }),
  );
}

/** Adds parts to the box, all or none. */
export function addToBox(parts: Addition, into: PanderoDatabase = db): Promise<Result<number>> {
  return keep(() =>
    into.transaction('rw', into.parts, async () => {
      const last = await into.parts.orderBy('at').last();
      const used = new Set(await into.parts.toCollection().primaryKeys());
      const rows = rowsOfBox(parts, used, (last?.at ?? -1) + 1);
      await into.parts.bulkAdd(rows);
      return rows.length;
    }),
  );
}

/** Everything this browser keeps, as one file. */
export async function makeBackup(settings: Settings, madeAt: string, from: PanderoDatabase = db): Promise<Backup> {
  const [water, rows, tickets] = await Promise.all([
    from.waters.get('current'),
    from.parts.orderBy('at').toArray(),
    from.tickets.orderBy('madeAt').toArray(),
  ]);
  return {
    kind: 'backup',
    version: BACKUP_VERSION,
    madeAt,
    settings,
    water: water?.value ?? null,
    box: boxOfRows(rows),
    tickets,
  };
}

/** Replaces everything by a backup, all or nothing. */
export function restoreBackup(backup: Backup, into: PanderoDatabase = db): Promise<Result<void>> {
  return keep(() =>
    into.transaction('rw', [into.settings, into.waters, into.parts, into.tickets], async () => {
      await Promise.all([into.waters.clear(), into.parts.clear(), into.tickets.clear()]);
      await into.settings.put({ key: 'settings', value: backup.settings });
      if (backup.water) await into.waters.put({ key: 'current', value: backup.water });
      await into.parts.bulkAdd(rowsOfBox(backup.box, new Set(), 0));
      await into.tickets.bulkAdd([...backup.tickets]);
    }),
  );
}

/** Adds tickets; one that is here already is replaced by the file's. */
export async function addTickets(tickets: readonly Ticket[], into: PanderoDatabase = db): Promise<Result<number>> {
  const done = await keep(() => into.tickets.bulkPut([...tickets]));
  return done.ok ? ok(tickets.length) : done;
}

/** Empties the browser's store of everything but the settings. */
export function clearAll(of: PanderoDatabase = db): Promise<Result<void>> {
  return keep(() =>
    of.transaction('rw', [of.waters, of.parts, of.tickets], async () => {
      await Promise.all([of.waters.clear(), of.parts.clear(), of.tickets.clear()]);
    }),
  );
}
