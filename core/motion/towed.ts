import { type RigBody, TRAILER_NORMAL_CD } from '../rig/body/body';
import { frameAreas } from '../rig/body/frame';
import { cylinderCd } from './cylinder-and-sphere';
import { PUSH_SHARE, submergedWeightN, UNIT_FACTORS, type DragFactors, type Medium } from './fall';
import { awakeAt } from './kick';
import { skirtDragAreaM2 } from './skirt-drag';

/** A rig on a line, with what the temperature makes of its tail: everything a retrieve needs besides the plan. */
export interface Lure {
  readonly body: RigBody;
  readonly medium: Medium;
  /** speed at which its tail begins to kick, m/s; null for a still tail */
  readonly kickOnsetMps: number | null;
  readonly factors: DragFactors;
}

export const lureOf = (
  body: RigBody,
  medium: Medium,
  kickOnsetMps: number | null,
  factors: DragFactors = UNIT_FACTORS,
): Lure => ({ body, medium, kickOnsetMps, factors });

/** How a towed rig meets the water at one speed. SI. */
export interface TowedAreas {
  /** resists sinking in proportion to the pull: what streams along the line */
  readonly alongM2: number;
  /** resists sinking by itself: what lies across the line, the line's own part left out */
  readonly acrossM2: number;
  readonly liftM2: number;
  readonly submergedN: number;
}

/** Shares of plan area and skirt that count along and across the pull. @source adr-0010 */
const PLAN_SHARE = 0.5;
const SKIRT_ACROSS_SHARE = 0.6;
/** Speed at which parts are looked at while nothing pulls, m/s. @source adr-0010 */
const AT_REST_MPS = 0.15;

/**
 * Areas of a rig pulled through the water.
 * @param towMps  along the line, m/s; at rest a slow drift is assumed
 * @source adr-0010
 */
export function towedAreas(lure: Lure, towMps: number): TowedAreas {
  const { body, medium, factors } = lure;
  const speedMps = Math.max(towMps, AT_REST_MPS);
  const awake = awakeAt(lure.kickOnsetMps, speedMps);
  const skirtM2 =
    body.skirt === null
      ? 0
      : factors.skirt * skirtDragAreaM2(body.skirt, speedMps, medium.densityKgM3, medium.kinematicM2ps);
  return joined(lure, speedMps, awake, skirtM2, submergedWeightN(body, medium));
}

/** The same with drag and weight of the skirt given: bounds over a set of skirts put their extremes in here. */
export function joined(
  { body, medium, factors }: Lure,
  speedMps: number,
  awake: number,
  skirtM2: number,
  submergedN: number,
): TowedAreas {
  const frame = body.frame === null ? NO_FRAME : frameAreas(body.frame, speedMps, medium.densityKgM3);
  const push = factors.trailer * PUSH_SHARE * body.pushM2 * awake;
  const face = (factors.trailer * body.trailerNormalM2) / TRAILER_NORMAL_CD;
  const blades = factors.blade * frame.dragM2;
  return {
    alongM2: factors.head * body.head.axialM2 + skirtM2 + push + blades + PLAN_SHARE * face,
    acrossM2:
      factors.head * body.head.broadsideM2 +
      SKIRT_ACROSS_SHARE * skirtM2 +
      push +
      factors.trailer * body.trailerNormalM2 +
      blades,
    liftM2: factors.lift * (factors.trailer * (body.trailer?.liftM2 ?? 0) * awake + factors.blade * frame.liftM2),
    submergedN,
  };
}
const NO_FRAME = { dragM2: 0, liftM2: 0 } as const;

/** A line between rod tip and lure. */
export interface Towline {
  readonly diameterM: number;
  /** height of the rod tip above the water, m */
  readonly tipM: number;
}

/** Speed at which the first guess of the line's drag is made, m/s. */
const LINE_GUESS_MPS = 0.25;

/** Drag area of the wet part of a line that swings about the rod tip like a pendulum, m². */
function lineDragM2(
  diameterM: number,
  lengthM: number,
  wetShare: number,
  acrossLineMps: number,
  medium: Medium,
): number {
  const cd = cylinderCd(Math.max(1, (acrossLineMps * diameterM) / medium.kinematicM2ps));
  const dry = 1 - wetShare;
  return cd * diameterM * (lengthM / 4) * (1 - dry * dry * dry * dry);
}

/**
 * Speed of a towed rig across its line, downwards positive, m/s: the balance of what is left of its weight there with lift
 * and with drag.
 *   B v |v| + A u v = 2 Wn / rho,  Wn = W cos(theta) - 1/2 rho Lift u²
 * @param towMps    u, along the line, m/s
 * @param cosine    cosine of the line's angle below the horizontal
 * @param lengthM   rod tip to lure
 * @param wetShare  share of that in the water
 * @source adr-0010
 */
export function acrossLineMps(
  areas: TowedAreas,
  medium: Medium,
  towMps: number,
  cosine: number,
  line: Towline,
  lengthM: number,
  wetShare: number,
): number {
  const rho = medium.densityKgM3;
  const loadN = areas.submergedN * cosine - 0.5 * rho * areas.liftM2 * towMps * towMps;
  if (loadN === 0) return 0;
  const load = (2 * Math.abs(loadN)) / rho;
  const along = areas.alongM2 * towMps;
  // the line's drag depends a little on the speed that is sought: a guess, and once more with what it gave
  const guessed = areas.acrossM2 + lineDragM2(line.diameterM, lengthM, wetShare, LINE_GUESS_MPS, medium);
  const first = balanced(along, guessed, load);
  const across = areas.acrossM2 + lineDragM2(line.diameterM, lengthM, wetShare, first, medium);
  const speed = balanced(along, across, load);
  return loadN > 0 ? speed : -speed;
}

/** Root of B v² + A u v = load without cancellation. */
const balanced = (along: number, across: number, load: number): number =>
  (2 * load) / (along + Math.sqrt(along * along + 4 * across * load));
