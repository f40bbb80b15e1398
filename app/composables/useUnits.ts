import { computed } from 'vue';
import { shown, shownBand, shownHeadStep, type Band, type Quantity } from '@core';
import { useSettings } from '../stores/settings';

/** Numbers in the units the angler chose. */
export function useUnits() {
  const store = useSettings();
  const system = computed(() => store.settings.units);
  return {
    system,
    show: (quantity: Quantity, si: number): string => shown(quantity, si, system.value),
    showBand: (quantity: Quantity, from: number, to: number): string => shownBand(quantity, from, to, system.value),
    /** how sure a number is; empty where nobody knows, or where it reads the same from end to end */
    showAround: (quantity: Quantity, band: Band | null | undefined): string =>
      band && shown(quantity, band[0], system.value) !== shown(quantity, band[1], system.value)
        ? shownBand(quantity, band[0], band[1], system.value)
        : '',
    showHead: (massKg: number): string => shownHeadStep(massKg, system.value),
  };
}
