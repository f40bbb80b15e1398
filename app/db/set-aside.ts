import { issue, sameJson, setAside, STORE_LIMITS, type Aside } from '@core';
import { newId } from '../new-id';
import { KeepError } from './cause';
import { everyTable, type AsideRow, type PanderoDatabase } from './database';
import type { UnreadNote } from './keeper-news';
import { laterKinds } from './fetch-kinds';
import { KIND_NAMES, kindOf } from './kinds';
import type { Unreadable } from './sieve';
import { STORED } from './stored-kinds';

const asAside = ({ kind, row, issues }: Unreadable): Aside =>
  setAside(kind, kindOf(kind).key(row as never), issues, row);

/**
 * Takes rows that cannot be read out of their tables and keeps them aside as they came, so that nothing else suffers from them.
 * @returns how many were moved; one that was mended meanwhile stays
 */
export function moveAside(rows: readonly Unreadable[], at: number, of: PanderoDatabase): Promise<number> {
  return of.transaction('rw', [...everyTable(of)], async () => {
    let moved = 0;
    const room = STORE_LIMITS.setAside - (await of.setAside.count());
    for (const bad of rows.slice(0, Math.max(0, room))) {
      const table = kindOf(bad.kind).table(of);
      const key = kindOf(bad.kind).key(bad.row as never);
      if (!sameJson(await table.get(key), bad.row)) continue;
      await of.setAside.add({ ...asAside(bad), id: newId(), at });
      await table.delete(key);
      moved++;
    }
    return moved;
  });
}

/** Keeps notes aside that cannot be read. */
export const keepNotesAside = (notes: readonly UnreadNote[], at: number, of: PanderoDatabase): Promise<unknown> =>
  keepAside(
    notes.map(({ from, key, issues, row }) => setAside(from, key, issues, row)),
    at,
    of,
  );

/** Keeps rows aside that came with a file. */
export async function keepAside(rows: readonly Aside[], at: number, of: PanderoDatabase): Promise<void> {
  const got = (await of.setAside.count()) + rows.length;
  const limit = STORE_LIMITS.setAside;
  if (got > limit) throw new KeepError(issue('too-many-kept', '', { got, limit, what: 'rows set aside' }));
  await of.setAside.bulkAdd(rows.map((row): AsideRow => ({ ...row, id: newId(), at })));
}

/**
 * Looks at the rows set aside once more, and puts those that can be read now back in their places.
 * @returns how many went back; a place that was taken meanwhile keeps what it has
 */
export async function tryAgain(of: PanderoDatabase): Promise<number> {
  await laterKinds();
  return of.transaction('rw', [...everyTable(of)], async () => {
    let back = 0;
    for (const { id, from, row } of await of.setAside.toArray()) {
      const name = KIND_NAMES.find((one) => one === from);
      if (!name) continue;
      const kind = kindOf(name);
      const checked = kind.check(row);
      if (!checked.ok || (await kind.table(of).get(kind.key(checked.value)))) continue;
      await kind.table(of).add(checked.value);
      await of.setAside.delete(id);
      back++;
    }
    return back;
  });
}

/** Rows that lists never show, since they lack what lists are ordered by. */
export async function unlisted(of: PanderoDatabase): Promise<Unreadable[]> {
  await laterKinds();
  const found: Unreadable[] = [];
  for (const { kind: name, orderedBy: index } of STORED) {
    const { check, key, table } = kindOf(name);
    const rows = table(of);
    if ((await rows.count()) === (await rows.orderBy(index).count())) continue;
    const listed = new Set(await rows.orderBy(index).primaryKeys());
    for (const row of await rows.toArray()) {
      const checked = check(row);
      if (!listed.has(key(row as never)) && !checked.ok)
        found.push({ kind: name, row: row as never, issues: checked.issues });
    }
  }
  return found;
}
