import { wantOf, type Want } from '../advice/rules/wants';
import type { Rig } from '../rig/parts/schema';
import { massKgFromOz } from '../units/units';
import { WANT_SCALES } from '../water/intent';
import { SCHOOLS, type Family, type Water } from '../water/schema';
import { waterClass } from '../water/water-class';
import type { Spell } from './spells';

export { temperatureClass, waterClass } from '../water/water-class';

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

export const UNKNOWN = 'unknown';
export const NO_TRAILER = 'none';

/** What makes one rig another: its parts, not their cuts. */
export function rigKey({ family, head, trailer, skirt, blade, blades }: Rig): string {
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

/** More than one school would tie it, or none would. */
export const EITHER = 'either';
export const NEITHER = 'neither';

type WeightBands = ReadonlyMap<string, Want | null>;
const weightBands = new WeakMap<Water, Map<Family, WeightBands>>();
/** What each school about head weight asks for on a water. */
function weightsBySchool(water: Water, family: Family): WeightBands {
  const known = weightBands.get(water) ?? new Map<Family, WeightBands>();
  weightBands.set(water, known);
  const found =
    known.get(family) ??
    new Map(
      SCHOOLS.weight.map((school) => [
        school,
        wantOf({ ...water, schools: { ...water.schools, weight: school } }, family, 'weight'),
      ]),
    );
  known.set(family, found);
  return found;
}

/** The school about head weight a rig was tied by: the one whose answer on that water it lies in. */
export function schoolOf({ rig, water }: Pick<Spell, 'rig' | 'water'>): string {
  if (!water) return UNKNOWN;
  const massKg = massKgFromOz(rig.head.weightOz);
  const { grain } = WANT_SCALES.weight;
  const inside = [...weightsBySchool(water, rig.family)].filter(
    ([, want]) => want && massKg >= want.from - grain && massKg <= want.to + grain,
  );
  return inside.length === 1 ? inside[0]![0] : inside.length === 0 ? NEITHER : EITHER;
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
