import { mergeFields, sameJson, type Clash, type Merged } from './merge';

/** A change to one document, as it was made in front of somebody. */
export interface Change<Row> {
  /** what it was made from; null where there was nothing */
  readonly base: Row | null;
  /** what it came to; null where it was deleted */
  readonly row: Row | null;
  /** the whole store was cleared or replaced when this changed */
  readonly epoch: string;
}

/** How two changes to one document meet. */
export interface Meeting<Row> {
  merge(base: Row | null, mine: Row, theirs: Row): Merged<Row>;
  isValid(row: Row): boolean;
}

/** What is to be done with a change, given what the store holds by now. */
export type Decision<Row> =
  /** nothing: the store has it already */
  | { readonly as: 'is-so'; readonly row: Row | null }
  | { readonly as: 'write'; readonly row: Row; readonly clashes: readonly Clash[]; readonly merged: boolean }
  | { readonly as: 'delete' }
  /** somebody changed what this would delete: it stays */
  | { readonly as: 'changed-meanwhile'; readonly row: Row }
  /** somebody threw away what this would change, or cleared everything */
  | { readonly as: 'gone-meanwhile' };

/** The usual meeting: field by field. */
export const byField = <Row>(isValid: (row: Row) => boolean): Meeting<Row> => ({ merge: mergeFields, isValid });

/**
 * Decides what a change does to the store: never over what somebody else wrote since it was read, unless that is said.
 * @param stored  what the store holds now; null for nothing
 * @param epoch   of the store now
 */
export function decide<Row>(
  { base, row, epoch: made }: Change<Row>,
  stored: Row | null,
  epoch: string,
  { merge, isValid }: Meeting<Row>,
): Decision<Row> {
  if (sameJson(row, stored)) return { as: 'is-so', row: stored };
  if (row === null) return sameJson(stored, base) ? { as: 'delete' } : { as: 'changed-meanwhile', row: stored! };
  if (made !== epoch || (stored === null && base !== null)) return { as: 'gone-meanwhile' };
  if (stored === null || sameJson(stored, base)) return { as: 'write', row, clashes: [], merged: false };
  const { value, clashes } = merge(base, row, stored);
  if (isValid(value)) return { as: 'write', row: value, clashes, merged: true };
  return { as: 'write', row, clashes: [{ path: [], mine: row, theirs: stored }], merged: true };
}
