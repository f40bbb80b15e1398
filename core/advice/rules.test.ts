import { describe, expect, test } from '@jest/globals';
import { DEFAULT_WATER } from '../water/schema';
import { CASES, type Part } from '../testing/fixtures/rule-cases';
import { PREFER_RULES, WANT_TOPICS } from './rules';
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
]);

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
