import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { degFromRad } from '../units/units';
import { fallBandMps } from './fall-bands';
import { SEMI_TIGHT_MAX, secondsToBottom, steadyFall } from './fall';
import type { Medium } from './medium';
import { fishesLikeOz } from './fishes-like';

/** A fall in the shape of files and the command line. */
export interface FallReport {
  readonly speedMps: number;
  readonly bandMps: readonly [low: number, high: number];
  /** null without a depth, or when it does not sink */
  readonly secondsToBottom: number | null;
  /** null when no head between 1/64 and 8 oz with a plain chunk falls as fast */
  readonly fishesLikeOz: number | null;
  readonly attitudeDeg: number;
  readonly driftMps: number;
}

/** Share of the weight on the line in what anglers call a semi-tight fall. @source craft-practice (it falls about half as fast) */
export const SEMI_TIGHT_USUAL = 0.5;

/** Temperature used when nobody gave one, °C. */
export const DEFAULT_TEMP_C = 15;

/**
 * Everything about the fall of a rig.
 * @param semiTight   0 to 0.6
 * @param depthM      for the seconds to the bottom
 * @throws RangeError when a caller lets a value outside these through
 */
export function fallReport(rig: Rig, medium: Medium, semiTight = 0, depthM: number | null = null): FallReport {
  if (!(semiTight >= 0 && semiTight <= SEMI_TIGHT_MAX)) {
    throw new RangeError(`fallReport: semiTight ${semiTight} is outside 0 to ${SEMI_TIGHT_MAX}`);
  }
  const body = rigBody(rig);
  const fall = steadyFall(body, medium, semiTight);
  return {
    speedMps: fall.speedMps,
    bandMps: fallBandMps(body, medium, fall, semiTight),
    secondsToBottom: depthM === null ? null : secondsToBottom(body, medium, fall, depthM, semiTight),
    fishesLikeOz: fall.speedMps > 0 ? fishesLikeOz(rig, medium, fall.speedMps, semiTight) : null,
    attitudeDeg: degFromRad(fall.attitudeRad),
    driftMps: Math.abs(fall.driftMps),
  };
}
