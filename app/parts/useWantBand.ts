import { computed } from 'vue';
import { WANT_SCALES, wantFromFile, type Want } from '@core';
import { useWater } from '../stores/water';

/** The band of a want while it is dragged, before an answer has followed, and the limits of its ends. */
export function useWantBand(want: () => Want) {
  const store = useWater();
  const limits = computed(() => {
    const { id } = want();
    const { min, max } = WANT_SCALES[id];
    return { min: wantFromFile(id, min), max: id === 'run' ? store.water.depthM : wantFromFile(id, max) };
  });
  const now = computed((): Want => {
    const of = want();
    const mine = store.water.intent?.[of.id];
    if (mine === undefined) return of;
    const { id, from, to, rules } = of;
    const inHand = of.inHand === undefined ? { from, to, rules } : of.inHand;
    return { ...of, from: wantFromFile(id, mine.from), to: wantFromFile(id, mine.to), inHand };
  });
  return { limits, now };
}
