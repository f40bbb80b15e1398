import { TRAILER_KINDS, type TrailerKind } from '../tackle/trailers';
import { BAND_80_SD } from '../units/band-80';
import type { RigBody } from '../rig/body/body';
import {
  FACTOR_NAMES,
  FACTOR_SD,
  putInForce,
  UNTESTED,
  type DragFactors,
  type FactorName,
  type KnownFactors,
} from '../rig/body/known-factors';
import type { Band } from './bands';

/** Unknown factors by name; every kind of trailer has its own. */
export type FactorKey = 'head' | 'skirt' | 'lift' | 'blade' | 'posture' | 'mass' | `trailer:${TrailerKind}`;

export const FACTOR_KEYS: readonly FactorKey[] = [
  'head',
  'skirt',
  'lift',
  'blade',
  'posture',
  'mass',
  ...TRAILER_KINDS.map((kind): FactorKey => `trailer:${kind}`),
];

/** What is believed about the logarithms of all factors: a joint normal in the order of FACTOR_KEYS. Plain data. */
export interface Belief {
  readonly mean: readonly number[];
  readonly covariance: readonly (readonly number[])[];
}

const sdOf = (key: FactorKey): number => FACTOR_SD[key.startsWith('trailer:') ? 'trailer' : (key as keyof DragFactors)];

/** Before any test: every factor 1, each unsure by itself. @source adr-0012 */
export const priorBelief = (): Belief => ({
  mean: FACTOR_KEYS.map(() => 0),
  covariance: FACTOR_KEYS.map((key, row) => FACTOR_KEYS.map((_, column) => (row === column ? sdOf(key) ** 2 : 0))),
});

/** Factors of a rig with a kind of trailer, from logarithms in the order of FACTOR_KEYS. */
export function factorsAt(logs: readonly number[], kind: TrailerKind | null): DragFactors {
  const at = (key: FactorKey): number => Math.exp(logs[FACTOR_KEYS.indexOf(key)]!);
  return {
    head: at('head'),
    skirt: at('skirt'),
    lift: at('lift'),
    blade: at('blade'),
    posture: at('posture'),
    mass: at('mass'),
    trailer: kind === null ? 1 : at(`trailer:${kind}`),
  };
}

/** A number of one rig above 0 that follows from its factors, such as a speed; null where there is none. */
export interface Predicted {
  readonly kind: TrailerKind | null;
  readonly numberOf: (factors: DragFactors) => number | null;
}

/** Half-width of the central differences for the sensitivities, in log units. */
const NUDGE = 0.05;

/** Logarithm of a quantity and its gradient with respect to the log factors, by central differences. Null where there is no number. */
function slopes({ kind, numberOf }: Predicted, logs: readonly number[]): { log: number; row: number[] } | null {
  const logOf = (at: readonly number[]): number | null => {
    const value = numberOf(factorsAt(at, kind));
    return value === null || !(value > 0) ? null : Math.log(value);
  };
  const log = logOf(logs);
  if (log === null) return null;
  const row: number[] = [];
  for (const [at, key] of FACTOR_KEYS.entries()) {
    if (key.startsWith('trailer:') && key !== `trailer:${kind}`) {
      row.push(0);
      continue;
    }
    const nudged = (by: number): number | null =>
      logOf(logs.map((value, place) => (place === at ? value + by : value)));
    const [up, down] = [nudged(NUDGE), nudged(-NUDGE)];
    if (up === null || down === null) return null;
    row.push((up - down) / (2 * NUDGE));
  }
  return { log, row };
}

const times = (matrix: readonly (readonly number[])[], row: readonly number[]): number[] =>
  matrix.map((line) => line.reduce((sum, value, at) => sum + value * row[at]!, 0));
const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, at) => sum + value * b[at]!, 0);

/**
 * A number and its 80 % band under what is believed.
 * @returns null where the model has no number
 */
export function predict(belief: Belief, predicted: Predicted): { readonly value: number; readonly band: Band } | null {
  const found = slopes(predicted, belief.mean);
  if (found === null) return null;
  const sd = Math.sqrt(Math.max(0, dot(found.row, times(belief.covariance, found.row))));
  return {
    value: Math.exp(found.log),
    band: [Math.exp(found.log - BAND_80_SD * sd), Math.exp(found.log + BAND_80_SD * sd)],
  };
}

const ROUNDS = 4;

/**
 * Takes one measurement in: Gaussian in the logarithms, slopes taken anew at each round's answer (iterated Kalman step). Rigs
 * that share a part share what was learnt about it.
 * @param measured  the number as measured, above 0
 * @param noiseSd   standard deviation of its logarithm: watch, tape, counting
 * @returns         the new belief; the old one when the model has no number for this rig
 * @source adr-0012
 */
export function learn(belief: Belief, predicted: Predicted, measured: number, noiseSd: number): Belief {
  let mean = [...belief.mean];
  let gain: number[] = [];
  let row: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const found = slopes(predicted, mean);
    if (found === null) return belief;
    row = found.row;
    const carried = times(belief.covariance, row);
    const variance = dot(row, carried) + noiseSd ** 2;
    gain = carried.map((value) => value / variance);
    const surprise =
      Math.log(measured) -
      found.log -
      dot(
        row,
        belief.mean.map((value, at) => value - mean[at]!),
      );
    mean = belief.mean.map((value, at) => value + gain[at]! * surprise);
  }
  const spread = times(belief.covariance, row);
  return {
    mean,
    covariance: belief.covariance.map((line, at) => line.map((value, column) => value - gain[at]! * spread[column]!)),
  };
}

/** Noise of a stopwatch, s, and of tape or line counter, share. @source adr-0012 */
const WATCH_S = 0.15;
const TAPE_SHARE = 0.03;
/** Noise of counting handle turns in ten seconds, turns, and of judging when it breaks the surface, share. @source adr-0012 */
const TURNS_OFF = 0.25;
const SURFACE_SHARE = 0.04;

/** Standard deviation of the logarithm of a timed drop; the hand differs from time to time, the tape does not. */
export const dropNoiseSd = (seconds: number, times = 1, watchS = WATCH_S): number =>
  Math.hypot(Math.max(WATCH_S, watchS) / seconds / Math.sqrt(times), TAPE_SHARE);
/** Standard deviation of the logarithm of a wake speed from turns of the handle in ten seconds. */
export const wakeNoiseSd = (turns: number, times = 1): number =>
  Math.hypot(TURNS_OFF / turns / Math.sqrt(times), SURFACE_SHARE);

/** A body as it is before any test: what is learnt is told against that. */
export const untested = (body: RigBody): RigBody => ({ ...body, known: UNTESTED });

/** What a belief says of rigs with one kind of trailer; without one that factor says nothing. */
export function knownOf(belief: Belief, kind: TrailerKind | null): KnownFactors {
  const placeOf = (name: FactorName): number =>
    name === 'trailer' ? (kind === null ? -1 : FACTOR_KEYS.indexOf(`trailer:${kind}`)) : FACTOR_KEYS.indexOf(name);
  const at = FACTOR_NAMES.map((name) => [name, placeOf(name)] as const);
  const joint = (row: number, column: number): number =>
    row === -1 || column === -1 ? 0 : belief.covariance[row]![column]!;
  return {
    centre: factorsAt(belief.mean, kind),
    covariance: Object.fromEntries(
      at.map(([name, row]) => [name, Object.fromEntries(at.map(([other, column]) => [other, joint(row, column)]))]),
    ) as KnownFactors['covariance'],
  };
}

/** Whether a belief, as it was written somewhere, is of the factors there are today. */
export const isBelief = (value: unknown): value is Belief => {
  const { mean, covariance } = (value ?? {}) as Partial<Belief>;
  const isRow = (row: unknown): boolean =>
    Array.isArray(row) && row.length === FACTOR_KEYS.length && row.every((one) => Number.isFinite(one));
  return (
    isRow(mean) && Array.isArray(covariance) && covariance.length === FACTOR_KEYS.length && covariance.every(isRow)
  );
};

/** Puts a posterior in force in this thread from now on; null for the prior. */
export function calibrateBy(belief: Belief | null): void {
  if (belief === null) return putInForce(null);
  const known = new Map<TrailerKind | null, KnownFactors>();
  putInForce((kind) => {
    const of = known.get(kind) ?? knownOf(belief, kind);
    known.set(kind, of);
    return of;
  });
}
