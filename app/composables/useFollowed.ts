import { liveQuery, type Subscription } from 'dexie';
import { onScopeDispose, watch, type Ref } from 'vue';
import { db } from '../db/database';
import { kindOf, type KindName, type Rows } from '../db/kinds';
import { keeper } from '../db/our-keeper';

/**
 * Follows one document: calls with what the store holds whenever that changes, in this tab or another, and nothing of this tab's
 * waits to be stored.
 * @param key  of the document; null for none
 */
export function useFollowed<K extends KindName>(
  kind: K,
  key: Ref<string | null>,
  onRow: (row: Rows[K] | null) => void,
): void {
  let following: Subscription | null = null;
  watch(
    key,
    (at) => {
      following?.unsubscribe();
      following = null;
      if (at === null) return;
      const table = kindOf(kind).table(db);
      following = liveQuery(async () => {
        const turn = keeper.turnOf(kind, at);
        return { turn, row: (await table.get(at)) ?? null };
      }).subscribe({
        next({ turn, row }) {
          // read before this tab's last change: what follows that one will be told as well
          if (turn !== keeper.turnOf(kind, at) || keeper.pendingOf(kind, at)) return;
          if (row === null || kindOf(kind).check(row).ok) onRow(row);
        },
        // a store that cannot be read is said by whoever reads it first
        error: () => undefined,
      });
    },
    { immediate: true },
  );
  onScopeDispose(() => following?.unsubscribe());
}
