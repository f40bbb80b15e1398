import { describe, expect, test } from '@jest/globals';
import { DEFAULT_WATER, type Family } from '../../water/schema';
import type { Part } from '../../testing/fixtures/case-waters';
import { COLOUR_CASES } from './colour.cases';
import { FALL_CASES } from './fall.cases';
import { FAMILY_CASES } from './family.cases';
import { HEAD_CASES } from './heads.cases';
import { HOOK_AND_GUARD_CASES } from './hooks-and-guards.cases';
import { MOTION_CASES } from './motion.cases';
import { PLATE_WEIGHT_CASES, SPINNER_WEIGHT_CASES } from './reeled-weights.cases';
import { RETRIEVE_CASES } from './retrieve.cases';
import { SIZE_CASES } from './size.cases';
import { SKIRT_CASES } from './skirts.cases';
import { SPINNER_CASES } from './spinner.cases';
import { SWIM_CASES } from './swim.cases';
import { TRAILER_CASES } from './trailers.cases';
import { VIBRATING_CASES } from './vibrating.cases';
import { WEIGHT_CASES } from './weight.cases';
import { familiesSuit } from './family-suits';
import { PREFER_RULES, WANT_TOPICS } from '.';
import { FAMILY_RULES } from './family';
import { always } from '../conditions/condition';
import { compileWater } from './wants';

const topics = WANT_TOPICS.flatMap(({ bands, shifts }) => [...bands, ...shifts]);
const EVERY_RULE: readonly { readonly id: string; readonly when: unknown; readonly school?: string }[] = [
  ...topics,
  ...PREFER_RULES,
  ...FAMILY_RULES,
];
/** Rules without a condition speak on every water. */
const ALWAYS = new Set(EVERY_RULE.filter(({ when, school }) => when === always && !school).map(({ id }) => id));

/** Every rule that speaks on a water for rigs of a family, and on which family suits it. */
function speaking(part: Part, family: Family): Set<string> {
  const water = { ...DEFAULT_WATER, ...part };
  const compiled = compileWater(water, part.families?.[0] ?? family);
  return new Set([
    ...compiled.wants.flatMap(({ rules }) => rules),
    ...compiled.prefers.filter((rule) => rule.holds).map(({ id }) => id),
    ...familiesSuit(water).flatMap(({ rules }) => rules.map(({ rule }) => rule)),
  ]);
}

const JIG_CASES = {
  ...COLOUR_CASES,
  ...FALL_CASES,
  ...FAMILY_CASES,
  ...HEAD_CASES,
  ...HOOK_AND_GUARD_CASES,
  ...MOTION_CASES,
  ...RETRIEVE_CASES,
  ...SIZE_CASES,
  ...SKIRT_CASES,
  ...SWIM_CASES,
  ...TRAILER_CASES,
  ...WEIGHT_CASES,
};
const CASES = [
  ...Object.entries(JIG_CASES).map(([id, parts]) => [id, 'skirted', ...parts] as const),
  ...Object.entries({ ...VIBRATING_CASES, ...PLATE_WEIGHT_CASES }).map(
    ([id, parts]) => [id, 'vibrating', ...parts] as const,
  ),
  ...Object.entries({ ...SPINNER_CASES, ...SPINNER_WEIGHT_CASES }).map(
    ([id, parts]) => [id, 'spinner', ...parts] as const,
  ),
];

describe('each rule speaks where it should and is silent where it should', () => {
  test('every rule has its case', () => {
    expect(CASES.map(([id]) => id).sort()).toEqual(EVERY_RULE.map(({ id }) => id).sort());
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
