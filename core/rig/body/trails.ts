import { APPENDAGE } from '../../tackle/trailers';
import type { TrailerBody } from './trailer-body';
import type { WireBody } from './wire';

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

/** A piece that trails: its middle lies so far behind the middle of the head. */
interface Piece {
  readonly leverM: number;
  readonly massKg: number;
  readonly volumeM3: number;
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
 * @param wire     hook and guard, and the middle of the hook behind the middle of the head, m
 * @param trailer  null without one
 * @param pieces   all that has weight behind the head but the trailer: hook, core, second hook
 */
export function trailsOf(
  wire: WireBody & { readonly leverM: number },
  trailer: HungTrailer | null,
  pieces: readonly Piece[],
): Trails {
  let massKgM = 0;
  let volumeM4 = 0;
  for (const piece of pieces) {
    massKgM += piece.massKg * piece.leverM;
    volumeM4 += piece.volumeM3 * piece.leverM;
  }
  const crossM3 = wire.acrossM2 * wire.leverM;
  if (trailer === null) return { crossM3, streamM3: 0, massKgM, volumeM4 };
  const middleM = trailer.noseM + trailer.body.centroidM;
  const tailM = trailer.noseM + TAIL_AT * trailer.body.lengthM;
  return {
    crossM3: crossM3 + trailer.normalM2 * faceLeverM(trailer),
    streamM3: trailer.axialM2 * middleM + FALL_PUSH_SHARE * trailer.body.pushM2 * tailM,
    massKgM: massKgM + trailer.body.massKg * middleM,
    volumeM4: volumeM4 + trailer.body.volumeM3 * middleM,
  };
}
