import type { SkirtBody } from '../rig/body';
import { flareSine } from '../rig/skirt-shape';

const STRAND_CD = 0.88;
/** share of strand surface that is washed */
const FRICTION_SHARE = 0.6;
const BLASIUS = 1.33;

/**
 * Drag area of a whole skirt with the flow along its axis.
 * @param speedMps      m/s, above 0
 * @param densityKgM3   of the water
 * @param kinematicM2ps of the water
 * @returns             m², form drag of bent strands plus laminar friction along them
 */
export function skirtDragAreaM2(
  skirt: SkirtBody,
  speedMps: number,
  densityKgM3: number,
  kinematicM2ps: number,
): number {
  const { strands, widthM, thicknessM, lengthM } = skirt;
  const form = STRAND_CD * strands * widthM * lengthM * flareSine(skirt, speedMps, densityKgM3);
  const re = (speedMps * lengthM) / kinematicM2ps;
  const friction = (FRICTION_SHARE * strands * 2 * (widthM + thicknessM) * lengthM * BLASIUS) / Math.sqrt(re);
  return form + friction;
}
