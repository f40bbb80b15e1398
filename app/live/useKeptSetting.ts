import { ref, shallowRef } from 'vue';
import { parseWith, sameJson } from '@core';
import type * as z from 'zod/mini';
import { db, type SettingsRow } from '../db/database';
import { keep } from '../db/keep';
import { keeper } from '../db/our-keeper';
import { useFollowed } from './useFollowed';

type ValueOf<K extends SettingsRow['key']> = Extract<SettingsRow, { readonly key: K }>['value'];

/**
 * What a station keeps as one row of the settings: read once, followed in other tabs, checked, stored at every change.
 * @param fresh  what stands there before anything was kept, and once everything was cleared
 */
export function useKeptSetting<K extends 'tank' | 'year'>(
  key: K,
  schema: z.ZodMiniType<ValueOf<K>>,
  fresh: () => ValueOf<K>,
) {
  const value = shallowRef(fresh());
  const loaded = ref(false);
  /** the row as the store holds it: what the next change is made of */
  let base: SettingsRow | null = null;

  function clear(): void {
    value.value = fresh();
    base = null;
  }
  function take(row: SettingsRow | null | undefined): void {
    // cleared by another tab; before anything was stored there is nothing to clear
    if (!row) return void (base !== null && clear());
    if (row.key !== key) return;
    const parsed = parseWith(schema, row.value);
    if (!parsed.ok) return keeper.report({ what: 'cannot-read', issues: parsed.issues });
    base = row;
    if (!sameJson(value.value, parsed.value)) value.value = parsed.value;
  }
  useFollowed('setting', ref(key), take);

  async function load(): Promise<void> {
    if (loaded.value) return;
    const waiting = keeper.pendingOf('setting', key)?.row;
    const stored = waiting ? { ok: true as const, value: waiting } : await keep(() => db.settings.get(key));
    // changed meanwhile: that is newer than what was read
    if (loaded.value) return;
    loaded.value = true;
    if (!stored.ok) return keeper.report({ what: 'cannot-read', issues: stored.issues });
    take(stored.value);
  }
  /** Looks again: everything was cleared, or another store put in its place. */
  async function reload(): Promise<void> {
    clear();
    loaded.value = false;
    await load();
  }
  async function set(next: ValueOf<K>): Promise<void> {
    value.value = next;
    loaded.value = true;
    await keeper.put('setting', { key, value: next } as SettingsRow, base);
  }
  return { value, loaded, load, reload, set };
}
