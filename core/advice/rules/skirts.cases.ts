import { ft, inches, just, seen, HIGH, school, type Cases } from '../../testing/fixtures/case-waters';
import type { SKIRT_RULES } from './skirts';

export const SKIRT_CASES: Cases<typeof SKIRT_RULES> = {
  'full-skirt-for-size': [
    { aim: 'size', ...seen(ft(3) - just) },
    { aim: 'size', ...seen(ft(3)) },
  ],
  'full-skirt-tempts-slow-fish': [
    { mood: 'inactive', ...seen(ft(3) - just) },
    { mood: 'inactive', ...seen(ft(3)) },
  ],
  'full-skirt-in-murk': [seen(inches(18) - just), seen(inches(18))],
  'bulky-skirt-refused': [seen(ft(3)), seen(ft(3) - just)],
  'thin-skirt-on-the-move': [
    { ...seen(ft(3)), ...school('clear-water', 'thin-and-move') },
    { ...seen(ft(3) - just), ...school('clear-water', 'thin-and-move') },
  ],
  'bulk-that-holds-still': [
    { ...seen(ft(3)), ...school('clear-water', 'still-bulk') },
    { ...seen(ft(3)), ...school('clear-water', 'thin-and-move') },
  ],
  'thin-swim-skirt-lets-light-through': [
    { ...HIGH, ...seen(ft(2)) },
    { ...HIGH, ...seen(ft(2) - just) },
  ],
  'finesse-wears-thin': [{}, {}],
  'finesse-not-in-a-mop': [{}, {}],
  'rubber-flares': [seen(ft(3) - just), seen(ft(3))],
  'puffing-shows-in-clear': [seen(ft(3)), seen(ft(3) - just)],
  'hair-without-baitfish': [{ forage: ['panfish'] }, { forage: ['minnow'] }],
  'hair-for-baitfish': [{ forage: ['shad'] }, { forage: ['panfish'] }],
};
