import { computed } from 'vue';
import { shown, shownBand, shownHeadStep, type Quantity } from '@core';
import { useSettings } from '../stores/settings';

/** Numbers in the units the angler chose. */
export function useUnits() {
  const store = useSettings();
  const system = computed(() => store.settings.units);
  return {
    system,
    show: (quantity: Quantity, si: number): string => shown(quantity, si, system.value),
    showBand: (quantity: Quantity, from: number, to: number): string => shownBand(quantity, from, to, system.value),
    showHead: (massKg: number): string => shownHeadStep(massKg, system.value),
  };
}
