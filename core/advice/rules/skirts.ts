import { all, always, any, not } from '../conditions/condition';
import { aim, clearTo, eat, mood, murkierThan, offBottom } from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { PreferRule } from './rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Skirt material and bulk; thinning and shortening by scissors belong to the bench. @source craft-practice */
export const SKIRT_RULES = [
  {
    id: 'full-skirt-for-size',
    when: all(aim('size'), murkierThan(feet(3))),
    target: { skirtBulk: ['full'] },
    weight: 0.4,
  },
  {
    id: 'full-skirt-tempts-slow-fish',
    when: all(mood('inactive'), murkierThan(feet(3))),
    target: { skirtBulk: ['full'] },
    weight: 0.3,
  },
  {
    id: 'full-skirt-in-murk',
    when: murkierThan(inches(18)),
    target: { skirtBulk: ['thin'] },
    weight: -0.4,
  },
  {
    id: 'bulky-skirt-refused',
    when: clearTo(feet(3)),
    target: { skirtBulk: ['full'] },
    weight: -0.5,
  },
  {
    id: 'thin-skirt-on-the-move',
    when: clearTo(feet(3)),
    school: 'clear-water:thin-and-move',
    target: { skirtBulk: ['thin'] },
    weight: 1,
  },
  {
    id: 'bulk-that-holds-still',
    when: clearTo(feet(3)),
    school: 'clear-water:still-bulk',
    target: { skirtBulk: ['usual', 'full'], trailer: ['chunk', 'flat-bug'] },
    weight: 1.2,
  },
  {
    id: 'thin-swim-skirt-lets-light-through',
    when: all(offBottom, clearTo(feet(2))),
    target: { head: ['swim'], skirtBulk: ['thin'] },
    weight: 0.4,
  },
  { id: 'finesse-wears-thin', when: always, target: { finesse: [true], skirtBulk: ['thin'] }, weight: 0.4 },
  { id: 'finesse-not-in-a-mop', when: always, target: { finesse: [true], skirtBulk: ['full'] }, weight: -0.5 },
  {
    id: 'rubber-flares',
    when: any(murkierThan(feet(3)), offBottom),
    school: 'skirt-flare:want',
    target: { skirtMaterial: ['rubber'] },
    weight: 0.3,
  },
  {
    id: 'puffing-shows-in-clear',
    when: clearTo(feet(3)),
    school: 'skirt-flare:hide',
    target: { skirtMaterial: ['rubber'] },
    weight: -0.5,
  },
  {
    id: 'hair-without-baitfish',
    when: all(not(eat('shad')), not(eat('minnow'))),
    target: { skirtMaterial: ['hair'] },
    weight: -0.4,
  },
  {
    id: 'hair-for-baitfish',
    when: any(eat('shad'), eat('minnow')),
    target: { skirtMaterial: ['hair'] },
    weight: 0.5,
  },
] as const satisfies readonly PreferRule[];
