import type { SkirtBody } from '../rig/body/body';
import { CRAWL_MPS, passingShare, skirtSpreadM, skirtStrand } from '../rig/body/skirt-shape';

/** First bending mode of a clamped strand: 0.56 = 1.875² / (2 pi). @source euler-bernoulli */
const FIRST_MODE = 0.56;

/**
 * How fast one strand swings by itself, water carried along included.
 *   f0 = 0.56 sqrt(E I / ((m + rho pi w²/4) L⁴))
 * @returns Hz
 * @source euler-bernoulli
 */
export function strandHz(skirt: SkirtBody, densityKgM3: number): number {
  const inertiaM4 = (skirt.widthM * skirt.thicknessM ** 3) / 12;
  const ownKgM = (skirt.massKg / skirt.volumeM3) * skirt.widthM * skirt.thicknessM;
  const waterKgM = (densityKgM3 * Math.PI * skirt.widthM ** 2) / 4;
  return FIRST_MODE * Math.sqrt((skirt.modulusPa * inertiaM4) / ((ownKgM + waterKgM) * skirt.lengthM ** 4));
}

/** Wag of a jig whose trailer does not kick: the hand's own shake, Hz. @source adr-0010 */
export const HAND_WAG_HZ = 2;
/** Ratio of strand to wag at which a skirt pulses half. @source adr-0010 */
const HALF_PULSE = 0.3;

/**
 * How far a skirt follows the wag of its rig instead of streaming behind it, 0 to 100: no resonance, the quicker the strands
 * the livelier.
 * @param wagHz  above 0
 * @source adr-0010
 */
export function pulseIndex(skirt: SkirtBody, wagHz: number, densityKgM3: number): number {
  const ratio = strandHz(skirt, densityKgM3) / wagHz;
  return (100 * ratio) / (ratio + HALF_PULSE);
}

/** How much wider a skirt stands at rest than at a speed: what it gives when the lure stops. 1 is nothing. */
export const puffRatio = (skirt: SkirtBody, speedMps: number, densityKgM3: number): number =>
  skirtSpreadM(skirt, 0, densityKgM3) / skirtSpreadM(skirt, speedMps, densityKgM3);

/** Share of the light that passes between the strands at a crawl. */
export const seeThrough = (skirt: SkirtBody, densityKgM3: number): number =>
  passingShare(skirt, skirtSpreadM(skirt, CRAWL_MPS, densityKgM3));

/** Speeds a lure is pulled at, m/s: beyond the last nothing is said. */
const PINNED_WITHIN_MPS = { from: 0.05, to: 2.5 } as const;

/**
 * Speed above which a kicking tail slaps the skirt flat: where the strands end its body sweeps, from side to side, further than they
 * stand out. The sweep grows with the square of the way from collar to tail.
 * @param swingM    how far the tail swings to each side
 * @param trailerM  collar to tail
 * @returns         m/s; null when it never does below 2.5 m/s
 * @source adr-0010, adr-0025
 */
export function pinnedAboveMps(skirt: SkirtBody, swingM: number, trailerM: number, densityKgM3: number): number | null {
  const sweepAtTipsM = 2 * swingM * Math.min(1, skirt.lengthM / trailerM) ** 2;
  const stands = (speedMps: number): boolean =>
    skirt.lengthM * skirtStrand(skirt, speedMps, densityKgM3).reach > sweepAtTipsM;
  let [low, high] = [Math.log(PINNED_WITHIN_MPS.from), Math.log(PINNED_WITHIN_MPS.to)];
  if (sweepAtTipsM <= 0 || stands(PINNED_WITHIN_MPS.to)) return null;
  if (!stands(PINNED_WITHIN_MPS.from)) return PINNED_WITHIN_MPS.from;
  for (let step = 0; step < 30; step++) {
    const middle = (low + high) / 2;
    if (stands(Math.exp(middle))) low = middle;
    else high = middle;
  }
  return Math.exp(low);
}
