import { computed, ref } from 'vue';
import { defineStore } from 'pinia';
import { db } from '../db/database';
import { keep } from '../db/keep';
import { useNotices } from './notices';

/** CSS pixels that browsers take for a millimetre: right on few screens. */
const NOMINAL_PX_PER_MM = 96 / 25.4;
/** What a screen can be, px a millimetre: beyond it a slider was dragged by mistake. */
export const SCREEN_LIMITS = { min: 1.5, max: 12 } as const;

/** How large a millimetre is on this screen, measured once against a bank card; it stays with the machine. */
export const useScreen = defineStore('screen', () => {
  const measured = ref<number | null>(null);
  const notices = useNotices();
  const pxPerMm = computed(() => measured.value ?? NOMINAL_PX_PER_MM);

  async function load(): Promise<void> {
    const stored = await keep(() => db.settings.get('screen'));
    if (!stored.ok) return notices.complain(stored.issues);
    const value = stored.value?.key === 'screen' ? stored.value.value : null;
    if (value !== null && value >= SCREEN_LIMITS.min && value <= SCREEN_LIMITS.max) measured.value = value;
  }
  async function set(value: number): Promise<void> {
    measured.value = value;
    const stored = await keep(() => db.settings.put({ key: 'screen', value }));
    if (!stored.ok) notices.complain(stored.issues);
  }
  return { measured, pxPerMm, load, set };
});
