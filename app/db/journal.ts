import { KIND_NAMES, type KindName, type Rows } from './kinds';

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

/** Write-ahead note: a change to one document, kept in local storage until the database has it. */
export interface Note<K extends KindName = KindName> {
  readonly kind: K;
  readonly key: string;
  readonly base: Rows[K] | null;
  /** null where it was deleted */
  readonly row: Rows[K] | null;
  /** null where the store could not be asked */
  readonly epoch: string | null;
}

/** A note that cannot be read, as it stood. */
export interface Rubbish {
  readonly place: string;
  readonly text: string;
}

const MARK = 'pandero-note';
const VERSION = 1;

/** Notes of the version before this one: one row, without what it was made from. */
const EARLIER: Readonly<Record<string, KindName>> = {
  'pandero-unsaved-water': 'water',
  'pandero-unsaved-build': 'build',
};

const placeOf = (tab: string, { kind, key }: { readonly kind: KindName; readonly key: string }): string =>
  `${MARK} ${tab} ${kind} ${key}`;

const isNote = (value: unknown): value is Note & { readonly version: number } => {
  const { version, kind, key, row, base } = (value ?? {}) as Record<string, unknown>;
  return (
    version === VERSION &&
    KIND_NAMES.some((name) => name === kind) &&
    typeof key === 'string' &&
    typeof row === 'object' &&
    typeof base === 'object'
  );
};

function readNote(place: string, text: string): Note | Rubbish {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { place, text };
  }
  const earlier = EARLIER[place];
  if (earlier !== undefined && typeof value === 'object' && value !== null) {
    const { key, id } = value as { readonly key?: unknown; readonly id?: unknown };
    const own = earlier === 'water' ? key : id;
    if (typeof own === 'string') return { kind: earlier, key: own, base: null, row: value as never, epoch: null };
  }
  return isNote(value) ? value : { place, text };
}

/**
 * What was just changed, written down at once: a tab that closes in the next instant takes a database write that is still under way
 * with it. Every tab writes its own notes; whoever starts next reads those of all.
 */
export function createJournal(tab: string) {
  /** Writes a change down. Where there is no room or place the store alone has to do. */
  function note(change: Note): void {
    try {
      notePlace.of()?.setItem(placeOf(tab, change), JSON.stringify({ version: VERSION, ...change }));
    } catch {
      // no room, or no right: the store alone has to do
    }
  }

  /** Forgets the note of a document. */
  const settle = (change: { readonly kind: KindName; readonly key: string }): void => remove(placeOf(tab, change));

  function remove(place: string): void {
    try {
      notePlace.of()?.removeItem(place);
    } catch {
      // a shelf that is gone holds nothing to forget
    }
  }

  function places(): string[] {
    const shelf = notePlace.of();
    if (!shelf) return [];
    const found = Array.from({ length: shelf.length }, (_, at) => shelf.key(at) ?? '');
    return found.filter((place) => place.startsWith(`${MARK} `) || Object.hasOwn(EARLIER, place));
  }

  /** Notes that earlier tabs left, with their places; this tab's own are not among them. */
  function left(): {
    readonly notes: readonly (Note & { readonly place: string })[];
    readonly rubbish: readonly Rubbish[];
  } {
    const notes: (Note & { readonly place: string })[] = [];
    const rubbish: Rubbish[] = [];
    for (const place of places()) {
      if (place.startsWith(`${MARK} ${tab} `)) continue;
      const found = readNote(place, notePlace.of()?.getItem(place) ?? '');
      if ('text' in found) rubbish.push(found);
      else notes.push({ ...found, place });
    }
    return { notes, rubbish };
  }

  /** Forgets every note of every tab: the store they were meant for was cleared or replaced. */
  function forgetAll(): void {
    for (const place of places()) remove(place);
  }

  return { note, settle, left, remove, forgetAll };
}
export type Journal = ReturnType<typeof createJournal>;
