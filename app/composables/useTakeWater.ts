import type { Water } from '@core';
import { useNotices } from '../stores/notices';
import { useWater } from '../stores/water';

/** Takes another water in place of the one at hand, and says so; what it was comes back with one tap. */
export function useTakeWater(): (there: Water, says: string) => void {
  const store = useWater();
  const notices = useNotices();
  return (there, says) => {
    const { key, water: before } = store;
    const changed = (Object.keys({ ...before, ...there }) as (keyof Water)[]).filter((of) => there[of] !== before[of]);
    const partOf = (water: Water): Partial<Water> => Object.fromEntries(changed.map((of) => [of, water[of]]));
    if (changed.length === 0) return;
    const issues = store.change(partOf(there));
    if (issues.length > 0) return void notices.complain(issues);
    notices.say(says, async () => {
      // another water may be at hand by then
      if (store.key === key) store.change(partOf(before));
    });
  };
}
