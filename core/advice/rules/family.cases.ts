import {
  ft,
  inches,
  just,
  below,
  warm,
  seen,
  cover,
  MID,
  OVER_GRASS,
  type Cases,
} from '../../testing/fixtures/case-waters';
import type { FAMILY_RULES } from './family';

export const FAMILY_CASES: Cases<typeof FAMILY_RULES> = {
  'jig-on-the-bottom': [{}, MID],
  'jig-into-thick-shallow-cover': [
    { ...cover('brush', 'thick'), depthM: ft(8) },
    { ...cover('brush', 'thick'), depthM: ft(8) + just },
  ],
  'jig-for-size': [{ aim: 'size' }, { aim: 'bites' }],
  'jig-works-a-spot': [{ aim: 'saturate' }, { aim: 'size' }],
  'jig-when-they-will-not-chase': [{ mood: 'inactive' }, { mood: 'neutral' }],
  'jig-in-the-cold': [below(50), warm(50)],
  'jig-for-crayfish-on-stone': [{ forage: ['crayfish'] }, { forage: ['shad'] }],
  'jig-stays-upright-on-slopes': [cover('rock'), cover('brush')],
  'jig-in-deep-water': [{ depthM: ft(15) }, { depthM: ft(15) - just }],
  'swim-jig-quiet-for-wary-fish': [{ ...MID, pressure: 'high' }, MID],
  'swim-jig-along-early-summer-banks': [
    { ...MID, season: 'postspawn' },
    { ...MID, season: 'autumn' },
  ],
  'swim-jig-over-cover-tops': [OVER_GRASS, { ...OVER_GRASS, band: { fromM: 0, toM: 0.7 } }],
  'vibrating-before-the-spawn': [
    { season: 'prespawn', depthM: ft(8) },
    { season: 'prespawn', depthM: ft(8) + just },
  ],
  'vibrating-runs-clean-through-weed': [cover('grass-submerged'), cover('brush')],
  'vibrating-hunts-for-active-fish': [
    { mood: 'active', ...warm(55) },
    { mood: 'active', ...below(55) },
  ],
  'vibrating-searches-too': [{ aim: 'search' }, { aim: 'size' }],
  'vibrating-calls-in-coloured-water': [seen(inches(18) - just), seen(inches(18))],
  'subtle-plate-where-they-look': [
    { ...seen(ft(3)), depthM: ft(8), pressure: 'high' },
    { ...seen(ft(3) - just), depthM: ft(8), pressure: 'high' },
  ],
  'plate-chokes-in-a-mat': [cover('grass-matted'), cover('grass-submerged')],
  'plate-hangs-in-thick-branches': [cover('brush', 'thick'), cover('brush', 'medium')],
  'blades-search-big-water': [{ aim: 'search' }, { aim: 'size' }],
  'blades-among-autumn-shad': [
    { season: 'autumn', forage: ['shad'] },
    { season: 'autumn', forage: ['crayfish'] },
  ],
  'blades-in-wind-and-cloud': [
    { wind: 'chop', sky: 'mixed' },
    { wind: 'ripple', sky: 'mixed' },
  ],
  'blades-slow-rolled-in-cold-mud': [
    { ...below(60), ...seen(inches(12) - just) },
    { ...warm(60), ...seen(inches(12) - just) },
  ],
  'blades-pass-over-wood': [
    { ...MID, ...cover('brush', 'medium') },
    { ...MID, ...cover('brush', 'thick') },
  ],
  'blades-burned-for-smaller-bass': [
    { species: 'smallmouth', mood: 'active', ...seen(ft(3)) },
    { species: 'smallmouth', mood: 'active', ...seen(ft(3) - just) },
  ],
  'blades-put-wary-fish-off': [
    { sky: 'bright', wind: 'calm' },
    { sky: 'bright', wind: 'ripple' },
  ],
  'plate-noise-puts-wary-fish-off': [
    { pressure: 'high', ...seen(ft(3) - just) },
    { pressure: 'high', ...seen(ft(3)) },
  ],
  'blades-foul-in-a-mat': [cover('grass-matted'), cover('pads')],
};
