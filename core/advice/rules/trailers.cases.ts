import { at, ft, inches, just, below, seen, cover, HIGH, school, type Cases } from '../../testing/fixtures/case-waters';
import type { TRAILER_RULES } from './trailers';

export const TRAILER_CASES: Cases<typeof TRAILER_RULES> = {
  'trailer-makes-the-action': [{}, {}],
  'lively-for-feeding-fish': [
    { mood: 'active', temperatureC: at(50) },
    { mood: 'active', ...below(50) },
  ],
  'chunk-for-slow-fish': [{ mood: 'inactive' }, { mood: 'neutral' }],
  'tiny-for-choosy': [
    { ...seen(ft(4)), mood: 'inactive', aim: 'bites' },
    { ...seen(ft(4) - just), mood: 'inactive', aim: 'bites' },
  ],
  'straight-for-small-prey': [{ forage: ['minnow'] }, { forage: ['shad'] }],
  'chunk-while-cold': [below(55), { temperatureC: at(55) }],
  'claws-not-while-cold': [below(50), { temperatureC: at(50) }],
  'claws-as-it-warms': [
    { season: 'prespawn', temperatureC: at(60) },
    { season: 'prespawn', ...below(60) },
  ],
  'claws-over-stone': [
    { ...cover('rock'), temperatureC: at(54) },
    { ...cover('rock'), ...below(54) },
  ],
  'one-tail-wanders-among-sticks': [cover('laydown', 'medium'), cover('laydown', 'sparse')],
  'chunk-drops-into-muddy-wood': [
    { ...cover('laydown', 'thick'), ...seen(inches(10) - just) },
    { ...cover('laydown', 'thick'), ...seen(inches(10)) },
  ],
  'still-bug-beside-bright-wood': [
    { ...cover('laydown'), ...seen(ft(2)) },
    { ...cover('laydown'), ...seen(ft(2) - just) },
  ],
  'claws-brake-the-fall': [
    { aim: 'saturate', temperatureC: at(50) },
    { aim: 'saturate', ...below(50) },
  ],
  'claws-let-a-light-hand-linger': [{ schools: { weight: 'slow-hand' } }, { schools: { weight: 'heaviest' } }],
  'bug-for-every-day': [seen(inches(12)), seen(inches(12) - just)],
  'movers-in-shallow-murk': [seen(inches(18) - just), seen(inches(18))],
  'twin-tail-on-small-football': [cover('rock'), { ...cover('rock'), ...HIGH }],
  'soft-twin-tail-on-clear-cold-stone': [
    { ...cover('rock'), ...seen(ft(7)), ...below(60) },
    { ...cover('rock'), ...seen(ft(7) - just), ...below(60) },
  ],
  'worm-is-no-football-trailer': [{}, HIGH],
  'full-craw-behind-a-flipping-head': [cover('laydown', 'thick'), cover('laydown', 'medium')],
  'softest-in-the-cold': [below(50), { temperatureC: at(50) }],
  'tough-plastic-dies-cold': [below(50), { temperatureC: at(50) }],
  'stiff-is-dead-not-still': [below(48), { temperatureC: at(48) }],
  'firm-lasts-when-warm': [{ temperatureC: at(65) }, below(65)],
  'still-bug-on-tiny-cold-football': [
    { ...cover('rock'), ...below(50) },
    { ...cover('rock'), temperatureC: at(50) },
  ],
  'strong-kick-in-the-busy-months': [
    { season: 'summer', ...seen(ft(2) - just) },
    { season: 'summer', ...seen(ft(2)) },
  ],
  'still-bug-when-tough': [
    { mood: 'inactive', ...seen(ft(2)) },
    { mood: 'inactive', ...seen(ft(2) - just) },
  ],
  'still-bug-dragged-in-summer': [{ season: 'summer' }, { season: 'summer', mood: 'active' }],
  'still-bug-among-stems': [cover('pads'), cover('dock')],
  'legs-wrap-branches': [cover('brush', 'medium'), cover('brush', 'sparse')],
  'hung-chunk-is-longer': [seen(ft(2)), seen(ft(2) - just)],
  'threaded-holds-better': [cover('dock', 'medium'), cover('dock', 'sparse')],
  'on-edge-looks-like-panfish': [{ ...HIGH, forage: ['panfish'] }, { forage: ['panfish'] }],
  'flat-sits-right-on-bottom': [{ forage: ['panfish'] }, HIGH],
  'paddle-is-for-swimming': [{}, HIGH],
  'larger-chunk-for-larger-fish': [
    { mood: 'inactive', aim: 'size' },
    { mood: 'inactive', aim: 'bites' },
  ],
  'small-kicking-chunk-on-tiny-football': [
    { ...cover('rock'), temperatureC: at(50) },
    { ...cover('rock'), ...below(50) },
  ],
  'white-grub-around-docks': [
    { ...cover('dock'), forage: ['shad'] },
    { ...cover('dock'), forage: ['panfish'] },
  ],
  'claws-brake-in-the-cold': [
    { ...below(55), ...school('cold-brake', 'claw-brake') },
    { temperatureC: at(55), ...school('cold-brake', 'claw-brake') },
  ],
  'still-bodies-in-the-cold': [below(50), { temperatureC: at(50) }],
  'soft-movers-in-the-cold': [
    { ...below(50), ...school('cold-action', 'soft-mover') },
    { ...below(50), ...school('cold-action', 'tight') },
  ],
  'tight-wiggle-in-the-cold': [
    { ...below(50), ...school('cold-action', 'tight') },
    { ...below(50), ...school('cold-action', 'still') },
  ],
  'biggest-they-will-take': [seen(ft(4)), { ...seen(ft(4)), pressure: 'high' }],
  'smaller-but-still-a-jig': [
    { ...seen(ft(4)), pressure: 'high' },
    { ...seen(ft(4) - just), pressure: 'high' },
  ],
  'flat-face-planes': [HIGH, { depthM: 1.82, band: { fromM: 0.2, toM: 1 } }],
  'edge-drops-it-deeper': [{ band: { fromM: 0.2, toM: 1 } }, HIGH],
  'edge-digs-into-a-mat': [cover('grass-matted'), cover('reeds')],
  'edge-slips-between-stems': [{ ...HIGH, ...cover('reeds') }, cover('reeds')],
};
