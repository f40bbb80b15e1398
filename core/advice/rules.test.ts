import { describe, expect, test } from '@jest/globals';
import { lengthMFromFt, lengthMFromIn, tempCFromF } from '../units/units';
import { DEFAULT_WATER, type Water } from '../water/schema';
import { PREFER_RULES, WANT_TOPICS, type RuleId } from './rules';
import { compileWater } from './wants';

type Part = Partial<Water>;
const at = tempCFromF;
const ft = lengthMFromFt;
const inches = lengthMFromIn;
const just = 1e-6;

/** Colder by a hair than the limit: rules with "below" speak here and fall silent on the limit itself. */
const below = (tempF: number): Part => ({ temperatureC: at(tempF) - just });
const cover = (kind: Water['cover'][number]['kind'], density: 'sparse' | 'medium' | 'thick' = 'medium'): Part => ({
  cover: [{ kind, density }],
});
const OPEN: Part = { cover: [] };
const HIGH: Part = { band: { fromM: 0, toM: 0.4 } };
const OVER_GRASS: Part = { cover: [{ kind: 'grass-submerged', density: 'medium', topM: 0.6 }], ...HIGH };
const seen = (visibilityM: number): Part => ({ visibilityM, sky: 'bright' });

/**
 * A water on which each rule speaks, and one, as near as can be, on which it does not. Where a rule has a limit the second
 * one sits exactly on it.
 */
const CASES: Readonly<Record<RuleId, readonly [speaks: Part, silent: Part]>> = {
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
  'fall-through-cover': [cover('brush', 'thick'), cover('brush', 'medium')],
  'fall-saturate-slower': [{ aim: 'saturate' }, { aim: 'bites' }],
  'fall-search-faster': [{ aim: 'search' }, { aim: 'bites' }],

  'weight-over-weed': [OVER_GRASS, { ...OVER_GRASS, band: { fromM: 0, toM: 0.7 } }],
  'weight-thick-mat': [cover('grass-matted', 'thick'), cover('grass-matted', 'medium')],
  'weight-cold-shallow-cover': [
    { ...below(55), depthM: ft(8) },
    { ...below(55), depthM: ft(8) + just },
  ],
  'weight-summer-thick-cover': [
    { season: 'summer', ...cover('laydown', 'thick') },
    { season: 'summer', ...cover('laydown', 'medium') },
  ],
  'weight-deep': [
    { ...OPEN, depthM: ft(15) },
    { ...OPEN, depthM: ft(15) - just },
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

  'show-ice-cold': [below(48), { temperatureC: at(48) }],
  'show-cold': [below(55), { temperatureC: at(55) }],
  'show-cool': [below(65), { temperatureC: at(65) }],
  'show-mild': [below(75), { temperatureC: at(75) }],
  'show-warm': [{ temperatureC: at(75) }, below(75)],
  'show-murk-more': [seen(inches(12) - just), seen(inches(12))],
  'show-clear-less': [seen(ft(4)), seen(ft(4) - just)],
  'show-active-more': [{ mood: 'active' }, { mood: 'neutral' }],
  'show-inactive-less': [{ mood: 'inactive' }, { mood: 'neutral' }],

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

  'football-on-stone': [cover('gravel-bar'), cover('brush')],
  'football-deep-drag': [
    { ...OPEN, depthM: ft(12) },
    { ...OPEN, depthM: ft(12) - just },
  ],
  'cams-in-riprap': [cover('riprap'), cover('rock')],
  'plain-football-wedges': [cover('riprap'), cover('rock')],
  'football-not-in-branches': [cover('brush'), cover('dock')],
  'casting-around-docks': [cover('houseboat'), cover('brush')],
  'casting-for-mixed-banks': [OPEN, cover('dock')],
  'rounded-in-forks': [cover('hardwood'), cover('stumps')],
  'pointed-wedges-in-forks': [cover('flooded-bush'), cover('brush')],
  'flat-point-over-wood': [cover('stumps'), cover('hardwood')],
  'nose-tie-through-brush': [cover('brush'), cover('stumps')],
  'pointed-opens-grass': [cover('reeds'), cover('brush')],
  'ball-not-in-grass': [cover('pads'), cover('dock')],
  'ball-does-most': [cover('dock', 'medium'), cover('dock', 'thick')],
  'flipping-for-heavy-wood': [cover('laydown', 'thick'), cover('laydown', 'medium')],
  'bullet-through-mats': [cover('grass-matted', 'thick'), cover('grass-matted', 'medium')],
  'bullet-elsewhere-needless': [cover('reeds'), cover('grass-matted')],
  'swim-in-midwater': [HIGH, { band: { fromM: 0, toM: 1.8 } }],
  'swim-falls-over': [{}, HIGH],
  'vertical-under-the-rod': [
    { ...cover('ledge'), depthM: ft(20) },
    { ...cover('ledge'), depthM: ft(20) - just },
  ],
  'vertical-only-upright': [{ depthM: ft(15) - just }, { depthM: ft(15) }],
  'finesse-when-watched': [seen(ft(4)), seen(ft(4) - just)],
  'finesse-too-slight': [seen(inches(12) - just), seen(inches(12))],
  'stout-wire-in-thick': [cover('dock', 'thick'), cover('dock', 'medium')],
  'fine-wire-in-open': [
    { ...seen(ft(3)), ...OPEN },
    { ...seen(ft(3) - just), ...OPEN },
  ],
  'full-guard-in-cover': [cover('brush', 'medium'), cover('brush', 'sparse')],
  'soft-guard-in-open': [OPEN, cover('brush')],

  'trailer-makes-the-action': [{}, {}],
  'lively-for-feeding-fish': [
    { mood: 'active', temperatureC: at(50) },
    { mood: 'active', ...below(50) },
  ],
  'chunk-for-slow-fish': [{ mood: 'inactive' }, { mood: 'neutral' }],
  'tiny-for-choosy': [
    { ...seen(ft(4)), mood: 'inactive' },
    { ...seen(ft(4) - just), mood: 'inactive' },
  ],
  'straight-for-small-prey': [{ forage: ['minnow'] }, { forage: ['shad'] }],
  'chunk-while-cold': [below(55), { temperatureC: at(55) }],
  'claws-not-while-cold': [below(50), { temperatureC: at(50) }],
  'claws-as-it-warms': [
    { season: 'prespawn', temperatureC: at(60) },
    { season: 'prespawn', ...below(60) },
  ],
  'claws-brake-the-fall': [
    { aim: 'saturate', temperatureC: at(50) },
    { aim: 'saturate', ...below(50) },
  ],
  'claws-let-a-light-hand-linger': [{ schools: { weight: 'slow-hand' } }, { schools: { weight: 'heaviest' } }],
  'bug-for-every-day': [seen(inches(12)), seen(inches(12) - just)],
  'movers-in-shallow-murk': [seen(inches(18) - just), seen(inches(18))],
  'twin-tail-on-small-football': [cover('rock'), { ...cover('rock'), ...HIGH }],
  'softest-in-the-cold': [below(50), { temperatureC: at(50) }],
  'tough-plastic-dies-cold': [below(50), { temperatureC: at(50) }],
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
  'on-edge-looks-like-panfish': [{ forage: ['panfish'] }, { forage: ['shad', 'panfish'] }],
  'flat-sits-right-on-bottom': [{ forage: [] }, { forage: ['panfish'] }],
  'paddle-is-for-swimming': [{}, HIGH],
  'paddle-on-a-swim-head': [HIGH, {}],

  'dark-in-murk': [seen(inches(14) - just), seen(inches(14))],
  'dark-in-mud-whatever-they-eat': [
    { ...seen(inches(8) - just), forage: ['shad'] },
    { ...seen(inches(8)), forage: ['shad'] },
  ],
  'natural-when-they-see': [seen(inches(14)), seen(inches(14) - just)],
  'crayfish-browns': [{ forage: ['shad', 'crayfish'] }, { forage: ['shad'] }],
  'panfish-tones': [{ forage: ['panfish'] }, { forage: ['perch'] }],
  'white-for-shad': [{ forage: ['shad'] }, { forage: ['crayfish'] }],
  'perch-tones': [{ forage: ['perch'] }, { forage: ['panfish'] }],
  'black-with-green-when-clear': [seen(ft(3)), seen(ft(3) - just)],
  'trailer-matches-skirt': [{}, {}],
};

/** Rules without a condition: they speak on every water. */
const ALWAYS: ReadonlySet<string> = new Set(['trailer-makes-the-action', 'trailer-matches-skirt']);

function speaking(part: Part): Set<string> {
  const compiled = compileWater({ ...DEFAULT_WATER, ...part });
  return new Set([...compiled.wants.flatMap(({ rules }) => rules), ...compiled.prefers.map(({ id }) => id)]);
}

describe('each rule speaks where it should and is silent where it should', () => {
  test('every rule has its case', () => {
    const ids = [...WANT_TOPICS.flatMap(({ bands, shifts }) => [...bands, ...shifts]), ...PREFER_RULES].map(
      ({ id }) => id,
    );
    expect(Object.keys(CASES).sort()).toEqual([...ids].sort());
  });
  test.each(Object.entries(CASES))('%s', (id, [speaks, silent]) => {
    expect([...speaking(speaks)]).toContain(id);
    if (!ALWAYS.has(id)) expect([...speaking(silent)]).not.toContain(id);
  });
});

describe('which way a shift moves its band', () => {
  const middle = (part: Part, want: string): number => {
    const row = compileWater({ ...DEFAULT_WATER, ...part }).wants.find(({ id }) => id === want)!;
    return (row.from + row.to) / 2;
  };
  test.each([
    ['fall', { mood: 'inactive' }, 'down'],
    ['fall', { mood: 'active' }, 'up'],
    ['fall', { aim: 'search' }, 'up'],
    ['fall', { aim: 'saturate' }, 'down'],
    ['weight', { mood: 'inactive' }, 'down'],
    ['weight', { aim: 'search' }, 'up'],
    ['push', { wind: 'chop' }, 'up'],
    ['push', { pressure: 'high' }, 'down'],
    ['push', { sky: 'dark' }, 'up'],
    ['show', { mood: 'active' }, 'up'],
    ['show', { mood: 'inactive' }, 'down'],
    ['length', { forage: ['minnow'] }, 'down'],
  ] as const)('%s with %j goes %s', (want, part, way) => {
    const moved = middle(part as Part, want) - middle({}, want);
    expect(Math.sign(moved)).toBe(way === 'up' ? 1 : -1);
  });
});
