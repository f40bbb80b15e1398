import { APPENDAGE } from '../../tackle/trailers';
import type { TrailerBody } from './trailer-body';

/** What trails behind a head, by its levers about the middle of the head: what turns it and what holds it to the flow. SI. */
export interface Trails {
  /** faces across the rig, coefficients included, x lever, m³ */
  readonly crossM3: number;
  /** what streams: drag areas x lever, m³ */
  readonly streamM3: number;
  /** mass x lever and volume x lever, kg m and m⁴: where weight and buoyancy pull */
  readonly massKgM: number;
  readonly volumeM4: number;
}

/** A trailer on a rig: drag areas as it is turned, and how far its nose lies behind the middle of the head. */
export interface HungTrailer {
  readonly body: TrailerBody;
  readonly axialM2: number;
  readonly normalM2: number;
  readonly noseM: number;
}

/** Legs and tails pull near the end of a trailer: share of its length. @source adr-0025 */
const TAIL_AT = 0.85;
/** Of a kick's push, what slows a rig that falls: fitted anew since rigs that kick fall nose first. @source adr-0025 */
export const FALL_PUSH_SHARE = 0.66;

/** Lever of the face of a trailer: its body about its middle, its legs or tail near its end. */
function faceLeverM({ body, noseM }: HungTrailer): number {
  const legs = Math.min(1, (APPENDAGE.planShare * body.appendageAreaM2) / body.planformM2);
  return noseM + (1 - legs) * body.centroidM + legs * TAIL_AT * body.lengthM;
}

/**
 * @param wireM3    of hook, guard and arms: drag area across the rig x lever
 * @param trailer   null without one
 * @param massKgM   of all that has weight behind the head but the trailer, and its volume x lever
 */
export function trailsOf(wireM3: number, trailer: HungTrailer | null, massKgM: number, volumeM4: number): Trails {
  if (trailer === null) return { crossM3: wireM3, streamM3: 0, massKgM, volumeM4 };
  const { body, axialM2, normalM2, noseM } = trailer;
  const middleM = noseM + body.centroidM;
  const tailM = noseM + TAIL_AT * body.lengthM;
  return {
    crossM3: wireM3 + normalM2 * faceLeverM(trailer),
    streamM3: axialM2 * middleM + FALL_PUSH_SHARE * body.pushM2 * tailM,
    massKgM: massKgM + body.massKg * middleM,
    volumeM4: volumeM4 + body.volumeM3 * middleM,
  };
}
