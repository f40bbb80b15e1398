import type { Clash, Issue } from '@core';
import type { KindName, Rows } from './kinds';
import type { Unreadable } from './sieve';

/** A change that the store does not have yet. */
export interface Pending<K extends KindName = KindName> {
  readonly kind: K;
  readonly key: string;
  readonly base: Rows[K] | null;
  readonly row: Rows[K] | null;
}

/** A note that cannot be read, as it stood, and why. */
export interface UnreadNote {
  readonly from: string;
  readonly key: string;
  readonly issues: readonly Issue[];
  readonly row: unknown;
}

/** What the keeper has to say to whoever sits in front of it. */
export type KeeperNews =
  /** a change of this tab could not be stored; it is tried again */
  | { readonly what: 'not-stored'; readonly issues: readonly Issue[] }
  /** it is not stored: there are too many of its kind, and it can be tried again once some are deleted; or it is none of its kind, and cannot */
  | { readonly what: 'refused'; readonly issues: readonly Issue[]; readonly again: (() => void) | null }
  /** everything that waited is stored now */
  | { readonly what: 'stored-at-last' }
  /** both tabs changed the same field: this tab's stands */
  | { readonly what: 'clash'; readonly kind: KindName; readonly clashes: readonly Clash[]; takeTheirs(): void }
  /** what was changed here was deleted there */
  | { readonly what: 'gone'; readonly kind: KindName; keepMine(): void }
  /** what was deleted here was changed there, so it stays */
  | { readonly what: 'stays'; readonly kind: KindName }
  /** notes of an earlier tab that cannot be read */
  | { readonly what: 'unreadable'; readonly notes: readonly UnreadNote[] }
  /** rows of a list that cannot be read */
  | { readonly what: 'unreadable-rows'; readonly rows: readonly Unreadable[] }
  /** something that was to be read could not be */
  | { readonly what: 'cannot-read'; readonly issues: readonly Issue[] };
