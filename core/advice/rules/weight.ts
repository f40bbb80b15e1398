import { lengthMFromFt, lengthMFromIn, massKgFromOz } from '../../units/units';
import { always, type BandRule, type ShiftRule } from '../rule';

const oz = massKgFromOz;
const feet = lengthMFromFt;

/** Head weight by cover, temperature and depth. @source craft-practice */
export const WEIGHT_BANDS = [
  { id: 'weight-over-weed', when: (w) => w.overWeed, from: oz(3 / 16), to: oz(5 / 16) },
  { id: 'weight-thick-mat', when: (w) => w.matted && w.density === 3, from: oz(7 / 8), to: oz(1.25) },
  {
    id: 'weight-cold-shallow-cover',
    when: (w) => w.belowF(55) && w.depthM <= feet(8),
    from: oz(5 / 16),
    to: oz(7 / 16),
  },
  {
    id: 'weight-summer-thick-cover',
    when: (w) => w.water.season === 'summer' && w.density === 3,
    from: oz(5 / 8),
    to: oz(1),
  },
  { id: 'weight-deep', when: (w) => w.bottom && w.depthM >= feet(15), from: oz(5 / 8), to: oz(1) },
  { id: 'weight-into-weed', when: (w) => w.grass || w.has('brush'), from: oz(7 / 16), to: oz(3 / 4) },
  {
    id: 'weight-mild-shallow-cover',
    when: (w) => w.inCover && w.depthM <= feet(8),
    from: oz(7 / 16),
    to: oz(5 / 8),
  },
  { id: 'weight-any-depth', when: always, from: oz(7 / 16), to: oz(5 / 8) },
] as const satisfies readonly BandRule[];

export const WEIGHT_SHIFTS = [
  { id: 'weight-step-up', when: (w) => !w.overWeed, times: 1.15, school: 'heaviest' },
  { id: 'weight-slow-hand', when: always, times: 0.75, school: 'slow-hand' },
  { id: 'weight-below-65', when: (w) => w.belowF(65) && !w.belowF(55), times: 0.9 },
  { id: 'weight-no-reaction', when: (w) => w.water.mood === 'inactive', times: 0.85 },
  { id: 'weight-mud', when: (w) => w.seenM < lengthMFromIn(6), times: 0.85 },
  { id: 'weight-very-clear', when: (w) => w.seenM >= feet(8), times: 0.85 },
  { id: 'weight-hurry', when: (w) => w.water.aim === 'search', times: 1.1 },
] as const satisfies readonly ShiftRule[];
