import { computed } from 'vue';
import { ownGear, type Angler } from '@core';
import { useAdvice } from '../../stores/advice';

/** Who fishes, as the answer was asked: gear and log; null where every rig gets what its rules ask. */
export function useAngler() {
  const advice = useAdvice();
  return computed((): Angler | null => {
    const gear = advice.gear && ownGear(advice.gear);
    return gear || advice.log ? { gear, log: advice.log } : null;
  });
}
