import type { Issue } from '@core';
import { kindOf, type KindName, type Rows } from './kinds';

/** A row of the store that cannot be read, and why. */
export interface Unreadable<K extends KindName = KindName> {
  readonly kind: K;
  readonly row: Rows[K];
  readonly issues: readonly Issue[];
}

/** Batch size: rows read before the page gets its turn. */
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
    return {
      good: rows.filter((row) => !bad.has(key(row))),
      bad: rows.flatMap((row) => bad.get(key(row)) ?? []),
    };
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
