import type { TrailerBody } from '../rig/body/trailer-body';
import { hasTrait, TRAILERS, type TrailerKind } from '../tackle/trailers';
import { inFromLengthM, ozFromMassKg } from '../units/units';

/** Strouhal number of a beating tail in its cruise: 0.25 to 0.3. @source taylor-2003 */
const STROUHAL = 0.28;
/** Sweep of a tail from side to side as a share of the trailer's whole length. @source adr-0010 */
export const SWEEP_SHARE = 0.2;
/** A tail swings as the body it was moulded for lets it: a cut at the nose changes nothing. */
const sweepM = ({ wholeM }: TrailerBody): number => SWEEP_SHARE * wholeM;

/**
 * Beats of a tail a second.
 *   f = St U / sweep
 * @param speedMps  past the lure, m/s
 * @returns         Hz; 0 below the onset, null for a tail that never kicks
 * @source taylor-2003
 */
export function tailBeatHz(trailer: TrailerBody, onsetMps: number | null, speedMps: number): number | null {
  if (onsetMps === null) return null;
  return speedMps < onsetMps ? 0 : (STROUHAL * speedMps) / sweepM(trailer);
}

/** How far a value has come from one place to another, 0 to 1. */
const share = (value: number, from: number, to: number): number =>
  Math.min(1, Math.max(0, (value - from) / (to - from)));

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
/** A light head follows any tail: from the heavier weight down it does so more and more, below the lighter one it is always matched, oz. @source craft-practice */
const LIGHT_HEAD_OZ = { from: 0.375, to: 0.3125 } as const;

/**
 * How the swing of a tail compares with the mass it has to move.
 * @param headKg  head alone
 * @returns       not applicable to trailers without a wagging tail
 * @source adr-0010
 */
export function wagMatch(kind: TrailerKind | null, trailer: TrailerBody | null, headKg: number): WagMatch {
  const isStill = kind === null || !hasTrait(kind, 'wags') || TRAILERS[kind].kickOnsetMps === null;
  if (isStill || trailer === null || trailer.tailLeft === 0) return { index: null, verdict: 'not-applicable' };
  const headOz = ozFromMassKg(headKg);
  const own =
    (inFromLengthM(trailer.wholeM) ** 4 / headOz) *
    trailer.tailLeft *
    (kind === 'rolling-paddle-tail' ? ROLLING_SHARE : 1);
  // what a light head follows anyway draws it into what matches
  const follows = share(headOz, LIGHT_HEAD_OZ.from, LIGHT_HEAD_OZ.to);
  const matched = Math.min(MATCH.matchedTo, Math.max(MATCH.matchedFrom, own));
  const strength = own * (matched / own) ** follows;
  return { index: strength / MATCH.middle, verdict: verdictOf(strength) };
}

/** Room for rounding at the edges of what matches. */
const HAIR = 1e-9;
function verdictOf(strength: number): WagVerdict {
  if (strength > MATCH.matchedTo * (1 + HAIR)) return 'overpowering';
  if (strength >= MATCH.matchedFrom * (1 - HAIR)) return 'matched';
  return strength >= MATCH.weakFrom ? 'weak' : 'dead';
}

/** Trailing edge of a tail swings this far to each side, m: half its sweep. Rolling tails hardly swing. @source adr-0010 */
export const tailReachM = (kind: TrailerKind, trailer: TrailerBody): number =>
  hasTrait(kind, 'wags')
    ? (sweepM(trailer) / 2) * trailer.tailLeft * (kind === 'rolling-paddle-tail' ? ROLLING_SWING : 1)
    : 0;
const ROLLING_SWING = 0.3;
