import { all, not } from '../conditions/condition';
import {
  aim,
  atLeastF,
  clearTo,
  colderThan,
  depthAsked,
  forFamily,
  mood,
  murkierThan,
  reeled,
  weedTopBelow,
  weedTopKnown,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { BandRule, ShiftBounds, ShiftRule } from './rule';
import type { WaterFacts } from '../conditions/water-facts';

/** Weed that ends nearer to the surface than this is not run over, m. @source craft-practice */
const WEED_TOP_M = 0.15;
/** Depth of the highest weed top, m. */
const weedTopM = (w: WaterFacts): number => w.weedTopM ?? w.depthM;

/** Where a reeled lure should run: where it is wanted, over the weed, or in the upper middle of open water. @source craft-practice */
export const RUN_BANDS = [
  {
    id: 'run-where-wanted',
    when: all(reeled, depthAsked),
    from: (w) => w.water.band?.fromM ?? 0,
    to: (w) => w.water.band?.toM ?? w.depthM,
  },
  {
    id: 'run-over-the-weed',
    when: all(reeled, weedTopKnown, weedTopBelow(WEED_TOP_M)),
    from: (w) => 0.4 * weedTopM(w),
    to: weedTopM,
  },
  {
    id: 'run-rolled-along-the-bottom',
    when: all(reeled, forFamily('spinner'), colderThan(55)),
    from: (w) => 0.7 * w.depthM,
    to: (w) => w.depthM,
  },
  { id: 'run-upper-middle', when: reeled, from: (w) => 0.2 * w.depthM, to: (w) => 0.7 * w.depthM },
] as const satisfies readonly BandRule[];

/** How fast it is brought back, m/s: cold fish follow slowly. A rig should hold its depth at that pace. @source craft-practice */
export const HOLD_BANDS = [
  { id: 'pace-ice-cold', when: all(reeled, colderThan(45)), from: 0.3, to: 0.5 },
  { id: 'pace-cold', when: all(reeled, colderThan(55)), from: 0.4, to: 0.65 },
  { id: 'pace-cool', when: all(reeled, colderThan(65)), from: 0.5, to: 0.8 },
  { id: 'pace-mild', when: all(reeled, colderThan(75)), from: 0.6, to: 1 },
  { id: 'pace-warm', when: reeled, from: 0.75, to: 1.2 },
] as const satisfies readonly BandRule[];

export const HOLD_SHIFTS = [
  { id: 'pace-inactive-slower', when: mood('inactive'), times: 0.85 },
  { id: 'pace-active-faster', when: mood('active'), times: 1.15 },
  { id: 'pace-mud-slower', when: murkierThan(lengthMFromIn(6)), times: 0.85 },
  {
    id: 'pace-blades-and-plates-faster',
    when: all(not(forFamily('skirted')), atLeastF(60), not(mood('inactive'))),
    times: 1.25,
  },
  { id: 'pace-clear-faster', when: all(clearTo(lengthMFromFt(4)), atLeastF(60)), times: 1.15 },
  { id: 'pace-search-faster', when: aim('search'), times: 1.15 },
] as const satisfies readonly ShiftRule[];

/** As far as a pace is slowed or hurried on one water. @source craft-practice */
export const HOLD_BOUNDS: ShiftBounds = { times: [0.75, 1.6] };

/** Room between that pace and the ends of the speeds at which a rig works; and how far over its onset a tail kicks. @source adr-0006 */
export const WINDOW_BANDS = [
  { id: 'window-leaves-room', when: reeled, from: 1.05, to: 1.8 },
] as const satisfies readonly BandRule[];
export const KICK_BANDS = [
  { id: 'kick-alive-at-this-pace', when: reeled, from: 1.1, to: 2 },
] as const satisfies readonly BandRule[];
