import { shallowReactive } from 'vue';
import { fail, ok, sameJson, withTheirs, type Decision, type Issue, type Result } from '@core';
import { causeOf, NotOfItsKind, type StoreState } from './cause';
import type { Journal, Note } from './journal';
import type { KeeperNews, Pending, UnreadNote } from './keeper-news';
import { laterKinds } from './fetch-kinds';
import { kindOf, type KindName, type Rows } from './kinds';
import { overlay } from './overlay';
import type { Shelf } from './shelf';

interface Parts {
  readonly shelf: Shelf;
  readonly journal: Journal;
  /** of the store as a whole, for the true cause of a failure */
  state(): StoreState;
  /** waits before another try, ms; the last is used on */
  readonly retryMs?: readonly number[];
}

const RETRY_MS = [1500, 4000, 10_000, 30_000] as const;
/** Most rounds of a flush: each writes all pending changes, and somebody may go on typing meanwhile. */
const FLUSH_ROUNDS = 5;

const idOf = (kind: KindName, key: string): string => `${kind} ${key}`;

interface Waiting extends Pending {
  /** notes of earlier tabs that go once the store has this */
  readonly places: readonly string[];
  /** changes made in an earlier epoch are not written; null where the store has not been asked yet */
  readonly epoch: string | null;
  readonly settled: ((result: Result<unknown>) => void)[];
}

/**
 * The one way a document is kept. A change is noted in the journal before anything else happens, then written in a transaction that
 * compares what it was made from with what the store holds; another tab's change is merged, and said where it cannot be. What fails
 * is tried again until it succeeds, and is on the screen and in every backup meanwhile.
 */
export function createKeeper({ shelf, journal, state, retryMs = RETRY_MS }: Parts) {
  /** changes the store does not have yet, by document: what is on the screen */
  const pending = shallowReactive(new Map<string, Waiting>());
  const writing = new Map<string, Waiting>();
  const running = new Map<string, Promise<void>>();
  /** what was being written when everything was cleared: what becomes of it is no news */
  const forgotten = new WeakSet<Waiting>();
  /** counts the changes of each document, so that an answer that was under way can tell that it is old */
  const turns = new Map<string, number>();
  let failing: readonly Issue[] = [];
  let epoch: string | null = null;
  let tries = 0;
  /** several tabs left notes on one document: they are taken up one after another */
  let isLeft = false;
  let recovery: Promise<void> = Promise.resolve();
  let timer: ReturnType<typeof setTimeout> | null = null;
  let listener: (news: KeeperNews) => void = () => undefined;

  const turned = (id: string): void => void turns.set(id, (turns.get(id) ?? 0) + 1);

  /**
   * Takes a change: it is noted at once and stored as soon as can be.
   * @param base  the document as it was when this was made of it; null for a new one
   * @param row   what it came to; null to throw it away
   * @returns     settles when the store has it, with what the store holds then; a failure is tried again all the same
   */
  function change<K extends KindName>(
    kind: K,
    key: string,
    base: Rows[K] | null,
    row: Rows[K] | null,
  ): Promise<Result<Rows[K] | null>> {
    const id = idOf(kind, key);
    const before = pending.get(id);
    const under = writing.get(id);
    // until the store has what is being written, a change counts from what both were made of: nothing between them can be lost
    const from = before ? before.base : base;
    return new Promise((resolve) => {
      const fresh: Pick<Waiting, 'settled' | 'places'> = { settled: [], places: [] };
      const { settled, places } = before && before !== under ? before : fresh;
      settled.push(resolve as (result: Result<unknown>) => void);
      const waiting: Waiting = { kind, key, base: from as never, row: row as never, epoch, settled, places };
      journal.note(noteOf(waiting));
      pending.set(id, waiting);
      turned(id);
      if (!under) void write(id);
    });
  }

  const noteOf = ({ kind, key, base, row, epoch: made }: Waiting): Note => ({ kind, key, base, row, epoch: made });

  /** Writes what waits of a document, unless it is being written: then it waits for that. */
  function write(id: string): Promise<void> {
    const waiting = pending.get(id);
    const under = running.get(id);
    if (under || !waiting) return under ?? Promise.resolve();
    const work = writeOnce(id, waiting);
    running.set(id, work);
    return work;
  }

  /** What is no document of its kind is never stored, whoever made it: the one before stays. */
  async function checkedWrite(waiting: Waiting): Promise<Decision<Rows[KindName]>> {
    const { kind, key, row } = waiting;
    const checked = row === null ? null : kindOf(kind).check(row);
    if (checked && !checked.ok) throw new NotOfItsKind(checked.issues);
    return shelf.write(kind, key, waiting as never);
  }

  async function writeOnce(id: string, waiting: Waiting): Promise<void> {
    writing.set(id, waiting);
    let decision: Decision<Rows[KindName]>;
    try {
      decision = await checkedWrite(waiting);
    } catch (error) {
      writing.delete(id);
      running.delete(id);
      if (error instanceof NotOfItsKind) return onRefusal(id, waiting, error.issues, false);
      const cause = causeOf(error, state());
      // only a limit of ours stays what it is; a store that cannot take it now may later
      if (cause.code === 'too-many-kept') onRefusal(id, waiting, [cause], true);
      else onFailure([cause], waiting);
      return;
    }
    writing.delete(id);
    running.delete(id);
    onSuccess(id, waiting, decision);
  }

  function onFailure(issues: readonly Issue[], { settled }: Waiting): void {
    if (!sameJson(failing, issues)) listener({ what: 'not-stored', issues });
    failing = issues;
    for (const done of settled.splice(0)) done(fail(issues));
    if (timer !== null || state() === 'deleted' || state() === 'taken-over') return;
    timer = setTimeout(
      () => {
        timer = null;
        void flush();
      },
      retryMs[Math.min(tries++, retryMs.length - 1)],
    );
  }

  /** Trying again by itself would not help, and whoever asked is told: there is no room for one more of its kind, or it is none. */
  function onRefusal(id: string, waiting: Waiting, issues: readonly Issue[], isWorthAnother: boolean): void {
    if (pending.get(id) === waiting) {
      pending.delete(id);
      journal.settle(waiting);
    }
    turned(id);
    for (const done of waiting.settled.splice(0)) done(fail(issues));
    const { kind, key, base, row } = waiting;
    const again = isWorthAnother ? () => void change(kind, key, base as never, row as never) : null;
    listener({ what: 'refused', issues, again });
    if (pending.has(id)) void write(id);
  }

  function onSuccess(id: string, waiting: Waiting, decision: Decision<Rows[KindName]>): void {
    const row = 'row' in decision ? decision.row : null;
    turned(id);
    const next = pending.get(id);
    if (next === waiting) {
      pending.delete(id);
      journal.settle(waiting);
    } else if (next) {
      // made from what the store has by now
      const later = { ...next, base: waiting.row };
      pending.set(id, later);
      journal.note(noteOf(later));
    }
    waiting.places.forEach(journal.remove);
    for (const done of waiting.settled.splice(0)) done(ok(row));
    if (!forgotten.has(waiting)) tell(waiting, decision);
    if (pending.size === 0 && failing.length > 0) {
      failing = [];
      tries = 0;
      listener({ what: 'stored-at-last' });
    }
    if (pending.has(id)) void write(id);
    else if (isLeft && pending.size === 0) void recover();
  }

  function tell({ kind, key, row: mine }: Waiting, decision: Decision<Rows[KindName]>): void {
    switch (decision.as) {
      case 'write': {
        const { clashes, row: stands } = decision;
        if (clashes.length === 0) return;
        // what was changed since stays
        const takeTheirs = (): void => {
          const latest = pending.get(idOf(kind, key))?.row ?? stands;
          void change(kind, key, stands as never, withTheirs(latest, clashes) as never);
        };
        return listener({ what: 'clash', kind, clashes, takeTheirs });
      }
      case 'gone-meanwhile':
        return listener({ what: 'gone', kind, keepMine: () => void change(kind, key, null, mine as never) });
      case 'changed-meanwhile':
        return listener({ what: 'stays', kind });
      case 'delete':
      case 'is-so':
        return;
    }
  }

  /** Writes everything that waits, what is entered meanwhile included; what fails is tried again later. */
  async function flush(): Promise<void> {
    for (let round = 0; round < FLUSH_ROUNDS && pending.size > 0; round++) {
      const before = [...pending.values()];
      await Promise.all([...pending.keys()].map((id) => write(id)));
      // nothing moved: it fails
      if ([...pending.values()].every((waiting) => before.includes(waiting))) return;
    }
  }

  /** Takes up the changes that earlier tabs noted and never stored. */
  function recover(): Promise<void> {
    isLeft = false;
    const { notes, rubbish } = journal.left();
    const later = notes.filter(({ kind }) => kind !== 'water' && kind !== 'part' && kind !== 'setting');
    takeUp(
      notes.filter((note) => !later.includes(note)),
      rubbish,
    );
    // their shapes are loaded when somebody needs them; a failure to fetch them leaves the notes where they are
    recovery =
      later.length === 0
        ? Promise.resolve()
        : laterKinds().then(
            () => takeUp(later, []),
            () => undefined,
          );
    return recovery;
  }

  function takeUp(notes: ReturnType<Journal['left']>['notes'], rubbish: ReturnType<Journal['left']>['rubbish']): void {
    const unread: UnreadNote[] = rubbish.map(({ place, text }) => ({
      from: 'notes',
      key: place,
      issues: [],
      row: text,
    }));
    for (const note of notes) {
      const checked = note.row === null ? ok(null) : kindOf(note.kind).check(note.row);
      if (!checked.ok) {
        unread.push({ from: `notes of a ${note.kind}`, key: note.key, issues: checked.issues, row: note.row });
        journal.remove(note.place);
        continue;
      }
      const { kind, key, base, row, place } = note;
      const id = idOf(kind, key);
      if (pending.has(id)) {
        isLeft = true;
        continue;
      }
      const waiting: Waiting = { kind, key, base, row, epoch: note.epoch, settled: [], places: [place] };
      pending.set(id, waiting);
      turned(id);
    }
    for (const { place } of rubbish) journal.remove(place);
    if (unread.length > 0) listener({ what: 'unreadable', notes: unread });
    void flush();
  }

  /** Rows of the store with what it does not have yet. */
  const overlaid = <K extends KindName>(name: K, rows: readonly Rows[K][]): readonly Rows[K][] =>
    pending.size === 0 ? rows : overlay(name, rows, pending.values());

  return {
    pending,
    flush,
    recover,
    recovered: (): Promise<void> => recovery,
    overlaid,
    put: <K extends KindName>(kind: K, row: Rows[K], base: Rows[K] | null): Promise<Result<Rows[K] | null>> =>
      change(kind, kindOf(kind).key(row), base, row),
    remove: <K extends KindName>(kind: K, row: Rows[K]): Promise<Result<Rows[K] | null>> =>
      change(kind, kindOf(kind).key(row), row, null),
    /** changes the store does not have yet, to be handed to whoever writes them into a file */
    waiting: (): Pending[] => [...pending.values()].map(({ kind, key, base, row }) => ({ kind, key, base, row })),
    pendingOf: <K extends KindName>(kind: K, key: string): Pending<K> | null =>
      (pending.get(idOf(kind, key)) as unknown as Pending<K> | undefined) ?? null,
    /** grows with every change and every answer of the store to one */
    turnOf: (kind: KindName, key: string): number => turns.get(idOf(kind, key)) ?? 0,
    /** The store was read: what is made from now on belongs to this epoch. */
    setEpoch: (next: string): void => void (epoch = next),
    /** Everything was cleared or replaced: what waits belongs to what is gone. */
    forget(next: string): void {
      epoch = next;
      for (const waiting of writing.values()) forgotten.add(waiting);
      for (const { settled } of pending.values()) for (const done of settled.splice(0)) done(ok(null));
      pending.clear();
      failing = [];
      tries = 0;
      journal.forgetAll();
    },
    onNews: (next: (news: KeeperNews) => void): void => void (listener = next),
    /** Tells whoever sits in front of the page what went wrong where a document is followed. */
    report: (news: KeeperNews): void => listener(news),
  };
}
export type Keeper = ReturnType<typeof createKeeper>;
