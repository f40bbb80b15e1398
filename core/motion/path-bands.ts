import type { RigBody } from '../rig/body/body';
import { BAND_80_SD } from '../units/band-80';
import { FACTOR_SD, UNTESTED, varianceOf, type FactorName, type KnownFactors } from '../rig/body/known-factors';
import { factorsOf, type Band } from './bands';
import { UNIT_FACTORS, type DragFactors } from './fall-areas';

/** Step of the differences, in standard deviations: wide enough to feel a bend, narrow enough to stay a slope. @source adr-0012 */
const STEP_SD = 0.6;

/** Numbers by name; null where there is none. */
type Numbers<Name extends PropertyKey> = Readonly<Record<Name, number | null>>;

/**
 * 80 % bands of several numbers that come of one run, on a scale that crosses zero or has ends, such as a depth: slopes against the logarithm of
 * each unknown factor by central differences, joined as the normals they are known as.
 * @param factors    names of the factors that bear on what is run
 * @param known      how unsure they are together
 * @param numbersOf  the numbers under some factors
 * @returns          in their units; null for each that a nudged factor leaves without a number
 * @source adr-0012
 */
export function linearBands<Name extends string | number>(
  factors: readonly (keyof DragFactors)[],
  numbersOf: (factors: DragFactors) => Numbers<Name>,
  known: KnownFactors = UNTESTED,
  center = UNIT_FACTORS,
): Readonly<Record<Name, Band | null>> {
  const values = numbersOf(center);
  const names = Object.keys(values) as Name[];
  const slopes = Object.fromEntries(names.map((name) => [name, values[name] === null ? null : {}])) as Record<
    Name,
    Partial<Record<FactorName, number>> | null
  >;
  for (const factor of factors) {
    const step = STEP_SD * FACTOR_SD[factor];
    const up = numbersOf({ ...center, [factor]: center[factor] * Math.exp(step) });
    const down = numbersOf({ ...center, [factor]: center[factor] * Math.exp(-step) });
    for (const name of names) {
      const [most, least, so] = [up[name], down[name], slopes[name]];
      slopes[name] =
        most === null || least === null || so === null ? null : { ...so, [factor]: (most - least) / (2 * step) };
    }
  }
  const bandOf = (name: Name): Band | null => {
    const [value, of] = [values[name], slopes[name]];
    if (value === null || of === null) return null;
    const reach = BAND_80_SD * Math.sqrt(varianceOf(known, of));
    return [value - reach, value + reach];
  };
  return Object.fromEntries(names.map((name) => [name, bandOf(name)])) as Record<Name, Band | null>;
}

/** The same of one number that follows from a rig. */
export const linearBand = (
  body: RigBody,
  numberOf: (factors: DragFactors) => number | null,
  center = UNIT_FACTORS,
): Band | null => linearBands(factorsOf(body), (factors) => ({ of: numberOf(factors) }), body.known, center).of;

/** The same on a logarithmic scale, for numbers that are above 0, such as speeds. */
export function logBand(
  body: RigBody,
  numberOf: (factors: DragFactors) => number | null,
  center = UNIT_FACTORS,
): Band | null {
  const logOf = (factors: DragFactors): number | null => {
    const value = numberOf(factors);
    return value === null || !(value > 0) || !Number.isFinite(value) ? null : Math.log(value);
  };
  const band = linearBand(body, logOf, center);
  return band === null ? null : [Math.exp(band[0]), Math.exp(band[1])];
}
