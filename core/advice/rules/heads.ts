import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { PreferRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Head shape and line tie, hook, guard. @source craft-practice */
export const HEAD_RULES = [
  {
    id: 'football-on-stone',
    when: (w) => w.bottom && w.stone && !w.wood && !w.grass,
    target: { head: ['football'] },
    weight: 1.5,
  },
  {
    id: 'football-deep-drag',
    when: (w) => w.bottom && w.depthM >= feet(12) && !w.grass && !w.forked,
    target: { head: ['football'] },
    weight: 1,
  },
  { id: 'cams-in-riprap', when: (w) => w.has('riprap'), target: { head: ['football'], cams: [true] }, weight: 1 },
  {
    id: 'plain-football-wedges',
    when: (w) => w.has('riprap'),
    target: { head: ['football'], cams: [false] },
    weight: -0.5,
  },
  {
    id: 'football-not-in-branches',
    when: (w) => w.wood || w.grass,
    target: { head: ['football'] },
    weight: -1,
  },
  {
    id: 'casting-around-docks',
    when: (w) => w.roofed,
    target: { head: ['casting'] },
    weight: 1.2,
  },
  {
    id: 'casting-for-mixed-banks',
    when: (w) => w.bottom && !w.grass && (w.wood || w.water.cover.length > 1 || !w.inCover),
    target: { head: ['casting'] },
    weight: 1,
  },
  { id: 'rounded-in-forks', when: (w) => w.forked, target: { nose: ['round'] }, weight: 0.8 },
  { id: 'pointed-wedges-in-forks', when: (w) => w.forked, target: { nose: ['pointed'] }, weight: -1.5 },
  {
    id: 'flat-point-over-wood',
    when: (w) => (w.has('laydown') || w.has('stumps')) && !w.has('hardwood') && !w.has('flooded-bush'),
    target: { nose: ['flat-pointed'] },
    weight: 0.6,
  },
  {
    id: 'nose-tie-through-brush',
    when: (w) => w.has('brush') || w.grass,
    target: { head: ['flipping', 'swim', 'bullet'] },
    weight: 0.7,
  },
  { id: 'pointed-opens-grass', when: (w) => w.grass, target: { nose: ['pointed'] }, weight: 1.2 },
  { id: 'ball-not-in-grass', when: (w) => w.grass, target: { head: ['ball'] }, weight: -1.5 },
  { id: 'ball-does-most', when: (w) => !w.grass && w.density <= 2, target: { head: ['ball'] }, weight: 0.4 },
  {
    id: 'flipping-for-heavy-wood',
    when: (w) => w.density === 3 && w.wood,
    target: { head: ['flipping'], nose: ['round', 'flat-pointed'] },
    weight: 1,
  },
  { id: 'bullet-through-mats', when: (w) => w.matted && w.density === 3, target: { head: ['bullet'] }, weight: 1.5 },
  { id: 'bullet-elsewhere-needless', when: (w) => !w.matted, target: { head: ['bullet'] }, weight: -1.5 },
  { id: 'swim-in-midwater', when: (w) => !w.bottom, target: { head: ['swim'] }, weight: 1.8 },
  { id: 'swim-falls-over', when: (w) => w.bottom, target: { head: ['swim'] }, weight: -1.2 },
  {
    id: 'vertical-under-the-rod',
    when: (w) => w.bottom && w.depthM >= feet(20) && w.has('ledge'),
    target: { head: ['vertical'] },
    weight: 1,
  },
  {
    id: 'vertical-only-upright',
    when: (w) => w.depthM < feet(15),
    target: { head: ['vertical'] },
    weight: -1,
  },
  {
    id: 'finesse-when-watched',
    when: (w) => w.seenM >= feet(4) || w.water.pressure === 'high',
    target: { finesse: [true] },
    weight: 0.9,
  },
  {
    id: 'finesse-too-slight',
    when: (w) => w.density === 3 || (w.seenM < inches(12) && w.inCover),
    target: { finesse: [true] },
    weight: -1.2,
  },
  { id: 'stout-wire-in-thick', when: (w) => w.density === 3, target: { wire: ['heavy', 'extra-heavy'] }, weight: 0.8 },
  {
    id: 'fine-wire-in-open',
    when: (w) => w.density <= 1 && w.seenM >= feet(3),
    target: { wire: ['light', 'medium'] },
    weight: 0.5,
  },
  { id: 'full-guard-in-cover', when: (w) => w.wood && w.density >= 2, target: { guard: ['full'] }, weight: 0.6 },
  {
    id: 'soft-guard-in-open',
    when: (w) => !w.inCover || (w.stone && !w.wood && !w.grass),
    target: { guard: ['light', 'wire'] },
    weight: 0.4,
  },
] as const satisfies readonly PreferRule[];
