import { sameJson, stillAssumed, type Water } from '@core';
import { useNotices } from '../stores/notices';
import { useWater } from '../stores/water';
import { useWatersBefore } from '../stores/waters-before';

/** Takes another water in place of the one at hand, and says so; what it was comes back with one tap, and later from the list of waters. */
export function useTakeWater(): (there: Water, says: string) => void {
  const store = useWater();
  const notices = useNotices();
  const before = useWatersBefore();
  return (there, says) => {
    const { key, water } = store;
    const changed = (Object.keys({ ...water, ...there }) as (keyof Water)[]).filter(
      (of) => !sameJson(there[of], water[of]),
    );
    const partOf = (from: Water): Partial<Water> => Object.fromEntries(changed.map((of) => [of, from[of]]));
    if (changed.length === 0) return;
    before.remember();
    const assumed = changed.includes('assumed') ? there.assumed : stillAssumed(water, changed);
    const issues = store.change({ ...partOf(there), assumed });
    if (issues.length > 0) return void notices.complain(issues);
    notices.say(says, async () => {
      // another water may be at hand by then
      if (store.key !== key) return;
      const back = sameJson(store.water.assumed, water.assumed) ? {} : { assumed: water.assumed };
      store.change({ ...partOf(water), ...back });
    });
  };
}
