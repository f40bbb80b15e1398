import { at, ft, inches, just, below, seen, school, type Cases } from '../../testing/fixtures/case-waters';
import type { PUSH_BANDS, PUSH_SHIFTS, SHOW_BANDS, SHOW_SHIFTS } from './motion';

export const MOTION_CASES: Cases<typeof PUSH_BANDS | typeof PUSH_SHIFTS | typeof SHOW_BANDS | typeof SHOW_SHIFTS> = {
  'push-mud': [seen(inches(6) - just), seen(inches(6))],
  'push-muddy': [seen(inches(12) - just), seen(inches(12))],
  'push-stained': [seen(inches(24) - just), seen(inches(24))],
  'push-tinted': [seen(ft(4) - just), seen(ft(4))],
  'push-clear': [seen(ft(8) - just), seen(ft(8))],
  'push-very-clear': [seen(ft(8)), seen(ft(8) - just)],
  'push-cold-less': [below(50), { temperatureC: at(50) }],
  'push-inactive-less': [{ mood: 'inactive' }, { mood: 'neutral' }],
  'push-active-more': [{ mood: 'active' }, { mood: 'neutral' }],
  'push-pressure-less': [{ pressure: 'high' }, { pressure: 'low' }],
  'push-chop-more': [{ wind: 'chop' }, { wind: 'ripple' }],
  'show-braking-claws': [
    { ...below(55), ...school('cold-brake', 'claw-brake') },
    { temperatureC: at(55), ...school('cold-brake', 'claw-brake') },
  ],
  'show-ice-cold': [below(48), { temperatureC: at(48) }],
  'show-cold': [below(55), { temperatureC: at(55) }],
  'show-cool': [below(65), { temperatureC: at(65) }],
  'show-mild': [below(75), { temperatureC: at(75) }],
  'show-warm': [{ temperatureC: at(75) }, below(75)],
  'show-whatever-season': [school('kick-by', 'mood'), {}],
  'show-murk-more': [seen(inches(12) - just), seen(inches(12))],
  'show-clear-less': [seen(ft(4)), seen(ft(4) - just)],
  'show-active-more': [{ mood: 'active' }, { mood: 'neutral' }],
  'show-inactive-less': [{ mood: 'inactive' }, { mood: 'neutral' }],
};
