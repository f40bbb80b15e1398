import {
  BACKUP_VERSION,
  diffBox,
  emptyBox,
  ok,
  TRAYS,
  type Backup,
  type Box,
  type KeptWater,
  type Result,
  type Settings,
  type Ticket,
  type Tray,
} from '@core';
import { db, type PartRow, type PanderoDatabase, type WaterRow } from './database';
import { keep } from './keep';

/** What may be added to the box: a whole one, or some trays of one. */
export type Addition = Partial<Record<Tray, readonly object[]>> & Partial<Pick<Box, 'kept'>>;

/** Rows as a box in the shape of files, in order of entry. */
export function boxOfRows(rows: readonly PartRow[]): Box {
  const trays = Object.fromEntries(TRAYS.map((name) => [name, [] as object[]]));
  const kept: unknown[] = [];
  for (const { id, tray, part } of rows) {
    if (tray === 'kept') kept.push(part);
    else trays[tray]!.push({ ...part, id });
  }
  return { ...emptyBox(), ...trays, ...(kept.length > 0 ? { kept } : {}) } as Box;
}

/** Parts of a box as rows; an id that is already in use gets a new one, so that a list imported twice adds, never overwrites. */
export function rowsOfBox(box: Addition, used: ReadonlySet<string>, from: number): PartRow[] {
  const taken = new Set(used);
  let at = from;
  const rows = TRAYS.flatMap((tray) =>
    (box[tray] ?? []).map((whole): PartRow => {
      const { id, ...part } = whole as { readonly id?: unknown };
      const own = typeof id === 'string' && id !== '' && !taken.has(id) ? id : crypto.randomUUID();
      taken.add(own);
      return { id: own, tray, at: at++, part: { ...part } };
    }),
  );
  const kept = (box.kept ?? []).map((entry): PartRow => ({
    id: crypto.randomUUID(),
    tray: 'kept',
    at: at++,
    part: { ...entry },
  }));
  return [...rows, ...kept];
}

/** How a list meets what is in the box already. */
export const TAKE_MODES = ['merge', 'add', 'replace'] as const;
export type TakeMode = (typeof TAKE_MODES)[number];

/** Rows written between two breaths of the page. */
const CHUNK = 500;
async function addInChunks(rows: readonly PartRow[], into: PanderoDatabase): Promise<void> {
  for (let at = 0; at < rows.length; at += CHUNK) await into.parts.bulkAdd(rows.slice(at, at + CHUNK));
}

type Counted = { readonly quantity?: number; readonly massG?: number };

/** The part in the box with the number of the list on top, and its mass where none was known. */
function joined(own: Record<string, unknown>, listed: Counted): Record<string, unknown> {
  const { quantity, massG } = own as Counted;
  return {
    ...own,
    ...(quantity === undefined || listed.quantity === undefined ? {} : { quantity: quantity + listed.quantity }),
    ...(massG === undefined && listed.massG !== undefined ? { massG: listed.massG } : {}),
  };
}

/**
 * Takes a list into the box, all or nothing. `merge` raises the number of parts that are there already, `add` puts every line
 * beside them, `replace` empties the trays the list speaks of first.
 * @returns how many parts were added or changed
 */
export function takeIntoBox(list: Addition, mode: TakeMode, into: PanderoDatabase = db): Promise<Result<number>> {
  return keep(() =>
    into.transaction('rw', into.parts, async () => {
      const before = await into.parts.orderBy('at').toArray();
      const trays = TRAYS.filter((tray) => (list[tray] ?? []).length > 0);
      if (mode === 'replace') {
        await into.parts.bulkDelete(
          before.filter((row) => trays.some((tray) => tray === row.tray)).map(({ id }) => id),
        );
      }
      const used = new Set(before.map(({ id }) => id));
      const from = (before.at(-1)?.at ?? -1) + 1;
      if (mode !== 'merge') {
        const rows = rowsOfBox(list, used, from);
        await addInChunks(rows, into);
        return rows.length;
      }
      const diff = diffBox(boxOfRows(before), list);
      const inTray = new Map(TRAYS.map((tray) => [tray, before.filter((row) => row.tray === tray)]));
      const changed = new Map<string, PartRow>();
      for (const { tray, part, at } of diff.there) {
        const own = inTray.get(tray)![at]!;
        const row = changed.get(own.id) ?? own;
        changed.set(own.id, { ...row, part: joined(row.part, part as Counted) });
      }
      await into.parts.bulkPut([...changed.values()]);
      const fresh: Partial<Record<Tray, object[]>> = {};
      for (const { tray, part } of diff.fresh) (fresh[tray] ??= []).push(part);
      const added = rowsOfBox({ ...fresh, ...(list.kept ? { kept: list.kept } : {}) }, used, from);
      await addInChunks(added, into);
      return added.length + changed.size;
    }),
  );
}

/** Adds parts to the box, all or none. */
export const addToBox = (parts: Addition, into: PanderoDatabase = db): Promise<Result<number>> =>
  takeIntoBox(parts, 'add', into);

const keptWater = ({ key, place, day, value }: WaterRow): KeptWater => ({ id: key, place, day, water: value });

/** Everything this browser keeps, as one file. */
export async function makeBackup(settings: Settings, madeAt: string, from: PanderoDatabase = db): Promise<Backup> {
  const [waters, atHand, rows, tickets, builds, onBench] = await Promise.all([
    from.waters.orderBy('at').toArray(),
    from.settings.get('at-hand'),
    from.parts.orderBy('at').toArray(),
    from.tickets.orderBy('madeAt').toArray(),
    from.builds.orderBy('changedAt').toArray(),
    from.settings.get('on-bench'),
  ]);
  return {
    kind: 'backup',
    version: BACKUP_VERSION,
    madeAt,
    settings,
    waters: waters.map(keptWater),
    atHand: atHand?.key === 'at-hand' ? atHand.value : null,
    box: boxOfRows(rows),
    tickets,
    builds,
    onBench: onBench?.key === 'on-bench' ? onBench.value : null,
  };
}

/** Replaces everything by a backup, all or nothing. */
export function restoreBackup(backup: Backup, into: PanderoDatabase = db): Promise<Result<void>> {
  return keep(() =>
    into.transaction('rw', [into.settings, into.waters, into.parts, into.tickets, into.builds], async () => {
      // how large a millimetre is on this screen stays with this screen
      await Promise.all([
        into.settings.bulkDelete(['settings', 'at-hand', 'on-bench']),
        into.waters.clear(),
        into.parts.clear(),
        into.tickets.clear(),
        into.builds.clear(),
      ]);
      await into.settings.put({ key: 'settings', value: backup.settings });
      if (backup.atHand !== null) await into.settings.put({ key: 'at-hand', value: backup.atHand });
      const waters = backup.waters.map(({ id, water, ...rest }, at): WaterRow => ({
        key: id,
        value: water,
        at,
        ...rest,
      }));
      await into.waters.bulkAdd(waters);
      await into.parts.bulkAdd(rowsOfBox(backup.box, new Set(), 0));
      await into.tickets.bulkAdd([...backup.tickets]);
      await into.builds.bulkAdd([...backup.builds]);
      if (backup.onBench !== null) await into.settings.put({ key: 'on-bench', value: backup.onBench });
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
    of.transaction('rw', [of.settings, of.waters, of.parts, of.tickets, of.builds], async () => {
      await Promise.all([
        of.settings.bulkDelete(['at-hand', 'on-bench']),
        of.waters.clear(),
        of.parts.clear(),
        of.tickets.clear(),
        of.builds.clear(),
      ]);
    }),
  );
}
