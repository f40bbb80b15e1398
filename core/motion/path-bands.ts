import type { RigBody } from '../rig/body/body';
import { BAND_80_SD } from '../units/band-80';
import { FACTOR_SD, factorsOf, type Band } from './bands';
import { UNIT_FACTORS, type DragFactors } from './fall-areas';

/** Step of the differences, in standard deviations: wide enough to feel a bend, narrow enough to stay a slope. @source adr-0012 */
const STEP_SD = 0.6;

/**
 * 80 % band of a number on a scale that crosses zero or has ends, such as a depth: slopes against the logarithm of each unknown
 * factor by central differences, joined as independent normals.
 * @param numberOf  the number under some factors; null where there is none
 * @returns         in its unit, or null when a nudged factor leaves no number
 * @source adr-0012
 */
export function linearBand(
  body: RigBody,
  numberOf: (factors: DragFactors) => number | null,
  center = UNIT_FACTORS,
): Band | null {
  const value = numberOf(center);
  if (value === null) return null;
  let variance = 0;
  for (const name of factorsOf(body)) {
    const step = STEP_SD * FACTOR_SD[name];
    const up = numberOf({ ...center, [name]: center[name] * Math.exp(step) });
    const down = numberOf({ ...center, [name]: center[name] * Math.exp(-step) });
    if (up === null || down === null) return null;
    variance += ((up - down) / (2 * STEP_SD)) ** 2;
  }
  const reach = BAND_80_SD * Math.sqrt(variance);
  return [value - reach, value + reach];
}

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
