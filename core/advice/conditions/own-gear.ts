import type { RetrievePlan } from '../../motion/plan';
import type { PartOf } from '../../rig/parts/box';
import type { Rig } from '../../rig/parts/schema';
import type { Water } from '../../water/schema';

/** The rod, reel and line of an angler that suit a rig best, and where they have least in hand. */
export interface Fitted {
  readonly rod: PartOf<'rods'>;
  readonly reel: PartOf<'reels'>;
  readonly line: PartOf<'lines'>;
  readonly weakest: { readonly id: string; readonly value: number };
}

/** What an angler fishes with: asked of a rig and how it is to be fished, it names the gear it goes on. */
export type OwnGear = (
  rig: Rig,
  handled: {
    readonly plan: RetrievePlan;
    readonly steps: readonly { readonly choice: string; readonly rule: string }[];
  },
  water: Water,
) => Fitted;

/** Gear that does not carry a rig takes from it what it lacks, so much at most. @source adr-0028 */
const LEAST_SHARE = 0.6;
export const gearShare = (fitted: Fitted | null): number =>
  fitted === null ? 1 : Math.min(1, Math.max(LEAST_SHARE, fitted.weakest.value));
