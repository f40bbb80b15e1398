import type { SkirtBody } from '../rig/body/body';
import { flareSine } from '../rig/body/skirt-shape';

/** Drag of a strand across the flow among its like, on its width: fitted so that known jigs fall as they do, wire and all. @source adr-0003, adr-0025 */
const STRAND_CD = 0.66;
/** Share of strand surface that is washed. @source adr-0003 */
const FRICTION_SHARE = 0.6;
/** Mean laminar friction on a plate, over the root of the Reynolds number. @source blasius-1908 */
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
