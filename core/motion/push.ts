import type { RigBody } from '../rig/body/body';
import { spinningDragM2 } from '../rig/body/frame';
import { cm2FromAreaM2 } from '../units/units';
import type { Medium } from './medium';
import { skirtDragAreaM2 } from './skirt-drag';

/** Speed at which push is compared: a jig falling or hopped. */
export const PUSH_AT_MPS = 0.4;
/** Of the skirt's drag, fitted anew with it: 0.3 of what it was before wire counted. @source adr-0025 */
const SKIRT_SHARE = 0.4;

/**
 * Push index: water moved, felt from afar. 100 ln(1+x)/ln(16), x in cm² of drag: appendages that beat, blades that turn, and 0.4 of the skirt.
 * @param awake  share of the kick that is left at this temperature and speed, 0 to 1
 * @returns      0 to about 100, dimensionless
 * @source adr-0003
 */
export function pushIndex(body: RigBody, medium: Medium, awake = 1): number {
  const frameM2 = body.frame === null ? 0 : spinningDragM2(body.frame);
  const skirtM2 =
    body.skirt === null ? 0 : skirtDragAreaM2(body.skirt, PUSH_AT_MPS, medium.densityKgM3, medium.kinematicM2ps);
  return pushIndexOf(body.pushM2 * awake + frameM2, skirtM2);
}

/** The same from its two sources, m²: appendages as far as they beat, and the skirt's drag at the speed of comparison. */
export const pushIndexOf = (pushM2: number, skirtM2: number): number =>
  (100 * Math.log1p(cm2FromAreaM2(pushM2 + SKIRT_SHARE * skirtM2))) / Math.log(16);
