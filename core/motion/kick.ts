import type { Trailer } from '../rig/parts/schema';
import { appendagesLeft } from '../rig/body/trailer-body';
import { COLD_STIFFENING_PER_C, STIFFNESS_AT_20, TRAILERS, type Softness, type TrailerKind } from '../tackle/trailers';

/**
 * Stiffness of the plastic in cold or warm water against medium plastic at 20 °C.
 *   E(T) = E20 exp(-b (T - 20))
 * @source adr-0004
 */
export const plasticStiffness = (softness: Softness, waterTempC: number): number =>
  STIFFNESS_AT_20[softness] * Math.exp(-COLD_STIFFENING_PER_C[softness] * (waterTempC - 20));

/**
 * Water speed at which the tail begins to kick, m/s; null for a tail that never does.
 * Speed goes with the root of stiffness.
 * @source adr-0004
 */
export function kickOnsetMps(kind: TrailerKind, softness: Softness, waterTempC: number): number | null {
  const at20 = TRAILERS[kind].kickOnsetMps;
  return at20 === null ? null : at20 * Math.sqrt(plasticStiffness(softness, waterTempC));
}

/** A tail of which less is left than this, as a share of its length, catches no water any more. @source adr-0025 */
const STUMP = 0.15;

/**
 * The same for the trailer of a rig: null without one, and for one whose tail was cut away. What is left of a shortened tail catches less water
 * against the same hinge: it needs more speed, by the root of what is left.
 * @source adr-0025
 */
export function onsetOfMps(
  trailer: Pick<Trailer, 'kind' | 'softness' | 'lengthMm' | 'cutTailMm' | 'legsOff'> | null | undefined,
  waterTempC: number,
): number | null {
  if (!trailer) return null;
  const whole = kickOnsetMps(trailer.kind, trailer.softness, waterTempC);
  const { count, each } = appendagesLeft(trailer);
  return whole === null || count === 0 || each < STUMP ? null : whole / Math.sqrt(each);
}

/** How far an onset may be off, as a share. @source adr-0004 */
export const KICK_ONSET_BAND = 0.3;

/** Share of a kick that is left at a speed: all of it from the onset on, none standing still. */
export const awakeAt = (onsetMps: number | null, speedMps: number): number =>
  onsetMps === null ? 1 : Math.min(1, speedMps / onsetMps);

/**
 * Motion to the eye at a speed, 0 to 1: the kind's own share as far as its tail was left on, dying away as the speed falls below the onset.
 * @param tailLeft  of tail, legs or claws, 0 to 1
 * @returns         for still tails their own small share at any speed; a kicking tail that was cut away shows what a dead body shows
 */
export function showAtSpeed(kind: TrailerKind, onsetMps: number | null, speedMps: number, tailLeft = 1): number {
  const { show, kickOnsetMps: whole } = TRAILERS[kind];
  if (onsetMps === null) return whole === null ? show : Math.min(show, STILL_SHOW);
  const over = speedMps / onsetMps;
  const awake = Math.min(1, Math.max(0, (over - 0.8) / 0.4));
  return STILL_SHOW + (show - STILL_SHOW) * awake * tailLeft;
}

/** What a tail shows that is not kicking. @source adr-0004 */
const STILL_SHOW = 0.1;
