import { diffBox, issue, STORE_LIMITS, TRAYS, type Aside, type Box, type Result, type Tray } from '@core';
import { newId } from '../new-id';
import { KeepError } from './cause';
import { db, type PanderoDatabase, type PartRow } from './database';
import { boxOfRows } from './box-of-rows';
import { keep } from './keep';
import { keepAside } from './set-aside';

/** What may be added to the box: a whole one, or some trays of one. */
export type Addition = Partial<Record<Tray, readonly object[]>> & Partial<Pick<Box, 'kept'>>;

/** Parts of a box as rows; an id that is already in use gets a new one, so that a list imported twice adds, never overwrites. */
export function rowsOfBox(box: Addition, used: ReadonlySet<string>, from: number): PartRow[] {
  const taken = new Set(used);
  let at = from;
  const rows = TRAYS.flatMap((tray) =>
    (box[tray] ?? []).map((whole): PartRow => {
      const { id, ...part } = whole as { readonly id?: unknown };
      const own = typeof id === 'string' && id !== '' && !taken.has(id) ? id : newId();
      taken.add(own);
      return { id: own, tray, at: at++, part: { ...part } };
    }),
  );
  const kept = (box.kept ?? []).map((entry): PartRow => ({ id: newId(), tray: 'kept', at: at++, part: { ...entry } }));
  return [...rows, ...kept];
}

/** How a list meets what is in the box already. */
export type TakeMode = 'merge' | 'add' | 'replace';

/** Rows written before the page is given a turn to paint and take input. */
const CHUNK = 500;
export async function addInChunks(rows: readonly PartRow[], into: PanderoDatabase): Promise<void> {
  for (let at = 0; at < rows.length; at += CHUNK) await into.parts.bulkAdd(rows.slice(at, at + CHUNK));
}

/** No tray grows past what it may hold. */
async function withinLimit(of: PanderoDatabase): Promise<void> {
  for (const tray of TRAYS) {
    const got = await of.parts.where('tray').equals(tray).count();
    if (got > STORE_LIMITS.parts) {
      throw new KeepError(issue('too-many-kept', tray, { got, limit: STORE_LIMITS.parts, what: 'parts in one tray' }));
    }
  }
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
 * @param aside  rows of the list that cannot be read: kept aside in the same move
 * @returns how many parts were added or changed
 */
export function takeIntoBox(
  list: Addition,
  mode: TakeMode,
  into: PanderoDatabase = db,
  aside: readonly Aside[] = [],
): Promise<Result<number>> {
  return keep(
    () =>
      into.transaction('rw', [into.parts, into.setAside], async () => {
        if (aside.length > 0) await keepAside(aside, Date.now(), into);
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
          await withinLimit(into);
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
        await withinLimit(into);
        return added.length + changed.size;
      }),
    into,
  );
}

/** Adds parts to the box, all or none. */
export const addToBox = (parts: Addition, into: PanderoDatabase = db): Promise<Result<number>> =>
  takeIntoBox(parts, 'add', into);

/** Takes every part out. */
export const emptyTheBox = (of: PanderoDatabase = db): Promise<Result<void>> => keep(() => of.parts.clear(), of);
/** Puts parts back that were taken out together. */
export const putPartsBack = (rows: readonly PartRow[], into: PanderoDatabase = db): Promise<Result<unknown>> =>
  keep(() => into.transaction('rw', into.parts, () => into.parts.bulkPut([...rows])), into);
