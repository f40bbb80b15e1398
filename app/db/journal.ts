import type { Build } from '@core';
import type { WaterRow } from './database';

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

/** A row that was just changed, written down until the database has it. */
export interface Journal<T> {
  /** @returns false when there is no room or place; the database write goes on all the same */
  note(row: T): boolean;
  /** Forgets the note once the database has just this row. */
  settle(row: T): void;
  /** Forgets whatever was noted. */
  forget(): void;
  /** A row that was noted but never reached the database, unchecked. */
  unsaved(): T | null;
}

/**
 * The thing just changed, written down at once: a tab that closes in the next instant would take a database write that is still
 * under way with it. Where this browser gives no such place the database alone has to do.
 */
function journal<T>(key: string): Journal<T> {
  return {
    note(row) {
      try {
        notePlace.of()?.setItem(key, JSON.stringify(row));
        return true;
      } catch {
        return false;
      }
    },
    settle(row) {
      const place = notePlace.of();
      if (place?.getItem(key) === JSON.stringify(row)) place.removeItem(key);
    },
    forget() {
      notePlace.of()?.removeItem(key);
    },
    unsaved() {
      const text = notePlace.of()?.getItem(key) ?? null;
      if (text === null) return null;
      try {
        return JSON.parse(text) as T;
      } catch {
        notePlace.of()?.removeItem(key);
        return null;
      }
    },
  };
}

export const waterJournal = journal<WaterRow>('pandero-unsaved-water');
export const buildJournal = journal<Build>('pandero-unsaved-build');
