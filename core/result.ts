/**
 * What can be wrong with something a person, a file or a request gave us. No words here: `messages/issues.ts`
 * turns a code and its data into what, why and what to do.
 */
export type IssueCode =
  | 'missing'
  | 'wrong-type'
  | 'not-a-number'
  | 'too-small'
  | 'too-large'
  | 'not-one-of'
  | 'unknown-field'
  | 'below-the-bottom'
  | 'upside-down-band'
  | 'upside-down-want'
  | 'cut-to-nothing'
  | 'nothing-may-be-cut'
  | 'wrong-family'
  | 'not-json'
  | 'not-pandero'
  | 'newer-version'
  | 'wrong-kind'
  | 'too-big-a-file'
  | 'too-many-rows'
  | 'empty-file'
  | 'unknown-column'
  | 'wrong-header'
  | 'broken-row'
  | 'broken-quotes'
  | 'no-value'
  | 'unknown-command'
  | 'unknown-option'
  | 'takes-no-value'
  | 'too-many-kept'
  | 'no-such-file'
  | 'cannot-write'
  | 'duplicate-id'
  | 'unknown-colour'
  | 'looks-like-a-date'
  | 'mass-contradicts-size'
  | 'same-as-another'
  | 'too-deep'
  | 'duplicate-key'
  | 'not-read-yet'
  | 'not-text'
  | 'read-as-latin-1'
  | 'no-room'
  | 'store-blocked'
  | 'store-newer'
  | 'store-deleted'
  | 'store-closed'
  | 'store-unavailable'
  | 'store-broken'
  | 'cannot-be-stored'
  | 'backup-differs'
  | 'worker-silent'
  | 'worker-missing'
  | 'our-fault'
  | 'never-moves'
  | 'cast-not-first'
  | 'cast-too-short'
  | 'slack-beyond-cast'
  | 'not-downwards'
  | 'needs-block'
  | 'no-such-size'
  | 'nothing-reaches'
  | 'jumps-past'
  | 'never-half-way'
  | 'read-in-the-log'
  | 'no-readings'
  | 'ends-before'
  | 'outside-the-outing'
  | 'read-on-the-deck'
  | 'solver-missing'
  | 'cannot-unpack'
  | 'broken-code'
  | 'not-xml'
  | 'no-places'
  | 'rest-too-long'
  | 'overlaps'
  | 'not-in-order'
  | 'none-to-take'
  | 'no-such-rod';

/** One problem: where it is (`path`, dotted; `line` counted from 1 in text files) and the facts its wording needs. */
export interface Issue {
  readonly code: IssueCode;
  readonly path: string;
  readonly line?: number;
  readonly data: Readonly<Record<string, string | number>>;
}

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue[] };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const fail = (issues: readonly Issue[]): { readonly ok: false; readonly issues: readonly Issue[] } => ({
  ok: false,
  issues,
});

export const issue = (
  code: IssueCode,
  path: string,
  data: Readonly<Record<string, string | number>> = {},
  line?: number,
): Issue => (line === undefined ? { code, path, data } : { code, path, data, line });
