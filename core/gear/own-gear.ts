import type { OwnGear } from '../advice/conditions/own-gear';
import { emptyBox, type Box } from '../rig/parts/box';
import { bestGear, gearAt } from './best-gear';
import type { GearTrays } from './named-gear';
import { fishedOf, weakestOf } from './margins';

/** Sets of rod, reel and line that are gone through for every rig at most. */
const MOST_SETS = 2000;
const setsOf = ({ rods, reels, lines }: GearTrays): number => rods.length * reels.length * lines.length;
/** Whether there is so much gear that nobody goes through it for each rig. */
export const isTooMuchGear = (trays: GearTrays): boolean => setsOf(trays) > MOST_SETS;

/**
 * What an angler fishes with, as the ranking asks for it: the best of it for each rig.
 * @returns null where a tray is empty, or where there is too much to go through for each rig
 */
export function ownGear(trays: GearTrays): OwnGear | null {
  if (setsOf(trays) === 0 || isTooMuchGear(trays)) return null;
  const box: Box = { ...emptyBox(), ...trays };
  return (rig, handled, water) => {
    const fished = fishedOf(rig, handled, water);
    const best = bestGear(fished, box);
    if (best === null) throw new Error('ownGear: trays with parts hold no gear');
    const { id, value } = weakestOf(best.margins);
    return { ...gearAt(box, best)!, weakest: { id, value } };
  };
}
