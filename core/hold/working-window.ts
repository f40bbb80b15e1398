import type { Rig } from '../rig/parts/schema';
import { holdSpeedMps } from '../motion/level';
import { blowOverMps } from '../motion/roll';
import type { Lure, Towline } from '../motion/towed';
import { frameStartMps } from '../motion/vanes';
import { keeperSlipMps } from './keeper';

/** What ends the range of speeds at which a rig does its work. */
export type FastLimit = 'surface' | 'blow-over' | 'keeper-slip';

/** Speeds between which a rig works: its blades or tail alive, under water, upright, its plastic in place. m/s. */
export interface WorkingWindow {
  /** null when nothing on it has to come alive */
  readonly slowestMps: number | null;
  /** null when none of the limits lies within reach */
  readonly fastestMps: number | null;
  readonly limit: FastLimit | null;
}

/** Slowest speed at which blades or plate turn, or without them the tail kicks, m/s; null for still rigs. */
export function slowestWorkingMps({ body, medium, kickOnsetMps }: Lure): number | null {
  return body.frame ? frameStartMps(body.frame, medium.densityKgM3) : kickOnsetMps;
}

/**
 * @param distanceM  from the rod, m: half the cast
 */
export function workingWindow(rig: Rig, lure: Lure, line: Towline, distanceM: number): WorkingWindow {
  const limits: readonly (readonly [FastLimit, number | null])[] = [
    ['surface', holdSpeedMps(lure, line, distanceM, 0)],
    ['blow-over', blowOverMps(lure.body, lure.medium)],
    ['keeper-slip', keeperSlipMps(rig, lure.body, lure.medium)],
  ];
  let fastestMps: number | null = null;
  let limit: FastLimit | null = null;
  for (const [name, speedMps] of limits) {
    if (speedMps !== null && (fastestMps === null || speedMps < fastestMps)) [fastestMps, limit] = [speedMps, name];
  }
  return { slowestMps: slowestWorkingMps(lure), fastestMps, limit };
}
