import { describe, expect, test } from '@jest/globals';
import { DEFAULT_WATER } from '../water/schema';
import type { Family } from '../water/schema';
import { JIG_CASES, type Part } from '../testing/fixtures/rule-cases';
import { FAMILY_CASES, SPINNER_CASES, VIBRATING_CASES } from '../testing/fixtures/rule-cases-blades';
import { familiesSuit } from './family';
import { PREFER_RULES, WANT_TOPICS } from './rules';
import { FAMILY_RULES } from './rules/family';
import { compileWater } from './wants';

/** Rules without a condition: they speak on every water. */
const ALWAYS: ReadonlySet<string> = new Set([
  'trailer-makes-the-action',
  'finesse-stays-light',
  'football-on-medium-wire',
  'finesse-wears-thin',
  'finesse-not-in-a-mop',
  'tiny-jig-tiny-chunk',
  'too-much-plastic-for-a-tiny-jig',
  'tiny-plastic-runs-wild',
  'plate-wants-ballast',
  'compact-plate-small-trailer',
  'compact-plate-swamped',
  'subtle-plate-ribbed-tail-upside-down',
  'ribbed-tail-upright-hampers-it',
  'plate-takes-no-chunk',
  'white-or-bright-on-blades',
  'bulk-turns-it-over',
]);

/** Every rule that speaks on a water for rigs of a family, and on which family suits it. */
function speaking(part: Part, family: Family): Set<string> {
  const water = { ...DEFAULT_WATER, ...part };
  const compiled = compileWater(water, part.families?.[0] ?? family);
  return new Set([
    ...compiled.wants.flatMap(({ rules }) => rules),
    ...compiled.prefers.map(({ id }) => id),
    ...familiesSuit(water).flatMap(({ rules }) => rules.map(({ rule }) => rule)),
  ]);
}

const CASES = [
  ...Object.entries({ ...JIG_CASES, ...FAMILY_CASES }).map(([id, parts]) => [id, 'skirted', ...parts] as const),
  ...Object.entries(VIBRATING_CASES).map(([id, parts]) => [id, 'vibrating', ...parts] as const),
  ...Object.entries(SPINNER_CASES).map(([id, parts]) => [id, 'spinner', ...parts] as const),
];

describe('each rule speaks where it should and is silent where it should', () => {
  test('every rule has its case', () => {
    const topics = WANT_TOPICS.flatMap(({ bands, shifts }) => [...bands, ...shifts]);
    const ids = [...topics, ...PREFER_RULES, ...FAMILY_RULES].map(({ id }) => id);
    expect(CASES.map(([id]) => id).sort()).toEqual([...ids].sort());
  });
  test.each(CASES)('%s', (id, family, speaks, silent) => {
    expect([...speaking(speaks, family)]).toContain(id);
    if (!ALWAYS.has(id)) expect([...speaking(silent, family)]).not.toContain(id);
  });
});

describe('which way a shift moves its band', () => {
  const middle = (part: Part, want: string): number => {
    const row = compileWater({ ...DEFAULT_WATER, ...part }, 'skirted').wants.find(({ id }) => id === want)!;
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
