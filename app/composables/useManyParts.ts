import { computed, type ComputedRef } from 'vue';
import { useBox } from '../stores/box';
import { useSettings } from '../stores/settings';

/** Parts of a box up to which a map or a year is asked of it: each cell and each month is an answer of its own. */
export const MANY_PARTS = 400;

/** Whether the rigs at hand are too many to ask a whole map or year of them. */
export function useManyParts(): ComputedRef<boolean> {
  const box = useBox();
  const settings = useSettings();
  return computed(() => settings.settings.source === 'catalogue' || box.count > MANY_PARTS);
}
