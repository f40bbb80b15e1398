import { issue, type Issue } from '@core';

/** A row that is no document of its kind: trying again would not make it one. */
export class NotOfItsKind extends Error {
  constructor(readonly issues: readonly Issue[]) {
    super(issues.map(({ code }) => code).join(' '));
  }
}

/** State of the store as a whole: open, blocked by another tab, taken over by a newer version of the app, deleted. */
export type StoreState =
  | 'open'
  /** another tab holds an older state and has not let go yet */
  | 'blocked'
  /** a newer version of the app has opened it */
  | 'taken-over'
  | 'deleted';

interface NamedError {
  readonly name?: string;
  readonly message?: string;
  readonly inner?: unknown;
  readonly failures?: readonly unknown[];
}

/** Whether browser and library agree on what a failure is called. */
const NAMES: readonly (readonly [RegExp, (got: string) => Issue])[] = [
  [/QuotaExceeded|NS_ERROR_DOM_INDEXEDDB_QUOTA|NS_ERROR_FILE_NO_DEVICE_SPACE/, () => issue('no-room', '')],
  [/^VersionError$/, () => issue('store-newer', '')],
  [/^MissingAPI|^SecurityError$|^NotAllowedError$/, (got) => issue('store-unavailable', '', { got })],
  [/^DataCloneError$|^DataError$/, (got) => issue('cannot-be-stored', '', { got })],
  [/^ConstraintError$/, () => issue('duplicate-id', '', { got: 'a row' })],
  [
    /^(InvalidState|Unknown|NotReadable|Timeout|Upgrade|OpenFailed|DatabaseClosed|Schema|NotFound|InvalidAccess|Internal)/,
    (got) => issue('store-broken', '', { got }),
  ],
];

/** An error and what it was made of, the innermost first: a library wraps what the browser said. */
function chain(error: unknown): NamedError[] {
  const found: NamedError[] = [];
  for (
    let at = error as NamedError | null | undefined;
    at && found.length < 8;
    at = at.inner as NamedError | undefined
  ) {
    found.unshift(at);
    if (Array.isArray(at.failures) && at.failures.length > 0) found.unshift(at.failures[0] as NamedError);
  }
  return found;
}

/**
 * What is really wrong when the store fails.
 * @param state  what is known of the store itself: a closed one says only that it is closed
 */
export function causeOf(error: unknown, state: StoreState): Issue {
  const errors = chain(error);
  const own = errors.find((one) => one instanceof KeepError);
  if (own instanceof KeepError) return own.found;
  if (state === 'deleted') return issue('store-deleted', '');
  if (state === 'taken-over') return issue('store-closed', '');
  if (state === 'blocked') return issue('store-blocked', '');
  for (const { name = '', message = '' } of errors) {
    const full = /quota|no space|disk.*full|full.*disk/i.test(message);
    if (full) return issue('no-room', '');
    for (const [pattern, cause] of NAMES) if (pattern.test(name) && name !== 'AbortError') return cause(name);
  }
  const { name = '', message = '' } = errors[0] ?? {};
  if (name === 'AbortError') return issue('store-broken', '', { got: name });
  return issue('our-fault', '', { got: (message || name || String(error)).slice(0, 200) });
}

/** A write we refuse ourselves, from inside a transaction: everything in it is taken back. */
export class KeepError extends Error {
  constructor(readonly found: Issue) {
    super(`cannot be kept: ${found.code}`);
    this.name = 'KeepError';
  }
}
