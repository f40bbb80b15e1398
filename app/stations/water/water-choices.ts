import {
  AIMS,
  BOTTOMS,
  COVER_KINDS,
  COVER_NAME,
  DENSITIES,
  FORAGE,
  MOODS,
  NAME,
  PRESSURES,
  SEASONS,
  SKIES,
  SPECIES,
  TRENDS,
  WINDS,
  type Named,
} from '@core';
import * as words from '../../locale/en/water';

const named = <T extends Named>(values: readonly T[]): { value: T; title: string }[] =>
  values.map((value) => ({ value, title: NAME[value] }));

/** The switches of a water, in the order anglers think of them. */
export const BOTTOM_CHOICES = named(BOTTOMS);
export const SKY_CHOICES = named(SKIES);
export const WIND_CHOICES = named(WINDS);
export const FORAGE_CHOICES = named(FORAGE);
export const MOOD_CHOICES = named(MOODS);
export const PRESSURE_CHOICES = named(PRESSURES);
export const TREND_CHOICES = named(TRENDS);
export const SEASON_CHOICES = named(SEASONS);
export const SPECIES_CHOICES = named(SPECIES);
export const AIM_CHOICES = named(AIMS);
export const DENSITY_CHOICES = named(DENSITIES);
export const COVER_CHOICES = COVER_KINDS.filter((kind) => kind !== 'open').map((value) => ({
  value,
  title: COVER_NAME[value],
}));

/** Where in the water the lure should work; the bands are shares of the depth. */
export const WHERE_CHOICES = [
  { value: 'bottom', title: words.onBottom },
  { value: 'middle', title: words.midwater },
  { value: 'top', title: words.highUp },
] as const;
export type Where = (typeof WHERE_CHOICES)[number]['value'];
export const WHERE_SHARES: Readonly<Record<Exclude<Where, 'bottom'>, readonly [number, number]>> = {
  middle: [0.3, 0.65],
  top: [0, 0.35],
};
