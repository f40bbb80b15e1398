import type { RigBody } from '../rig/body/body';
import { BAND_80_SD } from '../units/band-80';
import { FACTOR_SD, UNTESTED, type DragFactors, type FactorName, type KnownFactors } from '../rig/body/known-factors';
import { factorsOf, type Band } from './bands';
import { UNIT_FACTORS } from './fall-areas';
import { HAND_SD, isHandFactor, SURE_HAND, type HandFactor, type HandFactors } from './hand';

/** Step of the differences, in standard deviations: wide enough to feel a bend, narrow enough to stay a slope. @source adr-0012 */
const STEP_SD = 1.1;

/** Numbers by name; null where there is none. */
export type Numbers<Name extends PropertyKey> = Readonly<Record<Name, number | null>>;

/** Something nobody knows exactly: its name, and the standard deviation of its logarithm before any test. */
export interface Unknown<Of extends string = string> {
  readonly name: Of;
  readonly sd: number;
}

/** How far the logarithms of some unknowns are off; 0 for those that are not named. */
export type Logs<Of extends string> = Readonly<Partial<Record<Of, number>>>;

/**
 * 80 % bands of several numbers that come of one run, on a scale that crosses zero or has ends, such as a depth: slopes against the logarithm of
 * each unknown by central differences, joined as the normals they are known as.
 * @param covariance  of two of the unknowns as they are known now
 * @param numbersAt   the numbers under some logarithms
 * @returns           in their units; null for each that a nudged unknown leaves without a number
 * @source adr-0012
 */
export function bandsOver<Name extends string | number, Of extends string>(
  unknowns: readonly Unknown<Of>[],
  covariance: (a: Of, b: Of) => number,
  numbersAt: (logs: Logs<Of>) => Numbers<Name>,
): Readonly<Record<Name, Band | null>> {
  const nudged = (name: Of, log: number): Numbers<Name> => numbersAt({ [name]: log } as Logs<Of>);
  const values = numbersAt({} as Logs<Of>);
  const names = Object.keys(values) as Name[];
  const slopes = new Map<Name, number[] | null>(names.map((name) => [name, values[name] === null ? null : []]));
  for (const { name: of, sd } of unknowns) {
    const step = STEP_SD * sd;
    const [up, down] = [nudged(of, step), nudged(of, -step)];
    for (const name of names) {
      const [most, least, so] = [up[name], down[name], slopes.get(name)!];
      if (most === null || least === null || so === null) slopes.set(name, null);
      else so.push((most - least) / (2 * step));
    }
  }
  const bandOf = (name: Name): Band | null => {
    const [value, of] = [values[name], slopes.get(name)!];
    if (value === null || of === null) return null;
    let variance = 0;
    unknowns.forEach((a, row) =>
      unknowns.forEach((b, column) => (variance += of[row]! * of[column]! * covariance(a.name, b.name))),
    );
    const reach = BAND_80_SD * Math.sqrt(Math.max(0, variance));
    return [value - reach, value + reach];
  };
  return Object.fromEntries(names.map((name) => [name, bandOf(name)])) as Record<Name, Band | null>;
}

/** Factors of a run: those of the water on the rig, and those of the hand that brings it back. */
export type RunFactors = DragFactors & HandFactors;
export type RunFactor = keyof RunFactors;
export const SURE_FACTORS: RunFactors = { ...UNIT_FACTORS, ...SURE_HAND };

export const sdOf = (name: RunFactor): number => (isHandFactor(name) ? HAND_SD[name] : FACTOR_SD[name]);

/** Covariance of two factors of one rig: what the hand does differently is known by its spread alone, and goes with nothing. */
export const covarianceIn =
  ({ covariance }: KnownFactors) =>
  (a: RunFactor, b: RunFactor): number => {
    if (isHandFactor(a) || isHandFactor(b)) return a === b ? sdOf(a) ** 2 : 0;
    return covariance[a as FactorName][b as FactorName];
  };

/** Factors some logarithms away from others. */
export function awayFrom(center: RunFactors, logs: Logs<RunFactor>): RunFactors {
  const moved = { ...center };
  for (const [name, log] of Object.entries(logs)) moved[name as RunFactor] *= Math.exp(log);
  return moved;
}

/**
 * The same of numbers that follow from one rig.
 * @param factors    names of the factors that bear on what is run
 * @param numbersOf  the numbers under some factors
 */
export const linearBands = <Name extends string | number>(
  factors: readonly RunFactor[],
  numbersOf: (factors: RunFactors) => Numbers<Name>,
  known: KnownFactors = UNTESTED,
): Readonly<Record<Name, Band | null>> =>
  bandsOver(
    factors.map((name) => ({ name, sd: sdOf(name) })),
    covarianceIn(known),
    (logs) => numbersOf(Object.keys(logs).length === 0 ? SURE_FACTORS : awayFrom(SURE_FACTORS, logs)),
  );

/**
 * The same of one number that follows from a rig.
 * @param hand  factors of the hand that bear on it too
 */
export const linearBand = (
  body: RigBody,
  numberOf: (factors: RunFactors) => number | null,
  hand: readonly HandFactor[] = [],
): Band | null => linearBands([...factorsOf(body), ...hand], (factors) => ({ of: numberOf(factors) }), body.known).of;

/** The same on a logarithmic scale, for numbers that are above 0, such as speeds. */
export function logBand(
  body: RigBody,
  numberOf: (factors: RunFactors) => number | null,
  hand: readonly HandFactor[] = [],
): Band | null {
  const logOf = (factors: RunFactors): number | null => {
    const value = numberOf(factors);
    return value === null || !(value > 0) || !Number.isFinite(value) ? null : Math.log(value);
  };
  const band = linearBand(body, logOf, hand);
  return band === null ? null : [Math.exp(band[0]), Math.exp(band[1])];
}
