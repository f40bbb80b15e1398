import {
  AIMS,
  BOTTOMS,
  COVER_KINDS,
  COVER_NAME,
  DENSITIES,
  FORAGE,
  MOODS,
  PRESSURES,
  SEASONS,
  SKIES,
  SPECIES,
  TRENDS,
  WINDS,
} from '@core';

const asIs = <T extends string>(values: readonly T[]): { value: T; title: string }[] =>
  values.map((value) => ({ value, title: value }));

/** The switches of a water, in the order anglers think of them. */
export const BOTTOM_CHOICES = asIs(BOTTOMS);
export const SKY_CHOICES = asIs(SKIES);
export const WIND_CHOICES = asIs(WINDS);
export const FORAGE_CHOICES = asIs(FORAGE);
export const MOOD_CHOICES = asIs(MOODS);
export const PRESSURE_CHOICES = [
  { value: PRESSURES[0], title: 'little' },
  { value: PRESSURES[1], title: 'much' },
];
const TREND_TITLE: Readonly<Record<(typeof TRENDS)[number], string>> = {
  steady: 'steady',
  'rising-muddy': 'rising, muddy',
  clearing: 'clearing',
};
export const TREND_CHOICES = TRENDS.map((value) => ({ value, title: TREND_TITLE[value] }));
export const SEASON_CHOICES = asIs(SEASONS);
export const SPECIES_CHOICES = asIs(SPECIES);
const AIM_TITLE: Readonly<Record<(typeof AIMS)[number], string>> = {
  bites: 'bites',
  size: 'size',
  search: 'search fast',
  saturate: 'work it over',
};
export const AIM_CHOICES = AIMS.map((value) => ({ value, title: AIM_TITLE[value] }));
export const DENSITY_CHOICES = asIs(DENSITIES);
export const COVER_CHOICES = COVER_KINDS.filter((kind) => kind !== 'open').map((value) => ({
  value,
  title: COVER_NAME[value],
}));

/** Where in the water the lure should work; the bands are shares of the depth. */
export const WHERE_CHOICES = [
  { value: 'bottom', title: 'on bottom' },
  { value: 'middle', title: 'midwater' },
  { value: 'top', title: 'high up' },
] as const;
export type Where = (typeof WHERE_CHOICES)[number]['value'];
export const WHERE_SHARES: Readonly<Record<Exclude<Where, 'bottom'>, readonly [number, number]>> = {
  middle: [0.3, 0.65],
  top: [0, 0.35],
};
