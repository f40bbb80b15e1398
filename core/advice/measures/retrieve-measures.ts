import { workingWindow } from '../../hold/working-window';
import { holdSpeedMps, levelDepthM } from '../../motion/level';
import { lineByHand, type HandFactor } from '../../motion/hand';
import { linearBand, logBand } from '../../motion/path-bands';
import { lureOf, towlineOf, type Lure, type Towline } from '../../motion/towed';
import type { Band } from '../../motion/bands';
import type { Medium } from '../../motion/medium';
import type { DragFactors } from '../../motion/fall-areas';
import type { RigBody } from '../../rig/body/body';
import type { Rig } from '../../rig/parts/schema';
import type { REELED_WANTS } from '../rules/rule';
import type { Reel } from '../conditions/water-facts';

/** Line, tip and cast with which rigs are compared; every one gets the same. @source craft-practice */
export const COMPARED = {
  line: { kind: 'fluorocarbon', lb: 15 },
  tipM: 1,
  castM: 25,
} as const;

export const COMPARED_LINE: Towline = towlineOf(COMPARED.line, COMPARED.tipM);
export const HALF_CAST_M = COMPARED.castM / 2;

/** A question that does not apply to a rig costs it nothing: a still tail cannot die. */
export const NOT_ASKED = Infinity;

type ReeledNumbers = Readonly<Record<(typeof REELED_WANTS)[number], number>>;

/** A rig where nothing is reeled. */
export const NOT_REELED: ReeledNumbers = { run: NOT_ASKED, hold: NOT_ASKED, window: NOT_ASKED, kick: NOT_ASKED };

/** 80 % bands of where a rig runs and at which speed it holds; absent where there is no number. */
export interface ReeledBands {
  readonly run?: Band;
  readonly hold?: Band;
}

/** What of the hand bears on a level run, and on the speed that keeps it there. */
export const HOLD_HAND: readonly HandFactor[] = ['cast', 'tip', 'diameter'];
export const LEVEL_HAND: readonly HandFactor[] = ['reel', ...HOLD_HAND];

/** Bands of the two numbers that depend on drag and lift nobody knows exactly; surface and bottom cut them. */
export function reeledBands(
  body: RigBody,
  medium: Medium,
  kickOnsetMps: number | null,
  { paceMps, depthM, line = COMPARED_LINE }: Reel,
  bottomM: number,
): ReeledBands {
  const lureWith = (factors: DragFactors): Lure => lureOf(body, medium, kickOnsetMps, factors);
  const run = linearBand(
    body,
    (factors) =>
      levelDepthM(
        lureWith(factors),
        lineByHand(line, factors),
        HALF_CAST_M * factors.cast,
        paceMps * factors.reel,
        bottomM,
      ),
    LEVEL_HAND,
  );
  const hold = logBand(
    body,
    (factors) => holdSpeedMps(lureWith(factors), lineByHand(line, factors), HALF_CAST_M * factors.cast, depthM),
    HOLD_HAND,
  );
  return {
    ...(run ? { run: [Math.max(0, run[0]), Math.min(bottomM, run[1])] } : {}),
    ...(hold ? { hold } : {}),
  };
}

/**
 * How a rig runs half way back at a pace, on the line it is brought back with.
 * @param bottomM  depth of the water: nothing runs deeper
 * @returns        run m; hold m/s, 0 when nothing holds it there; window and kick as ratios, `NOT_ASKED` where they say nothing
 */
export function reeledNumbers(
  rig: Rig,
  body: RigBody,
  medium: Medium,
  kickOnsetMps: number | null,
  { paceMps, depthM, line = COMPARED_LINE }: Reel,
  bottomM: number,
): ReeledNumbers {
  const lure = lureOf(body, medium, kickOnsetMps);
  const window = workingWindow(rig, lure, line, HALF_CAST_M);
  return {
    run: levelDepthM(lure, line, HALF_CAST_M, paceMps, bottomM),
    hold: holdSpeedMps(lure, line, HALF_CAST_M, depthM) ?? 0,
    window: Math.min(
      window.slowestMps === null ? NOT_ASKED : paceMps / window.slowestMps,
      window.fastestMps === null ? NOT_ASKED : window.fastestMps / paceMps,
    ),
    kick: kickOnsetMps === null ? NOT_ASKED : paceMps / kickOnsetMps,
  };
}
