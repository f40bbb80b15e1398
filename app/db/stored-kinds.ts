/**
 * What the store keeps, told once. Backup, restore, clearing, limits, counts, progress and whatever goes over all documents are made of
 * this table; what a document is checked by, and how two changes to it meet, stands in `kinds.ts` and `later-kinds.ts`.
 */
export const STORED = [
  { kind: 'water', table: 'waters', orderedBy: 'at', atHand: { setting: 'at-hand', field: 'atHand' } },
  { kind: 'part', table: 'parts', orderedBy: 'at', atHand: null },
  { kind: 'ticket', table: 'tickets', orderedBy: 'madeAt', atHand: null },
  { kind: 'build', table: 'builds', orderedBy: 'changedAt', atHand: { setting: 'on-bench', field: 'onBench' } },
  { kind: 'trip', table: 'trips', orderedBy: 'changedAt', atHand: { setting: 'on-deck', field: 'onDeck' } },
  { kind: 'outing', table: 'outings', orderedBy: 'changedAt', atHand: { setting: 'on-water', field: 'onWater' } },
  { kind: 'test', table: 'tests', orderedBy: 'changedAt', atHand: null },
] as const;

export type Stored = (typeof STORED)[number];
export type StoredKind = Stored['kind'];
export type StoredTable = Stored['table'];
/** The kind whose rows a table holds. */
export type KindIn<T extends StoredTable> = Extract<Stored, { readonly table: T }>['kind'];

/** Lists of a backup whose rows are written there as the store holds them. */
export const LISTS = ['tickets', 'builds', 'trips', 'outings', 'tests'] as const satisfies readonly StoredTable[];

/** A value for each table. */
export const perTable = <Value>(of: (stored: Stored) => Value): { readonly [T in StoredTable]: Value } =>
  Object.fromEntries(STORED.map((stored) => [stored.table, of(stored)])) as { [T in StoredTable]: Value };
