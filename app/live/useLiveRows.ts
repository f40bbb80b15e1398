import { liveQuery, type Subscription } from 'dexie';
import { computed, onScopeDispose, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import type { Issue } from '@core';
import { causeOf } from '../db/cause';
import { db } from '../db/database';
import type { KindName, Rows } from '../db/kinds';
import { keeper } from '../db/our-keeper';
import { showsRows } from '../db/page-state';
import { createSieve } from '../db/sieve';

/**
 * Rows that follow the store by themselves, with what it does not have yet; rows that cannot be read are set aside and left out.
 * `ready` turns true with the first answer, `error` holds the last failure.
 * @param order  of rows that are not stored yet among the others
 * @param again  asks anew when it changes
 */
export function useLiveRows<K extends KindName>(
  kind: K,
  query: () => Promise<Rows[K][]>,
  order: (a: Rows[K], b: Rows[K]) => number,
  again?: Ref<unknown>,
): {
  readonly rows: ComputedRef<readonly Rows[K][]>;
  readonly ready: Ref<boolean>;
  readonly error: Ref<Issue | null>;
} {
  const stored = shallowRef<readonly Rows[K][]>([]);
  const ready = ref(false);
  const error = shallowRef<Issue | null>(null);
  const sieve = createSieve(kind);
  let turn = 0;

  function show(sifted: Awaited<ReturnType<typeof sieve.sift>>): void {
    stored.value = sifted.good;
    ready.value = true;
    error.value = null;
    if (sifted.bad.length > 0) keeper.report({ what: 'unreadable-rows', rows: sifted.bad });
  }
  const subscribe = (): Subscription =>
    liveQuery(query).subscribe({
      next(found) {
        const own = ++turn;
        const sifted = sieve.sift(found);
        if (!(sifted instanceof Promise)) return show(sifted);
        void sifted.then((done) => own === turn && show(done));
      },
      error(reason: unknown) {
        error.value = causeOf(reason, db.state);
        ready.value = true;
      },
    });
  let subscription = subscribe();
  if (again) {
    watch(again, () => {
      subscription.unsubscribe();
      subscription = subscribe();
    });
  }
  onScopeDispose(() => {
    turn++;
    subscription.unsubscribe();
  });
  const rows = computed(() => {
    const all = keeper.overlaid(kind, stored.value);
    return all === stored.value ? all : [...all].sort(order);
  });
  showsRows(kind, () => rows.value);
  return { rows, ready, error };
}
