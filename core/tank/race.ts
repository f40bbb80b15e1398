import { fallenM, secondsToBottom, steadyFall, type SteadyFall } from '../motion/fall';
import { mediumOf, type Medium } from '../motion/medium';
import { fallReport, type FallReport } from '../motion/report';
import { rigBody, type RigBody } from '../rig/body/body';
import { PART_LIMITS, type Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';

/** A rig that is dropped to the bottom. SI. */
export interface Faller {
  readonly rig: Rig;
  readonly body: RigBody;
  readonly medium: Medium;
  readonly fall: SteadyFall;
  /** share of its weight the line carries */
  readonly semiTight: number;
  readonly report: FallReport;
  /** null where it floats */
  readonly landsS: number | null;
}

/**
 * Drops a rig beside others.
 * @param semiTight  share of its weight the line carries, 0 to 0.6
 */
export function fallerOf(rig: Rig, water: Water, semiTight: number): Faller {
  const body = rigBody(rig);
  const medium = mediumOf(water);
  const fall = steadyFall(body, medium, semiTight);
  const landsS = secondsToBottom(body, medium, fall, water.depthM, semiTight);
  return { rig, body, medium, fall, semiTight, report: fallReport(rig, medium, semiTight, water.depthM), landsS };
}

/** Where it is some seconds after it was let go: m down and aside. */
export function fallerAt(
  faller: Faller,
  timeS: number,
  depthM: number,
): { readonly zM: number; readonly asideM: number } {
  const zM = Math.min(depthM, fallenM(faller.body, faller.medium, faller.fall, Math.max(0, timeS), faller.semiTight));
  return { zM, asideM: zM * Math.tan(faller.fall.glideRad) };
}

const { min: LIGHTEST_OZ, max: HEAVIEST_OZ } = PART_LIMITS.weightOz;
/** Halvings until a weight is found. */
const ROUNDS = 40;

/**
 * Weight of head with which a rig falls at a speed.
 * @returns oz; null where none does
 */
export function weightThatFalls(rig: Rig, water: Water, mPerS: number, semiTight = 0): number | null {
  const medium = mediumOf(water);
  const speedAt = (weightOz: number): number =>
    steadyFall(rigBody({ ...rig, head: { ...rig.head, weightOz } }), medium, semiTight).speedMps;
  if (speedAt(LIGHTEST_OZ) > mPerS || speedAt(HEAVIEST_OZ) < mPerS) return null;
  let [low, high] = [Math.log(LIGHTEST_OZ), Math.log(HEAVIEST_OZ)];
  for (let round = 0; round < ROUNDS; round++) {
    const middle = (low + high) / 2;
    if (speedAt(Math.exp(middle)) < mPerS) low = middle;
    else high = middle;
  }
  return Math.exp(high);
}
