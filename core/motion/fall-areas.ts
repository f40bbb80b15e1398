import type { RigBody } from '../rig/body/body';
import { spinningDragM2 } from '../rig/body/frame';
import { UNIT_FACTORS, type DragFactors } from '../rig/body/known-factors';
import { FALL_PUSH_SHARE } from '../rig/body/trails';

export { UNIT_FACTORS, type DragFactors } from '../rig/body/known-factors';

/** How the parts of drag turn with the angle between body and motion. @source adr-0003 */
const SKIRT_ANGLE = { base: 0.4, along: 0.6, across: 0.2 } as const;

/**
 * Drag of everything but the skirt at an angle, the share of its drag a skirt has there, and the lift. m² and dimensionless.
 * @param frameM2  drag of blades or plate, which lift nothing on the way down; unless said they turn about the line of fall
 */
export function areasWithoutSkirt(
  body: Pick<RigBody, 'head' | 'wire' | 'trailerAxialM2' | 'trailerNormalM2' | 'pushM2' | 'frame'>,
  angleRad: number,
  factors: DragFactors = UNIT_FACTORS,
  frameM2 = body.frame === null ? 0 : factors.blade * spinningDragM2(body.frame),
): { readonly dragM2: number; readonly skirtShare: number; readonly liftM2: number } {
  const c = Math.cos(angleRad);
  const s = Math.sin(angleRad);
  const c2 = c * c;
  const s2 = s * s;
  const { head: metal, wire } = body;
  const head = factors.head * ((metal.axialM2 + wire.alongM2) * c2 + (metal.broadsideM2 + wire.acrossM2) * s2);
  const along = body.trailerAxialM2;
  const across = body.trailerNormalM2;
  const trailer = factors.trailer * (FALL_PUSH_SHARE * body.pushM2 + along * c2 * c + across * s2 * s);
  return {
    dragM2: head + trailer + frameM2,
    skirtShare: factors.skirt * (SKIRT_ANGLE.base + SKIRT_ANGLE.along * c2 + SKIRT_ANGLE.across * s2),
    liftM2: factors.lift * factors.trailer * (across * s2 * c - along * c2 * s),
  };
}
