import { schoolAnswers } from '../advice/conditions/schools';
import { waterFacts } from '../advice/conditions/water-facts';
import type { Rig } from '../rig/parts/schema';
import { clarityOf, type ClarityId } from '../water/clarity';
import type { Water } from '../water/schema';
import type { Spell } from './spells';

/** By what rates can be told apart. */
export const GROUPINGS = [
  'rig',
  'trailer',
  'orientation',
  'weight',
  'school',
  'water',
  'family',
  'trailerHook',
] as const;
export type Grouping = (typeof GROUPINGS)[number];

/** Temperatures at which a water is another one to fish, °C. @source craft-practice */
const TEMPERATURES = [10, 16, 22] as const;
export const TEMPERATURE_CLASSES = ['cold', 'cool', 'mild', 'warm'] as const;
export type TemperatureClass = (typeof TEMPERATURE_CLASSES)[number];

export const temperatureClass = ({ temperatureC }: Pick<Water, 'temperatureC'>): TemperatureClass =>
  TEMPERATURE_CLASSES[TEMPERATURES.filter((limit) => temperatureC >= limit).length]!;
/** Sight class and temperature class: waters of one class are compared with each other. */
export type WaterClass = `${ClarityId}/${TemperatureClass}`;
export const waterClass = (water: Water): WaterClass => `${clarityOf(water.visibilityM)}/${temperatureClass(water)}`;
export const UNKNOWN = 'unknown';
export const NO_TRAILER = 'none';

/** What makes one rig another: its parts, not their cuts. */
function rigKey({ family, head, trailer, skirt, blade, blades }: Rig): string {
  const parts = [
    family,
    `${head.weightOz}`,
    head.style,
    ...(blades ?? []).map(({ shape, size }) => `${shape} ${size}`),
    blade?.size,
    skirt?.colour,
    trailer && `${trailer.kind} ${trailer.lengthMm} ${trailer.colour}`,
  ];
  return parts.filter(Boolean).join(' · ');
}

/** The school about head weight a rig was tied by: the one whose answer on that water it lies in; by the water where it was not said. */
function schoolOf({ water }: Spell): string {
  if (!water) return UNKNOWN;
  const answer = schoolAnswers(waterFacts(water))['weight'] as { readonly school?: string } | undefined;
  return answer?.school ?? UNKNOWN;
}

const VALUE: Readonly<Record<Grouping, (spell: Spell) => string>> = {
  rig: ({ rig }) => rigKey(rig),
  trailer: ({ rig }) => rig.trailer?.kind ?? NO_TRAILER,
  orientation: ({ rig }) => rig.trailer?.orientation ?? NO_TRAILER,
  weight: ({ rig }) => String(rig.head.weightOz),
  school: schoolOf,
  water: ({ water }) => (water ? waterClass(water) : UNKNOWN),
  family: ({ rig }) => rig.family,
  trailerHook: ({ rig }) => (rig.trailerHook ? 'with' : 'without'),
};
export const valueOf = (by: Grouping, spell: Spell): string => VALUE[by](spell);
