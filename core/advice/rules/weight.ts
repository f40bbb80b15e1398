import { all, always, any, not } from '../conditions/condition';
import {
  aim,
  asDeepAs,
  atLeastF,
  clearTo,
  colderThan,
  coverAtLeast,
  coverAtMost,
  coverOf,
  firstFood,
  forFamily,
  inCover,
  matted,
  mood,
  murkierThan,
  noDeeperThan,
  offBottom,
  onBottom,
  oneFood,
  overWeed,
  pressure,
  season,
  species,
  wantedFrom,
  wantedHigh,
  wantedTo,
  weed,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn, massKgFromOz } from '../../units/units';
import { PLATE_WEIGHTS, SPINNER_WEIGHTS } from './reeled-weights';
import type { BandRule, ShiftBounds, ShiftRule } from './rule';

const oz = massKgFromOz;
const feet = lengthMFromFt;

/** Head weight by cover, temperature and depth. @source craft-practice */
export const WEIGHT_BANDS = [
  ...PLATE_WEIGHTS,
  ...SPINNER_WEIGHTS,
  {
    id: 'weight-over-weed',
    when: all(weed, offBottom, wantedHigh),
    school: 'grass-weight:float-over',
    from: oz(3 / 16),
    to: oz(3 / 8),
  },
  {
    id: 'weight-swim-small-prey',
    when: all(offBottom, oneFood, firstFood('minnow')),
    from: oz(3 / 16),
    to: oz(5 / 16),
  },
  {
    id: 'weight-swim-smaller-bass',
    when: all(offBottom, not(species('largemouth')), clearTo(feet(3)), not(wantedTo(feet(6)))),
    from: oz(3 / 16),
    to: oz(5 / 16),
  },
  {
    id: 'weight-swim-mud-light',
    when: all(offBottom, murkierThan(lengthMFromIn(14))),
    school: 'mud-weight:light-high',
    from: oz(1 / 8),
    to: oz(1 / 4),
  },
  {
    id: 'weight-swim-mud-one',
    when: all(offBottom, murkierThan(lengthMFromIn(14))),
    school: 'mud-weight:one-weight-big-trailer',
    from: oz(5 / 16),
    to: oz(7 / 16),
  },
  {
    id: 'weight-swim-deep',
    when: all(offBottom, wantedTo(feet(12))),
    from: oz(1 / 2),
    to: oz(3 / 4),
  },
  {
    id: 'weight-swim-lower',
    when: all(offBottom, wantedFrom(feet(4))),
    from: oz(7 / 16),
    to: oz(5 / 8),
  },
  {
    id: 'weight-swim-clear',
    when: all(offBottom, clearTo(feet(2))),
    from: oz(5 / 16),
    to: oz(1 / 2),
  },
  { id: 'weight-swim-usual', when: offBottom, from: oz(5 / 16), to: oz(7 / 16) },
  { id: 'weight-thick-mat', when: all(matted, coverAtLeast('thick')), from: oz(7 / 8), to: oz(1.25) },
  {
    id: 'weight-cold-shallow-cover',
    when: all(colderThan(55), noDeeperThan(feet(8))),
    from: oz(5 / 16),
    to: oz(7 / 16),
  },
  {
    id: 'weight-summer-thick-cover',
    when: all(season('summer'), coverAtLeast('thick')),
    from: oz(5 / 8),
    to: oz(1),
  },
  { id: 'weight-very-deep', when: all(onBottom, asDeepAs(feet(25))), from: oz(3 / 4), to: oz(1.25) },
  { id: 'weight-deep', when: all(onBottom, asDeepAs(feet(15))), from: oz(5 / 8), to: oz(1) },
  {
    id: 'weight-sparse-and-watched',
    when: all(onBottom, clearTo(feet(4)), pressure('high'), coverAtMost('sparse'), noDeeperThan(feet(10))),
    from: oz(3 / 16),
    to: oz(5 / 16),
  },
  { id: 'weight-into-weed', when: any(weed, coverOf('brush')), from: oz(7 / 16), to: oz(3 / 4) },
  {
    id: 'weight-mild-shallow-cover',
    when: all(inCover, noDeeperThan(feet(8))),
    from: oz(7 / 16),
    to: oz(5 / 8),
  },
  { id: 'weight-any-depth', when: always, from: oz(7 / 16), to: oz(5 / 8) },
] as const satisfies readonly BandRule[];

const bottomJig = all(forFamily('skirted'), onBottom);

/** Shifts speak of jigs on the bottom: how heavy a swimmer, a plate or blades are to be says the band. */
export const WEIGHT_SHIFTS = [
  { id: 'weight-step-up', when: all(bottomJig, not(overWeed)), times: 1.15, school: 'weight:heaviest' },
  { id: 'weight-slow-hand', when: bottomJig, times: 0.75, school: 'weight:slow-hand' },
  { id: 'weight-below-65', when: all(bottomJig, colderThan(65), atLeastF(55)), times: 0.9 },
  { id: 'weight-no-reaction', when: all(bottomJig, mood('inactive')), times: 0.85 },
  { id: 'weight-mud', when: all(bottomJig, murkierThan(lengthMFromIn(6))), times: 0.75 },
  { id: 'weight-very-clear', when: all(bottomJig, clearTo(feet(8))), times: 0.85 },
  { id: 'weight-hurry', when: all(bottomJig, aim('search')), times: 1.1 },
] as const satisfies readonly ShiftRule[];

/** Two steps lighter and one heavier is as far as anybody goes from what the water asks. @source craft-practice */
export const WEIGHT_BOUNDS: ShiftBounds = { times: [0.72, 1.3] };
