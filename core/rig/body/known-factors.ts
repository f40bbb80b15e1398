import type { TrailerKind } from '../../tackle/trailers';
import { radFromDeg } from '../../units/units';

/** Multipliers on drag and lift areas that nobody knows exactly; all 1 in the best estimate. */
export interface DragFactors {
  readonly head: number;
  readonly skirt: number;
  readonly trailer: number;
  readonly lift: number;
  /** blades and plates */
  readonly blade: number;
  /** the angle a head falls at: its logarithm, in radians, is added to it */
  readonly posture: number;
  /** mass of the head beside what is stamped on it */
  readonly mass: number;
}
export type FactorName = keyof DragFactors;
export const FACTOR_NAMES: readonly FactorName[] = ['head', 'skirt', 'trailer', 'lift', 'blade', 'posture', 'mass'];

export const UNIT_FACTORS: DragFactors = { head: 1, skirt: 1, trailer: 1, lift: 1, blade: 1, posture: 1, mass: 1 };

/** How unsure the angle of a fall is, degrees. @source adr-0025 */
const POSTURE_SD_DEG = 5;

/** Standard deviation of the logarithm of each factor before any test. @source adr-0005, adr-0025 for posture and mass */
export const FACTOR_SD: DragFactors = {
  head: 0.1,
  skirt: 0.2,
  trailer: 0.25,
  lift: 0.35,
  blade: 0.25,
  posture: radFromDeg(POSTURE_SD_DEG),
  mass: 0.04,
};

/** What is known of the factors of a rig with one kind of trailer: the best estimate, and how unsure its logarithms are together. */
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

/** The posterior in force in this thread; every body records the one it was made with. */
const untested = (): KnownFactors => UNTESTED;
let inForce: (kind: TrailerKind | null) => KnownFactors = untested;
/** Puts in force what tests taught; bodies made before keep what they were made with. */
export const putInForce = (known: ((kind: TrailerKind | null) => KnownFactors) | null): void => {
  inForce = known ?? untested;
};
/** Version of the posterior in force: caches made under another version are stale. */
export const factorsMark = (): unknown => inForce;
export const knownFactors = (kind: TrailerKind | null): KnownFactors => inForce(kind);

/** Factors on top of the best estimate. */
export function onTopOf({ centre }: KnownFactors, factors: DragFactors): DragFactors {
  if (centre === UNIT_FACTORS) return factors;
  return {
    head: centre.head * factors.head,
    skirt: centre.skirt * factors.skirt,
    trailer: centre.trailer * factors.trailer,
    lift: centre.lift * factors.lift,
    blade: centre.blade * factors.blade,
    posture: centre.posture * factors.posture,
    mass: centre.mass * factors.mass,
  };
}

/**
 * Variance of a number that moves with the logarithms of some factors.
 * @param slopes  of the number against the logarithm of each
 */
export function varianceOf(
  { covariance }: KnownFactors,
  slopes: Readonly<Partial<Record<FactorName, number>>>,
): number {
  const names = FACTOR_NAMES.filter((name) => slopes[name] !== undefined);
  let variance = 0;
  for (const a of names) for (const b of names) variance += slopes[a]! * slopes[b]! * covariance[a][b];
  return Math.max(0, variance);
}
