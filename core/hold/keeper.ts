import { RIG_KEEPER_DEFAULT, type RigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import type { Medium } from '../motion/medium';
import { PUSH_SHARE } from '../motion/towed';

/** Pull at which plastic slides off a keeper, N. @source adr-0011 */
export const KEEPER_HOLD_N: Readonly<Record<NonNullable<Rig['keeper']>, number>> = { barb: 1, ring: 0.7, screw: 3 };

/**
 * Speed at which the water pulls the trailer off its keeper, m/s.
 * @returns null without a trailer, or when it hangs from the hook itself
 * @source adr-0011
 */
export function keeperSlipMps(rig: Rig, body: RigBody, medium: Medium): number | null {
  if (!rig.trailer || body.trailer === null || rig.trailer.hang === 'hung') return null;
  const dragM2 = PUSH_SHARE * body.pushM2 + body.trailerAxialM2;
  return Math.sqrt((2 * KEEPER_HOLD_N[rig.keeper ?? RIG_KEEPER_DEFAULT]) / (medium.densityKgM3 * dragM2));
}
