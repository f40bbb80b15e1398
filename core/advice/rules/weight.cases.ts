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
  type Cases,
} from '../../testing/fixtures/case-waters';
import type { PLATE_WEIGHTS, SPINNER_WEIGHTS } from './reeled-weights';
import type { WEIGHT_BANDS, WEIGHT_SHIFTS } from './weight';

type OfJigs = Exclude<(typeof WEIGHT_BANDS)[number], (typeof PLATE_WEIGHTS | typeof SPINNER_WEIGHTS)[number]>;

export const WEIGHT_CASES: Cases<readonly OfJigs[] | typeof WEIGHT_SHIFTS> = {
  'weight-over-weed': [OVER_GRASS, { ...OVER_GRASS, band: { fromM: 0, toM: 0.7 } }],
  'weight-swim-small-prey': [
    { ...HIGH, forage: ['minnow'] },
    { ...HIGH, forage: ['shad'] },
  ],
  'weight-swim-smaller-bass': [
    { ...HIGH, ...seen(ft(3)), species: 'spotted' },
    { ...HIGH, ...seen(ft(3)), species: 'largemouth' },
  ],
  'weight-swim-mud-light': [
    { ...HIGH, ...seen(inches(12) - just), aim: 'bites' },
    { ...HIGH, ...seen(inches(12) - just), aim: 'search' },
  ],
  'weight-swim-mud-one': [
    { ...HIGH, ...seen(inches(12) - just), aim: 'search' },
    { ...HIGH, ...seen(inches(14)), aim: 'search' },
  ],
  'weight-swim-deep': [
    { depthM: 8, band: { fromM: 1, toM: ft(12) } },
    { depthM: 8, band: { fromM: 1, toM: ft(12) - just } },
  ],
  'weight-swim-lower': [
    { depthM: 6, band: { fromM: ft(4), toM: 2 } },
    { depthM: 6, band: { fromM: ft(4) - just, toM: 2 } },
  ],
  'weight-swim-clear': [
    { ...HIGH, ...seen(ft(2)) },
    { ...HIGH, ...seen(ft(2) - just) },
  ],
  'weight-swim-usual': [{ ...HIGH, ...seen(ft(1.5)) }, {}],
  'weight-thick-mat': [cover('grass-matted', 'thick'), cover('grass-matted', 'medium')],
  'weight-cold-shallow-cover': [
    { ...below(55), depthM: ft(8) },
    { ...below(55), depthM: ft(8) + just },
  ],
  'weight-summer-thick-cover': [
    { season: 'summer', ...cover('laydown', 'thick') },
    { season: 'summer', ...cover('laydown', 'medium') },
  ],
  'weight-very-deep': [
    { ...OPEN, depthM: ft(25) },
    { ...OPEN, depthM: ft(25) - just },
  ],
  'weight-deep': [
    { ...OPEN, depthM: ft(15) },
    { ...OPEN, depthM: ft(15) - just },
  ],
  'weight-sparse-and-watched': [
    { ...seen(ft(4)), pressure: 'high', depthM: 2, ...cover('rock', 'sparse') },
    { ...seen(ft(4)), pressure: 'high', depthM: 2, ...cover('rock', 'medium') },
  ],
  'weight-into-weed': [cover('reeds'), cover('dock')],
  'weight-mild-shallow-cover': [
    { ...cover('dock'), depthM: ft(8) },
    { ...cover('dock'), depthM: ft(8) + just },
  ],
  'weight-any-depth': [OPEN, cover('dock')],
  'weight-step-up': [{ schools: { weight: 'heaviest' } }, { schools: { weight: 'slow-hand' } }],
  'weight-slow-hand': [{ schools: { weight: 'slow-hand' } }, { schools: { weight: 'heaviest' } }],
  'weight-below-65': [below(65), { temperatureC: at(65) }],
  'weight-no-reaction': [{ mood: 'inactive' }, { mood: 'neutral' }],
  'weight-mud': [seen(inches(6) - just), seen(inches(6))],
  'weight-very-clear': [seen(ft(8)), seen(ft(8) - just)],
  'weight-hurry': [{ aim: 'search' }, { aim: 'size' }],
};
