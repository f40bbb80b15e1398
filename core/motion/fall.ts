import type { RigBody, SkirtBody } from '../rig/body/body';
import { onTopOf } from '../rig/body/known-factors';
import { passingShare, skirtSpreadM, strandLoad } from '../rig/body/skirt-shape';
import { strandRoom } from '../rig/body/strand';
import { GRAVITY_MPS2 } from '../units/units';
import { fallAngleRad } from './attitude';
import { frameAreas } from '../rig/body/frame';
import { areasWithoutSkirt, UNIT_FACTORS, type DragFactors } from './fall-areas';
import type { Medium } from './medium';
import { skirtDragAreaM2 } from './skirt-drag';

/** A steady fall. Speeds in m/s, angles in rad. */
export interface SteadyFall {
  /** speed along the path */
  readonly pathMps: number;
  /** speed straight down; 0 when the rig weighs nothing in the water */
  readonly speedMps: number;
  /** speed sideways while it glides */
  readonly driftMps: number;
  /** path away from the vertical */
  readonly glideRad: number;
  /** body axis against the horizontal: pi/2 hangs nose down */
  readonly attitudeRad: number;
}

/** How much of the weight the line may carry on a semi-tight fall, dimensionless. */
export const SEMI_TIGHT_MAX = 0.6;

const MAX_STEPS = 40;
/** Powers of speed with which the force grows at most: beyond 2 where blades come to life. */
const STEEPEST = 8;
const TOLERANCE = 1e-9;

/**
 * Submerged weight, N: negative floats.
 * @param factors  beside what is known: mass of the head, which is as dense whatever it weighs, and density of the plastic, which is as large
 */
export function submergedWeightN(
  { massKg, volumeM3, head, trailer, known: { centre } }: RigBody,
  { densityKgM3 }: Medium,
  factors: Pick<DragFactors, 'mass' | 'batch'> = UNIT_FACTORS,
): number {
  const headKg = (centre.mass * factors.mass - 1) * (head.massKg - densityKgM3 * head.volumeM3);
  const plasticKg = trailer === null ? 0 : (centre.batch * factors.batch - 1) * trailer.massKg;
  return GRAVITY_MPS2 * (massKg - densityKgM3 * volumeM3 + headKg + plasticKg);
}

/** Drag and lift areas at a speed and angle, m². */
function areasAt(
  body: RigBody,
  medium: Medium,
  speedMps: number,
  { dragM2: fixedM2, skirtShare, liftM2 }: ReturnType<typeof areasWithoutSkirt>,
  bladeFactor: number,
): { dragM2: number; liftM2: number } {
  // blades that fall too slowly to turn hang, and brake less
  const frameM2 = body.frame === null ? 0 : bladeFactor * frameAreas(body.frame, speedMps, medium.densityKgM3).dragM2;
  const dragM2 = fixedM2 + frameM2;
  if (body.skirt === null) return { dragM2, liftM2 };
  const skirtM2 = skirtDragAreaM2(body.skirt, speedMps, medium.densityKgM3, medium.kinematicM2ps);
  return { dragM2: dragM2 + skirtShare * skirtM2, liftM2 };
}

/**
 * Steady fall of a rig: the speed at which drag and lift together carry its submerged weight.
 *   W (1 - k) = 1/2 rho U² sqrt(D² + L²); path leans by atan(L / D)
 * @param body       SI body of the rig
 * @param medium     water at its temperature
 * @param semiTight  share of the weight the line carries, 0 (slack) to 0.6
 * @param factors    multipliers beside what is known, for bands
 * @param guessMps   where to start looking, m/s; only speed depends on it
 * @returns          m/s and rad; a rig without weight in the water hangs still
 * @source adr-0003 (slender body for the trailer, bluff parts by cos²/sin² of their areas)
 */
export function steadyFall(
  body: RigBody,
  medium: Medium,
  semiTight = 0,
  factors: DragFactors = UNIT_FACTORS,
  guessMps = 0.5,
): SteadyFall {
  const all = onTopOf(body.known, factors);
  const angleRad = fallAngleRad(body, medium, semiTight, all.posture);
  const loadN = submergedWeightN(body, medium, factors) * (1 - semiTight);
  if (loadN <= 0) return { pathMps: 0, speedMps: 0, driftMps: 0, glideRad: 0, attitudeRad: Math.PI / 2 - angleRad };

  const logLoad = Math.log((2 * loadN) / medium.densityKgM3);
  let x = Math.log(guessMps);
  const fixed = areasWithoutSkirt(body, angleRad, all, 0);
  let areas = areasAt(body, medium, guessMps, fixed, all.blade);
  const excessAt = (logSpeed: number): number => {
    areas = areasAt(body, medium, Math.exp(logSpeed), fixed, all.blade);
    return 2 * logSpeed + 0.5 * Math.log(areas.dragM2 ** 2 + areas.liftM2 ** 2) - logLoad;
  };
  // force grows with speed to a power between 1 and 2, so a secant on logarithms with its slope held there closes in; where blades begin to turn
  // it grows faster, so that what has been passed on either side holds the search
  let excess = excessAt(x);
  let slope = 1.75;
  let [low, high] = [-Infinity, Infinity];
  for (let step = 0; step < MAX_STEPS && Math.abs(excess) > TOLERANCE; step++) {
    if (excess < 0) low = x;
    else high = x;
    const from = x;
    const before = excess;
    x -= excess / slope;
    if (x <= low || x >= high) x = (low + high) / 2;
    excess = excessAt(x);
    slope = Math.min(STEEPEST, Math.max(1, (excess - before) / (x - from)));
  }

  const pathMps = Math.exp(x);
  const glideRad = Math.atan2(areas.liftM2, areas.dragM2);
  return {
    pathMps,
    speedMps: pathMps * Math.cos(glideRad),
    driftMps: pathMps * Math.sin(glideRad),
    glideRad,
    attitudeRad: Math.PI / 2 - glideRad - angleRad,
  };
}

/** Water dragged along: share of displaced water. @source adr-0003 */
const ADDED_MASS_SHARE = 0.5;
/** A skirt closes while a rig gathers speed: the water it carries is that of half the speed it ends at. @source adr-0025 */
const CARRIED_AT = 0.5;

/** Water a skirt carries along, m³: of the room its strands span, the share that does not pass between them. */
export function carriedM3(skirt: SkirtBody, speedMps: number, densityKgM3: number): number {
  const roomM3 = strandRoom(skirt.flareAtRestRad, strandLoad(skirt, speedMps, densityKgM3)) * skirt.lengthM ** 3;
  return roomM3 * (1 - passingShare(skirt, skirtSpreadM(skirt, speedMps, densityKgM3)));
}

/**
 * Time from rest to the bottom, launch included: quadratic drag from a standing start, in closed form.
 * @param depthM  m, above 0
 * @returns       s, or null when the rig does not sink
 */
export function secondsToBottom(
  body: RigBody,
  medium: Medium,
  fall: SteadyFall,
  depthM: number,
  semiTight = 0,
): number | null {
  if (fall.speedMps <= 0) return null;
  const startMps2 = launchMps2(body, medium, fall, semiTight);
  const pathM = depthM / Math.cos(fall.glideRad);
  const y = (pathM * startMps2) / fall.pathMps ** 2;
  // acosh(e^y) without overflow
  return (fall.pathMps / startMps2) * (y + Math.log1p(Math.sqrt(-Math.expm1(-2 * y))));
}

/** How far it has fallen straight down some seconds after it was let go, m: the same standing start the other way round. */
export function fallenM(body: RigBody, medium: Medium, fall: SteadyFall, timeS: number, semiTight = 0): number {
  if (fall.speedMps <= 0) return 0;
  const startMps2 = launchMps2(body, medium, fall, semiTight);
  const x = (startMps2 * timeS) / fall.pathMps;
  // ln cosh(x) without overflow
  const pathM = (fall.pathMps ** 2 / startMps2) * (x + Math.log1p(Math.exp(-2 * x)) - Math.LN2);
  return pathM * Math.cos(fall.glideRad);
}

/** Acceleration of a rig just let go, m/s². */
function launchMps2(body: RigBody, medium: Medium, { pathMps }: SteadyFall, semiTight: number): number {
  const skirtWaterM3 = body.skirt === null ? 0 : carriedM3(body.skirt, CARRIED_AT * pathMps, medium.densityKgM3);
  const movedKg = body.massKg + medium.densityKgM3 * (ADDED_MASS_SHARE * body.volumeM3 + skirtWaterM3);
  return (submergedWeightN(body, medium) * (1 - semiTight)) / movedKg;
}
