import type { SkirtBody } from './body';

/** Half the flare is lost at a Cauchy number of about seventy; the third root gives the far slope U^(4/3). @source adr-0003 */
const CAUCHY_SCALE = 10;

/**
 * Cauchy number: load of the flow over bending stiffness of one strand.
 * @returns dimensionless, grows with U² and L³
 */
export function strandCauchy(skirt: SkirtBody, speedMps: number, densityKgM3: number): number {
  const inertiaM4 = (skirt.widthM * skirt.thicknessM ** 3) / 12;
  return (densityKgM3 * speedMps ** 2 * skirt.widthM * skirt.lengthM ** 3) / (skirt.modulusPa * inertiaM4);
}

/**
 * Sine of the angle at which strands stand away from the body at a speed.
 * @source alben-2002 for the -1/3 slope of the sine with the Cauchy number; scale adr-0003
 */
export const flareSine = (skirt: SkirtBody, speedMps: number, densityKgM3: number): number =>
  Math.sin(skirt.flareAtRestRad) * Math.cbrt(1 / (1 + strandCauchy(skirt, speedMps, densityKgM3) / CAUCHY_SCALE));

/** A bent strand reaches out less than a straight one of its angle; its tip trails. @source adr-0003 */
const MEAN_REACH = 0.53;

/** Width across the skirt at a speed, m: twice the reach of a strand. */
export const skirtSpreadM = (skirt: SkirtBody, speedMps: number, densityKgM3: number): number =>
  2 * skirt.lengthM * MEAN_REACH * flareSine(skirt, speedMps, densityKgM3);

/** Speed of a crawl, m/s: hardly moving, skirt half open. Profile, flare and drawings use it. @source adr-0003 */
export const CRAWL_MPS = 0.12;
