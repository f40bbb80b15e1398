import { describe, expect, test } from '@jest/globals';
import { SCORE_NUMBER, WANT_NUMBER } from '../locale/en/numbers';
import { READOUT_TEXT } from '../locale/en/readouts';
import { inUnits } from '../units/in-text';
import { HANDBOOK, ruleInUnits } from './handbook';
import { questionOf } from '../advice/conditions/schools';
import { seekRules, seekSections } from './search';
import { QUESTION_TITLE, SCHOOL_WORDS } from '../locale/en/schools';
import { CONTRADICTION_TEXT } from '../locale/en/contradictions';

const RULES = HANDBOOK.flatMap(({ rules }) => rules);

describe('what anglers type is found', () => {
  test.each(['bladed jig', 'crawfish', 'trailer hook', 'skipping', 'punching', 'bluegill', 'flipping', 'Slow rolling'])(
    '%s',
    (typed) => expect(seekRules(typed, 'us')!.length).toBeGreaterThan(0),
  );
  test('a bladed jig is a vibrating jig, and its plate', () => {
    // by its own words, or by the question its school answers
    for (const { id, says, when, does, school } of seekRules('bladed jig', 'us')!)
      expect([id, says, when, does, school ? QUESTION_TITLE[questionOf(school)] : ''].join(' ').toLowerCase()).toMatch(
        /vibrating|plate/,
      );
  });
  test('sections are found by their names, and schools by their question', () => {
    expect(seekSections('trailer hook').map(({ id }) => id)).toHaveLength(1);
    expect(seekSections('swim').every(({ title }) => /swim/i.test(title))).toBe(true);
    expect([seekSections(''), seekSections('zeppelin')]).toEqual([[], []]);
    const [question] = Object.entries(QUESTION_TITLE).find(([, title]) => /plate/i.test(title))!;
    const found = seekRules(QUESTION_TITLE[question as keyof typeof QUESTION_TITLE], 'us')!;
    expect(found.some(({ school }) => school !== null && questionOf(school) === question)).toBe(true);
  });
  test('all that is typed has to be met', () => {
    const both = seekRules('crawfish rock', 'us')!;
    expect(both.length).toBeLessThan(seekRules('crawfish', 'us')!.length);
  });
  test('nothing typed asks nothing; words nobody uses find nothing', () => {
    expect(seekRules('  ', 'us')).toBeNull();
    expect(seekRules('zeppelin', 'us')).toEqual([]);
  });
});

describe('sentences in the units of the reader', () => {
  test.each([
    ['About {oz 3/8}.', 'About 3/8 oz.', 'About 10.6 g.'],
    ['{in 3 1/4..3 3/4} of tail', '3 1/4 to 3 3/4 in of tail', '83 to 95 mm of tail'],
    ['a rod of {rod 7 6}', 'a rod of 7 ft 6', 'a rod of 2.29 m'],
    ['{rod 7} long', '7 ft long', '2.13 m long'],
    ['{lb 15..20} line', '15 to 20 lb line', '6.8 to 9.1 kg line'],
    ['{F 50} or more', '50 °F or more', '10.0 °C or more'],
    ['you see {seen 24}', 'you see 24 in', 'you see 61 cm'],
    ['left as it {is}', 'left as it {is}', 'left as it {is}'],
    ['left as {no 3}', 'left as {no 3}', 'left as {no 3}'],
  ])('%s', (text, us, metric) => {
    expect(inUnits(text, 'us')).toBe(us);
    expect(inUnits(text, 'metric')).toBe(metric);
  });

  const raw = [
    ...RULES.flatMap(({ says, when, does }) => [says, when, does ?? '']),
    ...Object.values(SCHOOL_WORDS).flatMap(({ name, says }) => [name, says]),
    ...Object.values(CONTRADICTION_TEXT),
    ...[...Object.values(WANT_NUMBER), ...Object.values(READOUT_TEXT), SCORE_NUMBER].map(({ says }) => says),
  ];
  test('none has a unit of its own', () => {
    const bare = raw.map((text) => text.replace(/\{\w+ [^}]+\}/g, ''));
    expect(bare.filter((text) => /\d\s?(?:oz|in|inch|inches|ft|°F|°C|mm|cm|lb|g|kg|m)\b/.test(text))).toEqual([]);
    expect(bare.filter((text) => /\d\/[1-9]|\b(?:ounces?|inch(?:es)?|(?<!its )feet|foot)\b/.test(text))).toEqual([]);
  });
  test('none keeps a brace', () => {
    for (const system of ['us', 'metric'] as const)
      expect(raw.map((text) => inUnits(text, system)).filter((text) => /[{}]/.test(text))).toEqual([]);
  });
  test('in metric none speaks of inches or ounces, and the other way round', () => {
    const said = (system: 'us' | 'metric'): string[] =>
      RULES.map((rule) => ruleInUnits(rule, system)).flatMap(({ says, when, does }) => [says, when, does ?? '']);
    expect(said('metric').filter((text) => /\d (?:oz|in|ft|lb)\b|°F/.test(text))).toEqual([]);
    expect(said('us').filter((text) => /\d (?:g|mm|cm|m|kg)\b|°C/.test(text))).toEqual([]);
  });
});

describe('conditions read as sentences', () => {
  const clauses = RULES.map(({ when }) => when).filter((when) => when !== 'always');
  test('each is a clause with a verb of its own', () =>
    expect(
      clauses.filter(
        (when) =>
          !/\b(?:is|are|has|have|see|eat|spawn|search|work|makes|ripples|lies|stand|forks|hangs|weighs|works|holds)\b/.test(
            when,
          ),
      ),
    ).toEqual([]));
  test('nothing of the code shows through', () =>
    expect(clauses.filter((when) => /saturate|not not|\bat at\b|prespawn|not applicable/.test(when))).toEqual([]));
  test('lines read by themselves are whole', () =>
    expect(RULES.map(({ says }) => says).filter((says) => /\bat at\b|a little \w+s\b|  | ,/i.test(says))).toEqual([]));
});
