import {
  ft,
  inches,
  just,
  below,
  warm,
  seen,
  cover,
  OPEN,
  DEEP_BAND,
  NOT_SO_DEEP,
  OVER_GRASS,
  school,
  type Cases,
} from '../../testing/fixtures/case-waters';
import type { VIBRATING_RULES } from './vibrating';

export const VIBRATING_CASES: Cases<typeof VIBRATING_RULES> = {
  'straight-minnow-keeps-it-hunting': [seen(ft(1.5)), seen(ft(1.5) - just)],
  'straight-minnow-burned-over-weed': [
    { ...cover('pads'), depthM: ft(5), ...seen(ft(2)) },
    { ...cover('pads'), depthM: ft(5) + just, ...seen(ft(2)) },
  ],
  'minnow-where-they-eat-minnows': [
    { forage: ['shad'], ...seen(ft(2)) },
    { forage: ['shad'], ...seen(ft(2) - just) },
  ],
  'boot-tail-steadies-it-in-colour': [
    { ...OPEN, ...seen(ft(1.5) - just) },
    { ...OPEN, ...seen(ft(1.5)) },
  ],
  'narrow-tails-after-the-cold': [below(50), warm(50)],
  'dead-straight-in-the-cold': [
    { ...below(50), ...school('cold-action', 'still') },
    { ...warm(50), ...school('cold-action', 'still') },
  ],
  'wide-thump-for-warm-mud': [
    { ...OPEN, ...warm(60), mood: 'active', ...seen(inches(12) - just) },
    { ...OPEN, ...warm(60), mood: 'active', ...seen(inches(12)) },
  ],
  'small-is-lost-in-mud': [seen(inches(11) - just), seen(inches(11))],
  'boot-tail-swings-in-the-heat': [
    { ...OPEN, ...warm(77), ...seen(ft(2)) },
    { ...OPEN, ...below(77), ...seen(ft(2)) },
  ],
  'legs-kill-the-hunting': [school('vibrating-kicker', 'never'), {}],
  'legs-spoil-it-while-they-see': [
    { ...OPEN, ...seen(inches(6)) },
    { ...OPEN, ...seen(inches(6) - just) },
  ],
  'claws-hold-it-in-place-in-mud': [
    { ...OPEN, ...seen(inches(6) - just) },
    { ...OPEN, ...seen(inches(6)) },
  ],
  'big-arms-for-big-fish-in-mud': [
    { ...seen(inches(6) - just), aim: 'size' },
    { ...seen(inches(6) - just), aim: 'bites' },
  ],
  'boot-tail-for-legs-in-mud': [
    { ...OPEN, ...seen(inches(6) - just), ...school('vibrating-kicker', 'never') },
    { ...OPEN, ...seen(inches(6)), ...school('vibrating-kicker', 'never') },
  ],
  'boot-tail-wherever-they-see': [
    { ...OPEN, ...seen(ft(1.5)), ...school('plate-tail', 'boot') },
    { ...OPEN, ...seen(ft(1.5) - just), ...school('plate-tail', 'boot') },
  ],
  'straight-tail-in-colour-too': [
    { ...OPEN, ...seen(ft(1.5) - just), ...school('plate-tail', 'straight') },
    { ...OPEN, ...seen(ft(1.5)), ...school('plate-tail', 'straight') },
  ],
  'kicking-legs-first-in-grass': [
    { ...cover('grass-submerged'), ...school('vibrating-kicker', 'stems-and-panfish') },
    { ...cover('rock'), ...school('vibrating-kicker', 'stems-and-panfish') },
  ],
  'two-legs-keep-it-upright-on-stems': [cover('pads'), cover('rock')],
  'flat-legs-look-like-panfish': [
    { forage: ['panfish'] },
    { forage: ['panfish'], ...school('vibrating-kicker', 'mud-only') },
  ],
  'one-tail-turns-over-on-stems': [cover('reeds'), cover('rock')],
  'tiny-plastic-runs-wild': [{}, {}],
  'plate-wants-ballast': [{}, {}],
  'ridges-wave-by-themselves': [{ forage: ['shad'] }, { forage: ['crayfish'] }],
  'stick-worm-for-fish-about-to-spawn': [
    { season: 'spawn', ...seen(ft(2) - just) },
    { season: 'spawn', ...seen(ft(2)) },
  ],
  'long-slim-swimmer-for-shad': [{ forage: ['shad', 'perch'] }, { forage: ['perch', 'shad'] }],
  'flat-body-level-stays-high': [OVER_GRASS, { ...OVER_GRASS, band: { fromM: 0, toM: 0.7 } }],
  'flat-body-on-edge-drops': [DEEP_BAND, NOT_SO_DEEP],
  'boot-tail-inverted-lifts-less': [
    { ...OPEN, ...DEEP_BAND },
    { ...OPEN, ...NOT_SO_DEEP },
  ],
  'grub-when-nothing-is-known': [
    { ...seen(ft(3) - just), aim: 'bites' },
    { ...seen(ft(3)), aim: 'bites' },
  ],
  'compact-plate-where-they-look': [
    { ...seen(inches(16)), pressure: 'high' },
    { ...seen(inches(16)), pressure: 'low' },
  ],
  'compact-plate-small-trailer': [{}, {}],
  'compact-plate-swamped': [{}, {}],
  'compact-with-cut-claws-as-it-warms': [
    { season: 'spawn', ...warm(55) },
    { season: 'spawn', ...below(55) },
  ],
  'oversize-plate-for-big-fish-in-colour': [
    { ...seen(ft(1.5) - just), aim: 'size' },
    { ...seen(ft(1.5)), aim: 'size' },
  ],
  'oversize-plate-too-loud-here': [{ pressure: 'high' }, { pressure: 'low' }],
  'subtle-plate-lost-in-colour': [seen(ft(2) - just), seen(ft(2))],
  'compact-plate-lost-in-mud': [seen(inches(16) - just), seen(inches(16))],
  'large-plate-on-a-light-head': [{}, {}],
  'oversize-plate-full-length-trailer': [seen(ft(2)), seen(ft(2) - just)],
  'oversize-plate-creature-on-panfish-beds': [
    { forage: ['panfish'], season: 'spawn', ...seen(ft(2) - just) },
    { forage: ['panfish'], season: 'spawn', ...seen(ft(2)) },
  ],
  'subtle-plate-clear-deep-or-seen-it-all': [
    { ...seen(ft(3)), depthM: ft(8) },
    { ...seen(ft(3)), depthM: ft(8) - just },
  ],
  'subtle-plate-ribbed-tail-upside-down': [OPEN, OPEN],
  'ribbed-tail-upright-hampers-it': [{}, {}],
  'standard-plate-for-most': [
    { ...seen(ft(4)), pressure: 'low' },
    { ...seen(ft(4)), pressure: 'high' },
  ],
  'direct-link-sheds-weed': [cover('pads'), cover('rock')],
  'direct-link-every-day': [{}, {}],
  'linked-plate-gathers-weed': [cover('pads'), cover('brush')],
  'linked-plate-in-open-water': [OPEN, cover('brush')],
  'tough-plastic-stays-on-the-plate': [warm(60), below(60)],
  'soft-plastic-still-wags-in-the-cold': [below(55), warm(55)],
  'hair-is-not-for-plates': [{}, {}],
  'plate-takes-no-chunk': [{}, {}],
};
