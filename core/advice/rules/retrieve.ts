import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { BandRule, ShiftRule } from '../rule';
import type { WaterFacts } from '../water-facts';

const reeled = (w: WaterFacts): boolean => w.reeled;
/** Depth of the highest weed top, m. */
const weedTopM = (w: WaterFacts): number => w.weedTopM ?? w.depthM;

/** Where a reeled lure should run: where it is wanted, over the weed, or in the upper middle of open water. @source craft-practice */
export const RUN_BANDS = [
  {
    id: 'run-where-wanted',
    when: (w) => w.reeled && w.water.band !== undefined,
    from: (w) => w.water.band?.fromM ?? 0,
    to: (w) => w.water.band?.toM ?? w.depthM,
  },
  {
    id: 'run-over-the-weed',
    when: (w) => w.reeled && w.weedTopM !== null && w.weedTopM > 0.15,
    from: (w) => 0.4 * weedTopM(w),
    to: weedTopM,
  },
  {
    id: 'run-rolled-along-the-bottom',
    when: (w) => w.reeled && w.family === 'spinner' && w.belowF(55),
    from: (w) => 0.7 * w.depthM,
    to: (w) => w.depthM,
  },
  { id: 'run-upper-middle', when: reeled, from: (w) => 0.2 * w.depthM, to: (w) => 0.7 * w.depthM },
] as const satisfies readonly BandRule[];

/** How fast it is brought back, m/s: cold fish follow slowly. A rig should hold its depth at that pace. @source craft-practice */
export const HOLD_BANDS = [
  { id: 'pace-ice-cold', when: (w) => w.reeled && w.belowF(45), from: 0.3, to: 0.5 },
  { id: 'pace-cold', when: (w) => w.reeled && w.belowF(55), from: 0.4, to: 0.65 },
  { id: 'pace-cool', when: (w) => w.reeled && w.belowF(65), from: 0.5, to: 0.8 },
  { id: 'pace-mild', when: (w) => w.reeled && w.belowF(75), from: 0.6, to: 1 },
  { id: 'pace-warm', when: reeled, from: 0.75, to: 1.2 },
] as const satisfies readonly BandRule[];

export const HOLD_SHIFTS = [
  { id: 'pace-inactive-slower', when: (w) => w.water.mood === 'inactive', times: 0.85 },
  { id: 'pace-active-faster', when: (w) => w.water.mood === 'active', times: 1.15 },
  { id: 'pace-mud-slower', when: (w) => w.seenM < lengthMFromIn(6), times: 0.85 },
  {
    id: 'pace-blades-and-plates-faster',
    when: (w) => w.family !== 'skirted' && !w.belowF(60) && w.water.mood !== 'inactive',
    times: 1.25,
  },
  { id: 'pace-clear-faster', when: (w) => w.seenM >= lengthMFromFt(4) && !w.belowF(60), times: 1.15 },
  { id: 'pace-search-faster', when: (w) => w.water.aim === 'search', times: 1.15 },
] as const satisfies readonly ShiftRule[];

/** Room between that pace and the ends of the speeds at which a rig works; and how far over its onset a tail kicks. @source adr-0006 */
export const WINDOW_BANDS = [
  { id: 'window-leaves-room', when: reeled, from: 1.15, to: 1.8 },
] as const satisfies readonly BandRule[];
export const KICK_BANDS = [
  { id: 'kick-alive-at-this-pace', when: reeled, from: 1.1, to: 2 },
] as const satisfies readonly BandRule[];
