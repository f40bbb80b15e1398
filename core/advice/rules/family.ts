import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { FamilyRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Which family at all. Points add up; what a lure then does in the water counts on top. @source craft-practice */
export const FAMILY_RULES = [
  { id: 'jig-on-the-bottom', when: (w) => w.bottom, family: 'skirted', weight: 1 },
  {
    id: 'jig-into-thick-shallow-cover',
    when: (w) => w.density === 3 && w.depthM <= feet(8) && !w.high,
    family: 'skirted',
    weight: 1.5,
  },
  { id: 'jig-for-size', when: (w) => w.water.aim === 'size', family: 'skirted', weight: 0.7 },
  { id: 'jig-works-a-spot', when: (w) => w.water.aim === 'saturate', family: 'skirted', weight: 1.5 },
  {
    id: 'jig-when-they-will-not-chase',
    when: (w) => w.water.mood === 'inactive',
    family: 'skirted',
    weight: 1,
  },
  { id: 'jig-in-the-cold', when: (w) => w.belowF(50) && w.bottom, family: 'skirted', weight: 0.8 },
  {
    id: 'jig-for-crayfish-on-stone',
    when: (w) => w.bottom && w.water.forage.includes('crayfish'),
    family: 'skirted',
    weight: 0.8,
  },
  { id: 'jig-stays-upright-on-slopes', when: (w) => w.bottom && w.stone, family: 'skirted', weight: 0.5 },
  { id: 'jig-in-deep-water', when: (w) => w.bottom && w.depthM >= feet(15), family: 'skirted', weight: 1.5 },
  {
    id: 'swim-jig-quiet-for-wary-fish',
    when: (w) =>
      !w.bottom &&
      (w.water.pressure === 'high' ||
        w.water.mood === 'inactive' ||
        (w.water.sky === 'bright' && w.water.wind === 'calm')),
    family: 'skirted',
    weight: 1.2,
  },
  {
    id: 'swim-jig-along-early-summer-banks',
    when: (w) => !w.bottom && (w.water.season === 'postspawn' || w.water.season === 'summer') && w.inCover,
    family: 'skirted',
    weight: 0.6,
  },
  {
    id: 'swim-jig-over-cover-tops',
    when: (w) => w.overWeed,
    family: 'skirted',
    weight: 0.5,
  },

  {
    id: 'vibrating-before-the-spawn',
    when: (w) => (w.water.season === 'prespawn' || w.water.season === 'spawn') && w.depthM <= feet(8) && w.density <= 2,
    family: 'vibrating',
    weight: 1.2,
  },
  {
    id: 'vibrating-runs-clean-through-weed',
    when: (w) => w.has('grass-submerged') || w.stems,
    family: 'vibrating',
    weight: 0.8,
  },
  {
    id: 'vibrating-hunts-for-active-fish',
    when: (w) => w.water.mood === 'active' && !w.belowF(55),
    family: 'vibrating',
    weight: 0.7,
  },
  {
    id: 'vibrating-searches-too',
    when: (w) => w.water.aim === 'search',
    family: 'vibrating',
    weight: 0.9,
  },
  {
    id: 'vibrating-calls-in-coloured-water',
    when: (w) => w.seenM < inches(18) && !w.belowF(50),
    family: 'vibrating',
    weight: 0.4,
  },
  {
    id: 'subtle-plate-where-they-look',
    when: (w) => w.seenM >= feet(3) && w.depthM >= feet(8) && w.water.pressure === 'high',
    family: 'vibrating',
    weight: 0.5,
  },
  { id: 'plate-chokes-in-a-mat', when: (w) => w.matted, family: 'vibrating', weight: -2.5 },
  {
    id: 'plate-hangs-in-thick-branches',
    when: (w) => w.density === 3 && (w.has('brush') || w.has('flooded-bush')),
    family: 'vibrating',
    weight: -1,
  },

  { id: 'blades-search-big-water', when: (w) => w.water.aim === 'search', family: 'spinner', weight: 1.5 },
  {
    id: 'blades-among-autumn-shad',
    when: (w) => w.water.season === 'autumn' && (w.water.forage.length === 0 || w.water.forage.includes('shad')),
    family: 'spinner',
    weight: 0.7,
  },
  {
    id: 'blades-in-wind-and-cloud',
    when: (w) => w.water.wind === 'chop' && w.water.sky !== 'bright',
    family: 'spinner',
    weight: 0.8,
  },
  {
    id: 'blades-slow-rolled-in-cold-mud',
    when: (w) => w.belowF(60) && w.seenM < inches(12),
    family: 'spinner',
    weight: 1,
  },
  {
    id: 'blades-pass-over-wood',
    when: (w) => w.wood && w.density <= 2 && !w.bottom,
    family: 'spinner',
    weight: 0.6,
  },
  {
    id: 'blades-burned-for-smaller-bass',
    when: (w) => w.water.species !== 'largemouth' && w.water.mood === 'active' && w.seenM >= feet(3),
    family: 'spinner',
    weight: 1,
  },
  {
    id: 'blades-put-wary-fish-off',
    when: (w) => w.water.pressure === 'high' || (w.water.sky === 'bright' && w.water.wind === 'calm'),
    family: 'spinner',
    weight: -0.6,
  },
  {
    id: 'plate-noise-puts-wary-fish-off',
    when: (w) => w.water.pressure === 'high' && w.seenM < feet(3),
    family: 'vibrating',
    weight: -0.4,
  },
  { id: 'blades-foul-in-a-mat', when: (w) => w.matted, family: 'spinner', weight: -2.5 },
] as const satisfies readonly FamilyRule[];
