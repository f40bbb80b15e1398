import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { always, type PreferRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Skirt material and bulk; thinning and shortening by scissors belong to the bench. @source craft-practice */
export const SKIRT_RULES = [
  {
    id: 'full-skirt-for-size',
    when: (w) => w.water.aim === 'size' && w.seenM < feet(3),
    target: { skirtBulk: ['full'] },
    weight: 0.4,
  },
  {
    id: 'full-skirt-tempts-slow-fish',
    when: (w) => w.water.mood === 'inactive' && w.seenM < feet(3),
    target: { skirtBulk: ['full'] },
    weight: 0.3,
  },
  {
    id: 'full-skirt-in-murk',
    when: (w) => w.seenM < inches(18),
    target: { skirtBulk: ['thin'] },
    weight: -0.4,
  },
  {
    id: 'bulky-skirt-refused',
    when: (w) => w.seenM >= feet(3),
    target: { skirtBulk: ['full'] },
    weight: -0.5,
  },
  {
    id: 'thin-skirt-on-the-move',
    when: (w) => w.seenM >= feet(3),
    school: 'clear-water:thin-and-move',
    target: { skirtBulk: ['thin'] },
    weight: 1,
  },
  {
    id: 'bulk-that-holds-still',
    when: (w) => w.seenM >= feet(3),
    school: 'clear-water:still-bulk',
    target: { skirtBulk: ['usual', 'full'], trailer: ['chunk', 'flat-bug'] },
    weight: 1.2,
  },
  {
    id: 'thin-swim-skirt-lets-light-through',
    when: (w) => !w.bottom && w.seenM >= feet(2),
    target: { head: ['swim'], skirtBulk: ['thin'] },
    weight: 0.4,
  },
  { id: 'finesse-wears-thin', when: always, target: { finesse: [true], skirtBulk: ['thin'] }, weight: 0.4 },
  { id: 'finesse-not-in-a-mop', when: always, target: { finesse: [true], skirtBulk: ['full'] }, weight: -0.5 },
  {
    id: 'rubber-flares',
    when: (w) => w.seenM < feet(3) || !w.bottom,
    school: 'skirt-flare:want',
    target: { skirtMaterial: ['rubber'] },
    weight: 0.3,
  },
  {
    id: 'puffing-shows-in-clear',
    when: always,
    school: 'skirt-flare:hide',
    target: { skirtMaterial: ['rubber'] },
    weight: -0.5,
  },
  {
    id: 'hair-without-baitfish',
    when: (w) => !w.water.forage.includes('shad') && !w.water.forage.includes('minnow'),
    target: { skirtMaterial: ['hair'] },
    weight: -0.4,
  },
  {
    id: 'hair-for-baitfish',
    when: (w) => w.water.forage.includes('shad') || w.water.forage.includes('minnow'),
    target: { skirtMaterial: ['hair'] },
    weight: 0.5,
  },
] as const satisfies readonly PreferRule[];
