import { type RigBody, TRAILER_NORMAL_CD } from '../rig/body/body';
import { frameAreas } from '../rig/body/frame';
import { onTopOf } from '../rig/body/known-factors';
import { LINE_DENSITY_KG_M3, lineDiameterMm, type LineKind } from '../tackle/gear';
import { GRAVITY_MPS2, lengthMFromMm } from '../units/units';
import { cylinderCd } from '../water/cylinder-and-sphere';
import { submergedWeightN } from './fall';
import type { Medium } from './medium';
import { UNIT_FACTORS, type DragFactors } from './fall-areas';
import { awakeAt } from './kick';
import { sweptMoment, sweptMomentSlope } from './drifting-line';
import { skirtDragAreaM2 } from './skirt-drag';

/** Of a kick's push, what holds a rig back that is pulled. @source adr-0003 */
export const PUSH_SHARE = 0.6;

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
    body.skirt === null ? 0 : skirtDragAreaM2(body.skirt, speedMps, medium.densityKgM3, medium.kinematicM2ps);
  return joined(lure, speedMps, awake, skirtM2, submergedWeightN(body, medium, factors));
}

/** The same with drag and weight of the skirt given, as the best estimate has them: bounds over a set of skirts put their extremes in here. */
export function joined(
  { body, medium, factors: beside }: Lure,
  speedMps: number,
  awake: number,
  bestSkirtM2: number,
  submergedN: number,
): TowedAreas {
  const factors = onTopOf(body.known, beside);
  const skirtM2 = factors.skirt * bestSkirtM2;
  const frame = body.frame === null ? NO_FRAME : frameAreas(body.frame, speedMps, medium.densityKgM3);
  const push = factors.trailer * PUSH_SHARE * body.pushM2 * awake;
  const face = (factors.trailer * body.trailerNormalM2) / TRAILER_NORMAL_CD;
  const blades = factors.blade * frame.dragM2;
  return {
    alongM2: factors.head * (body.head.axialM2 + body.wire.alongM2) + skirtM2 + push + blades + PLAN_SHARE * face,
    acrossM2:
      factors.head * (body.head.broadsideM2 + body.wire.acrossM2) +
      SKIRT_ACROSS_SHARE * skirtM2 +
      push +
      factors.trailer * body.trailerNormalM2 +
      blades,
    liftM2:
      factors.lift * factors.trailer * (body.trailer?.liftM2 ?? 0) * awake +
      (body.frame?.kind === 'spinner' ? bladeLiftTimes(factors) : factors.lift) * factors.blade * frame.liftM2,
    submergedN,
  };
}
/** So many times its best estimate is the lift of turning blades; never does it pull down. */
const bladeLiftTimes = ({ bladeLift }: Pick<DragFactors, 'bladeLift'>): number => Math.max(0, 1 + Math.log(bladeLift));
const NO_FRAME = { dragM2: 0, liftM2: 0 } as const;

/** A line between rod tip and lure. */
export interface Towline {
  readonly diameterM: number;
  /** of what it is made of: nylon and fluorocarbon sink, braid floats */
  readonly densityKgM3: number;
  /** height of the rod tip above the water, m */
  readonly tipM: number;
  /** on what of it is in the air, along the cast, from behind the rod, m/s; none where nobody says */
  readonly windMps?: number;
}

/** A line as it is sold, under a tip. */
export const towlineOf = (
  line: { readonly kind: LineKind; readonly lb: number },
  tipM: number,
  windMps = 0,
): Towline => ({
  diameterM: lengthMFromMm(lineDiameterMm(line.kind, line.lb)),
  densityKgM3: LINE_DENSITY_KG_M3[line.kind],
  tipM,
  windMps,
});

/** Air, and the drag of a line in it, about Re 50 to 500. @source white-2006 */
const AIR_KG_M3 = 1.2;
const LINE_IN_AIR_CD = 1.4;

/** How the wind lifts the dry part of a line away from the rod, N across the line, by its moment about the tip. */
function windLiftN({ diameterM, windMps = 0 }: Towline, lengthM: number, wetShare: number, cosine: number): number {
  if (windMps === 0) return 0;
  const acrossMps = windMps * Math.sqrt(Math.max(0, 1 - cosine * cosine));
  const dry = 1 - wetShare;
  return 0.25 * AIR_KG_M3 * LINE_IN_AIR_CD * diameterM * lengthM * dry * dry * acrossMps * Math.abs(acrossMps);
}

/**
 * What the weight of a line adds to that of its lure across the line, N per cosine of its angle: its moment about the rod tip, over its length. In
 * the water it is buoyed, in the air it is not. To first order the bow of the line changes nothing: its moment is that of the straight one.
 * @source adr-0025
 */
function lineWeightN({ diameterM, densityKgM3 }: Towline, lengthM: number, wetShare: number, medium: Medium): number {
  const perM = GRAVITY_MPS2 * (Math.PI / 4) * diameterM * diameterM * lengthM;
  const dry = 1 - wetShare;
  return 0.5 * perM * (densityKgM3 - medium.densityKgM3 * (1 - dry * dry));
}

/** Speed at which the first guess of the line's drag is made, m/s. */
const LINE_GUESS_MPS = 0.25;

/**
 * Drag moment about the tip of a line that swings like a pendulum, as a share of that of a line moving everywhere as fast as its lure; only
 * the wet part counts.
 */
const pendulum = (dry: number): number => (1 - dry * dry * dry * dry) / 4;

/** Terms of the force balance across the line, each divided by half the density. SI. */
interface Sweeps {
  readonly along: number;
  readonly acrossM2: number;
  /** speed at which the bow of the line turns the lure's side to the pull, m/s */
  readonly broadside: number;
  readonly lineM2: number;
  readonly dry: number;
  readonly load: number;
}

/** Speed across under a rod tip that stands still, in closed form. */
const heldAtTip = ({ along, acrossM2, broadside, lineM2, dry, load }: Sweeps): number =>
  balanced(
    along + 2 * acrossM2 * Math.abs(broadside),
    acrossM2 + lineM2 * pendulum(dry),
    load - acrossM2 * broadside * Math.abs(broadside),
  );

const DRIFT_ROUNDS = 12;
const CLOSE_MPS = 1e-9;
/** Speed across the line under a moving rod tip, by Newton's method: the resistance grows monotonically with speed, so it converges. */
function heldByDrift({ along, acrossM2, broadside, lineM2, dry, load }: Sweeps, tipMps: number, guess: number): number {
  let speed = guess;
  for (let round = 0; round < DRIFT_ROUNDS; round++) {
    const side = speed + broadside;
    const holds = along * speed + acrossM2 * side * Math.abs(side) + lineM2 * sweptMoment(tipMps, speed, dry) - load;
    const slope = along + 2 * acrossM2 * Math.abs(side) + lineM2 * sweptMomentSlope(tipMps, speed, dry);
    if (slope <= 0) break;
    const step = holds / slope;
    speed -= step;
    if (Math.abs(step) < CLOSE_MPS) break;
  }
  return speed;
}

/** Rounds in which bow and sweep of a line are brought together. */
const BOW_ROUNDS = 3;
/** Share of the first bow, got from a straight line, that is usually left in the end. */
const FIRST_BOW = 0.6;
/** A bow is found once it misses by no more, rad. */
const CLOSE_BOW_RAD = 2e-5;
/** Most that a line may bow at the lure against the straight one, rad. */
const MOST_BOW_RAD = 0.6;

/** How a line bows at a lure, and how fast that moves across it: found from step to step. */
export interface Bowed {
  bowRad: number;
  speedMps?: number;
}

/**
 * Speed of a towed rig across the straight line from tip to lure, downwards positive, m/s: the balance of what is left of its weight there with lift
 * and with drag, of the lure and of the line, both about the rod tip.
 *   B w |w| + A u v + l v |v| = 2 Wn / rho,  w = v + u bow,  Wn = W cos(theta) - 1/2 rho Lift u²
 * The line's own drag and weight bow it: at the lure it is steeper than the straight one by its moment over the pull, so that the lure, which lies along
 * it, is dragged a little broadside.
 * @param towMps    u, along the line, m/s
 * @param cosine    cosine of the line's angle below the horizontal
 * @param lengthM   rod tip to lure
 * @param wetShare  share of that in the water
 * @param tipMps    how fast the rod tip itself moves across the line, as where a boat drifts: so does the line there
 * @param told      where the search begins, and what it found: how much steeper the line is at the lure than straight, and the speed
 * @source adr-0010, adr-0025
 */
export function acrossLineMps(
  areas: TowedAreas,
  medium: Medium,
  towMps: number,
  cosine: number,
  line: Towline,
  lengthM: number,
  wetShare: number,
  tipMps = 0,
  told?: Bowed,
): number {
  const rho = medium.densityKgM3;
  const ownLineN = lineWeightN(line, lengthM, wetShare, medium) * cosine - windLiftN(line, lengthM, wetShare, cosine);
  const load = (2 * (areas.submergedN * cosine + ownLineN)) / rho - areas.liftM2 * towMps * towMps;
  const along = areas.alongM2 * towMps;
  // what pulls at the lure: drag along the line, and its weight down it
  const pull = along * towMps + (2 * areas.submergedN * Math.sqrt(Math.max(0, 1 - cosine * cosine))) / rho;
  const dry = 1 - wetShare;
  const rePerMps = line.diameterM / medium.kinematicM2ps;
  let speed = told?.speedMps ?? LINE_GUESS_MPS;
  // a bow, and how far the line would bow beyond it: the straight one first, then a guess, then where the two lead (secant)
  let [bow, before, missed] = [told?.bowRad ?? 0, 0, 0];
  for (let round = 0; round < BOW_ROUNDS; round++) {
    // the line's drag depends a little on the speed that is sought
    const fastestMps = Math.max(Math.abs(speed), Math.abs(tipMps));
    const lineM2 = cylinderCd(Math.max(1, fastestMps * rePerMps)) * line.diameterM * lengthM;
    const broadside = towMps * bow;
    const sweeps: Sweeps = { along, acrossM2: areas.acrossM2, broadside, lineM2, dry, load };
    speed = tipMps === 0 ? heldAtTip(sweeps) : heldByDrift(sweeps, tipMps, speed);
    const lineDrag =
      lineM2 * (tipMps === 0 ? pendulum(dry) * speed * Math.abs(speed) : sweptMoment(tipMps, speed, dry));
    const steeper = (lineDrag - (2 * ownLineN) / rho) / pull;
    if (!Number.isFinite(steeper)) break;
    const misses = Math.min(MOST_BOW_RAD, Math.max(-MOST_BOW_RAD, steeper)) - bow;
    const slope = round === 0 || bow === before ? 1 / FIRST_BOW : (misses - missed) / (before - bow);
    [before, missed] = [bow, misses];
    bow += misses / Math.max(1, slope);
    if (Math.abs(misses) < CLOSE_BOW_RAD) break;
  }
  if (told) [told.bowRad, told.speedMps] = [bow, speed];
  return speed;
}

/** Root of B v |v| + A u v = load without cancellation; it has the sign of the load. */
const balanced = (along: number, across: number, load: number): number =>
  load === 0 ? 0 : (2 * load) / (along + Math.sqrt(along * along + 4 * across * Math.abs(load)));

/** Drag of a line along itself, by its skin: share of its wetted area, about Re 1e5 of its length. @source adr-0028 */
export const LINE_SKIN_CD = 0.01;

/**
 * Pull of a rig and its line on the way back, once both run steadily: their drag along the line.
 *   F = 1/2 rho u² (A + c pi d L)
 * @param lengthM  of line in the water
 * @returns        N
 * @source adr-0028
 */
export function towPullN(lure: Lure, line: Towline, lengthM: number, towMps: number): number {
  const { alongM2 } = towedAreas(lure, towMps);
  const skinM2 = LINE_SKIN_CD * Math.PI * line.diameterM * lengthM;
  return 0.5 * lure.medium.densityKgM3 * towMps * towMps * (alongM2 + skinM2);
}
