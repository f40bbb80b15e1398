import { always } from '../conditions/condition';
import { colderThan, easyToSee, hardToSee, mood, pressure, wind } from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { BandRule, ShiftBounds, ShiftRule } from './rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Water moved: the murkier, the more fish find a bait by feel. Index 0 to 100. @source craft-practice */
export const PUSH_BANDS = [
  { id: 'push-mud', when: hardToSee(inches(6)), from: 72, to: 100 },
  { id: 'push-muddy', when: hardToSee(inches(12)), from: 64, to: 95 },
  { id: 'push-stained', when: hardToSee(inches(24)), from: 54, to: 86 },
  { id: 'push-tinted', when: hardToSee(feet(4)), from: 42, to: 72 },
  { id: 'push-clear', when: hardToSee(feet(8)), from: 34, to: 62 },
  { id: 'push-very-clear', when: always, from: 24, to: 52 },
] as const satisfies readonly BandRule[];

export const PUSH_SHIFTS = [
  { id: 'push-cold-less', when: colderThan(50), plus: -12 },
  { id: 'push-inactive-less', when: mood('inactive'), plus: -8 },
  { id: 'push-active-more', when: mood('active'), plus: 6 },
  { id: 'push-pressure-less', when: pressure('high'), plus: -6 },
  { id: 'push-chop-more', when: wind('chop'), plus: 5 },
] as const satisfies readonly ShiftRule[];

/** Moods and wind move a band by a class of visibility, never by two. @source craft-practice */
export const PUSH_BOUNDS: ShiftBounds = { plus: [-18, 12] };
export const SHOW_BOUNDS: ShiftBounds = { plus: [-0.3, 0.3] };

/** Motion to the eye, 0 to 1. @source craft-practice */
export const SHOW_BANDS = [
  {
    id: 'show-braking-claws',
    when: colderThan(55),
    school: 'cold-brake:claw-brake',
    from: 0,
    to: 0.85,
  },
  { id: 'show-ice-cold', when: colderThan(48), school: 'kick-by:season', from: 0, to: 0.2 },
  { id: 'show-cold', when: colderThan(55), school: 'kick-by:season', from: 0, to: 0.35 },
  { id: 'show-cool', when: colderThan(65), school: 'kick-by:season', from: 0.05, to: 0.6 },
  { id: 'show-mild', when: colderThan(75), school: 'kick-by:season', from: 0.05, to: 0.9 },
  { id: 'show-warm', when: always, school: 'kick-by:season', from: 0.2, to: 1 },
  { id: 'show-whatever-season', when: always, from: 0.2, to: 0.8 },
] as const satisfies readonly BandRule[];

export const SHOW_SHIFTS = [
  { id: 'show-murk-more', when: hardToSee(inches(12)), school: 'kick-by:visibility', plus: 0.2 },
  { id: 'show-clear-less', when: easyToSee(feet(4)), school: 'kick-by:visibility', plus: -0.2 },
  { id: 'show-active-more', when: mood('active'), school: 'kick-by:mood', plus: 0.2 },
  { id: 'show-inactive-less', when: mood('inactive'), school: 'kick-by:mood', plus: -0.25 },
] as const satisfies readonly ShiftRule[];
