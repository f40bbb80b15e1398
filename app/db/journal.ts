import type { WaterRow } from './database';

const KEY = 'pandero-unsaved-water';

/** Where notes are kept: the browser's own small store, when it gives one. Tests put another in its place. */
export const notePlace = {
  of(): Storage | null {
    try {
      return globalThis.localStorage ?? null;
    } catch {
      return null;
    }
  },
};

/**
 * The water just changed, written down at once: a tab that closes in the next instant would take a database write that is still
 * under way with it. Where this browser gives no such place the database alone has to do.
 * @returns false when there is no room or place; the database write goes on all the same
 */
export function noteWater(row: WaterRow): boolean {
  try {
    notePlace.of()?.setItem(KEY, JSON.stringify(row));
    return true;
  } catch {
    return false;
  }
}

/** Forgets the note once the database has it. */
export function settleWater(row: WaterRow): void {
  const place = notePlace.of();
  if (place?.getItem(KEY) === JSON.stringify(row)) place.removeItem(KEY);
}

/** A water that was noted but never reached the database, unchecked. */
export function unsavedWater(): WaterRow | null {
  const text = notePlace.of()?.getItem(KEY) ?? null;
  if (text === null) return null;
  try {
    return JSON.parse(text) as WaterRow;
  } catch {
    notePlace.of()?.removeItem(KEY);
    return null;
  }
}
