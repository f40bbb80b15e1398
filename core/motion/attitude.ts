import type { RigBody } from '../rig/body/body';
import type { Trails } from '../rig/body/trails';
import { radFromDeg } from '../units/units';
import { areasWithoutSkirt } from './fall-areas';
import type { Medium } from './medium';

/** A skirt counts as an ordinary one, whichever is worn: drag area at half a metre a second, and how far behind the head it pulls. @source adr-0025 */
const SKIRT_M2 = 2.3e-4;
const SKIRT_BEHIND_M = 0.015;
/** What rights a head by itself, over what a plain chunk behind it does: keeps the rest in proportion. Estimate, +-50 %. @source adr-0025 */
const OWN_RIGHTING = 6;
/** A tightening line levels the known rig: 100 degrees a unit of share, up to broadside. @source adr-0003 */
const LEVELLING_DEG_PER_SHARE = 100;

/** What streams behind a head with its skirt, m³: holds it to the flow with the sine of its angle. */
const streamingM3 = (body: RigBody, { streamM3 }: Trails): number =>
  streamM3 + SKIRT_M2 * (body.head.lengthM / 2 + SKIRT_BEHIND_M);

/** Moment of the weight behind the head over the pressure, m³. A steady fall has the pressure of weight over drag: so it is drag x lever. */
function weightM3(body: RigBody, { massKgM, volumeM4 }: Trails, submergedKg: number, { densityKgM3 }: Medium): number {
  const { dragM2, skirtShare, liftM2 } = areasWithoutSkirt(body, body.head.postureRad);
  return (Math.hypot(dragM2 + skirtShare * SKIRT_M2, liftM2) * (massKgM - densityKgM3 * volumeM4)) / submergedKg;
}

/**
 * Angle between body axis and motion of a rig that falls: where what turns the head is in balance with what trails behind it.
 *   turning = crossM3 s² + (streaming + own) s,  s = sin(angle), all over the pressure
 * What turns a head of a style, and what a line does at its tie, is taken so that a plain chunk of three inches hangs as anglers see it:
 * at the posture of the head, and flatter by 100 degrees a unit of what the line carries. A long body behind the head, or one that kicks, then falls nose
 * first, a short one flatter. Does not depend on the skirt.
 * @param semiTight      share of the weight the line carries, 0 to 0.6
 * @param postureFactor  its logarithm, rad, is added
 * @returns              rad, 0 to pi/2
 * @source adr-0025
 */
export function fallAngleRad(body: RigBody, medium: Medium, semiTight: number, postureFactor = 1): number {
  const { head, skirt, trails, known } = body;
  const { densityKgM3 } = medium;
  const submergedKg = body.massKg - (skirt?.massKg ?? 0) - densityKgM3 * (body.volumeM3 - (skirt?.volumeM3 ?? 0));
  const knownKg = known.massKg - densityKgM3 * known.volumeM3;
  const knownRad = Math.min(Math.PI / 2, head.postureRad + radFromDeg(LEVELLING_DEG_PER_SHARE) * semiTight);
  const turnedBy = Math.log(postureFactor);
  if (submergedKg <= 0) return Math.max(0, Math.min(Math.PI / 2, knownRad + turnedBy));
  const knownCross = known.trails.crossM3;
  const knownStreaming = streamingM3(body, known.trails);
  const knownWeight = weightM3({ ...body, ...known, frame: null }, known.trails, knownKg, medium);
  const own = OWN_RIGHTING * (knownCross * Math.sin(head.postureRad) + knownStreaming - knownWeight);
  // the line takes its share of the weight off the fall, not off what trails
  const slack = 1 - semiTight;
  const sine = Math.sin(knownRad);
  const turning = knownCross * sine * sine + (own + knownStreaming - knownWeight / slack) * sine;
  const held = own + streamingM3(body, trails) - weightM3(body, trails, submergedKg, medium) / slack;
  const balanced = turning <= 0 ? 0 : (2 * turning) / (held + Math.sqrt(held * held + 4 * trails.crossM3 * turning));
  return Math.max(0, Math.min(Math.PI / 2, Math.asin(Math.min(1, balanced)) + turnedBy));
}
