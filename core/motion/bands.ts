import type { RigBody } from '../rig/body';
import { UNIT_FACTORS, steadyFall, type DragFactors, type Medium, type SteadyFall } from './fall';

/** Standard deviation of the logarithm of each factor. @source adr-0005 */
export const FACTOR_SD: DragFactors = { head: 0.1, skirt: 0.2, trailer: 0.25, lift: 0.35 };

/** Half width of a central 80 % band of a normal variable, in standard deviations. */
export const BAND_80_SD = 1.2815515655446004;

const NUDGE = 0.01;

/**
 * 80 % band of the fall speed: how the speed moves with each unknown factor (one-sided differences of logarithms), joined as
 * independent log-normals.
 * @returns low and high end, m/s; both 0 for a rig that does not sink
 * @source adr-0005
 */
export function fallBandMps(
  body: RigBody,
  medium: Medium,
  fall: SteadyFall,
  semiTight = 0,
): readonly [lowMps: number, highMps: number] {
  if (fall.speedMps <= 0) return [0, 0];
  let variance = 0;
  for (const name of ['head', 'skirt', 'trailer', 'lift'] as const) {
    if (name === 'skirt' && body.skirt === null) continue;
    if ((name === 'trailer' || name === 'lift') && body.trailer === null) continue;
    const nudged: DragFactors = { ...UNIT_FACTORS, [name]: Math.exp(NUDGE) };
    const moved = steadyFall(body, medium, semiTight, nudged, fall.pathMps);
    variance += ((Math.log(moved.speedMps / fall.speedMps) / NUDGE) * FACTOR_SD[name]) ** 2;
  }
  const reach = Math.exp(BAND_80_SD * Math.sqrt(variance));
  return [fall.speedMps / reach, fall.speedMps * reach];
}
