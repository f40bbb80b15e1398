import { expect, test } from '@jest/globals';
import { all, always, any, clausesOf, not, type Clause, type Condition } from '../advice/conditions/condition';
import { asDeepAs, colderThan, coverOf, eat, inCover, mood, onBottom, wind, wood } from '../advice/conditions/of-water';
import { HANDLING_RULES } from '../advice/handling';
import { FAMILY_RULES } from '../advice/rules/family';
import { NOT_A_JIG_RULES } from '../advice/rules/not-a-jig';
import { PREFER_RULES, WANT_TOPICS } from '../advice/rules';
import { CLAUSE } from '../locale/en/conditions';
import { conditionText } from './conditions';

test.each([
  [always, 'always'],
  [onBottom, 'it is worked on the bottom'],
  [not(onBottom), 'it is worked above the bottom'],
  [all(onBottom, wood), 'it is worked on the bottom and there is wood'],
  [all(onBottom, wood, inCover), 'it is worked on the bottom, there is wood and there is cover'],
  [any(wood, inCover, onBottom), 'there is wood or there is cover or it is worked on the bottom'],
  [
    all(colderThan(50), any(wood, inCover)),
    'the water is colder than {F 50} and either there is wood or there is cover',
  ],
  [any(wood, all(wind('calm'), mood('active'))), 'there is wood or the water is calm and the fish are active'],
  [not(any(wood, eat('shad'))), 'there is no wood and they do not eat shad'],
  [asDeepAs(2.4384), 'the water is {ft 8} deep or more'],
  [coverOf('ledge'), 'there is a ledge'],
  [coverOf('brush'), 'there is brush'],
  [not(coverOf('pads')), 'there are no lily pads'],
])('%#: %s', (condition, text) => {
  expect(conditionText(condition)).toBe(text);
});

const RULES = [
  ...WANT_TOPICS.flatMap(({ bands, shifts }) => [...bands, ...shifts]),
  ...PREFER_RULES,
  ...FAMILY_RULES,
  ...NOT_A_JIG_RULES,
  ...HANDLING_RULES,
];

test('every clause of every rule says something, and its opposite something else', () => {
  const clauses = RULES.flatMap(({ when }): readonly Clause<never>[] => clausesOf(when as Condition<never>));
  const pairs = clauses.map(({ key, values }) => CLAUSE[key](values as never));
  expect(pairs.filter(([is, isNot]) => is === isNot || /undefined|NaN/.test(is + isNot))).toEqual([]);
  // no word for what no rule asks
  expect(Object.keys(CLAUSE).filter((key) => !clauses.some((one) => one.key === key))).toEqual([]);
});
