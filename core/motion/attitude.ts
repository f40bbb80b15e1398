import { TRAILER_AXIAL_CD, TRAILER_NORMAL_CD, type HeadBody, type RigBody } from '../rig/body/body';
import { trailerBody } from '../rig/body/trailer-body';
import { trailsOf, type Trails } from '../rig/body/trails';
import { PLAIN_CHUNK } from '../rig/parts/plain-chunk';
import { POSTURE_DEG } from '../tackle/heads';
import { radFromDeg } from '../units/units';
import { areasWithoutSkirt } from './fall-areas';
import type { Medium } from './medium';

/** A skirt counts as an ordinary one, whichever is worn: drag area at half a metre a second, and how far behind the head it pulls. @source adr-0025 */
const SKIRT_M2 = 2.3e-4;
const SKIRT_BEHIND_M = 0.015;
/**
 * What rights a rig beside what trails behind it, over what a plain chunk does. Fitted: with nothing of it a head without plastic would lie across its
 * fall, with less a flapper falls 8 % faster than anglers count it, and with more it fishes lighter than they call it. +-50 %. @source adr-0038
 */
const OWN_RIGHTING = 6;
/** A tightening line levels the known rig: 100 degrees a unit of share, up to broadside. @source adr-0003 */
const LEVELLING_DEG_PER_SHARE = 100;

/** The trailer whose fall is known by eye, and how it hangs behind any head. */
const POSTURE_RAD = radFromDeg(POSTURE_DEG);
const CHUNK = trailerBody(PLAIN_CHUNK);
const CHUNK_AXIAL_M2 = TRAILER_AXIAL_CD * CHUNK.sectionM2;
const CHUNK_NORMAL_M2 = TRAILER_NORMAL_CD * CHUNK.planformM2;

/** What streams behind a head with its skirt, m³: holds it to the flow with the sine of its angle. */
const streamingM3 = (head: HeadBody, { streamM3 }: Trails): number =>
  streamM3 + SKIRT_M2 * (head.lengthM / 2 + SKIRT_BEHIND_M);

/** What of a rig makes its drag beside its skirt. */
type Dragged = Parameters<typeof areasWithoutSkirt>[0];

/** Moment of the weight behind the head over the pressure, m³. A steady fall has the pressure of weight over drag: so it is drag x lever. */
function weightM3(body: Dragged, { massKgM, volumeM4 }: Trails, submergedKg: number, densityKgM3: number): number {
  const { dragM2, skirtShare, liftM2 } = areasWithoutSkirt(body, POSTURE_RAD);
  const drag = dragM2 + skirtShare * SKIRT_M2;
  return (Math.sqrt(drag * drag + liftM2 * liftM2) * (massKgM - densityKgM3 * volumeM4)) / submergedKg;
}

/** What is known of a head and its hook with the chunk behind it, all m³: its faces, what streams, its weight, and the head's own righting. */
interface Known {
  readonly hookKg: number;
  readonly densityKgM3: number;
  readonly cross: number;
  readonly streaming: number;
  readonly weight: number;
  readonly own: number;
}
/** Thousands of rigs share a head. */
const knownOf = new WeakMap<HeadBody, Known>();

function known({ head, hook }: RigBody, densityKgM3: number): Known {
  const found = knownOf.get(head);
  if (found && found.hookKg === hook.massKg && found.densityKgM3 === densityKgM3) return found;
  const hung = { body: CHUNK, axialM2: CHUNK_AXIAL_M2, normalM2: CHUNK_NORMAL_M2, noseM: head.lengthM / 2 };
  const trails = trailsOf(
    hook.wire.acrossM2 * hook.leverM,
    hung,
    hook.massKg * hook.leverM,
    hook.volumeM3 * hook.leverM,
  );
  const submergedKg =
    head.massKg + hook.massKg + CHUNK.massKg - densityKgM3 * (head.volumeM3 + hook.volumeM3 + CHUNK.volumeM3);
  const dragged: Dragged = {
    head,
    wire: hook.wire,
    trailerAxialM2: CHUNK_AXIAL_M2,
    trailerNormalM2: CHUNK_NORMAL_M2,
    pushM2: CHUNK.pushM2,
    frame: null,
  };
  const streaming = streamingM3(head, trails);
  const weight = weightM3(dragged, trails, submergedKg, densityKgM3);
  const own = OWN_RIGHTING * (trails.crossM3 * Math.sin(POSTURE_RAD) + streaming - weight);
  const now = { hookKg: hook.massKg, densityKgM3, cross: trails.crossM3, streaming, weight, own };
  knownOf.set(head, now);
  return now;
}

const withinQuarter = (angleRad: number): number => Math.max(0, Math.min(Math.PI / 2, angleRad));

/**
 * Angle at which what turns the known rig to an angle of its own meets what holds this one.
 * @param held   own righting and what streams, and `hangs` the weight behind the head, over the pressure, m³
 * @param times  what weighs, over the pressure, by what the line carries
 */
function balancedRad(of: Known, knownRad: number, held: number, hangs: number, crossM3: number, times = 1): number {
  const sine = Math.sin(Math.min(Math.PI / 2, knownRad));
  const turning = of.cross * sine * sine + (of.own + of.streaming - of.weight * times) * sine;
  if (turning <= 0) return 0;
  const holds = held - hangs * times;
  return Math.asin(Math.min(1, (2 * turning) / (holds + Math.sqrt(holds * holds + 4 * crossM3 * turning))));
}

/**
 * Angle between body axis and motion of a rig that falls: where what turns the head is in balance with what trails behind it.
 *   turning = crossM3 s² + (streaming + own) s,  s = sin(angle), all over the pressure
 * What turns a rig, and what a line does at its tie, is taken so that a plain chunk of three inches hangs as anglers see it: 25 degrees out of its fall
 * behind any head, and flatter by 100 degrees a unit of what the line carries; no rig is levelled by more. A long body behind the head, or one that
 * kicks, then falls nose first, a short one flatter. Does not depend on the skirt.
 * @param semiTight      share of the weight the line carries, 0 to 0.6
 * @param postureFactor  its logarithm, rad, is added
 * @returns              rad, 0 to pi/2
 * @source adr-0025, adr-0038
 */
export function fallAngleRad(body: RigBody, medium: Medium, semiTight: number, postureFactor = 1): number {
  const { head, skirt, trails } = body;
  const { densityKgM3 } = medium;
  const submergedKg = body.massKg - (skirt?.massKg ?? 0) - densityKgM3 * (body.volumeM3 - (skirt?.volumeM3 ?? 0));
  const levelledRad = radFromDeg(LEVELLING_DEG_PER_SHARE) * semiTight;
  const turnedBy = Math.log(postureFactor);
  if (submergedKg <= 0) return withinQuarter(POSTURE_RAD + levelledRad + turnedBy);
  const of = known(body, densityKgM3);
  const held = of.own + streamingM3(head, trails);
  const hangs = weightM3(body, trails, submergedKg, densityKgM3);
  const slackRad = balancedRad(of, POSTURE_RAD, held, hangs, trails.crossM3);
  if (semiTight === 0) return withinQuarter(slackRad + turnedBy);
  // the line takes its share of the weight off the fall, not off what trails: against the pressure that weighs the more
  const more = 1 / (1 - semiTight);
  const tightRad = balancedRad(of, POSTURE_RAD + levelledRad, held, hangs, trails.crossM3, more);
  return withinQuarter(Math.min(slackRad + levelledRad, tightRad) + turnedBy);
}
