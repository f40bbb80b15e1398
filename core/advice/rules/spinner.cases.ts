import { at, ft, inches, just, below, warm, seen, cover, school, type Cases } from '../../testing/fixtures/case-waters';
import type { SPINNER_RULES } from './spinner';

export const SPINNER_CASES: Cases<typeof SPINNER_RULES> = {
  'round-blades-in-colour': [seen(ft(2) - just), seen(ft(2))],
  'some-round-up-to-four-feet': [seen(ft(4) - just), seen(ft(4))],
  'willow-in-clear-water': [seen(ft(4)), seen(ft(4) - just)],
  'one-big-thump-in-mud': [seen(inches(12) - just), seen(inches(12))],
  'two-colorados-in-mud': [{ ...seen(inches(12) - just), ...below(55) }, seen(inches(12) - just)],
  'colorado-while-below-60': [below(60), warm(60)],
  'willow-waits-for-warmth': [below(60), warm(60)],
  'tandem-all-spring': [
    { ...below(60), season: 'spawn', ...school('spinner-blades-spring', 'colorado-willow') },
    { ...warm(60), season: 'spawn', ...school('spinner-blades-spring', 'colorado-willow') },
  ],
  'tandem-in-a-warming-spring': [
    { season: 'spawn', ...warm(60) },
    { season: 'spawn', ...below(60) },
  ],
  'big-thump-in-the-cold': [below(50), warm(50)],
  'willow-slips-through-weed': [
    { ...cover('pads'), ...warm(60) },
    { ...cover('pads'), ...below(60) },
  ],
  'large-round-fouls-in-weed': [cover('pads'), cover('brush')],
  'tandem-covers-water-and-cover': [
    { ...cover('brush'), ...seen(inches(12)) },
    { ...cover('brush'), ...seen(inches(12) - just) },
  ],
  'two-willows-burned-when-they-chase': [
    { mood: 'active', species: 'smallmouth' },
    { mood: 'active', species: 'largemouth' },
  ],
  'small-body-for-smaller-bass-and-prey': [{ forage: ['minnow'] }, { forage: ['shad', 'minnow'] }],
  'full-body-otherwise': [seen(ft(2) - just), seen(ft(2))],
  'one-small-colorado-under-cloud-and-wind': [
    { wind: 'chop', sky: 'mixed' },
    { wind: 'chop', sky: 'bright' },
  ],
  'two-willows-under-a-bright-calm-sky': [
    { wind: 'calm', ...seen(ft(2)) },
    { wind: 'ripple', ...seen(ft(2)) },
  ],
  'willow-the-size-of-their-shad': [
    { forage: ['shad'], ...seen(ft(2)) },
    { forage: ['shad'], ...seen(ft(2) - just) },
  ],
  'biggest-round-before-spring': [
    { season: 'winter', ...below(55) },
    { season: 'winter', ...warm(55) },
  ],
  'long-blades-unseen-in-mud': [seen(inches(12) - just), seen(inches(12))],
  'big-round-too-loud-in-clear': [
    { ...seen(ft(4)), ...warm(55) },
    { ...seen(ft(4)), ...below(55) },
  ],
  'large-blade-on-a-light-head': [{}, {}],
  'gold-blades-in-colour': [seen(ft(2) - just), seen(ft(2))],
  'nickel-blades-clear-or-cold': [seen(ft(4)), seen(ft(4) - just)],
  'gold-and-nickel-for-panfish': [{ forage: ['panfish'] }, { forage: ['shad'] }],
  'gold-and-nickel-between': [seen(ft(2)), seen(ft(2) - just)],
  'bright-skirt-with-blades': [seen(inches(14)), seen(inches(14) - just)],
  'white-skirt-clear-or-cold': [seen(ft(3)), seen(ft(3) - just)],
  'white-or-bright-on-blades': [{}, {}],
  'short-arm-over-wood': [cover('laydown'), cover('rock')],
  'long-arm-flips-over-wood': [cover('laydown'), cover('rock')],
  'narrow-arms-for-weed': [cover('reeds'), cover('rock')],
  'spinner-needs-no-trailer': [{}, school('spinner-trailer', 'low-profile')],
  'thin-before-thick-behind-blades': [{}, {}],
  'slim-trailer-casts-and-shimmers': [school('spinner-trailer', 'low-profile'), {}],
  'drag-trailer-holds-it-back': [
    { ...below(60), ...seen(inches(12) - just) },
    { ...warm(60), ...seen(inches(12) - just) },
  ],
  'no-drag-trailer-outside-cold-mud': [
    { ...warm(60), ...school('spinner-trailer', 'drag-in-mud') },
    { ...below(60), ...seen(inches(10)), ...school('spinner-trailer', 'drag-in-mud') },
  ],
  'bulk-turns-it-over': [{}, {}],
  'tail-works-against-the-blades': [
    { ...below(60), ...seen(inches(12)) },
    { ...below(60), ...seen(inches(12) - just) },
  ],
  'willow-runs-deep-and-fast': [
    { mood: 'active', temperatureC: at(64), depthM: 6, band: { fromM: ft(5), toM: 3 } },
    { mood: 'active', temperatureC: at(64), depthM: 6, band: { fromM: ft(5) - just, toM: 3 } },
  ],
  'hair-is-not-for-blades': [{}, {}],
  'tail-lifts-it-off-the-weed': [
    { ...cover('grass-submerged'), ...warm(60) },
    { ...cover('grass-submerged'), ...below(60) },
  ],
};
