import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { HandlingRule, Held } from './handling-rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const is = ({ rig }: Held, ...styles: readonly string[]): boolean =>
  rig.family === 'skirted' && styles.includes(rig.head.style);
const swims = (held: Held): boolean => is(held, 'swim') && !held.w.bottom;
const spins = ({ rig }: Held): boolean => rig.family === 'spinner';
const vibrates = ({ rig }: Held): boolean => rig.family === 'vibrating';
/** Pace of a water, or of a slow hand where nothing is reeled, m/s. @source craft-practice */
const pace = ({ paceMps }: Held): number => paceMps ?? 0.5;
/** Seconds to let it sink before it is brought back at a depth, near enough: half a metre a second. @source craft-practice */
const sink = ({ w }: Held): number => Math.round(((w.reel?.depthM ?? w.depthM) / 0.5) * 2) / 2;
const toBottom = ({ w }: Held): number => Math.min(60, Math.round((w.depthM / 0.45) * 2) / 2);
/** Slow-rolled speeds and burned ones, m/s. @source craft-practice */
const ROLL_MPS = 0.45;
const BURN_SHARE = 1.25;

/** A swim jig is shaken where its tail cannot do it, and where warm fish chase along an edge. */
const shaken = (held: Held): boolean => {
  const { school } = held.schools['swim-retrieve'];
  if (school !== null) return school === 'shake';
  const edge = !held.w.belowF(70) && held.w.water.mood === 'active' && held.w.inCover;
  return held.match !== 'matched' || edge;
};

/** How a rig is brought back, and what makes them strike on the way. @source craft-practice */
export const RETRIEVE_RULES = [
  {
    id: 'stroke-it-under-the-rod',
    choice: 'retrieve',
    when: (h) => is(h, 'vertical'),
    steps: () => [{ do: 'lift-drop', m: 0.9 }],
  },
  {
    id: 'creep-the-swim-jig',
    choice: 'retrieve',
    when: (h) => is(h, 'swim') && h.w.bottom,
    steps: (h) => [
      { do: 'countdown', s: toBottom(h) },
      { do: 'reel', mPerS: 0.25 },
    ],
  },
  {
    id: 'shake-it-all-the-way',
    choice: 'retrieve',
    when: (h) => swims(h) && shaken(h),
    steps: (h) => [{ do: 'shake', mPerS: pace(h), hz: 3 }],
  },
  {
    id: 'steady-since-the-tail-fits',
    choice: 'retrieve',
    when: swims,
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) },
    ],
  },
  {
    id: 'pull-over-weed-let-it-drop',
    choice: 'retrieve',
    when: (h) => h.rig.family === 'skirted' && h.w.weedDensity >= 2,
    steps: () => [{ do: 'lift-drop', m: 0.5 }],
  },
  {
    id: 'hop-it-so-that-they-feel-it',
    choice: 'retrieve',
    when: (h) => h.rig.family === 'skirted' && (Boolean(h.rig.core) || (h.w.seenM < inches(12) && !h.w.belowF(50))),
    steps: () => [{ do: 'lift-drop', m: 0.35 }],
  },
  {
    id: 'drag-the-wide-head',
    choice: 'retrieve',
    when: (h) => is(h, 'football'),
    steps: (h) => [
      { do: 'countdown', s: toBottom(h) },
      { do: 'reel', mPerS: 0.3, s: 4 },
      { do: 'pause', s: 2 },
      { do: 'reel', mPerS: 0.3 },
    ],
  },
  {
    id: 'pitch-shake-and-on',
    choice: 'retrieve',
    when: (h) => h.rig.family === 'skirted' && h.w.inCover,
    steps: () => [{ do: 'lift-drop', m: 0.15 }],
  },
  {
    id: 'crawl-and-hop',
    choice: 'retrieve',
    when: (h) => h.rig.family === 'skirted',
    steps: (h) => [
      { do: 'countdown', s: toBottom(h) },
      { do: 'lift-drop', m: 0.25 },
      { do: 'reel', mPerS: 0.3 },
    ],
  },
  {
    id: 'roll-the-plate-slowly',
    choice: 'retrieve',
    when: (h) => vibrates(h) && (h.w.belowF(55) || h.w.seenM < inches(12)),
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) },
    ],
  },
  {
    id: 'burn-stop-and-let-it-dart',
    choice: 'retrieve',
    when: vibrates,
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
    when: (h) => spins(h) && (h.w.belowF(55) || (h.w.belowF(60) && h.w.seenM < inches(12))),
    steps: (h) => [
      { do: 'countdown', s: toBottom(h) },
      { do: 'reel', mPerS: ROLL_MPS },
    ],
  },
  {
    id: 'burn-the-blades-bulging',
    choice: 'retrieve',
    when: (h) => spins(h) && h.w.water.mood === 'active' && h.w.seenM >= feet(3),
    steps: (h) => [{ do: 'reel', mPerS: pace(h) * BURN_SHARE }],
  },
  {
    id: 'bump-then-half-a-second',
    choice: 'retrieve',
    when: (h) => spins(h) && h.w.inCover,
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
    when: (h) => spins(h) && h.w.inCover,
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
    when: (h) => spins(h) && h.w.inCover,
    school: 'spinner-bump:keep-coming',
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) },
    ],
  },
  {
    id: 'steady-blades-in-the-open',
    choice: 'retrieve',
    when: spins,
    steps: (h) => [
      { do: 'countdown', s: sink(h) },
      { do: 'reel', mPerS: pace(h) },
    ],
  },

  { id: 'rod-at-ten-to-twelve', choice: 'rod-angle', when: swims, tipM: 2.5 },
  { id: 'rod-up-behind-a-high-plate', choice: 'rod-angle', when: (h) => vibrates(h) && h.w.high, tipM: 2.2 },
  { id: 'rod-steers-into-wood', choice: 'rod-angle', when: (h) => spins(h) && h.w.wood, tipM: 1 },
  { id: 'rod-down-the-slope', choice: 'rod-angle', when: (h) => h.w.has('riprap') && h.w.wood, tipM: 1 },
  { id: 'rod-low-along-the-line', choice: 'rod-angle', when: (h) => spins(h) || vibrates(h), tipM: 0.6 },
  { id: 'rod-follows-the-fall', choice: 'rod-angle', when: (h) => h.w.bottom, tipM: 1.5 },

  {
    id: 'same-stick-many-times',
    choice: 'trigger',
    when: (h) => h.w.seenM < inches(12) && h.w.wood,
  },
  { id: 'fan-out-then-move', choice: 'trigger', when: (h) => h.w.water.aim === 'search' },
  { id: 'pop-weed-off', choice: 'trigger', when: (h) => h.w.grass && h.rig.family !== 'skirted' },
  { id: 'never-let-a-swim-jig-rest', choice: 'trigger', when: (h) => is(h, 'swim') },
  {
    id: 'keep-it-in-sight-half-the-time',
    choice: 'trigger',
    when: (h) => swims(h) && h.w.high && h.w.seenM >= feet(1),
  },
  {
    id: 'let-it-drop-through-standing-weed',
    choice: 'trigger',
    when: (h) => swims(h) && h.w.has('grass-submerged') && !h.w.overWeed,
  },
  { id: 'pop-the-plate-now-and-then', choice: 'trigger', when: (h) => vibrates(h) && h.w.belowF(55) },
  {
    id: 'snap-if-nothing-bites',
    choice: 'trigger',
    when: (h) => spins(h) && h.w.wood && h.schools['spinner-bump'].school !== 'snap' && !h.w.belowF(50),
  },
  { id: 'over-their-heads', choice: 'trigger', when: (h) => h.w.high && h.w.depthM >= feet(8) },
  {
    id: 'bump-everything',
    choice: 'trigger',
    when: (h) => h.w.belowF(55) && h.w.inCover && h.rig.family !== 'skirted',
  },
  { id: 'shake-a-round-head-free', choice: 'trigger', when: (h) => is(h, 'casting', 'ball') && h.w.wood },
  {
    id: 'big-thump-cannot-go-fast',
    choice: 'trigger',
    when: (h) => spins(h) && Boolean(h.rig.trailer) && (h.rig.blades ?? []).every(({ shape }) => shape === 'colorado'),
  },
] as const satisfies readonly HandlingRule[];
