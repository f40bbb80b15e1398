import type { SkirtBody } from '../rig/body/body';
import { skirtStrand, spreadOf, STRAND_CD } from '../rig/body/skirt-shape';

/** Strands shield each other: a skirt never has more drag than so many times the disc it spans. @source adr-0025 */
const DISC_CD = 1.2;
/** Share of strand surface that is washed. @source adr-0003 */
const FRICTION_SHARE = 0.6;
/** Mean laminar friction on a plate, over the root of the Reynolds number. @source blasius-1908 */
const BLASIUS = 1.33;

/**
 * Drag area of a whole skirt with the flow along its axis.
 * @param speedMps      m/s, above 0
 * @param densityKgM3   of the water
 * @param kinematicM2ps of the water
 * @returns             m², form drag of bent strands that shield each other, plus laminar friction along them
 */
export function skirtDragAreaM2(
  skirt: SkirtBody,
  speedMps: number,
  densityKgM3: number,
  kinematicM2ps: number,
): number {
  const { strands, widthM, thicknessM, lengthM } = skirt;
  const { reach, drag } = skirtStrand(skirt, speedMps, densityKgM3);
  const alone = STRAND_CD * strands * widthM * lengthM * drag;
  const spreadM = spreadOf(skirt, reach);
  const crowded = (4 * alone) / (DISC_CD * Math.PI * spreadM * spreadM);
  const form = alone / Math.sqrt(Math.sqrt(1 + crowded * crowded * crowded * crowded));
  const re = (speedMps * lengthM) / kinematicM2ps;
  const friction = (FRICTION_SHARE * strands * 2 * (widthM + thicknessM) * lengthM * BLASIUS) / Math.sqrt(re);
  return form + friction;
}
