import { computed, ref } from 'vue';
import { defineStore } from 'pinia';
import { SCREEN_LIMITS } from '@core';
import { db, type SettingsRow } from '../db/database';
import { keep } from '../db/keep';
import { keeper } from '../db/our-keeper';
import { onBeginAnew, thisScreen } from '../db/page-state';
import { useNotices } from './notices';

export { SCREEN_LIMITS };

/** CSS pixels that browsers take for a millimetre: right on few screens. */
const NOMINAL_PX_PER_MM = 96 / 25.4;

/** How large a millimetre is on this screen, measured once against a bank card; it stays with the screen. */
export const useScreen = defineStore('screen', () => {
  const measured = ref<number | null>(null);
  const notices = useNotices();
  const pxPerMm = computed(() => measured.value ?? NOMINAL_PX_PER_MM);
  let base: SettingsRow | null = null;

  async function load(): Promise<void> {
    const waiting = keeper.pendingOf('setting', 'screen')?.row;
    const stored = waiting ? { ok: true as const, value: waiting } : await keep(() => db.settings.get('screen'));
    if (!stored.ok) return notices.complain(stored.issues);
    if (stored.value?.key !== 'screen') return;
    base = stored.value;
    const { value } = stored.value;
    const found = typeof value === 'number' ? value : value.pxPerMm;
    if (found >= SCREEN_LIMITS.min && found <= SCREEN_LIMITS.max) measured.value = found;
  }
  onBeginAnew('screen', load);
  async function set(pxPerMmNow: number): Promise<void> {
    measured.value = pxPerMmNow;
    await keeper.put('setting', { key: 'screen', value: { pxPerMm: pxPerMmNow, ...thisScreen() } }, base);
  }
  return { measured, pxPerMm, load, set };
});
