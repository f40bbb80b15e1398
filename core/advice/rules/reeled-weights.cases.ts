import {
  at,
  below,
  cover,
  ft,
  inches,
  just,
  OPEN,
  OVER_GRASS,
  school,
  seen,
  warm,
  type Cases,
} from '../../testing/fixtures/case-waters';
import type { PLATE_WEIGHTS, SPINNER_WEIGHTS } from './reeled-weights';

export const PLATE_WEIGHT_CASES: Cases<typeof PLATE_WEIGHTS> = {
  'plate-light-over-weed': [OVER_GRASS, { ...OVER_GRASS, band: { fromM: 0, toM: 0.7 } }],
  'plate-weights-for-depth': [{ depthM: ft(10) }, { depthM: ft(10) - just }],
  'plate-heavier-when-burned': [
    { mood: 'active', temperatureC: at(60) },
    { mood: 'active', ...below(60) },
  ],
  'plate-weights-everyday': [{ depthM: ft(10) - just }, { depthM: ft(10) }],
};

export const SPINNER_WEIGHT_CASES: Cases<typeof SPINNER_WEIGHTS> = {
  'heavy-thump-slow-rolled': [
    { ...below(60), ...seen(inches(12) - just) },
    { ...below(60), ...seen(inches(12)) },
  ],
  'one-weight-in-mud-too': [
    { ...below(60), ...seen(inches(10)), ...school('mud-weight', 'one-weight-big-trailer') },
    { ...below(60), ...seen(inches(10)) },
  ],
  'light-in-mud-too': [
    { ...below(60), ...seen(inches(10)), ...school('mud-weight', 'light-high') },
    { ...below(60), ...seen(inches(10)) },
  ],
  'slow-roll-early-and-deep': [
    { ...below(56), depthM: ft(8) },
    { ...below(56), depthM: ft(8) - just },
  ],
  'three-eighths-into-thick-wood': [
    { ...cover('laydown', 'thick'), ...warm(60) },
    { ...cover('laydown', 'medium'), ...warm(60) },
  ],
  'slow-roll-wants-weight': [below(50), warm(50)],
  'blades-wanted-deep': [
    { depthM: 6, band: { fromM: 1, toM: ft(10) } },
    { depthM: 6, band: { fromM: 1, toM: ft(10) - just } },
  ],
  'half-ounce-reaches-over-flats': [OPEN, cover('brush')],
  'three-eighths-lands-beside-cover': [cover('brush'), OPEN],
};
