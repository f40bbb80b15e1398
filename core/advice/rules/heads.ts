import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { always, type PreferRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Head shape, line tie, and the weights a style is fished in. @source craft-practice */
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
  {
    id: 'football-for-crayfish',
    when: (w) => w.bottom && w.water.forage.includes('crayfish') && !w.wood && !w.grass,
    target: { head: ['football'] },
    weight: 0.5,
  },
  {
    id: 'football-pops-free',
    when: (w) => w.bottom && w.stone,
    school: 'football-in-rock:use',
    target: { head: ['football'], cams: [false] },
    weight: 0.3,
  },
  {
    id: 'cams-in-riprap',
    when: (w) => w.stone,
    school: 'football-in-rock:cammed',
    target: { head: ['football'], cams: [true] },
    weight: 1,
  },
  {
    id: 'plain-football-wedges',
    when: (w) => w.stone,
    school: 'football-in-rock:cammed',
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
  {
    id: 'pointed-wedges-in-forks',
    when: (w) => w.wood,
    school: 'pointed-in-wood:avoid',
    target: { nose: ['pointed'] },
    weight: -1.5,
  },
  {
    id: 'flat-point-even-in-forks',
    when: (w) => w.forked,
    school: 'pointed-in-wood:use',
    target: { nose: ['flat-pointed'] },
    weight: 0.9,
  },
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
  {
    id: 'pointed-opens-grass',
    when: (w) => w.grass,
    school: 'grass-jig:pointed-jig',
    target: { nose: ['pointed'] },
    weight: 1.2,
  },
  {
    id: 'punch-any-grass',
    when: (w) => w.grass,
    school: 'grass-jig:skirted-punch',
    target: { head: ['bullet'] },
    weight: 2.4,
  },
  {
    id: 'rounder-flipping-in-heavy-weed',
    when: (w) => w.grass && !w.matted && w.density === 3,
    target: { head: ['flipping'], nose: ['round', 'flat-pointed'] },
    weight: 0.4,
  },
  { id: 'ball-not-in-grass', when: (w) => w.grass, target: { head: ['ball'] }, weight: -1.5 },
  {
    id: 'ball-on-plain-bottom',
    when: (w) => w.bottom && !w.inCover && !w.stone,
    target: { head: ['ball'] },
    weight: 1.3,
  },
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
  {
    id: 'swim-through-standing-weed',
    when: (w) => !w.bottom && w.has('grass-submerged') && (w.spring || w.water.season === 'autumn'),
    target: { head: ['swim'] },
    weight: 0.4,
  },
  {
    id: 'swim-is-the-quiet-one',
    when: (w) =>
      !w.bottom &&
      (w.water.pressure === 'high' ||
        w.water.mood === 'inactive' ||
        (w.water.sky === 'bright' && w.water.wind === 'calm')),
    target: { head: ['swim'] },
    weight: 0.4,
  },
  {
    id: 'swim-falls-over',
    when: (w) => w.bottom,
    school: 'swim-bottom:never-rest',
    target: { head: ['swim'] },
    weight: -1.2,
  },
  {
    id: 'swim-creeps-in-the-cold',
    when: (w) => w.bottom && w.belowF(50) && !w.inCover,
    school: 'swim-bottom:creep',
    target: { head: ['swim'], weight: ['1/2', '3/4'] },
    weight: 1.6,
  },
  {
    id: 'swim-still-topples',
    when: (w) => w.bottom,
    school: 'swim-bottom:creep',
    target: { head: ['swim'] },
    weight: -0.5,
  },
  {
    id: 'vertical-under-the-rod',
    when: (w) => w.bottom && w.depthM >= feet(20) && w.has('ledge'),
    school: 'vertical-tie:vertical-only',
    target: { head: ['vertical'] },
    weight: 1,
  },
  {
    id: 'vertical-stroked',
    when: (w) => w.bottom && w.depthM >= feet(20) && w.water.aim === 'saturate',
    school: 'vertical-tie:vertical-only',
    target: { head: ['vertical'] },
    weight: 2.6,
  },
  {
    id: 'vertical-swings-out',
    when: always,
    school: 'vertical-tie:avoid',
    target: { head: ['vertical'] },
    weight: -2,
  },
  {
    id: 'vertical-only-upright',
    when: (w) => w.depthM < feet(15),
    school: 'vertical-tie:vertical-only',
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
    id: 'finesse-football-in-clear',
    when: (w) => w.bottom && w.seenM >= feet(4) && !w.wood && !w.grass,
    target: { head: ['football'], finesse: [true] },
    weight: 0.6,
  },
  { id: 'finesse-stays-light', when: always, target: { finesse: [true], weight: ['1/2', '3/4', '1'] }, weight: -0.6 },
  {
    id: 'football-heavy-when-deep',
    when: (w) => w.bottom && w.depthM >= feet(15),
    target: { head: ['football'], weight: ['3/4'] },
    weight: 0.4,
  },
  {
    id: 'casting-stands-hook-up',
    when: (w) => w.bottom && w.water.mood === 'inactive' && !w.grass,
    target: { head: ['casting'] },
    weight: 0.3,
  },
  {
    id: 'one-jig-for-all',
    when: (w) => w.bottom && w.water.cover.length > 1 && !w.grass && w.density <= 2,
    target: { head: ['casting'], weight: ['3/8', '1/2'] },
    weight: 0.3,
  },
  {
    id: 'finesse-too-slight',
    when: (w) => w.density === 3 || (w.seenM < inches(12) && w.inCover),
    target: { finesse: [true] },
    weight: -1.2,
  },
] as const satisfies readonly PreferRule[];
