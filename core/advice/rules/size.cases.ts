import { at, ft, inches, just, below, seen, cover, OPEN, type Cases } from '../../testing/fixtures/case-waters';
import type { LENGTH_BANDS, LENGTH_SHIFTS, RATIO_BANDS, SNAG_BANDS } from './size';

export const SIZE_CASES: Cases<typeof LENGTH_BANDS | typeof LENGTH_SHIFTS | typeof RATIO_BANDS | typeof SNAG_BANDS> = {
  'length-choosy': [
    { ...seen(ft(3)), pressure: 'high' },
    { ...seen(ft(3) - just), pressure: 'high' },
  ],
  'length-cold': [below(50), { temperatureC: at(50) }],
  'length-big-fish': [{ aim: 'size' }, { aim: 'bites' }],
  'length-usual': [{ aim: 'bites' }, { aim: 'size' }],
  'length-small-prey': [{ forage: ['minnow'] }, { forage: ['minnow', 'shad'] }],
  'length-murk': [seen(inches(12) - just), seen(inches(12))],
  'ratio-panfish': [{ forage: ['panfish'] }, { forage: ['crayfish', 'panfish'] }],
  'ratio-crayfish': [{ forage: ['crayfish'] }, { forage: ['panfish', 'crayfish'] }],
  'ratio-slim': [{ forage: ['shad'] }, { forage: [] }],
  'snag-thick': [cover('brush', 'thick'), cover('brush', 'medium')],
  'snag-medium': [cover('brush', 'medium'), cover('brush', 'sparse')],
  'snag-sparse': [cover('brush', 'sparse'), OPEN],
  'snag-open': [OPEN, cover('brush', 'sparse')],
};
