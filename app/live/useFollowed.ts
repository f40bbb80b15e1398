import { liveQuery, type Subscription } from 'dexie';
import { onScopeDispose, watch, type Ref } from 'vue';
import { db } from '../db/database';
import { kindOf, type KindName, type Rows } from '../db/kinds';
import { keeper } from '../db/our-keeper';
import type { Keeper } from '../db/keeper';

/** The part of the keeper used here; tests pass one whose changes stay pending. */
export type Follows = Pick<Keeper, 'pendingOf' | 'turnOf'>;

/**
 * Follows one document: calls with what the store holds whenever that changes, in this tab or another, and nothing of this tab's
 * waits to be stored.
 * @param key  of the document; null for none
 */
export function useFollowed<K extends KindName>(
  kind: K,
  key: Ref<string | null>,
  onRow: (row: Rows[K] | null) => void,
  { pendingOf, turnOf }: Follows = keeper,
): void {
  let following: Subscription | null = null;
  /** something came while a change of this tab was under way: it may be the last that comes */
  let missed = false;

  async function read(at: string): Promise<{ readonly turn: number; readonly row: Rows[K] | null }> {
    const turn = turnOf(kind, at);
    return { turn, row: (await kindOf(kind).table(db).get(at)) ?? null };
  }
  function tell(at: string, { turn, row }: Awaited<ReturnType<typeof read>>): void {
    // a change of this tab is under way: it is looked at again once that is stored
    missed = pendingOf(kind, at) !== null;
    if (missed) return;
    // one was stored while this was read
    if (turn !== turnOf(kind, at)) return lookAgain(at);
    if (row === null || kindOf(kind).check(row).ok) onRow(row);
  }
  function lookAgain(at: string): void {
    read(at).then(
      (found) => at === key.value && tell(at, found),
      // a store that cannot be read is said by whoever reads it first
      () => undefined,
    );
  }
  watch(
    key,
    (at) => {
      following?.unsubscribe();
      following = null;
      missed = false;
      if (at === null) return;
      following = liveQuery(() => read(at)).subscribe({
        next: (found) => tell(at, found),
        // a store that cannot be read is said by whoever reads it first
        error: () => undefined,
      });
    },
    { immediate: true },
  );
  // another tab may have written between this one's change and its being told so
  watch(
    () => key.value !== null && pendingOf(kind, key.value) === null,
    (isFree) => {
      const at = key.value;
      if (!isFree || !missed || at === null) return;
      missed = false;
      lookAgain(at);
    },
  );
  onScopeDispose(() => following?.unsubscribe());
}
