import { at, ft, inches, just, below, seen, cover, type Cases } from '../../testing/fixtures/case-waters';
import type { FALL_BANDS, FALL_SHIFTS } from './fall';

export const FALL_CASES: Cases<typeof FALL_BANDS | typeof FALL_SHIFTS> = {
  'fall-ice-cold': [below(45), { temperatureC: at(45) }],
  'fall-cold': [below(55), { temperatureC: at(55) }],
  'fall-cool': [below(65), { temperatureC: at(65) }],
  'fall-mild': [below(75), { temperatureC: at(75) }],
  'fall-warm': [{ temperatureC: at(75) }, below(75)],
  'fall-inactive-slower': [{ mood: 'inactive' }, { mood: 'neutral' }],
  'fall-active-faster': [{ mood: 'active' }, { mood: 'neutral' }],
  'fall-mud-slower': [seen(inches(6) - just), seen(inches(6))],
  'fall-very-clear-slower': [seen(ft(8)), seen(ft(8) - just)],
  'fall-deep-faster': [{ depthM: ft(15) }, { depthM: ft(15) - just }],
  'fall-very-deep-faster': [{ depthM: ft(25) }, { depthM: ft(25) - just }],
  'fall-through-cover': [cover('brush', 'thick'), cover('brush', 'medium')],
  'fall-saturate-slower': [{ aim: 'saturate' }, { aim: 'bites' }],
  'fall-search-faster': [{ aim: 'search' }, { aim: 'bites' }],
};
