import { ref, watch } from 'vue';
import { defineStore } from 'pinia';
import { useTheme } from 'vuetify';
import { parseWith, settingsSchema, type Settings } from '@core';
import { db } from '../db/database';
import { keep } from '../db/keep';
import { useNotices } from './notices';

const DEFAULTS: Settings = { units: 'us', theme: 'light', source: 'box' };

/** Units, theme and what picks are made from; every change is stored at once. */
export const useSettings = defineStore('settings', () => {
  const settings = ref<Settings>(DEFAULTS);
  const notices = useNotices();
  const theme = useTheme();

  watch(
    () => settings.value.theme,
    (name) => theme.change(name),
    { immediate: true },
  );

  async function load(): Promise<void> {
    const stored = await keep(() => db.settings.get('settings'));
    if (!stored.ok) return notices.complain(stored.issues);
    if (stored.value?.key !== 'settings') return;
    const parsed = parseWith(settingsSchema, stored.value.value);
    if (parsed.ok) settings.value = parsed.value;
    else notices.complain(parsed.issues);
  }

  async function change(part: Partial<Settings>): Promise<void> {
    settings.value = { ...settings.value, ...part };
    const value = { ...settings.value };
    const stored = await keep(() => db.settings.put({ key: 'settings', value }));
    if (!stored.ok) notices.complain(stored.issues);
  }

  const toggleUnits = (): Promise<void> => change({ units: settings.value.units === 'us' ? 'metric' : 'us' });
  const toggleTheme = (): Promise<void> => change({ theme: settings.value.theme === 'light' ? 'night' : 'light' });

  return { settings, load, change, toggleUnits, toggleTheme };
});
