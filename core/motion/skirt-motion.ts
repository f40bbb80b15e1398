import type { SkirtBody } from '../rig/body/body';
import { CRAWL_MPS, flareSine, skirtSpreadM } from '../rig/body/skirt-shape';

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
  Math.sin(skirt.flareAtRestRad) / flareSine(skirt, speedMps, densityKgM3);

/**
 * Share of the light that passes between the strands at a crawl: strands thrown at random over the rim of the flare.
 *   exp(-N w / (pi D))
 */
export const seeThrough = (skirt: SkirtBody, densityKgM3: number): number =>
  Math.exp((-skirt.strands * skirt.widthM) / (Math.PI * skirtSpreadM(skirt, CRAWL_MPS, densityKgM3)));

/** Speeds a lure is pulled at, m/s: beyond the last nothing is said. */
const PINNED_WITHIN_MPS = { from: 0.05, to: 2.5 } as const;

/**
 * Speed above which a kicking tail slaps the skirt flat: its body swings further out, where the strands end, than they stand.
 * The swing grows with the square of the way from collar to tail.
 * @param swingM    how far the tail swings to each side
 * @param trailerM  collar to tail
 * @returns         m/s; null when it never does below 2.5 m/s
 * @source adr-0010
 */
export function pinnedAboveMps(skirt: SkirtBody, swingM: number, trailerM: number, densityKgM3: number): number | null {
  const swingAtTipsM = swingM * Math.min(1, skirt.lengthM / trailerM) ** 2;
  const stands = (speedMps: number): boolean => skirtSpreadM(skirt, speedMps, densityKgM3) / 2 > swingAtTipsM;
  let [low, high] = [Math.log(PINNED_WITHIN_MPS.from), Math.log(PINNED_WITHIN_MPS.to)];
  if (swingAtTipsM <= 0 || stands(PINNED_WITHIN_MPS.to)) return null;
  if (!stands(PINNED_WITHIN_MPS.from)) return PINNED_WITHIN_MPS.from;
  for (let step = 0; step < 30; step++) {
    const middle = (low + high) / 2;
    if (stands(Math.exp(middle))) low = middle;
    else high = middle;
  }
  return Math.exp(low);
}
