import { ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import { parseWith, sameJson, settingsSchema, type Settings } from '@core';
import { useFollowed } from '../live/useFollowed';
import { db, type SettingsRow } from '../db/database';
import { keep } from '../db/keep';
import { keeper } from '../db/our-keeper';
import { DEFAULT_SETTINGS, onBeginAnew, showsSettings } from '../db/page-state';
import { useNotices } from './notices';

/** Units, theme and what picks are made from; every change is stored at once. */
export const useSettings = defineStore('settings', () => {
  const settings = shallowRef<Settings>(DEFAULT_SETTINGS);
  showsSettings(() => settings.value);
  const notices = useNotices();
  let base: SettingsRow | null = null;

  function take(row: SettingsRow | null | undefined): void {
    if (row?.key !== 'settings') return;
    const parsed = parseWith(settingsSchema, row.value);
    if (!parsed.ok) return void notices.complain(parsed.issues);
    base = row;
    if (!sameJson(settings.value, parsed.value)) settings.value = parsed.value;
  }

  async function load(): Promise<void> {
    const waiting = keeper.pendingOf('setting', 'settings')?.row;
    if (waiting) return take(waiting);
    const stored = await keep(() => db.settings.get('settings'));
    if (!stored.ok) return notices.complain(stored.issues);
    take(stored.value);
  }
  onBeginAnew('settings', load);
  useFollowed('setting', ref('settings'), take);

  async function change(part: Partial<Settings>): Promise<void> {
    settings.value = { ...settings.value, ...part };
    await keeper.put('setting', { key: 'settings', value: { ...settings.value } }, base);
  }

  const toggleUnits = (): Promise<void> => change({ units: settings.value.units === 'us' ? 'metric' : 'us' });
  const toggleTheme = (): Promise<void> => change({ theme: settings.value.theme === 'light' ? 'night' : 'light' });

  return { settings, load, change, toggleUnits, toggleTheme };
});
