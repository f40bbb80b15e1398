import { all, any, not } from '../conditions/condition';
import {
  aim,
  asDeepAs,
  atLeastF,
  clearTo,
  colderThan,
  coverAtLeast,
  coverOf,
  inCover,
  murkierThan,
  onBottom,
  overWeed,
  wantedHigh,
  weed,
  weedAtLeast,
  wood,
} from '../conditions/of-water';
import { blades, burned, has, head, jig, plate, roundBlades, shaken, swimsOffBottom } from './of-rig';
import { onWater, school } from '../conditions/on-water';
import { PLAN_LIMITS, type RetrievePlan } from '../../motion/plan';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { HandlingRule, Held } from './handling-rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Pace of a water, or of a slow hand where nothing is reeled, m/s. @source craft-practice */
const pace = ({ paceMps }: Held): number => paceMps ?? 0.5;
/** Seconds to let it sink before it is brought back at a depth, near enough: half a metre a second. @source craft-practice */
const sink = ({ w }: Held): number => Math.round(((w.reel?.depthM ?? w.depthM) / 0.5) * 2) / 2;
const toBottom = ({ w }: Held): number => Math.min(60, Math.round((w.depthM / 0.45) * 2) / 2);
/** What sinks to the bottom is let go on an open spool, which gives it line on the way. @source craft-practice */
const letDown = (h: Held): RetrievePlan['steps'][number] => ({
  do: 'countdown',
  s: toBottom(h),
  slackM: Math.min(PLAN_LIMITS.slackM.max, h.w.depthM),
});
/** Slow-rolled speeds and burned ones, m/s. @source craft-practice */
const ROLL_MPS = 0.45;
const BURN_SHARE = 1.25;

/** A pitch, m; a skip reaches further. What is worked where it fell: so many shakes, so high, and how fast it is wound in. @source craft-practice */
const PITCH_M = feet(20);
const SKIP_M = feet(30);
const SHAKES = 4;
const SHAKE_M = 0.15;
const HARD_HOP_M = 0.35;
const WIND_IN_MPS = 0.9;
const pitched = (h: Held, hopM = SHAKE_M): RetrievePlan['steps'] => [
  { do: h.w.roofed ? 'skip' : 'pitch', m: h.w.roofed ? SKIP_M : PITCH_M },
  { do: 'countdown', s: toBottom(h) },
  ...Array.from({ length: SHAKES }, () => ({ do: 'hop' as const, m: hopM, s: 0.5 })),
  { do: 'reel', mPerS: WIND_IN_MPS },
];

/** How a rig is brought back, and what makes them strike on the way. @source craft-practice */
export const RETRIEVE_RULES = [
  {
    id: 'stroke-it-under-the-rod',
    choice: 'retrieve',
    when: head('vertical'),
    steps: () => [{ do: 'stroke', m: 0.9, s: 1 }],
  },
  {
    id: 'creep-the-swim-jig',
    choice: 'retrieve',
    when: all(head('swim'), onWater(onBottom)),
    steps: (h) => [letDown(h), { do: 'reel', mPerS: 0.25 }],
  },
  {
    id: 'shake-it-all-the-way',
    choice: 'retrieve',
    when: all(swimsOffBottom, shaken),
    steps: (h) => [{ do: 'shake', mPerS: pace(h), hz: 3 }],
  },
  {
    id: 'steady-since-the-tail-fits',
    choice: 'retrieve',
    when: swimsOffBottom,
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) },
    ],
  },
  {
    id: 'pull-over-weed-let-it-drop',
    choice: 'retrieve',
    when: all(jig, onWater(weedAtLeast('medium'))),
    steps: () => [{ do: 'lift-drop', m: 0.5 }],
  },
  {
    id: 'pitch-and-hop-it-hard',
    choice: 'retrieve',
    when: all(jig, onWater(all(any(wood, weed), murkierThan(inches(12)), atLeastF(50)))),
    steps: (h) => pitched(h, HARD_HOP_M),
  },
  {
    id: 'hop-it-so-that-they-feel-it',
    choice: 'retrieve',
    when: all(jig, any(has('core'), onWater(all(murkierThan(inches(12)), atLeastF(50))))),
    steps: () => [{ do: 'hop', m: 0.35, s: 0.5 }],
  },
  {
    id: 'drag-the-wide-head',
    choice: 'retrieve',
    when: head('football'),
    steps: (h) => [letDown(h), { do: 'drag', m: 1.2, s: 4 }, { do: 'pause', s: 2 }],
  },
  {
    id: 'pitch-shake-and-on',
    choice: 'retrieve',
    when: all(jig, onWater(inCover)),
    steps: (h) => pitched(h),
  },
  {
    id: 'crawl-and-hop',
    choice: 'retrieve',
    when: jig,
    steps: (h) => [letDown(h), { do: 'hop', m: 0.25, s: 1 }, { do: 'drag', m: 1, s: 3 }],
  },
  {
    id: 'roll-the-plate-slowly',
    choice: 'retrieve',
    when: all(plate, onWater(any(colderThan(55), murkierThan(inches(12))))),
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) },
    ],
  },
  {
    id: 'burn-stop-and-let-it-dart',
    choice: 'retrieve',
    when: plate,
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) * BURN_SHARE, s: 4 },
      { do: 'kill', s: 0.5 },
      { do: 'reel', mPerS: pace(h) * BURN_SHARE },
    ],
  },
  {
    id: 'roll-the-blades-along-the-bottom',
    choice: 'retrieve',
    when: all(
      blades,
      onWater(not(wantedHigh)),
      onWater(any(colderThan(55), all(colderThan(60), murkierThan(inches(12))))),
    ),
    steps: (h) => [letDown(h), { do: 'reel', mPerS: ROLL_MPS }],
  },
  {
    id: 'burn-the-blades-bulging',
    choice: 'retrieve',
    when: all(burned, not(onWater(all(wood, coverAtLeast('thick'))))),
    steps: (h) => [{ do: 'reel', mPerS: pace(h) * BURN_SHARE }],
  },
  {
    id: 'bump-then-half-a-second',
    choice: 'retrieve',
    when: all(blades, onWater(inCover)),
    school: 'spinner-bump:pause',
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h), s: 5 },
      { do: 'pause', s: 0.5 },
      { do: 'reel', mPerS: pace(h) },
    ],
  },
  {
    id: 'bump-reel-on-then-snap',
    choice: 'retrieve',
    when: all(blades, onWater(inCover)),
    school: 'spinner-bump:snap',
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h), s: 5 },
      { do: 'lift-drop', m: 0.3 },
      { do: 'reel', mPerS: pace(h) },
    ],
  },
  {
    id: 'bump-and-keep-coming',
    choice: 'retrieve',
    when: all(blades, onWater(inCover)),
    school: 'spinner-bump:keep-coming',
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) },
    ],
  },
  {
    id: 'steady-blades-in-the-open',
    choice: 'retrieve',
    when: blades,
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) },
    ],
  },

  { id: 'rod-at-ten-to-twelve', choice: 'rod-angle', when: swimsOffBottom, tipM: 2.5 },
  {
    id: 'rod-up-behind-a-high-plate',
    choice: 'rod-angle',
    when: all(any(plate, blades), onWater(wantedHigh)),
    tipM: 2.2,
  },
  { id: 'rod-up-for-a-bulge', choice: 'rod-angle', when: burned, tipM: 2 },
  { id: 'rod-steers-into-wood', choice: 'rod-angle', when: all(blades, onWater(wood)), tipM: 1 },
  { id: 'rod-down-the-slope', choice: 'rod-angle', when: onWater(all(coverOf('riprap'), wood)), tipM: 1 },
  { id: 'rod-low-along-the-line', choice: 'rod-angle', when: any(blades, plate), tipM: 0.6 },
  { id: 'rod-follows-the-fall', choice: 'rod-angle', when: onWater(onBottom), tipM: 1.5 },

  {
    id: 'same-stick-many-times',
    choice: 'trigger',
    when: onWater(all(murkierThan(inches(12)), wood, not(aim('search')))),
  },
  // a spot is pitched to or worked under the rod, not fanned over
  {
    id: 'fan-out-then-move',
    choice: 'trigger',
    when: all(onWater(aim('search')), not(head('vertical')), any(not(jig), swimsOffBottom, onWater(not(inCover)))),
  },
  { id: 'pop-weed-off', choice: 'trigger', when: all(onWater(weed), not(jig)) },
  { id: 'never-let-a-swim-jig-rest', choice: 'trigger', when: head('swim') },
  {
    id: 'keep-it-in-sight-half-the-time',
    choice: 'trigger',
    when: all(swimsOffBottom, onWater(wantedHigh), onWater(clearTo(feet(1)))),
  },
  {
    id: 'let-it-drop-through-standing-weed',
    choice: 'trigger',
    when: all(swimsOffBottom, onWater(coverOf('grass-submerged')), onWater(not(overWeed))),
  },
  { id: 'pop-the-plate-now-and-then', choice: 'trigger', when: all(plate, onWater(colderThan(55))) },
  {
    id: 'snap-if-nothing-bites',
    choice: 'trigger',
    when: all(blades, onWater(wood), not(school('spinner-bump', 'snap')), onWater(atLeastF(50))),
  },
  {
    id: 'over-their-heads',
    choice: 'trigger',
    when: all(any(swimsOffBottom, plate, blades), onWater(all(wantedHigh, asDeepAs(feet(8))))),
  },
  {
    id: 'bump-everything',
    choice: 'trigger',
    when: all(onWater(all(colderThan(55), inCover, not(wantedHigh))), not(jig)),
  },
  { id: 'shake-a-round-head-free', choice: 'trigger', when: all(head('casting', 'ball'), onWater(wood)) },
  {
    id: 'big-thump-cannot-go-fast',
    choice: 'trigger',
    when: all(blades, has('trailer'), roundBlades),
  },
] as const satisfies readonly HandlingRule[];
