import type { Band } from '../motion/bands';
import { HAND_FACTORS } from '../motion/hand';
import { pairBands, type Compared } from '../motion/pair-bands';
import type { RetrievePlan } from '../motion/plan';
import { sameJson } from '../keeping/merge';
import { rigSchema, type Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import { filmOf, type Film } from './film';
import { bandedOf, measuredOf, MEASURES, type Banded, type Measure } from './numbers';

/** What two rigs can differ in, each changed by itself to see what it does. */
export const CAUSES = [
  'weight',
  'metal',
  'head',
  'hook',
  'guard',
  'skirt',
  'trailer',
  'orientation',
  'cuts',
  'core',
  'blades',
] as const;
export type Cause = (typeof CAUSES)[number];

/** A number of both rigs, how far they are apart, and the change that makes most of that. */
export interface Difference {
  readonly measure: Measure;
  readonly a: Banded;
  readonly b: Banded;
  /** of `b` over `a`: what is unknown of both at once moves both, so that its band is narrower than theirs; null where one has none */
  readonly by: Banded | null;
  /** the larger cause, and how much of the difference it makes by itself; null where they do not differ, or cannot be told apart */
  readonly cause: { readonly of: Cause; readonly by: number } | null;
}

type Swap = (from: Rig, to: Rig) => Rig;

const ofTrailer =
  (
    pick: (from: NonNullable<Rig['trailer']>, to: NonNullable<Rig['trailer']>) => Partial<NonNullable<Rig['trailer']>>,
  ): Swap =>
  (from, to) =>
    from.trailer && to.trailer ? { ...from, trailer: { ...from.trailer, ...pick(from.trailer, to.trailer) } } : from;

/** Takes some blocks of the other rig, its missing ones included. */
const taking =
  (...blocks: readonly (keyof Rig)[]): Swap =>
  (from, to) => {
    const kept = Object.fromEntries(Object.entries(from).filter(([name]) => !blocks.includes(name as keyof Rig)));
    const taken = Object.fromEntries(Object.entries(to).filter(([name]) => blocks.includes(name as keyof Rig)));
    return { ...kept, ...taken } as Rig;
  };
const wholeTrailer = taking('trailer');

const SWAPS: Readonly<Record<Cause, Swap>> = {
  weight: (from, to) => ({ ...from, head: { ...from.head, weightOz: to.head.weightOz } }),
  metal: (from, to) => ({ ...from, head: { ...from.head, metal: to.head.metal } }),
  head: (from, to) => ({ ...from, head: { ...from.head, style: to.head.style } }),
  hook: (from, to) => ({ ...from, head: { ...from.head, hook: to.head.hook } }),
  guard: taking('guard'),
  skirt: taking('skirt'),
  // another plastic comes with its own cuts; the same one keeps them apart
  trailer: (from, to) =>
    from.trailer && to.trailer && from.trailer.kind === to.trailer.kind
      ? ofTrailer((_, { lengthMm, softness }) => ({ lengthMm, softness }))(from, to)
      : wholeTrailer(from, to),
  orientation: ofTrailer((_, { orientation, hang }) => ({ orientation, hang })),
  cuts: ofTrailer((own, { kind, cutNoseMm, cutTailMm, legsOff, splitTails, slit }) =>
    kind === own.kind ? { cutNoseMm, cutTailMm, legsOff, splitTails, slit } : {},
  ),
  core: taking('core'),
  blades: taking('family', 'blades', 'arms', 'blade'),
};

/** Numbers this near to each other do not differ. */
const ALIKE = 1e-3;

/**
 * Two rigs on one water with one programme: their numbers, and which of their differences makes most of each.
 * @param a  the film that stands; its parts are changed one by one into those of `b`
 */
export function versus(a: Film, b: Film, water: Water): readonly Difference[] {
  const causes = CAUSES.filter((cause) => !sameJson(SWAPS[cause](a.rig, b.rig), a.rig));
  const swapped = causes.flatMap((cause) => {
    const film = filmed(SWAPS[cause](a.rig, b.rig), a.plan, water);
    return film ? [{ cause, numbers: measuredOf(film, water) }] : [];
  });
  const [ofA, ofB] = [bandedOf(a, water), bandedOf(b, water)];
  const apart = apartOf(a, b, water);
  return MEASURES.map((measure): Difference => {
    const [own, other] = [ofA[measure], ofB[measure]];
    const difference = { measure, a: own, b: other };
    if (own.value === null || other.value === null) return { ...difference, by: null, cause: null };
    const value = other.value - own.value;
    const by: Banded = { value, band: apart[measure] };
    if (Math.abs(value) < ALIKE || !isTold(by)) return { ...difference, by, cause: null };
    let cause: Difference['cause'] = null;
    for (const { cause: name, numbers } of swapped) {
      const so = numbers[measure];
      // what pulls the other way is no cause of the difference
      if (so === null || (so - own.value) * value <= 0) continue;
      if (cause === null || Math.abs(so - own.value) > Math.abs(cause.by)) cause = { of: name, by: so - own.value };
    }
    return { ...difference, by, cause };
  });
}

/** Whether a difference is more than the model can be off. */
export const isTold = ({ band }: Banded): boolean => band === null || band[0] * band[1] > 0;

const compared = ({ rig, prepared }: Film): Compared => ({ body: prepared.lure.body, plastic: rig.trailer ?? null });

/** Bands of the differences of two films: what is unknown of both is off for both alike, and plastics of two kinds each in their own way. */
const apartOf = (a: Film, b: Film, water: Water): Readonly<Record<Measure, Band | null>> =>
  pairBands(compared(a), compared(b), HAND_FACTORS, (factorsOfA, factorsOfB) => {
    const [ofA, ofB] = [measuredOf(a, water, factorsOfA), measuredOf(b, water, factorsOfB)];
    const apart = (measure: Measure): number | null => {
      const [own, other] = [ofA[measure], ofB[measure]];
      return own === null || other === null ? null : other - own;
    };
    return Object.fromEntries(MEASURES.map((measure) => [measure, apart(measure)])) as Record<Measure, number | null>;
  });

/** A rig that is neither the one nor the other may be one nobody can tie: then it says nothing. */
function filmed(rig: Rig, plan: RetrievePlan, water: Water): Film | null {
  const parsed = rigSchema.safeParse(rig);
  return parsed.success ? filmOf(parsed.data, plan, water) : null;
}
