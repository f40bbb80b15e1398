import type { TrailerBody } from '../rig/body/trailer-body';
import { hasTrait, TRAILERS, type TrailerKind } from '../tackle/trailers';
import { inFromLengthM, ozFromMassKg } from '../units/units';

/** Strouhal number of a beating tail in its cruise: 0.25 to 0.3. @source taylor-2003 */
const STROUHAL = 0.28;
/** Sweep of a tail from side to side as a share of the trailer's length. @source adr-0010 */
export const SWEEP_SHARE = 0.2;

/**
 * Beats of a tail a second.
 *   f = St U / sweep
 * @param speedMps  past the lure, m/s
 * @returns         Hz; 0 below the onset, null for a tail that never kicks
 * @source taylor-2003
 */
export function tailBeatHz(trailer: TrailerBody, onsetMps: number | null, speedMps: number): number | null {
  if (onsetMps === null) return null;
  return speedMps < onsetMps ? 0 : (STROUHAL * speedMps) / (SWEEP_SHARE * trailer.lengthM);
}

export type WagVerdict = 'dead' | 'weak' | 'matched' | 'overpowering' | 'not-applicable';

/** Whether a tail moves the mass of its head. */
export interface WagMatch {
  /** 1 in the middle of what matches; null where nothing wags */
  readonly index: number | null;
  readonly verdict: WagVerdict;
}

/** Tail strength L⁴ over head mass, in⁴/oz: where it is weak, matched, overpowering. @source adr-0010 */
export const MATCH = { middle: 735, weakFrom: 300, matchedFrom: 450, matchedTo: 1200 } as const;
/** A rolling tail turns over instead of swinging: this much of its strength counts. @source adr-0010 */
const ROLLING_SHARE = 0.75;
/** A head lighter than this follows any tail: it is never more than matched, oz. @source craft-practice */
const LIGHT_HEAD_OZ = 0.375;

/**
 * How the swing of a tail compares with the mass it has to move.
 * @param headKg  head alone
 * @returns       not applicable to trailers without a wagging tail
 * @source adr-0010
 */
export function wagMatch(kind: TrailerKind | null, trailer: TrailerBody | null, headKg: number): WagMatch {
  if (kind === null || trailer === null || !hasTrait(kind, 'wags') || TRAILERS[kind].kickOnsetMps === null) {
    return { index: null, verdict: 'not-applicable' };
  }
  const strength =
    (inFromLengthM(trailer.lengthM) ** 4 / ozFromMassKg(headKg)) * (kind === 'rolling-paddle-tail' ? ROLLING_SHARE : 1);
  return { index: strength / MATCH.middle, verdict: verdictOf(strength, ozFromMassKg(headKg)) };
}

function verdictOf(strength: number, headOz: number): WagVerdict {
  if (strength > MATCH.matchedTo) return headOz < LIGHT_HEAD_OZ ? 'matched' : 'overpowering';
  if (strength >= MATCH.matchedFrom || headOz < LIGHT_HEAD_OZ) return 'matched';
  return strength >= MATCH.weakFrom ? 'weak' : 'dead';
}

/** Trailing edge of a tail swings this far to each side, m: half its sweep. Rolling tails hardly swing. @source adr-0010 */
export const tailReachM = (kind: TrailerKind, trailer: TrailerBody): number =>
  hasTrait(kind, 'wags')
    ? (SWEEP_SHARE / 2) * trailer.lengthM * (kind === 'rolling-paddle-tail' ? ROLLING_SWING : 1)
    : 0;
const ROLLING_SWING = 0.3;
