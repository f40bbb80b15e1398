import type { RigBody } from '../rig/body/body';
import { varianceOf, type FactorName } from '../rig/body/known-factors';
import { BAND_80_SD } from '../units/band-80';
import { steadyFall, type SteadyFall } from './fall';
import type { Medium } from './medium';
import { UNIT_FACTORS, type DragFactors } from './fall-areas';

export { FACTOR_SD } from '../rig/body/known-factors';

/** The uncertain factors that affect this rig. */
export const factorsOf = (body: RigBody): (keyof DragFactors)[] => [
  'head',
  'posture',
  'mass',
  ...(body.skirt ? (['skirt'] as const) : []),
  ...(body.trailer ? (['trailer'] as const) : []),
  ...(body.trailer && !body.trailer.isWeighed ? (['batch'] as const) : []),
  ...(body.trailer || body.frame ? (['lift'] as const) : []),
  ...(body.frame ? (['blade'] as const) : []),
];

const NUDGE = 0.01;

/** Low and high end of a central 80 % band. */
export type Band = readonly [low: number, high: number];

/**
 * 80 % band of a number that follows from a fall: how its logarithm moves with each unknown factor (one-sided differences),
 * joined as the log-normals they are known as.
 * @param numberOf  the number, above 0, in any unit
 * @returns         in that unit; both 0 for a rig that does not sink or a number that is 0
 * @source adr-0005
 */
export function fallBand(
  body: RigBody,
  medium: Medium,
  fall: SteadyFall,
  semiTight: number,
  numberOf: (fall: SteadyFall) => number,
): Band {
  const value = numberOf(fall);
  if (!(fall.speedMps > 0 && value > 0)) return [0, 0];
  const slopes: Partial<Record<FactorName, number>> = {};
  for (const name of factorsOf(body)) {
    const nudged: DragFactors = { ...UNIT_FACTORS, [name]: Math.exp(NUDGE) };
    const moved = numberOf(steadyFall(body, medium, semiTight, nudged, fall.pathMps));
    slopes[name] = Math.log(moved / value) / NUDGE;
  }
  const reach = Math.exp(BAND_80_SD * Math.sqrt(varianceOf(body.known, slopes)));
  return [value / reach, value * reach];
}

/** 80 % band of the speed straight down, m/s. */
export const fallBandMps = (body: RigBody, medium: Medium, fall: SteadyFall, semiTight = 0): Band =>
  fallBand(body, medium, fall, semiTight, ({ speedMps }) => speedMps);

/** 80 % band of the drift sideways, m/s. */
export const driftBandMps = (body: RigBody, medium: Medium, fall: SteadyFall, semiTight = 0): Band =>
  fallBand(body, medium, fall, semiTight, ({ driftMps }) => Math.abs(driftMps));
