import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lengthMFromFt, lengthMFromIn, tempCFromF } from '../../units/units';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { all, always, any, clausesOf, holds, not, share, within, type Condition } from './condition';
import {
  asDeepAs,
  atLeastF,
  clearTo,
  colderThan,
  coverAtLeast,
  coverAtMost,
  coverIs,
  inCover,
  matted,
  mood,
  murkierThan,
  noDeeperThan,
  onBottom,
  shallowerThan,
  wantedFrom,
  wantedTo,
  weedAtLeast,
  weedTopBelow,
  type WaterCondition,
} from './of-water';
import { onWater, school } from './on-water';
import { schoolAnswers } from './schools';
import { waterFacts } from './water-facts';

const on = (part: Partial<Water>) => waterFacts({ ...DEFAULT_WATER, sky: 'bright', ...part });
const speaks = (condition: WaterCondition, part: Partial<Water>): boolean => holds(condition, on(part));
const JUST = 1e-9;
const mats = (density: 'sparse' | 'medium' | 'thick'): Partial<Water> => ({
  cover: [{ kind: 'grass-matted', density }],
});

describe('a limit, from both sides and on it', () => {
  const at50 = tempCFromF(50);
  const ft8 = lengthMFromFt(8);
  const in12 = lengthMFromIn(12);
  const banded = (fromM: number, toM: number): Partial<Water> => ({ depthM: 5, band: { fromM, toM } });
  const topped = (topM: number): Partial<Water> => ({
    cover: [{ kind: 'grass-submerged', density: 'medium', topM }],
  });
  test.each<[string, WaterCondition, Partial<Water>, Partial<Water>]>([
    ['colder than', colderThan(50), { temperatureC: at50 - JUST }, { temperatureC: at50 }],
    ['at least', atLeastF(50), { temperatureC: at50 }, { temperatureC: at50 - JUST }],
    ['murkier than', murkierThan(in12), { visibilityM: in12 - JUST }, { visibilityM: in12 }],
    ['clear to', clearTo(in12), { visibilityM: in12 }, { visibilityM: in12 - JUST }],
    ['shallower than', shallowerThan(ft8), { depthM: ft8 - JUST }, { depthM: ft8 }],
    ['no deeper than', noDeeperThan(ft8), { depthM: ft8 }, { depthM: ft8 + JUST }],
    ['as deep as', asDeepAs(ft8), { depthM: ft8 }, { depthM: ft8 - JUST }],
    ['cover at least', coverAtLeast('thick'), mats('thick'), mats('medium')],
    ['cover at most', coverAtMost('sparse'), mats('sparse'), mats('medium')],
    ['cover exactly', coverIs('medium'), mats('medium'), mats('thick')],
    ['weed at least', weedAtLeast('medium'), mats('medium'), mats('sparse')],
    ['wanted from', wantedFrom(2), banded(2, 3), banded(2 - JUST, 3)],
    ['wanted down to', wantedTo(3), banded(2, 3), banded(2, 3 - JUST)],
    ['weed that ends below', weedTopBelow(0.15), topped(0.15 + JUST), topped(0.15)],
  ])('%s', (_, condition, yes, no) => {
    expect(speaks(condition, yes)).toBe(true);
    expect(speaks(condition, no)).toBe(false);
    expect(speaks(not(condition), yes)).toBe(false);
    expect(speaks(not(condition), no)).toBe(true);
  });
  test('a band nobody asked for starts at the surface, and a top nobody measured is not below', () => {
    expect(speaks(wantedFrom(0.1), {})).toBe(false);
    expect(speaks(weedTopBelow(0.15), mats('medium'))).toBe(false);
  });
});

describe('joined', () => {
  const anyFact = fc.record({ a: fc.boolean(), b: fc.boolean(), c: fc.boolean() });
  type Facts = { readonly a: boolean; readonly b: boolean; readonly c: boolean };
  const said = (of: keyof Facts): Condition<Facts> => ({
    join: 'none',
    key: 'always',
    values: {},
    not: false,
    test: (facts) => facts[of],
    threshold: null,
  });
  const tree = all(said('a'), any(said('b'), not(said('c'))));
  test('is what the words say, and its opposite the opposite', () => {
    fc.assert(
      fc.property(anyFact, (facts) => {
        const truth = facts.a && (facts.b || !facts.c);
        expect(holds(tree, facts)).toBe(truth);
        expect(holds(not(tree), facts)).toBe(!truth);
        expect(holds(not(not(tree)), facts)).toBe(truth);
        expect(share(tree, facts)).toBe(truth ? 1 : 0);
      }),
    );
  });
  test('has its clauses in their order', () => {
    expect(clausesOf(tree).map((one) => one.not)).toEqual([false, false, true]);
    expect(clausesOf(always)).toHaveLength(1);
  });
});

describe('by degrees', () => {
  const ramped = colderThan(55, { over: 4 });
  const at = (tempF: number) => on({ temperatureC: tempCFromF(tempF) });
  test.each([
    [52.9, 1],
    [53, 1],
    [54, 0.75],
    [55, 0.5],
    [56, 0.25],
    [57, 0],
    [57.1, 0],
  ])('at %s F a ramp of 4 about 55 is taken by %s', (tempF, taken) => {
    expect(share(ramped, at(tempF))).toBeCloseTo(taken, 9);
    expect(share(not(ramped), at(tempF))).toBeCloseTo(1 - taken, 9);
  });
  test('one that counts upwards rises', () => {
    const deep = asDeepAs(4, { over: 2 });
    expect([2.9, 3.5, 4, 4.5, 5.1].map((depthM) => share(deep, on({ depthM })))).toEqual([0, 0.25, 0.5, 0.75, 1]);
  });
  test('together the least counts, of several the most', () => {
    const facts = at(56);
    expect(share(all(ramped, onBottom), facts)).toBeCloseTo(0.25, 9);
    expect(share(any(ramped, not(onBottom)), facts)).toBeCloseTo(0.25, 9);
    expect(share(all(ramped, not(onBottom)), facts)).toBe(0);
  });
  test('without a ramp it is taken wholly or not at all', () => {
    expect(share(colderThan(55, { over: 0 }), at(55))).toBe(0);
    expect(share(colderThan(55, { over: 0 }), at(54.99))).toBe(1);
  });
});

test('a condition of the water is asked of whatever is on it, thresholds too', () => {
  const w = on({ temperatureC: tempCFromF(56), mood: 'active', cover: [] });
  const answered = { w, schools: schoolAnswers(w) };
  expect(holds(onWater(all(mood('active'), not(inCover), not(matted))), answered)).toBe(true);
  expect(share(onWater(colderThan(55, { over: 4 })), answered)).toBeCloseTo(0.25, 9);
  expect(
    holds(
      within(onBottom, (box: { readonly w: typeof w }) => box.w),
      { w },
    ),
  ).toBe(true);
  expect(holds(school('weight', answered.schools.weight.school!), answered)).toBe(true);
  expect(
    holds(school('weight', 'heaviest'), {
      w,
      schools: { ...answered.schools, weight: { school: 'slow-hand', reason: 'chosen' } },
    }),
  ).toBe(false);
});
