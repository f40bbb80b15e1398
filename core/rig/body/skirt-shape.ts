import type { SkirtBody } from './body';
import { bentStrand, strandReach, strandShape, type BentStrand } from './strand';

/**
 * Drag of a strand across the flow, on its width: a ribbon about half as thick as wide. The one number behind how a skirt bends, how
 * wide it stands and what it weighs in the water; fitted so that known jigs fall as they do. @source hoerner-1965, adr-0025
 */
export const STRAND_CD = 2.6;

/**
 * Cauchy number: load of the flow over bending stiffness of one strand.
 *   Ca = rho U² w L³ / (E I), I = w t³ / 12
 * @returns dimensionless, grows with U² and L³
 */
export function strandCauchy(skirt: SkirtBody, speedMps: number, densityKgM3: number): number {
  const { widthM, thicknessM, lengthM, modulusPa } = skirt;
  const inertiaM4 = (widthM * thicknessM * thicknessM * thicknessM) / 12;
  return (densityKgM3 * speedMps * speedMps * widthM * lengthM * lengthM * lengthM) / (modulusPa * inertiaM4);
}

/** Load that bends a strand, dimensionless: 1/2 Cd Ca. */
export const strandLoad = (skirt: SkirtBody, speedMps: number, densityKgM3: number): number =>
  (STRAND_CD / 2) * strandCauchy(skirt, speedMps, densityKgM3);

/** How close ribbons lie in a bundle: share of its section that is plastic. @source adr-0025 */
const PACKED_SHARE = 0.8;

/** Thickness of the strands laid together, m: no skirt is narrower. */
export const packedM = ({ strands, widthM, thicknessM }: SkirtBody): number =>
  Math.sqrt((4 * strands * widthM * thicknessM) / (Math.PI * PACKED_SHARE));

/** One strand of a skirt at a speed. */
export const skirtStrand = (skirt: SkirtBody, speedMps: number, densityKgM3: number): BentStrand =>
  bentStrand(skirt.flareAtRestRad, strandLoad(skirt, speedMps, densityKgM3));

/** Width across a skirt whose strands reach out so far, m: both sides and the bundle they come from. */
export const spreadOf = (skirt: SkirtBody, reach: number): number => packedM(skirt) + 2 * skirt.lengthM * reach;

/** Width across the skirt at a speed, m. The outermost strands meet the free flow: nothing shields them. */
export const skirtSpreadM = (skirt: SkirtBody, speedMps: number, densityKgM3: number): number =>
  spreadOf(skirt, strandReach(skirt.flareAtRestRad, strandLoad(skirt, speedMps, densityKgM3)));

/** Shape of a strand at a speed, m: [back from the collar, out from the bundle]. */
export const skirtStrandM = (
  skirt: SkirtBody,
  speedMps: number,
  densityKgM3: number,
  pieces: number,
): readonly (readonly [number, number])[] =>
  strandShape(skirt.flareAtRestRad, strandLoad(skirt, speedMps, densityKgM3), pieces).map(([back, out]) => [
    back * skirt.lengthM,
    out * skirt.lengthM,
  ]);

/** Share of the light, or of the water, that passes between strands thrown at random over the rim of a width: exp(-N w / (pi D)). */
export const passingShare = ({ strands, widthM }: SkirtBody, spreadM: number): number =>
  Math.exp((-strands * widthM) / (Math.PI * spreadM));

/** Speed of a crawl, m/s: one foot a second, as slow as anybody reels. Profile, flare and drawings use it. @source adr-0025 */
export const CRAWL_MPS = 0.3;

/** Speed of a lure that has all but stopped, m/s: its skirt opens. Wider it stands only at rest, where strands sag by what they weigh. @source adr-0025 */
export const NEARLY_STILL_MPS = 0.1;
