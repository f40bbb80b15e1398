import { all, always, not } from '../conditions/condition';
import {
  aim,
  asDeepAs,
  clearTo,
  colderThan,
  coverAtLeast,
  mood,
  murkierThan,
  onBottom,
  overWeed,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { BandRule, ShiftBounds, ShiftRule } from './rule';

const ftps = lengthMFromFt;

/** How fast a jig may fall: cold fish want it slow; the speeds are those of dressed jigs that anglers call right. @source craft-practice */
export const FALL_BANDS = [
  { id: 'fall-ice-cold', when: colderThan(45), from: ftps(0.8), to: ftps(1.42) },
  { id: 'fall-cold', when: colderThan(55), from: ftps(1), to: ftps(1.7) },
  { id: 'fall-cool', when: colderThan(65), from: ftps(1.25), to: ftps(2.1) },
  { id: 'fall-mild', when: colderThan(75), from: ftps(1.5), to: ftps(2.3) },
  { id: 'fall-warm', when: always, from: ftps(1.65), to: ftps(2.6) },
] as const satisfies readonly BandRule[];

export const FALL_SHIFTS = [
  { id: 'fall-inactive-slower', when: mood('inactive'), times: 0.85 },
  { id: 'fall-active-faster', when: mood('active'), times: 1.1 },
  { id: 'fall-mud-slower', when: murkierThan(lengthMFromIn(6)), times: 0.85 },
  { id: 'fall-very-clear-slower', when: clearTo(ftps(8)), times: 0.9 },
  { id: 'fall-deep-faster', when: all(onBottom, asDeepAs(ftps(15))), times: 1.3 },
  { id: 'fall-very-deep-faster', when: all(onBottom, asDeepAs(ftps(25))), times: 1.15 },
  { id: 'fall-through-cover', when: all(onBottom, coverAtLeast('thick'), not(overWeed)), times: 1.1 },
  { id: 'fall-saturate-slower', when: aim('saturate'), times: 0.85 },
  { id: 'fall-search-faster', when: aim('search'), times: 1.12 },
] as const satisfies readonly ShiftRule[];

/** As far as anybody slows a fall that cold already slowed, and hurries one into deep water. @source craft-practice */
export const FALL_BOUNDS: ShiftBounds = { times: [0.72, 1.75] };
