import { sameJson, setAside, type Aside, type Issue } from '@core';
import { newId } from '../new-id';
import type { AsideRow, PanderoDatabase } from './database';
import { KIND_NAMES, kindOf, type KindName, type Rows } from './kinds';

/** A row of the store that cannot be read, and why. */
export interface Unreadable<K extends KindName = KindName> {
  readonly kind: K;
  readonly row: Rows[K];
  readonly issues: readonly Issue[];
}

/** Rows read at one go before the page gets its turn. */
const SLICE = 250;
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

/**
 * Parts what can be read from what cannot. Each row is looked at once: what this page wrote itself, or has read before, is good.
 */
export function createSieve<K extends KindName>(kind: K) {
  const { check, key } = kindOf(kind);
  const seen = new Set<string>();
  const bad = new Map<string, Unreadable<K>>();

  function look(row: Rows[K]): void {
    const at = key(row);
    if (seen.has(at) && !bad.has(at)) return;
    seen.add(at);
    const checked = check(row);
    if (checked.ok) bad.delete(at);
    else bad.set(at, { kind, row, issues: checked.issues });
  }
  /** @returns the rows that can be read, and those that cannot */
  const parted = (rows: readonly Rows[K][]): { good: readonly Rows[K][]; bad: readonly Unreadable<K>[] } => {
    if (bad.size === 0) return { good: rows, bad: [] };
    return { good: rows.filter((row) => !bad.has(key(row))), bad: [...bad.values()] };
  };
  /** how many of them have not been looked at */
  const unseen = (rows: readonly Rows[K][]): number =>
    rows.length <= SLICE ? 0 : rows.reduce((sum, row) => sum + (seen.has(key(row)) ? 0 : 1), 0);

  return {
    /** at one go where there are few new ones, else in slices */
    sift(rows: readonly Rows[K][]): ReturnType<typeof parted> | Promise<ReturnType<typeof parted>> {
      if (unseen(rows) <= SLICE) {
        rows.forEach(look);
        return parted(rows);
      }
      return (async () => {
        for (let at = 0; at < rows.length; at += SLICE) {
          rows.slice(at, at + SLICE).forEach(look);
          await breathe();
        }
        return parted(rows);
      })();
    },
  };
}

const asAside = ({ kind, row, issues }: Unreadable): Aside =>
  setAside(kind, kindOf(kind).key(row as never), issues, row);

/**
 * Takes rows that cannot be read out of their tables and keeps them aside as they came, so that nothing else suffers from them.
 * @returns how many were moved; one that was mended meanwhile stays
 */
export function moveAside(rows: readonly Unreadable[], at: number, of: PanderoDatabase): Promise<number> {
  return of.transaction('rw', [of.settings, of.waters, of.parts, of.tickets, of.builds, of.setAside], async () => {
    let moved = 0;
    for (const bad of rows) {
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

/** Keeps rows aside that came with a file or a note. */
export const keepAside = (rows: readonly Aside[], at: number, of: PanderoDatabase): Promise<unknown> =>
  of.setAside.bulkAdd(rows.map((row): AsideRow => ({ ...row, id: newId(), at })));

/**
 * Looks at the rows set aside once more, and puts those that can be read now back in their places.
 * @returns how many went back; a place that was taken meanwhile keeps what it has
 */
export function tryAgain(of: PanderoDatabase): Promise<number> {
  return of.transaction('rw', [of.settings, of.waters, of.parts, of.tickets, of.builds, of.setAside], async () => {
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
  const found: Unreadable[] = [];
  for (const [name, index] of [
    ['water', 'at'],
    ['part', 'at'],
    ['ticket', 'madeAt'],
    ['build', 'changedAt'],
  ] as const) {
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
