import * as z from 'zod/mini';
import { partsThatDiffer, winnerKey, type PartOfPick, type Winner } from '../map/winner';
import { stillAssumed } from '../water/said';
import { seasonBy } from '../water/season';
import { WATER_LIMITS, type Water } from '../water/schema';

export const MONTHS = 12;
const monthly = ({ min, max }: { readonly min: number; readonly max: number }) =>
  z.array(z.number().check(z.minimum(min), z.maximum(max))).check(z.length(MONTHS));

/** A year at one place: how warm and how clear it is in the middle of each month, January first. */
export const yearSchema = z.strictObject({
  temperatureC: monthly(WATER_LIMITS.temperatureC),
  visibilityM: monthly({ min: 0.05, max: WATER_LIMITS.visibilityM.max }),
});
export type Year = z.infer<typeof yearSchema>;

export const CLIMATES = ['cool', 'mild', 'warm'] as const;
export type Climate = (typeof CLIMATES)[number];

/** Coldest and warmest water of a climate, °C, and in which month it is coldest. @source craft-practice */
const SWINGS: Readonly<Record<Climate, { readonly cold: number; readonly warm: number }>> = {
  cool: { cold: 2, warm: 22 },
  mild: { cold: 6, warm: 26 },
  warm: { cold: 12, warm: 30 },
};
/** Water is coldest at the end of January and warmest half a year on. */
const COLDEST = 0.7;
/** Spring floods and summer bloom take sight away: share of the clearest, by month. */
const SIGHT = [0.9, 0.8, 0.55, 0.5, 0.6, 0.7, 0.6, 0.55, 0.65, 0.8, 0.95, 1];
const CLEAREST_M = 1.2;

/** A made-up year to begin with; the water at hand says how clear its clearest month is. */
export function startingYear(climate: Climate, usualVisibilityM = CLEAREST_M): Year {
  const { cold, warm } = SWINGS[climate];
  const swing = (month: number): number => (1 - Math.cos((2 * Math.PI * (month - COLDEST)) / MONTHS)) / 2;
  const tenth = (value: number): number => Math.round(value * 10) / 10;
  return {
    temperatureC: SIGHT.map((_, month) => tenth(cold + (warm - cold) * swing(month))),
    visibilityM: SIGHT.map((share) => Math.max(0.05, Math.round(usualVisibilityM * share * 100) / 100)),
  };
}

/** The season of a month by its temperature and where the year is going. */
export function seasonOf({ temperatureC }: Year, month: number): Water['season'] {
  const rises = temperatureC[(month + 1) % MONTHS]! >= temperatureC[(month + MONTHS - 1) % MONTHS]!;
  return seasonBy(temperatureC[month]!, rises);
}

/** The water at hand as it is in a month: as warm, as clear, and in its season, which the year says. */
export function monthWater(water: Water, year: Year, month: number): Water {
  const { assumed: _, ...said } = water;
  const assumed = stillAssumed(water, ['season']);
  return {
    ...said,
    ...(assumed ? { assumed } : {}),
    temperatureC: year.temperatureC[month]!,
    visibilityM: year.visibilityM[month]!,
    season: seasonOf(year, month),
  };
}

/** What shifts over a year. */
export const YEAR_CHANGES = [
  'family',
  'head',
  'weight',
  'wire',
  'trailer',
  'blades',
  'plate',
  'colour',
] as const satisfies readonly PartOfPick[];
export type YearChange = (typeof YEAR_CHANGES)[number];

/** A month in which the year turns: what is tied on from it on is not what it was before. */
export interface TurningPoint {
  readonly month: number;
  readonly changes: readonly YearChange[];
}

/** The turning points of a year, round and round: December leads to January. */
export function turningPoints(winners: readonly (Winner | null)[]): readonly TurningPoint[] {
  return winners.flatMap((winner, month): TurningPoint[] => {
    const before = winners[(month + winners.length - 1) % winners.length];
    if (!winner || !before) return [];
    const changes = partsThatDiffer(winner.rig, before.rig, YEAR_CHANGES);
    return changes.length === 0 ? [] : [{ month, changes }];
  });
}

/** Months that tie the same rig share a number, by when they first come. */
export function numbered(winners: readonly (Winner | null)[]): readonly number[] {
  const seen: string[] = [];
  return winners.map((winner) => {
    const key = winner ? winnerKey(winner.rig) : '';
    if (!seen.includes(key)) seen.push(key);
    return seen.indexOf(key) + 1;
  });
}
