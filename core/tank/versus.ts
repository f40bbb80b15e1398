import { holdSpeedMps } from '../motion/level';
import { steadyFall } from '../motion/fall';
import type { RetrievePlan } from '../motion/plan';
import { sameJson } from '../keeping/merge';
import { rigSchema, type Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import { filmOf, type Film } from './film';
import { secondsInBand } from './happenings';

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

/** Numbers two rigs are compared by. SI; null where one has none. */
export const MEASURES = ['mid-depth', 'max-depth', 'in-band', 'fall', 'hold'] as const;
export type Measure = (typeof MEASURES)[number];

/** A number of both rigs, and the change that makes most of the difference. */
export interface Difference {
  readonly measure: Measure;
  readonly a: number | null;
  readonly b: number | null;
  /** the larger cause, and how much of the difference it makes by itself; null where they do not differ */
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

const MEASURED: Readonly<Record<Measure, (film: Film, water: Water) => number | null>> = {
  'mid-depth': ({ done }) => done.midCastDepthM,
  'max-depth': ({ done }) => done.maxDepthM,
  'in-band': (film, water) => secondsInBand(film, water),
  fall: ({ prepared }) => steadyFall(prepared.lure.body, prepared.lure.medium).speedMps,
  hold: ({ prepared, done }) =>
    done.midCastDepthM === null
      ? null
      : holdSpeedMps(prepared.lure, prepared.line, prepared.plan.castM / 2, Math.max(WADING_M, done.midCastDepthM)),
};
/** Shallower than this no speed is looked for, m. */
const WADING_M = 0.05;
/** Numbers this near to each other do not differ. */
const ALIKE = 1e-3;

/**
 * Two rigs on one water with one programme: their numbers, and which of their differences makes most of each.
 * @param a  the film that stands; its parts are changed one by one into those of `b`
 */
export function versus(a: Film, b: Film, water: Water): readonly Difference[] {
  const causes = CAUSES.filter((cause) => !sameJson(SWAPS[cause](a.rig, b.rig), a.rig));
  const swapped = causes.map((cause) => ({ cause, film: filmed(SWAPS[cause](a.rig, b.rig), a.plan, water) }));
  return MEASURES.map((measure): Difference => {
    const of = MEASURED[measure];
    const [own, other] = [of(a, water), of(b, water)];
    if (own === null || other === null || Math.abs(own - other) < ALIKE)
      return { measure, a: own, b: other, cause: null };
    let cause: Difference['cause'] = null;
    for (const { cause: name, film } of swapped) {
      const value = film && of(film, water);
      if (value === null) continue;
      const by = value - own;
      // what pulls the other way is no cause of the difference
      if (by * (other - own) <= 0) continue;
      if (cause === null || Math.abs(by) > Math.abs(cause.by)) cause = { of: name, by };
    }
    return { measure, a: own, b: other, cause };
  });
}

/** A rig that is neither the one nor the other may be one nobody can tie: then it says nothing. */
function filmed(rig: Rig, plan: RetrievePlan, water: Water): Film | null {
  const parsed = rigSchema.safeParse(rig);
  return parsed.success ? filmOf(parsed.data, plan, water) : null;
}
