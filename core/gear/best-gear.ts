import { usable, type Box } from '../rig/parts/box';
import { marginsOf, USUAL_IN_HAND, type Fished, type Gear, type Margin } from './margins';

/** Gear of a box for a rig, by the places of its parts. */
export interface GearOfBox {
  readonly rod: number;
  readonly reel: number;
  readonly line: number;
}
export interface BestGear extends GearOfBox {
  readonly margins: readonly Margin[];
}

export const gearAt = (box: Box, { rod, reel, line }: GearOfBox): Gear | null => {
  const [onRod, onReel, withLine] = [box.rods[rod], box.reels[reel], box.lines[line]];
  return onRod && onReel && withLine ? { rod: onRod, reel: onReel, line: withLine } : null;
};

/** Places of the parts that can be fished. */
export const usablePlaces = <T extends Parameters<typeof usable>[0]>(parts: readonly T[]): readonly number[] =>
  parts.flatMap((part, at) => (usable(part) ? [at] : []));

/** Margins from the least up, what the craft usually has in hand being plenty. */
const inHand = (margins: readonly Margin[]): readonly number[] =>
  margins.map(({ value }) => Math.min(USUAL_IN_HAND, value)).sort((a, b) => a - b);

/** Whether gear has more in hand where it is least; where that is the same, at the next. */
function isBetter(own: readonly number[], other: readonly number[]): boolean {
  for (const [at, value] of own.entries()) {
    const than = other[at] ?? Infinity;
    if (Math.abs(value - than) > 1e-9) return value > than;
  }
  return false;
}

/**
 * The rod, reel and line of a box that have most in hand where it is least; of equals those that come first.
 * @returns null where the box lacks one of them
 */
export function bestGear(fished: Fished, box: Box, guardN?: number): BestGear | null {
  let best: BestGear | null = null;
  let most: readonly number[] = [];
  for (const rod of usablePlaces(box.rods)) {
    for (const reel of usablePlaces(box.reels)) {
      for (const line of usablePlaces(box.lines)) {
        const margins = marginsOf(fished, gearAt(box, { rod, reel, line })!, guardN);
        const has = inHand(margins);
        if (best !== null && !isBetter(has, most)) continue;
        [most, best] = [has, { rod, reel, line, margins }];
      }
    }
  }
  return best;
}
