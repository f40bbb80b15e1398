import { ASSUMABLE, isAssumed, sameJson, stillAssumed, type Water } from '@core';
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
    const issues = store.change({ ...partOf(there), assumed: there.assumed });
    if (issues.length > 0) return void notices.complain(issues);
    notices.say(says, async () => {
      // another water may be at hand by then
      if (store.key !== key) return;
      // what somebody said meanwhile stays said
      const said = ASSUMABLE.filter(
        (of) => !changed.includes(of) && isAssumed(there, of) && !isAssumed(store.water, of),
      );
      const assumed = stillAssumed(water, said);
      store.change({ ...partOf(water), ...(assumed?.season ? { season: water.season } : {}), assumed });
    });
  };
}
