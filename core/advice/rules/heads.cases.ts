import {
  at,
  ft,
  inches,
  just,
  below,
  seen,
  cover,
  OPEN,
  HIGH,
  OVER_GRASS,
  school,
  type Cases,
} from '../../testing/fixtures/case-waters';
import type { HEAD_RULES } from './heads';

export const HEAD_CASES: Cases<typeof HEAD_RULES> = {
  'football-on-stone': [cover('gravel-bar'), cover('brush')],
  'football-deep-drag': [
    { ...OPEN, depthM: ft(12) },
    { ...OPEN, depthM: ft(12) - just },
  ],
  'football-for-crayfish': [
    { ...OPEN, forage: ['crayfish'] },
    { ...cover('brush'), forage: ['crayfish'] },
  ],
  'football-pops-free': [cover('rock'), cover('riprap')],
  'cams-in-riprap': [cover('riprap'), cover('rock')],
  'plain-football-wedges': [cover('riprap'), cover('rock')],
  'football-not-in-branches': [cover('brush'), cover('dock')],
  'casting-around-docks': [cover('houseboat'), cover('brush')],
  'casting-for-mixed-banks': [OPEN, cover('dock')],
  'rounded-in-forks': [cover('hardwood'), cover('stumps')],
  'pointed-wedges-in-forks': [cover('flooded-bush'), cover('brush')],
  'flat-point-even-in-forks': [
    { ...cover('hardwood'), ...school('pointed-in-wood', 'use') },
    { ...cover('stumps'), ...school('pointed-in-wood', 'use') },
  ],
  'flat-point-over-wood': [cover('stumps'), cover('hardwood')],
  'nose-tie-through-brush': [cover('brush'), cover('stumps')],
  'pointed-opens-grass': [cover('reeds'), cover('brush')],
  'punch-any-grass': [
    { ...cover('reeds'), ...school('grass-jig', 'skirted-punch') },
    { ...cover('brush'), ...school('grass-jig', 'skirted-punch') },
  ],
  'rounder-flipping-in-heavy-weed': [cover('reeds', 'thick'), cover('grass-matted', 'thick')],
  'ball-not-in-grass': [cover('pads'), cover('dock')],
  'ball-on-plain-bottom': [
    { ...OPEN, bottom: 'sand' },
    { ...OPEN, bottom: 'gravel' },
  ],
  'ball-does-most': [cover('dock', 'medium'), cover('dock', 'thick')],
  'flipping-for-heavy-wood': [cover('laydown', 'thick'), cover('laydown', 'medium')],
  'bullet-through-mats': [cover('grass-matted', 'thick'), cover('grass-matted', 'medium')],
  'bullet-elsewhere-needless': [cover('reeds'), cover('grass-matted')],
  'swim-in-midwater': [
    { depthM: 2, band: { fromM: 1.4, toM: 1.9 } },
    { depthM: 2, band: { fromM: 1.5, toM: 1.9 } },
  ],
  'swim-through-standing-weed': [
    { ...OVER_GRASS, season: 'autumn' },
    { ...OVER_GRASS, season: 'summer' },
  ],
  'swim-is-the-quiet-one': [
    { ...HIGH, sky: 'bright', wind: 'calm' },
    { ...HIGH, sky: 'bright', wind: 'ripple' },
  ],
  'swim-falls-over': [{}, HIGH],
  'swim-creeps-in-the-cold': [
    { ...OPEN, ...below(50) },
    { ...OPEN, temperatureC: at(50), ...school('swim-bottom', 'creep') },
  ],
  'heavy-swim-crept-over-clean-ground': [
    { ...OPEN, temperatureC: at(50), ...school('swim-bottom', 'creep') },
    { ...OPEN, ...below(50), ...school('swim-bottom', 'creep') },
  ],
  'swim-still-topples': [below(50), { temperatureC: at(50) }],
  'vertical-under-the-rod': [
    { ...cover('ledge'), depthM: ft(20) },
    { ...cover('ledge'), depthM: ft(20) - just },
  ],
  'vertical-stroked': [
    { depthM: ft(20), aim: 'saturate' },
    { depthM: ft(20) - just, aim: 'saturate' },
  ],
  'vertical-swings-out': [school('vertical-tie', 'avoid'), school('vertical-tie', 'vertical-only')],
  'vertical-only-upright': [{ depthM: ft(15) - just }, { depthM: ft(15) }],
  'bottom-heads-do-not-swim': [HIGH, {}],
  'finesse-is-not-for-size': [{ aim: 'size' }, { aim: 'size', pressure: 'high' }],
  'everyday-weights': [{}, {}],
  'finesse-when-watched': [
    { ...seen(ft(8)), pressure: 'low' },
    { ...seen(ft(8) - just), pressure: 'low' },
  ],
  'finesse-football-in-clear': [
    { ...OPEN, ...seen(ft(8)), pressure: 'low' },
    { ...OPEN, ...seen(ft(8) - just), pressure: 'low' },
  ],
  'finesse-stays-light': [{}, {}],
  'football-heavy-when-deep': [{ depthM: ft(15) }, { depthM: ft(15) - just }],
  'casting-stands-hook-up': [{ mood: 'inactive' }, { ...cover('reeds'), mood: 'inactive' }],
  'one-jig-for-all': [
    {
      cover: [
        { kind: 'rock', density: 'sparse' },
        { kind: 'stumps', density: 'medium' },
      ],
    },
    cover('stumps'),
  ],
  'finesse-too-slight': [seen(inches(12) - just), seen(inches(12))],
};
