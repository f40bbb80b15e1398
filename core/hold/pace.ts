import { ozFromMassKg } from '../units/units';

/** Seconds a cast takes besides what the lure does in the water. @source craft-practice */
const CAST_S = 5;

/** What one cast after another covers. */
export interface Pace {
  readonly castsPerHour: number;
  /** metres of water fished an hour */
  readonly metresPerHour: number;
}

/**
 * @param inWaterS  splash to rod, s
 * @param castM     m
 */
export function paceOf(inWaterS: number, castM: number): Pace {
  const castsPerHour = 3600 / (inWaterS + CAST_S);
  return { castsPerHour, metresPerHour: castsPerHour * castM };
}

/** Default metres of line a handle turn brings in where the reel was not measured. @source adr-0010 */
export const PER_TURN_M = 0.65;
/** Handle turns a second for a reel speed. */
export const turnsPerS = (mPerS: number, perTurnM = PER_TURN_M): number => mPerS / perTurnM;

export type CastLoad = 'too-light' | 'suits' | 'too-heavy' | 'not-rated';

/** A rig's whole mass against what a rod is rated to cast. */
export function castLoad(massKg: number, rod: { readonly lureFromOz?: number; readonly lureToOz?: number }): CastLoad {
  const oz = ozFromMassKg(massKg);
  if (rod.lureFromOz === undefined && rod.lureToOz === undefined) return 'not-rated';
  if (oz < (rod.lureFromOz ?? 0)) return 'too-light';
  return oz > (rod.lureToOz ?? Infinity) ? 'too-heavy' : 'suits';
}
