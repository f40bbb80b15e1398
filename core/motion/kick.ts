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

/** The same for the trailer of a rig: null without one, too. */
export const onsetOfMps = (
  trailer: { readonly kind: TrailerKind; readonly softness: Softness } | null | undefined,
  waterTempC: number,
): number | null => (trailer ? kickOnsetMps(trailer.kind, trailer.softness, waterTempC) : null);

/** How far an onset may be off, as a share. @source adr-0004 */
export const KICK_ONSET_BAND = 0.3;

/** Share of a kick that is left at a speed: all of it from the onset on, none standing still. */
export const awakeAt = (onsetMps: number | null, speedMps: number): number =>
  onsetMps === null ? 1 : Math.min(1, speedMps / onsetMps);

/**
 * Motion to the eye at a speed, 0 to 1: the kind's own share, dying away as the speed falls below the onset.
 * @returns  for still tails their own small share at any speed
 */
export function showAtSpeed(kind: TrailerKind, onsetMps: number | null, speedMps: number): number {
  const { show } = TRAILERS[kind];
  if (onsetMps === null) return show;
  const over = speedMps / onsetMps;
  const awake = Math.min(1, Math.max(0, (over - 0.8) / 0.4));
  return STILL_SHOW + (show - STILL_SHOW) * awake;
}

/** What a tail shows that is not kicking. @source adr-0004 */
const STILL_SHOW = 0.1;
