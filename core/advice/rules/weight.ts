import { lengthMFromFt, lengthMFromIn, massKgFromOz } from '../../units/units';
import { always, type BandRule, type ShiftRule } from '../rule';

const oz = massKgFromOz;
const feet = lengthMFromFt;

/** Head weight by cover, temperature and depth. @source craft-practice */
export const WEIGHT_BANDS = [
  {
    id: 'weight-over-weed',
    when: (w) => w.grass,
    school: 'grass-weight:float-over',
    from: oz(3 / 16),
    to: oz(5 / 16),
  },
  {
    id: 'weight-swim-small-prey',
    when: (w) => !w.bottom && w.water.forage.length === 1 && w.water.forage[0] === 'minnow',
    from: oz(3 / 16),
    to: oz(5 / 16),
  },
  {
    id: 'weight-swim-mud-light',
    when: (w) => !w.bottom && w.seenM < lengthMFromIn(12),
    school: 'mud-weight:light-high',
    from: oz(1 / 8),
    to: oz(1 / 4),
  },
  {
    id: 'weight-swim-mud-one',
    when: (w) => !w.bottom && w.seenM < lengthMFromIn(12),
    school: 'mud-weight:one-weight-big-trailer',
    from: oz(5 / 16),
    to: oz(7 / 16),
  },
  {
    id: 'weight-swim-deep',
    when: (w) => !w.bottom && (w.water.band?.toM ?? 0) >= feet(12),
    from: oz(1 / 2),
    to: oz(3 / 4),
  },
  {
    id: 'weight-swim-lower',
    when: (w) => !w.bottom && (w.water.band?.fromM ?? 0) >= feet(4),
    from: oz(7 / 16),
    to: oz(5 / 8),
  },
  {
    id: 'weight-swim-clear',
    when: (w) => !w.bottom && w.seenM >= feet(2),
    from: oz(5 / 16),
    to: oz(1 / 2),
  },
  { id: 'weight-swim-usual', when: (w) => !w.bottom, from: oz(5 / 16), to: oz(7 / 16) },
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
  { id: 'weight-step-up', when: (w) => !w.overWeed, times: 1.15, school: 'weight:heaviest' },
  { id: 'weight-slow-hand', when: always, times: 0.75, school: 'weight:slow-hand' },
  { id: 'weight-below-65', when: (w) => w.belowF(65) && !w.belowF(55), times: 0.9 },
  { id: 'weight-no-reaction', when: (w) => w.water.mood === 'inactive', times: 0.85 },
  { id: 'weight-mud', when: (w) => w.seenM < lengthMFromIn(6), times: 0.85 },
  { id: 'weight-very-clear', when: (w) => w.seenM >= feet(8), times: 0.85 },
  { id: 'weight-hurry', when: (w) => w.water.aim === 'search', times: 1.1 },
] as const satisfies readonly ShiftRule[];
