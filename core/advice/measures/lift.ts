import { mediumAt } from '../../motion/medium';
import { onsetOfMps } from '../../motion/kick';
import { levelDepthM } from '../../motion/level';
import { lureOf } from '../../motion/towed';
import { rigBody } from '../../rig/body/body';
import { DEFAULT_SKIRT, plainHead } from '../../rig/parts/catalogue';
import { headOf } from '../../rig/body/part-mass';
import { uncutTrailer, type Rig } from '../../rig/parts/schema';
import type { TrailerKind } from '../../tackle/trailers';
import { lengthMFromIn, mmFromLengthM } from '../../units/units';
import { COMPARED_LINE, HALF_CAST_M } from './retrieve-measures';
import { USUAL_REEL_MPS } from './working-speed';

/** How deep one vibrating jig runs with a tail and with a flat body behind it: what anglers part on, by the numbers. */
export interface WhatLifts {
  /** with a 3 3/4 in paddle-tail, m */
  readonly tailRunsM: number;
  /** with a 4 in flat bug, its face level, m */
  readonly bodyRunsM: number;
}

const PLAIN = { softness: 'medium', colour: 'green pumpkin' } as const;

/** A half-ounce vibrating jig with a standard plate, and one of two trailers. */
function plated(kind: TrailerKind, lengthIn: number): Rig {
  return {
    family: 'vibrating',
    head: headOf(plainHead('swim', 1 / 2, false)),
    guard: null,
    skirt: { ...DEFAULT_SKIRT, thinned: 0, trim: 'none', colour: PLAIN.colour },
    trailer: uncutTrailer({ kind, lengthMm: mmFromLengthM(lengthMFromIn(lengthIn)), ...PLAIN }),
    blade: { size: 'standard', link: 'direct', finish: 'black' },
  };
}

/**
 * @param waterTempC  °C, 0 to 40
 * @returns           depths half way back at an ordinary retrieve; the shallower one is what lifts more
 */
export function whatLifts(waterTempC: number): WhatLifts {
  const runs = (rig: Rig): number => {
    const lure = lureOf(rigBody(rig), mediumAt(waterTempC), onsetOfMps(rig.trailer, waterTempC));
    return levelDepthM(lure, COMPARED_LINE, HALF_CAST_M, USUAL_REEL_MPS);
  };
  return { tailRunsM: runs(plated('paddle-tail', 3.75)), bodyRunsM: runs(plated('flat-bug', 4)) };
}
