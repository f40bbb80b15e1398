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

/** A keeper begins to let go just below its slip speed and has wholly let go just above it, shares of that speed. @source adr-0025 */
const LETS_GO = { from: 0.95, to: 1.15 } as const;

/** How far plastic has slid down the shank at a speed: 0 held, 1 as far as it goes. */
export function slidShare(rig: Rig, body: RigBody, medium: Medium, speedMps: number): number {
  const slipMps = keeperSlipMps(rig, body, medium);
  if (slipMps === null) return 0;
  return Math.min(1, Math.max(0, (speedMps / slipMps - LETS_GO.from) / (LETS_GO.to - LETS_GO.from)));
}
