import { computed, ref, watch } from 'vue';
import { TEST_LIMITS, type Rig } from '@core';
import { momentHere } from '../../moment-here';
import { newId } from '../../new-id';
import { useWater } from '../../stores/water';
import { useRigChoices } from './useRigChoices';

/** The rig a test is of, the water it is made in, and what every test has. */
export function useTestRig() {
  const { choices } = useRigChoices();
  const water = useWater();
  const chosen = ref('');
  watch(
    choices,
    (now) => {
      if (!now.some(({ value }) => value === chosen.value)) chosen.value = now[0]?.value ?? '';
    },
    { immediate: true },
  );
  const rig = computed((): Rig | null => choices.value.find(({ value }) => value === chosen.value)?.rig ?? null);
  const { min, max } = TEST_LIMITS.temperatureC;
  const temperatureC = ref(Math.min(max, Math.max(min, water.water.temperatureC)));
  const isPractice = ref(false);
  const base = () => {
    const ms = Date.now();
    return {
      id: newId(),
      at: momentHere(ms),
      changedAt: new Date(ms).toISOString(),
      rig: rig.value!,
      temperatureC: temperatureC.value,
      ...(isPractice.value ? { isPractice: true as const } : {}),
    };
  };
  return { choices, chosen, rig, temperatureC, isPractice, base };
}
