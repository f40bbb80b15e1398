import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { existsSync, readFileSync } from 'node:fs';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { mediumAt } from '../../motion/medium';
import { rigBody } from '../../rig/body/body';
import { emptyBox, type Box } from '../../rig/parts/box';
import { parseRig } from '../../rig/parts/schema';
import { SOURCES } from '../../sources';
import { TRAILERS } from '../../tackle/trailers';
import { anyFamilyRig, jig, spinner, vibrating } from '../../testing/fixtures/rigs';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { adviceReport } from '../../reports/advice-report';
import { measureParts, measureRig } from '../measures/rig-measures';
import { RULE_TEXT } from '../../locale/en/rules';
import { adviceWarnings, pickSentence, reasonText, ruleText } from '../../wording/reasons';
import { advise, adviseInSteps, type Advice } from './advise';
import { reasonsFor } from './judge';
import { rigReport } from '../../reports/rig-report';
import { MISTAKE_RULES } from '../rules/mistakes';
import { PREFER_RULES, WANT_TOPICS } from '../rules';
import { FAMILY_RULES } from '../rules/family';
import { bestPossible, rulesOn, ruleScorer, wantScorer } from '../search/score';
import { fit } from '../rules/want-fit';
import { rigOf, candidateClasses, type CandidateClasses } from '../candidates/candidate-classes';
import { compileWater } from '../rules/wants';
import { REELED_WANTS, WANT_IDS } from '../rules/rule';

const topics = WANT_TOPICS.flatMap(({ bands, shifts }) => [...bands, ...shifts]);
const ruleIds = [...topics, ...PREFER_RULES, ...FAMILY_RULES].map(({ id }) => id);

describe('rules', () => {
  test('every id is used once and has its line; no line is left over', () => {
    expect(new Set(ruleIds).size).toBe(ruleIds.length);
    expect([...ruleIds].sort()).toEqual(Object.keys(RULE_TEXT).sort());
  });
  test('there are more than the twenty this needs', () => expect(ruleIds.length).toBeGreaterThan(100));
  test('every topic but body depth has a last word that always holds', () => {
    for (const { want, bands } of WANT_TOPICS.filter(({ want }) => want !== 'ratio')) {
      const reeled = (REELED_WANTS as readonly string[]).includes(want);
      const water: Water = reeled ? { ...DEFAULT_WATER, band: { fromM: 0.2, toM: 0.6 } } : DEFAULT_WATER;
      expect([want, compileWater(water, 'skirted').wants.some(({ id }) => id === want)]).toEqual([want, true]);
      if (reeled) expect(compileWater(DEFAULT_WATER, 'skirted').wants.some(({ id }) => id === want)).toBe(false);
      expect(bands.length).toBeGreaterThan(0);
    }
  });
  test('every brace in a line is filled', () => {
    for (const id of ruleIds) expect(ruleText(id, NORTH_ARM, 'us')).not.toMatch(/[{}]/);
  });
  test('estimates that name an ADR have one', () => {
    for (const [id, text] of Object.entries(SOURCES)) {
      const page = /docs\/adr\/[\w-]+\.md/.exec(text)?.[0];
      if (page) expect([id, existsSync(page)]).toEqual([id, true]);
    }
  });
});

describe('every rig a box allows', () => {
  const box: Box = {
    ...emptyBox(),
    heads: DEMO_BOX.heads.slice(3, 6),
    skirts: DEMO_BOX.skirts.slice(0, 2),
    trailers: DEMO_BOX.trailers.slice(0, 1),
  };
  /** Every rig of a space, one of each class. */
  function* everyRig(space: CandidateClasses) {
    for (const head of space.heads) {
      for (const skirt of space.skirtSets[head.skirtSet]!.classes) {
        for (const trailer of space.trailers) yield { head, skirt: space.skirts[skirt]!, trailer };
      }
    }
  }
  test('heads with loose skirts, or their own; each trailer each way, or none', () => {
    // casting 5/8 x 2 skirts, dressed casting x 1, flipping x 2; none, flat, hung, and on edge where it is reeled
    expect(candidateClasses(box).considered).toBe(5 * 3);
    expect(candidateClasses(box, ['skirted'], { lead: true, hooks: true, reeled: true }).considered).toBe(5 * 4);
  });
  test('each is valid and different from every other', () => {
    const rigs = [...everyRig(candidateClasses(DEMO_BOX))].map(({ head, skirt, trailer }) =>
      rigOf(head, skirt, trailer),
    );
    for (const rig of rigs.filter((_, at) => at % 7 === 0)) expect(parseRig(rig).ok).toBe(true);
    expect(new Set(rigs.map((rig) => JSON.stringify(rig))).size).toBe(rigs.length);
  });
  test('what is used up, torn or rusty is left out, and so are heads of other families', () => {
    const less = (more: object): Box => ({ ...box, trailers: box.trailers.map((part) => ({ ...part, ...more })) });
    expect(candidateClasses(less({ quantity: 0 })).considered).toBe(5);
    expect(candidateClasses(less({ condition: 'torn' })).considered).toBe(5);
    expect(candidateClasses(less({ condition: 'good' })).considered).toBe(15);
    const plate = { size: 'standard', link: 'direct', finish: 'black' } as const;
    expect(candidateClasses({ ...box, heads: box.heads.map((head) => ({ ...head, blade: plate })) }).considered).toBe(
      0,
    );
  });
  test('a bright stick worm in the box lets every threaded trailer wear a core', () => {
    const stick = { kind: 'stick-worm', lengthMm: 127, softness: 'medium', colour: 'chartreuse' } as const;
    const space = candidateClasses({ ...box, trailers: [...box.trailers, stick] });
    expect(space.trailers.filter(({ core }) => core !== null)).toHaveLength(2);
    expect(candidateClasses(box).trailers.some(({ core }) => core !== null)).toBe(false);
  });
  test('what differs in colour alone is measured once and counted twice', () => {
    const twice = { ...box, skirts: [box.skirts[0]!, { ...box.skirts[0]!, colour: 'white' }, { ...box.skirts[0]! }] };
    const space = candidateClasses(twice);
    const loose = space.skirtSets[0]!;
    expect([loose.classes.length, loose.count]).toEqual([2, 3]);
    expect(space.skirts[1]!.alike).toBe(0);
  });

  test('the score is the reasons added up: fits of wants, rules for and against', () => {
    const compiled = compileWater(NORTH_ARM);
    const medium = mediumAt(compiled.facts.tempC);
    const wants = wantScorer(compiled.wants);
    const rules = ruleScorer(compiled.prefers);
    let at = 0;
    for (const { head, skirt, trailer } of everyRig(candidateClasses(DEMO_BOX))) {
      if (at++ % 97 !== 0) continue;
      const rig = rigOf(head, skirt, trailer);
      const row = measureParts(head, skirt, trailer, medium, compiled.facts);
      const has = measureRig(rig, rigBody(rig), medium, compiled.facts);
      WANT_IDS.forEach((id, column) => expect(row[column]).toBeCloseTo(has[id], 9));
      const collected =
        wants.exact(row) + rules.closed(head, trailer) + rules.skirt(rules.open(head, trailer), skirt, trailer);
      const slow =
        compiled.wants.reduce((sum, want) => sum + want.weight * fit(want, has[want.id]), 0) + rulesOn(compiled, rig);
      // what has words is what holds; inside its ramp a rule counts a little before it has any
      const told = reasonsFor(compiled, rig, has).filter(({ want }) => want === null);
      const held = compiled.prefers.filter((rule) => rule.holds).map(({ id }) => id);
      expect(told.every(({ rule }) => held.includes(rule))).toBe(true);
      expect(collected).toBeCloseTo(slow, 9);
    }
    expect(bestPossible(compiled)).toBeGreaterThan(20);
  });
});

describe('scores', () => {
  const compiled = compileWater(NORTH_ARM);
  test('inside a band beats outside, near beats far, and nothing leaves 0 to 1', () => {
    for (const want of compiled.wants) {
      const middle = (want.from + want.to) / 2;
      expect(fit(want, middle)).toBeGreaterThan(fit(want, want.id === 'snag' ? want.from / 2 : want.to * 1.3 + 0.05));
      fc.assert(
        fc.property(fc.double({ min: 0, max: 200, noNaN: true }), (value) => {
          const worth = fit(want, value);
          expect(worth).toBeGreaterThanOrEqual(0);
          expect(worth).toBeLessThanOrEqual(1);
        }),
      );
    }
  });
});

describe('an answer', () => {
  const advice = advise(NORTH_ARM, DEMO_BOX, 6);
  test('is ranked, valid, and the same every time', () => {
    const scores = advice.picks.map(({ score }) => score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
    expect(advice.picks.map(({ rank }) => rank)).toEqual([1, 2, 3, 4, 5, 6]);
    expect(JSON.stringify(advise(NORTH_ARM, DEMO_BOX, 6))).toBe(JSON.stringify(advice));
  });
  test('each pick has reasons and a sentence', () => {
    for (const pick of advice.picks) {
      expect(pick.reasons.length).toBeGreaterThan(4);
      expect(pickSentence(pick, advice, NORTH_ARM, 'us').length).toBeGreaterThan(20);
    }
    expect(advice.picks.flatMap(({ dissent }) => dissent).length).toBeGreaterThan(3);
  });
  test('the other school ties a lighter head here, which falls no faster, and changes nothing else', () => {
    const [first] = advice.picks;
    const other = first!.dissent.find(({ question }) => question === 'weight')!;
    expect(other.school).toBe('slow-hand');
    expect(other.rig.head.weightOz).toBeLessThan(first!.rig.head.weightOz);
    expect(other.has.fall).toBeLessThanOrEqual(first!.has.fall);
    expect([other.base.trailer, other.base.skirt]).toEqual([first!.base.trailer, first!.base.skirt]);
  });
  test('the answer is told as soon as there is one, before the other schools were asked', () => {
    const firsts: Advice[] = [];
    const told: Advice[] = [];
    const steps = adviseInSteps(NORTH_ARM, DEMO_BOX, 3, {
      tell: (early) => ('first' in early ? firsts.push(early.first) : told.push(early.whole)),
    });
    let step = steps.next();
    while (!step.done) step = steps.next();
    expect(firsts.map(({ picks }) => picks.length)).toEqual([1]);
    expect(told).toHaveLength(1);
    expect(told[0]!.picks.map(({ rig, score }) => [rig, score])).toEqual(
      step.value.picks.map(({ rig, score }) => [rig, score]),
    );
    expect(told[0]!.picks.flatMap(({ dissent }) => dissent)).toEqual([]);
  });
  test('reasons name number, band and why', () => {
    const [first] = advice.picks;
    const says = first!.reasons
      .map((reason) => reasonText(reason, first!.has, advice.wants, NORTH_ARM, 'us'))
      .join('\n');
    expect(says).toMatch(/Fall \d\.\d ft\/s is (inside|above|below) the \d\.\d to \d\.\d ft\/s wanted/);
    expect(says).not.toMatch(/undefined|NaN/);
  });
  test('in metric the same numbers read in metric', () => {
    const [first] = advice.picks;
    const says = first!.reasons
      .map((reason) => reasonText(reason, first!.has, advice.wants, NORTH_ARM, 'metric'))
      .join();
    expect(says).toMatch(/m\/s/);
    expect(says).not.toMatch(/ft\/s| oz/);
  });
  test('the report has the stable shape; what is not built is null', () => {
    const report = adviceReport(advice, NORTH_ARM, true, 'us');
    expect(Object.keys(report)).toEqual(['wants', 'picks', 'considered', 'families', 'notAJig', 'warnings']);
    expect(Object.keys(report.picks[0]!)).toEqual([
      'rank',
      'rig',
      'score',
      'scoreParts',
      'sentence',
      'has',
      'why',
      'dissent',
      'flips',
      'handling',
      'plan',
      'faults',
    ]);
    expect(report.picks[0]!.flips).toBeNull();
    expect(report.notAJig).toBeNull();
    expect(report.wants.find(({ id }) => id === 'weight')).toMatchObject({ unit: 'oz' });
    expect(report.picks[0]!.has.weight).toBeCloseTo(report.picks[0]!.rig.head.weightOz, 9);
    expect(adviceReport(advice, NORTH_ARM, false, 'us').picks[0]!.why).toHaveLength(3);
  });
  test('no head: no pick, and it says so', () => {
    const none = advise(NORTH_ARM, { ...DEMO_BOX, heads: [] });
    expect(none.picks).toEqual([]);
    expect(adviceWarnings(none, 'us').join()).toMatch(/No head/);
  });
  test('no trailer: what can be is ranked, and it says so', () => {
    const bare = advise(NORTH_ARM, { ...DEMO_BOX, trailers: [] }, 2);
    expect(bare.picks.length).toBeGreaterThan(0);
    expect(bare.picks[0]!.rig.trailer).toBeNull();
    expect(adviceWarnings(bare, 'us').join()).toMatch(/No trailer/);
  });
  test('other families are asked how they run, and only rules meant for them speak', () => {
    for (const family of ['spinner', 'vibrating'] as const) {
      const { picks, ...advice } = advise({ ...NORTH_ARM, families: [family] }, DEMO_BOX);
      expect(picks.length).toBeGreaterThan(2);
      for (const pick of picks) {
        expect(pick.rig.family).toBe(family);
        expect(parseRig(pick.rig)).toMatchObject({ ok: true });
        for (const { rule, want } of pick.reasons) {
          const own = [...PREFER_RULES, ...MISTAKE_RULES].find(({ id }) => id === rule);
          if (want === null) expect(own!.target.family ?? [family]).toContain(family);
        }
      }
      expect(advice.wants.map(({ id }) => id)).toEqual(expect.arrayContaining(['run', 'hold', 'window', 'kick']));
      expect(advice.families.map((row) => row.family)).toEqual([family]);
    }
  });
  test('all three families together: each pick is of one of them, and a still tail is never called dead', () => {
    const water: Water = {
      ...NORTH_ARM,
      depthM: 2.4,
      cover: [],
      band: { fromM: 0.4, toM: 1 },
      families: ['skirted', 'vibrating', 'spinner'],
    };
    const { picks, families } = advise(water, DEMO_BOX, 12);
    expect(families.map(({ best }) => best?.rig.family)).toEqual(families.map(({ family }) => family));
    expect(picks[0]!.score).toBe(Math.max(...families.map(({ best }) => best!.score)));
    for (const { rig, reasons } of picks) {
      if (rig.trailer && TRAILERS[rig.trailer.kind].kickOnsetMps === null) {
        expect(reasons.some(({ want }) => want === 'kick')).toBe(false);
      }
    }
  });
  test('a frame with a blade of a size that is not made is left out, not stumbled over', () => {
    const head = DEMO_BOX.heads.find(({ blades }) => blades)!;
    const odd: Box = { ...DEMO_BOX, heads: [{ ...head, blades: [{ shape: 'willow', size: 2, finish: 'gold' }] }] };
    expect(advise({ ...NORTH_ARM, families: ['spinner'] }, odd)).toMatchObject({ picks: [], considered: 0 });
  });
  test('reasons against come with their rule', () => {
    const rig = jig({ style: 'swim' });
    const compiled = compileWater(DEFAULT_WATER);
    const has = measureRig(rig, rigBody(rig), mediumAt(18), compiled.facts);
    expect(reasonsFor(compiled, rig, has)).toContainEqual({
      rule: 'swim-falls-over',
      want: null,
      weight: 2.5,
      for: false,
    });
  });
});

describe('a rig’s report', () => {
  test('any rig has numbers, none of them NaN', () => {
    fc.assert(
      fc.property(anyFamilyRig, fc.double({ min: 0, max: 40, noNaN: true }), (rig, tempC) => {
        const report = rigReport(rig, tempC);
        expect(JSON.stringify(report)).not.toMatch(/NaN|Infinity/);
        expect(report.massG).toBeGreaterThan(0);
        expect(report.fall.slack.bandMps[0]).toBeLessThanOrEqual(report.fall.slack.speedMps);
      }),
    );
  });
  test('blocks that do not apply are null, the others are there', () => {
    expect(rigReport(jig(), 15)).toMatchObject({
      hunting: null,
      roll: { blowOverMps: null },
      guard: expect.anything(),
    });
    expect(rigReport(jig({ trailer: null, strands: 0 }), 15)).toMatchObject({ kick: null, skirt: null, keeper: null });
    expect(rigReport(spinner(), 15)).toMatchObject({ hunting: null, guard: null, faults: [] });
    expect(rigReport(vibrating(), 15).hunting!.share).toBeGreaterThan(0.7);
  });
});

test('the core imports no page, server or machine', () => {
  expect(readFileSync('core/tsconfig.json', 'utf8')).toContain('"types": []');
});
