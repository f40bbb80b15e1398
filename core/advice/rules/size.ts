import { all, always, any, not } from '../conditions/condition';
import {
  aim,
  clearTo,
  colderThan,
  coverAtLeast,
  coverIs,
  firstFood,
  foodKnown,
  mood,
  murkierThan,
  oneFood,
  pressure,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { BandRule, ShiftRule } from './rule';

const inches = lengthMFromIn;
const feet = lengthMFromFt;

/** Length from nose to tail. @source craft-practice */
export const LENGTH_BANDS = [
  {
    id: 'length-choosy',
    when: all(clearTo(feet(3)), any(mood('inactive'), pressure('high'))),
    from: inches(2.6),
    to: inches(3.9),
  },
  { id: 'length-cold', when: colderThan(50), from: inches(3), to: inches(4.3) },
  { id: 'length-big-fish', when: aim('size'), from: inches(4), to: inches(5.5) },
  { id: 'length-usual', when: always, from: inches(3.3), to: inches(5.2) },
] as const satisfies readonly BandRule[];

export const LENGTH_SHIFTS = [
  {
    id: 'length-small-prey',
    when: all(oneFood, firstFood('minnow'), not(any(mood('inactive'), pressure('high')))),
    times: 0.85,
  },
  { id: 'length-murk', when: murkierThan(inches(12)), times: 1.08 },
] as const satisfies readonly ShiftRule[];

/** Height over length, wanted only when the food is known, among what dressed lures have: a fifth to a third. @source craft-practice, adr-0036 */
export const RATIO_BANDS = [
  { id: 'ratio-panfish', when: firstFood('panfish'), from: 0.25, to: 0.45 },
  { id: 'ratio-crayfish', when: firstFood('crayfish'), from: 0.19, to: 0.3 },
  { id: 'ratio-slim', when: foodKnown, from: 0.1, to: 0.265 },
] as const satisfies readonly BandRule[];

/** Share of contacts a rig comes back from. @source craft-practice */
export const SNAG_BANDS = [
  { id: 'snag-thick', when: coverAtLeast('thick'), from: 0.72, to: 1 },
  { id: 'snag-medium', when: coverIs('medium'), from: 0.6, to: 1 },
  { id: 'snag-sparse', when: coverIs('sparse'), from: 0.45, to: 1 },
  { id: 'snag-open', when: always, from: 0.25, to: 1 },
] as const satisfies readonly BandRule[];
