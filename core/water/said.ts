import { ASSUMABLE, DEFAULT_WATER, isAssumed, type Assumable, type Water } from './schema';
import { assumedSeason } from './season';

/** Fields of a water that change; one that is set to undefined is taken out. */
export type WaterChange = { readonly [K in keyof Water]?: Water[K] | undefined };

/** What is still only taken for granted once some fields were changed; undefined where nothing is. */
export function stillAssumed(water: Water, changed: readonly string[]): Water['assumed'] {
  const left = ASSUMABLE.filter((field) => isAssumed(water, field) && !changed.includes(field));
  return left.length === 0 ? undefined : Object.fromEntries(left.map((field) => [field, true as const]));
}

/** A water of which nobody has said anything but what a thermometer, a disc and a sounder tell. @param month  0 for January */
export const unsaidWater = (month: number): Water => ({
  ...DEFAULT_WATER,
  season: assumedSeason(DEFAULT_WATER.temperatureC, month),
  assumed: { season: true, mood: true, bottom: true },
});

/**
 * A water with some fields changed. What is changed counts as said from then on, and a season nobody said follows the temperature; a change that
 * itself tells what is assumed is taken as it is.
 * @param month  of the day of this water, 0 for January
 */
export function withSaid(water: Water, change: WaterChange, month: number): WaterChange {
  if ('assumed' in change || water.assumed === undefined) return { ...water, ...change };
  const assumed = stillAssumed(water, Object.keys(change));
  const next = { ...water, ...change, assumed };
  return assumed?.season ? { ...next, season: assumedSeason(next.temperatureC ?? 0, month) } : next;
}

/** What takes back that a field was said: it is taken for what is usual. @param month  0 for January */
export function unsay(water: Water, field: Assumable, month: number): WaterChange {
  const usual = field === 'season' ? assumedSeason(water.temperatureC, month) : DEFAULT_WATER[field];
  return { [field]: usual, assumed: { ...water.assumed, [field]: true } };
}
