import { radFromDeg } from '../../units/units';
import type { Trailer } from '../parts/schema';

/** Multipliers on drag and lift areas that nobody knows exactly; all 1 in the best estimate. */
export interface DragFactors {
  readonly head: number;
  readonly skirt: number;
  readonly trailer: number;
  readonly lift: number;
  /** blades and plates */
  readonly blade: number;
  /** lift of turning blades, which nobody measured: its logarithm is the share of it that comes on top, from -1 (none) on */
  readonly bladeLift: number;
  /** the angle a head falls at: its logarithm, in radians, is added to it */
  readonly posture: number;
  /** mass of the head beside what is stamped on it */
  readonly mass: number;
  /** density of the plastic beside that of its kind: batches differ in salt and air */
  readonly batch: number;
}
export type FactorName = keyof DragFactors;
export const FACTOR_NAMES: readonly FactorName[] = [
  'head',
  'skirt',
  'trailer',
  'lift',
  'blade',
  'bladeLift',
  'posture',
  'mass',
  'batch',
];

export const UNIT_FACTORS: DragFactors = {
  head: 1,
  skirt: 1,
  trailer: 1,
  lift: 1,
  blade: 1,
  bladeLift: 1,
  posture: 1,
  mass: 1,
  batch: 1,
};

/** How unsure the angle of a fall is, degrees: by eye alone, until somebody measures how far aside a jig lands. @source adr-0037 */
const POSTURE_SD_DEG = 15;

/** Standard deviation of the logarithm of each factor before any test. @source adr-0005, adr-0025 for posture and mass */
export const FACTOR_SD: DragFactors = {
  head: 0.1,
  skirt: 0.2,
  trailer: 0.25,
  lift: 0.35,
  blade: 0.25,
  // the band of four in five reaches from none to twice
  bladeLift: 0.78,
  posture: radFromDeg(POSTURE_SD_DEG),
  mass: 0.04,
  batch: 0.06,
};

/** A trailer as far as its factors go: its kind has one, and each plastic of that kind a density of its own. */
export type Plastic = Pick<Trailer, 'kind' | 'lengthMm' | 'softness'> &
  Partial<Pick<Trailer, 'massG' | 'widthMm' | 'heightMm'>>;

/** Tells plastics of a kind apart by what they are as they come out of the bag. */
export const plasticKey = ({ kind, lengthMm, softness, widthMm, heightMm }: Plastic): string =>
  [kind, lengthMm, softness, widthMm ?? '', heightMm ?? ''].join('/');

/** What is known of the factors of a rig with one plastic behind it: the best estimate, and how unsure its logarithms are together. */
export interface KnownFactors {
  readonly centre: DragFactors;
  readonly covariance: Readonly<Record<FactorName, Readonly<Record<FactorName, number>>>>;
}

/** What is known before anybody timed a drop: every factor 1, each unsure by itself. */
export const UNTESTED: KnownFactors = {
  centre: UNIT_FACTORS,
  covariance: Object.fromEntries(
    FACTOR_NAMES.map((row) => [
      row,
      Object.fromEntries(FACTOR_NAMES.map((column) => [column, row === column ? FACTOR_SD[row] ** 2 : 0])),
    ]),
  ) as KnownFactors['covariance'],
};

/** A posterior: what it says of one plastic (null: none), and how the factors that two plastics have each for themselves go together. */
export interface Posterior {
  of(plastic: Plastic | null): KnownFactors;
  /** covariance of logarithms; 0 where either plastic is null */
  between(own: OwnFactor, a: Plastic | null, other: OwnFactor, b: Plastic | null): number;
}
/** Factors that belong to the plastic; the others are those of any rig. */
export type OwnFactor = 'trailer' | 'batch';

const UNTESTED_POSTERIOR: Posterior = { of: () => UNTESTED, between: () => 0 };
/** The posterior in force in this thread; every body records what it says of its plastic. */
let inForce = UNTESTED_POSTERIOR;
/** Puts in force what tests taught, null for nothing; bodies made before keep what they were made with. */
export const putInForce = (posterior: Posterior | null): void => {
  inForce = posterior ?? UNTESTED_POSTERIOR;
};
/** Version of the posterior in force: caches made under another version are stale. */
export const factorsMark = (): unknown => inForce;
export const knownFactors = (plastic: Plastic | null): KnownFactors => inForce.of(plastic);
/** How factors of two different plastics go together. */
export const knownBetween: Posterior['between'] = (own, a, other, b) => inForce.between(own, a, other, b);

/** Factors on top of the best estimate. */
export function onTopOf({ centre }: KnownFactors, factors: DragFactors): DragFactors {
  if (centre === UNIT_FACTORS) return factors;
  return {
    head: centre.head * factors.head,
    skirt: centre.skirt * factors.skirt,
    trailer: centre.trailer * factors.trailer,
    lift: centre.lift * factors.lift,
    blade: centre.blade * factors.blade,
    bladeLift: centre.bladeLift * factors.bladeLift,
    posture: centre.posture * factors.posture,
    mass: centre.mass * factors.mass,
    batch: centre.batch * factors.batch,
  };
}
