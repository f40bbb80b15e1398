import type { RigBody } from '../rig/body/body';
import { BAND_80_SD } from '../units/band-80';
import type { Band } from './bands';
import { secondsToBottom, steadyFall, type SteadyFall } from './fall';
import type { DragFactors } from './fall-areas';
import type { Medium } from './medium';
import { linearBand, logBand } from './path-bands';

/**
 * 80 % band of the speed straight down, m/s: on a logarithmic scale.
 * @returns both 0 for a rig that does not sink
 * @source adr-0005, adr-0037
 */
export function fallBandMps(body: RigBody, medium: Medium, fall: SteadyFall, semiTight = 0): Band {
  if (!(fall.speedMps > 0)) return [0, 0];
  const speedOf = (factors: DragFactors): number => steadyFall(body, medium, semiTight, factors, fall.pathMps).speedMps;
  const band = logBand(body, speedOf);
  if (band !== null) return band;
  // lighter than it is taken for it may float
  const [low, high] = linearBand(body, speedOf) ?? [0, 0];
  return [Math.max(0, low), high];
}

/** 80 % band of the seconds to the bottom, s; null for a rig that does not sink. */
export const landsBandS = (
  body: RigBody,
  medium: Medium,
  fall: SteadyFall,
  depthM: number,
  semiTight = 0,
): Band | null =>
  logBand(body, (factors) =>
    secondsToBottom(body, medium, steadyFall(body, medium, semiTight, factors, fall.pathMps), depthM, semiTight),
  );

/** What else carries a fall aside, as a share of its speed: a bent wire, a skirt with a side. Estimate. @source adr-0037 */
export const ASIDE_SD = 0.05;

/**
 * 80 % band of how far a fall drifts sideways for each metre it falls, dimensionless: on a scale that begins at nought, since nobody knows the angle
 * of a fall well enough to rule that out.
 * @source adr-0037
 */
export function asideBand(body: RigBody, medium: Medium, fall: SteadyFall, semiTight = 0): Band {
  if (!(fall.speedMps > 0)) return [0, 0];
  const asideOf = (factors: DragFactors): number =>
    Math.tan(steadyFall(body, medium, semiTight, factors, fall.pathMps).glideRad);
  const [low, high] = linearBand(body, asideOf) ?? [0, 0];
  const reach = Math.hypot((high - low) / 2, BAND_80_SD * ASIDE_SD);
  const aside = Math.abs(Math.tan(fall.glideRad));
  return [Math.max(0, aside - reach), aside + reach];
}

/** The same as a speed, m/s. */
export function driftBandMps(body: RigBody, medium: Medium, fall: SteadyFall, semiTight = 0): Band {
  const [low, high] = asideBand(body, medium, fall, semiTight);
  return [low * fall.speedMps, high * fall.speedMps];
}
