import { fallenM, secondsToBottom, steadyFall, type SteadyFall } from '../motion/fall';
import type { Band } from '../motion/bands';
import { asideBand, fallBandMps, landsBandS } from '../motion/fall-bands';
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
  readonly bandLandsS: Band | null;
  /** how far it has drifted by then, m */
  readonly asideM: number;
  readonly bandAsideM: Band;
}

/**
 * Drops a rig beside others.
 * @param semiTight  share of its weight the line carries, 0 to 0.6
 */
export function fallerOf(rig: Rig, water: Water, semiTight: number): Faller {
  const body = rigBody(rig);
  const medium = mediumOf(water);
  const fall = steadyFall(body, medium, semiTight);
  const { depthM } = water;
  const [least, most] = asideBand(body, medium, fall, semiTight);
  return {
    ...{ rig, body, medium, fall, semiTight },
    landsS: secondsToBottom(body, medium, fall, depthM, semiTight),
    report: fallReport(rig, medium, semiTight, depthM),
    bandLandsS: landsBandS(body, medium, fall, depthM, semiTight),
    asideM: depthM * Math.abs(Math.tan(fall.glideRad)),
    bandAsideM: [depthM * least, depthM * most],
  };
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

/** A weight of head, with the weights that may fall as fast, oz. */
export interface FallingWeight {
  readonly oz: number;
  readonly band: Band;
}

/**
 * Weight of head with which a rig falls at a speed.
 * @returns null where none does
 */
export function weightThatFalls(rig: Rig, water: Water, mPerS: number, semiTight = 0): FallingWeight | null {
  const medium = mediumOf(water);
  const bodyAt = (weightOz: number): RigBody => rigBody({ ...rig, head: { ...rig.head, weightOz } });
  const speedAt = (weightOz: number): number => steadyFall(bodyAt(weightOz), medium, semiTight).speedMps;
  /** the nearest there is to one that falls as fast as that */
  const weightAt = (speed: number): number => {
    let [low, high] = [Math.log(LIGHTEST_OZ), Math.log(HEAVIEST_OZ)];
    for (let round = 0; round < ROUNDS; round++) {
      const middle = (low + high) / 2;
      if (speedAt(Math.exp(middle)) < speed) low = middle;
      else high = middle;
    }
    return Math.exp(high);
  };
  if (speedAt(LIGHTEST_OZ) > mPerS || speedAt(HEAVIEST_OZ) < mPerS) return null;
  const oz = weightAt(mPerS);
  const body = bodyAt(oz);
  const [slowest, fastest] = fallBandMps(body, medium, steadyFall(body, medium, semiTight), semiTight);
  return { oz, band: [weightAt((mPerS * mPerS) / fastest), weightAt((mPerS * mPerS) / slowest)] };
}
