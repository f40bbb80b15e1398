import { liveQuery } from 'dexie';
import { computed, onScopeDispose, ref, type ComputedRef, type Ref } from 'vue';
import { db } from '../db/database';
import * as words from '../locale/en/shell';

const DAY_MS = 86_400_000;

/** `just now`, `today`, `3 days ago`: how long ago something was. */
export function agoText(at: string | null, now: number): string {
  if (at === null) return words.never;
  const days = Math.floor((now - Date.parse(at)) / DAY_MS);
  if (days <= 0) return words.withinADay;
  return words.daysAgo(days);
}

const UNITS = ['B', 'kB', 'MB', 'GB', 'TB'] as const;
/** `2.3 MB`. */
export function sizeText(bytes: number): string {
  const step = Math.min(UNITS.length - 1, bytes < 1 ? 0 : Math.floor(Math.log10(bytes) / 3));
  const value = bytes / 1000 ** step;
  return `${value >= 100 || step === 0 ? Math.round(value) : value.toFixed(1)} ${UNITS[step]}`;
}

/** What is known of the store: when it was backed up, how large it is, whether the browser keeps it for good. */
export function useStoreFacts(): {
  readonly lastBackup: ComputedRef<string>;
  readonly asideCount: Ref<number>;
  readonly size: ComputedRef<string>;
  readonly isForGood: Ref<boolean | null>;
  askForGood(): Promise<void>;
} {
  const backedUp = ref<string | null>(null);
  const asideCount = ref(0);
  const used = ref<{ readonly usage: number; readonly quota: number } | null>(null);
  /** null where the browser does not tell, as over plain http */
  const isForGood = ref<boolean | null>(null);

  const following = [
    liveQuery(() => db.settings.get('backed-up')).subscribe({
      next: (row) => (backedUp.value = row?.key === 'backed-up' ? row.value : null),
      error: () => undefined,
    }),
    liveQuery(() => db.setAside.count()).subscribe({
      next: (count) => (asideCount.value = count),
      error: () => undefined,
    }),
  ];
  onScopeDispose(() => following.forEach((one) => one.unsubscribe()));

  async function look(): Promise<void> {
    const storage = (navigator as { readonly storage?: StorageManager }).storage;
    if (typeof storage?.estimate === 'function') {
      const { usage = 0, quota = 0 } = await storage.estimate();
      used.value = { usage, quota };
    }
    isForGood.value = typeof storage?.persisted === 'function' ? await storage.persisted() : null;
  }
  async function askForGood(): Promise<void> {
    await navigator.storage.persist();
    await look();
  }
  // a browser that does not tell leaves the lines out
  look().catch(() => undefined);

  const lastBackup = computed(() => words.lastBackup(agoText(backedUp.value, Date.now())));
  const size = computed(() =>
    used.value ? words.ofUsed(sizeText(used.value.usage), sizeText(used.value.quota)) : words.inThisBrowserAlone,
  );
  return { lastBackup, asideCount, size, isForGood, askForGood };
}
