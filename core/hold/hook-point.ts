import { exitFromNoseMm, type RigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { profileAt } from '../rig/body/trailer-body';
import { HEADS } from '../tackle/heads';
import { HOOKS, pointBehindHeadMm, WIRE_DIAMETER_MM } from '../tackle/hooks';
import { degFromRad, lengthMFromMm, mmFromLengthM, radFromDeg } from '../units/units';

/** Where the hook leaves the plastic, and what is free in front of its point. */
export interface HookPoint {
  /** along the trailer from its nose, mm; null without a trailer */
  readonly exitMm: number | null;
  /** plastic behind the bend, mm; 0 when it ends before it */
  readonly overhangMm: number;
  /** gap left above the plastic at the point, mm; below 0 the point is buried */
  readonly freeGapMm: number;
  /** between the line of pull and the point, degrees */
  readonly attackDeg: number;
}

/** Gap that must stay free in front of the point, mm. @source craft-practice */
export const FREE_GAP_MM = 2;
/** Line tie stands off the head, mm. @source adr-0011 */
export const TIE_EYE_MM = 3;
/** A slit belly folds away: share of the plastic that still stands in the gap. @source adr-0011 */
const SLIT_SHARE = 0.6;

/** Plastic off its keeper slides down the shank by so much, and bunches over this share of the way to the bend. @source adr-0025 */
const SLIDES_MM = 6;
const BUNCHES_OVER = 0.5;
/** How much thicker plastic of one volume stands where it bunches. */
function bunched(exitMm: number, slid: number): number {
  const overMm = BUNCHES_OVER * exitMm;
  const shorterMm = slid * Math.min(SLIDES_MM, overMm / 2);
  return overMm === 0 ? 1 : Math.sqrt(overMm / (overMm - shorterMm));
}

/**
 * Geometry of point and plastic: the shank runs through the middle of the body and leaves it in the bend.
 * @param body  of the same rig
 * @param slid  how far its plastic has slid off the keeper, 0 to 1: it bunches in the bend and takes gap
 * @source adr-0011, adr-0025
 */
export function hookPoint(rig: Rig, body: RigBody, slid = 0): HookPoint {
  const { gapMm, shankMm, reachMm } = HOOKS[rig.head.hook.size];
  const wireMm = rig.head.hook.wireMm ?? WIRE_DIAMETER_MM[rig.head.hook.wire];
  const trailer = rig.trailer ? body.trailer : null;
  const coreMm = rig.core?.lengthMm ?? 0;
  const hung = rig.trailer?.hang === 'hung';
  const pushMm = hung ? 0 : (rig.trailer?.pushMm ?? 0);
  const exitMm = exitFromNoseMm(rig);
  const exits = trailer !== null && exitMm < mmFromLengthM(trailer.lengthM);

  let plasticMm = 0;
  if (trailer !== null) {
    const [, widthM, heightM] = profileAt(trailer.profileM, lengthMFromMm(exitMm));
    const turnedM = rig.trailer!.orientation === 'edge' ? widthM : heightM;
    plasticMm = (mmFromLengthM(turnedM) / 2) * (rig.trailer!.slit ? SLIT_SHARE : 1) * bunched(exitMm, slid);
  }
  const endMm = trailer === null ? 0 : coreMm + mmFromLengthM(trailer.lengthM) + (hung ? shankMm : -pushMm);

  const row = HEADS[rig.head.style];
  const tieX = -mmFromLengthM(body.head.lengthM) * (1 - row.tieAt);
  const tieY = (mmFromLengthM(body.head.heightM) / 2 + TIE_EYE_MM) * Math.sin(radFromDeg(row.tieDeg));
  const pointX = pointBehindHeadMm(rig.head.hook.size);
  return {
    exitMm: exits ? exitMm : null,
    overhangMm: Math.max(0, endMm - reachMm),
    freeGapMm: gapMm - plasticMm - wireMm,
    attackDeg: degFromRad(Math.atan2(gapMm - tieY, pointX - tieX)),
  };
}

export type RollUp = 'turns-up' | 'lies-flat' | 'swings-out';

/** Cams under a head roll it over: as much arm, mm. @source adr-0011 */
const CAMS_MM = 2;
/** Friction of a head that lies on its side, as a share of its half-width. @source adr-0011 */
const LYING_SHARE = 0.3;
/** How far a newton of guard holds a lying hook down, mm. @source adr-0011 */
const GUARD_HOLDS_MM_PER_N = 0.5;
/** A tie this steep swings a bare hook out instead of rolling it up, degrees. @source craft-practice */
const SWINGS_OUT_FROM_DEG = 85;

/**
 * What the pull does to a jig that lies on its side: turn its point up, leave it flat, or swing it out.
 * @param guardN  push of its guard, N; 0 without one
 * @source adr-0011
 */
export function rollUp(rig: Rig, body: RigBody, guardN: number): RollUp {
  const { tieDeg } = HEADS[rig.head.style];
  if (tieDeg >= SWINGS_OUT_FROM_DEG && !rig.guard) return 'swings-out';
  const turningMm =
    (mmFromLengthM(body.head.heightM) / 2 + TIE_EYE_MM) * Math.sin(radFromDeg(tieDeg)) + (rig.head.cams ? CAMS_MM : 0);
  const holdingMm = LYING_SHARE * (mmFromLengthM(body.head.widthM) / 2) + GUARD_HOLDS_MM_PER_N * guardN;
  return turningMm > holdingMm ? 'turns-up' : 'lies-flat';
}
