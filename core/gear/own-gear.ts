import type { OwnGear } from '../advice/conditions/own-gear';
import { emptyBox, type Box } from '../rig/parts/box';
import { bestGear, gearAt } from './best-gear';
import type { GearTrays } from './named-gear';
import { fishedOf, weakestOf } from './margins';

/** Sets of rod, reel and line that are gone through for every rig at most. */
const MOST_SETS = 2000;

/**
 * What an angler fishes with, as the ranking asks for it: the best of it for each rig.
 * @returns null where a tray is empty, or where there is too much to go through for each rig
 */
export function ownGear(trays: GearTrays): OwnGear | null {
  const sets = trays.rods.length * trays.reels.length * trays.lines.length;
  if (sets === 0 || sets > MOST_SETS) return null;
  const box: Box = { ...emptyBox(), ...trays };
  return (rig, handled, water) => {
    const fished = fishedOf(rig, handled, water);
    const best = bestGear(fished, box);
    if (best === null) throw new Error('ownGear: trays with parts hold no gear');
    const { id, value } = weakestOf(best.margins);
    return { ...gearAt(box, best)!, weakest: { id, value } };
  };
}
