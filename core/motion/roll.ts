import type { RigBody } from '../rig/body/body';
import type { Arms } from '../rig/parts/schema';
import { spinningDragM2 } from '../rig/body/frame';
import { GRAVITY_MPS2, lengthMFromMm, radFromDeg } from '../units/units';
import type { Medium } from './medium';

/** Angle at which a spinnerbait no longer comes back, and its righting arm as a share of the upper arm. @source adr-0010 */
const BLOW_OVER_DEG = 60;
const RIGHTING_SHARE = 0.35;
/** Sideways offset of the pull of the blades: of a straight arm, and of a bulky trailer's width. @source adr-0010 */
const STRAIGHT_OFFSET_SHARE = 0.02;
const BULKY_OFFSET_SHARE = 0.1;
/** Share of its length from which a trailer begins to push the lure aside with its width, and at which it does so wholly. @source adr-0025 */
const BULKY = { from: 0.12, to: 0.24 } as const;
/** A squeezed frame carries its blades nearer to the hook. @source adr-0010 */
const SQUEEZED_SHARE = 0.6;
/** Angle of the usual upper arm over the lower one: the shares above are of it. */
const USUAL_ARM_DEG = 55;

/** How far the upper arm of a frame carries its blades above the hook, as an arm of the usual angle would, m. */
const raisedM = ({ upperMm, angleDeg, squeezed }: Arms): number =>
  (lengthMFromMm(upperMm) * (squeezed ? SQUEEZED_SHARE : 1) * Math.sin(radFromDeg(angleDeg))) /
  Math.sin(radFromDeg(USUAL_ARM_DEG));

/** Offset of the pull from the middle plane of a frame, m. */
function offsetM(body: RigBody): number {
  const { arms } = body.frame!;
  if (arms === null) return 0;
  const armM = raisedM(arms);
  const { trailer } = body;
  const widthM = trailer === null ? 0 : Math.max(trailer.widthM, trailer.legSpanM);
  const width = trailer === null ? 0 : widthM / trailer.lengthM;
  const bulky = Math.min(1, Math.max(0, (width - BULKY.from) / (BULKY.to - BULKY.from)));
  return (
    armM * (Math.abs(Math.sin(radFromDeg(arms.twistDeg))) + STRAIGHT_OFFSET_SHARE) + BULKY_OFFSET_SHARE * widthM * bulky
  );
}

/**
 * Lean of a spinnerbait at a speed: the blades' drag beside the middle against the weight of the head below.
 *   tan(psi) = 1/2 rho U² A e / (W h)
 * @returns rad; null for rigs without arms
 * @source adr-0010
 */
export function rollRad(body: RigBody, medium: Medium, speedMps: number): number | null {
  if (body.frame?.kind !== 'spinner' || body.frame.arms === null) return null;
  const pullN = 0.5 * medium.densityKgM3 * speedMps ** 2 * spinningDragM2(body.frame);
  return Math.atan((pullN * offsetM(body)) / rightingNm(body, medium));
}

function rightingNm(body: RigBody, medium: Medium): number {
  const headN = GRAVITY_MPS2 * (body.head.massKg - medium.densityKgM3 * body.head.volumeM3);
  return headN * RIGHTING_SHARE * raisedM(body.frame!.arms!);
}

/** Speed at which a spinnerbait leans 60 degrees and blows over, m/s; null for rigs without arms. */
export function blowOverMps(body: RigBody, medium: Medium): number | null {
  if (body.frame?.kind !== 'spinner' || body.frame.arms === null) return null;
  const armNm2 = 0.5 * medium.densityKgM3 * spinningDragM2(body.frame) * offsetM(body);
  return Math.sqrt((Math.tan(radFromDeg(BLOW_OVER_DEG)) * rightingNm(body, medium)) / armNm2);
}

/** Width that keeps half of a jig's falls upright: legs, or a flat body, lean on the bottom. @source adr-0010 */
const UPRIGHT_SPAN_M = 0.025;
/** Share of a flat body's width that carries like a leg. @source adr-0010 */
const BODY_SHARE = 0.4;

/**
 * How surely a jig stays upright as it touches down, 0 to 1: legs beside each other and a flat body hold it, one tail does not.
 * @param turned  trailer on edge: its legs lie above each other and hold nothing
 * @source adr-0010
 */
export function uprightOnContact(body: RigBody, turned: boolean): number {
  const { trailer } = body;
  if (trailer === null) return 0;
  const legs = trailer.appendageCount >= 2 && !turned ? trailer.legSpanM : 0;
  const flat = turned ? trailer.heightM : trailer.widthM;
  return 1 - Math.exp(-(legs + BODY_SHARE * flat) / UPRIGHT_SPAN_M);
}
