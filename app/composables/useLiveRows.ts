import { liveQuery } from 'dexie';
import { onScopeDispose, ref, shallowRef, type Ref, type ShallowRef } from 'vue';

/** Rows that follow the database by themselves; `ready` turns true with the first answer, `error` holds the last failure. */
export function useLiveRows<T>(query: () => Promise<T[]>): {
  readonly rows: ShallowRef<readonly T[]>;
  readonly ready: Ref<boolean>;
  readonly error: Ref<string | null>;
} {
  const rows = shallowRef<readonly T[]>([]);
  const ready = ref(false);
  const error = ref<string | null>(null);
  const subscription = liveQuery(query).subscribe({
    next(found) {
      rows.value = found;
      ready.value = true;
      error.value = null;
    },
    error(reason: unknown) {
      error.value = reason instanceof Error ? reason.message : String(reason);
      ready.value = true;
    },
  });
  onScopeDispose(() => subscription.unsubscribe());
  return { rows, ready, error };
}
