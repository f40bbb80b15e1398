import { all, any, not } from '../conditions/condition';
import {
  aim,
  asDeepAs,
  atLeastF,
  colderThan,
  coverAtLeast,
  forFamily,
  inCover,
  mood,
  murkierThan,
  overWeed,
  wantedHigh,
  wantedTo,
  wood,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn, massKgFromOz } from '../../units/units';
import type { BandRule } from './rule';

const oz = massKgFromOz;
const feet = lengthMFromFt;
const inches = lengthMFromIn;

const plate = forFamily('vibrating');
const blades = forFamily('spinner');
const coldMud = all(blades, colderThan(60), murkierThan(inches(12)));

/** Head weight of vibrating jigs by depth, weed and pace. @source craft-practice */
export const PLATE_WEIGHTS = [
  { id: 'plate-light-over-weed', when: all(plate, overWeed, wantedHigh), from: oz(1 / 4), to: oz(7 / 16) },
  { id: 'plate-weights-for-depth', when: all(plate, asDeepAs(feet(10))), from: oz(1 / 2), to: oz(3 / 4) },
  {
    id: 'plate-heavier-when-burned',
    when: all(plate, mood('active'), atLeastF(60), not(wantedHigh)),
    from: oz(7 / 16),
    to: oz(5 / 8),
  },
  { id: 'plate-weights-everyday', when: plate, from: oz(3 / 8), to: oz(1 / 2) },
] as const satisfies readonly BandRule[];

/** Head weight of spinnerbaits: a slow roll takes the heaviest, flats a half, a short cast beside cover less. @source craft-practice */
export const SPINNER_WEIGHTS = [
  {
    id: 'heavy-thump-slow-rolled',
    when: coldMud,
    school: 'mud-weight:heavy-thump',
    from: oz(3 / 4),
    to: oz(1),
  },
  {
    id: 'one-weight-in-mud-too',
    when: coldMud,
    school: 'mud-weight:one-weight-big-trailer',
    from: oz(3 / 8),
    to: oz(1 / 2),
  },
  { id: 'light-in-mud-too', when: coldMud, school: 'mud-weight:light-high', from: oz(1 / 8), to: oz(1 / 4) },
  {
    id: 'slow-roll-early-and-deep',
    when: all(blades, colderThan(56), asDeepAs(feet(8))),
    from: oz(3 / 4),
    to: oz(1),
  },
  {
    id: 'three-eighths-into-thick-wood',
    when: all(blades, wood, coverAtLeast('thick'), atLeastF(60)),
    from: oz(5 / 16),
    to: oz(7 / 16),
  },
  { id: 'slow-roll-wants-weight', when: all(blades, colderThan(50)), from: oz(3 / 4), to: oz(1) },
  { id: 'blades-wanted-deep', when: all(blades, wantedTo(feet(10))), from: oz(1 / 2), to: oz(3 / 4) },
  {
    id: 'half-ounce-reaches-over-flats',
    when: all(blades, any(aim('search'), not(inCover))),
    from: oz(7 / 16),
    to: oz(9 / 16),
  },
  { id: 'three-eighths-lands-beside-cover', when: blades, from: oz(5 / 16), to: oz(7 / 16) },
] as const satisfies readonly BandRule[];
