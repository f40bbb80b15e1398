import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { planSchema } from '../../motion/plan';
import { catalogueBox, catalogueFor } from '../../rig/parts/catalogue';
import { emptyBox, type Box } from '../../rig/parts/box';
import { parseRig } from '../../rig/parts/schema';
import { anySmallBox, anyWater } from '../../testing/fixtures/boxes';
import { anyFamilyRig } from '../../testing/fixtures/rigs';
import { DEFAULT_WATER, FAMILIES, parseWater, type Water } from '../../water/schema';
import { adviceReport } from '../../reports/advice-report';
import { gainsOver, whatToBuy } from './purchases';
import { rigFaults } from '../../wording/rig-faults';
import { familiesSuit } from '../rules/family-suits';
import { changed, TIPPING_FIELDS, tippingPointsOf } from './tipping-points';
import { HANDBOOK, handbookRule, ruleInUnits, speaksAgainst } from '../../handbook/handbook';
import { CHOICES, handle, HANDLING_RULES } from '../handling';
import { HANDLING_TEXT } from '../../locale/en/handling';
import { adviceWarnings } from '../../wording/reasons';
import { advise } from './advise';
import { judgeRig } from './judge';
import { compileWater } from '../rules/wants';
import { runs } from '../../testing/runs';

/** What flips the first picks of a box. */
const flipsOf = (on: Water, box: Box, top: number) =>
  tippingPointsOf(
    on,
    box,
    advise(on, box, top, { asks: 'own-school' }).picks.map(({ base }) => base),
  );

const BOX = catalogueBox();
const water = (part: Partial<Water>): Water => ({ ...DEFAULT_WATER, ...part });

describe('which family at all', () => {
  test('a family is worth the same, whatever else is allowed', () => {
    for (const row of familiesSuit(water({}))) {
      expect(familiesSuit(water({ families: [row.family] }))).toEqual([row]);
    }
  });
  test('a water that names no family may be answered with any', () => {
    expect(
      familiesSuit(DEFAULT_WATER)
        .map(({ family }) => family)
        .sort(),
    ).toEqual([...FAMILIES].sort());
  });
  test('the family that suits best is worth 1, the others less', () => {
    fc.assert(
      fc.property(anyWater, (one) => {
        const [first, ...rest] = familiesSuit({ ...one, families: [...FAMILIES] });
        expect(first!.worth).toBe(1);
        for (const { worth } of rest) expect(worth).toBeLessThanOrEqual(1);
      }),
    );
  });
  test('the best of each family stands in the answer, and the first pick is the best of them', () => {
    const { picks, families } = advise(water({ band: { fromM: 0.2, toM: 0.8 } }), DEMO_BOX, 2);
    expect(families).toHaveLength(3);
    const scores = families.map(({ best }) => best!.score);
    expect(picks[0]!.score).toBeCloseTo(Math.max(...scores), 12);
  });
  test('a rig judged by itself gets the score it has as a pick', () => {
    const { picks } = advise(NORTH_ARM, DEMO_BOX, 5);
    for (const { rig, score, reasons } of picks) {
      const judged = judgeRig(NORTH_ARM, rig);
      expect(judged.score).toBeCloseTo(score, 9);
      expect(judged.reasons).toEqual(reasons);
    }
  });
  test('the same question has the same answer, twice over', () => {
    const ask = (): string => JSON.stringify([advise(NORTH_ARM, DEMO_BOX, 6), flipsOf(NORTH_ARM, DEMO_BOX, 2)]);
    expect(ask()).toBe(ask());
  });
});

describe('how a pick is handled', () => {
  test('every rule has its words, every id is used once', () => {
    const ids = HANDLING_RULES.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect([...ids].sort()).toEqual(Object.keys(HANDLING_TEXT).sort());
  });
  test('any rig on any water: line, rod, reel, retrieve; a plan that can be computed; in the order of the work', () => {
    fc.assert(
      fc.property(anyFamilyRig, anyWater, (rig, one) => {
        const { steps, plan } = handle(compileWater(one, rig.family), rig);
        for (const choice of ['line', 'rod', 'reel', 'retrieve'] as const) {
          expect(steps.filter((step) => step.choice === choice)).toHaveLength(1);
        }
        const order = steps.map(({ choice }) => CHOICES.indexOf(choice));
        expect(order).toEqual([...order].sort((a, b) => a - b));
        expect(planSchema.safeParse(plan).success).toBe(true);
      }),
    );
  });
  test('what is said to do is not at once found wrong: no speed outside what the rig can do', () => {
    for (const part of [
      {},
      { band: { fromM: 0.1, toM: 0.7 } },
      { temperatureC: 8 },
      { visibilityM: 2, mood: 'active' },
    ] as const) {
      for (const family of FAMILIES) {
        const one = water({ ...part, families: [family] });
        for (const { rig, handled } of advise(one, DEMO_BOX, 3, { asks: 'own-school' }).picks) {
          const wrong = rigFaults(rig, { water: one, plan: handled.plan }).map(({ id }) => id);
          for (const id of ['plastic-slides-off', 'blades-blow-over', 'rod-too-low', 'swim-jig-left-to-rest']) {
            expect(wrong).not.toContain(id);
          }
        }
      }
    }
  });
  test('a trailer hook goes on only for the school that wants it, never where it is not allowed', () => {
    const open = water({
      families: ['spinner'],
      cover: [],
      depthM: 3,
      band: { fromM: 0, toM: 0.8 },
      visibilityM: 1,
      temperatureC: 24,
    });
    const hooks = (more: Partial<Water>) => advise({ ...open, ...more }, BOX, 1).picks[0]!.rig.trailerHook ?? null;
    expect(hooks({})).toBeNull();
    expect(hooks({ schools: { 'trailer-hook': 'on-when-fast' } })).toMatchObject({ point: 'down' });
    expect(hooks({ schools: { 'trailer-hook': 'on-when-fast' }, localRules: { trailerHook: false } })).toBeNull();
    expect(hooks({ schools: { 'trailer-hook': 'on-when-fast' }, localRules: { hooksPerLine: 1 } })).toBeNull();
    const near = { ...open, cover: [{ kind: 'laydown' as const, density: 'medium' as const }] };
    const up = advise({ ...near, schools: { 'trailer-hook': 'on-when-fast' } }, BOX, 1).picks[0]!.rig.trailerHook;
    expect(up?.point).toBe('up');
  });
  test('the other side of the trailer hook is shown as a rig with its numbers', () => {
    const [pick] = advise(water({ families: ['vibrating'], temperatureC: 24, cover: [] }), DEMO_BOX, 1).picks;
    const other = pick!.dissent.find(({ question }) => question === 'trailer-hook')!;
    expect(other.rig.trailerHook).toMatchObject({ kind: 'single' });
    expect(other.has.run).toBeGreaterThanOrEqual(0);
    expect(parseRig(other.rig).ok).toBe(true);
  });
});

describe('local rules', () => {
  test('no lead: only other metals are picked, and it is said how much is left out', () => {
    const answer = advise(water({ localRules: { lead: false } }), catalogueFor({ lead: false }), 5);
    for (const { rig } of answer.picks) expect(rig.head.metal).not.toBe('lead');
    const own = advise(water({ localRules: { lead: false } }), DEMO_BOX, 5);
    expect(own.picks.every(({ rig }) => rig.head.metal !== 'lead')).toBe(true);
    expect(adviceWarnings(own, 'us').join()).toMatch(/forbid lead: \d+ heads are left out/);
  });
  test('rules that forbid everything: no pick, the reason, and nothing breaks', () => {
    const answer = advise(water({ localRules: { hooksPerLine: 0 } }), DEMO_BOX);
    expect(answer.picks).toEqual([]);
    expect(answer.notAJig).toBe('nothing-with-a-hook');
    expect(adviceWarnings(answer, 'us').join()).toMatch(/no hook on the line/);
    const report = adviceReport(answer, water({ localRules: { hooksPerLine: 0 } }), true, 'us');
    expect(report.notAJig!.says).toMatch(/no hook/);
    expect(flipsOf(water({ localRules: { hooksPerLine: 0 } }), DEMO_BOX, 3)).toEqual([]);
    expect(whatToBuy([water({ localRules: { hooksPerLine: 0 } })], DEMO_BOX, 3)).toEqual([]);
  });
  test('lengths the wrong way round are refused by field', () => {
    const bad = parseWater(water({ localRules: { fishFromMm: 500, fishToMm: 400 } }));
    expect(bad).toMatchObject({ ok: false, issues: [{ path: 'localRules.fishToMm' }] });
  });
  test('a school that does not exist, and a rule nobody knows, are refused', () => {
    expect(parseWater({ ...DEFAULT_WATER, schools: { weight: 'featherweight' } }).ok).toBe(false);
    expect(parseWater({ ...DEFAULT_WATER, localRules: { nets: true } }).ok).toBe(false);
  });
});

describe('a water that contradicts itself', () => {
  test('is answered, and what contradicts is said', () => {
    const odd = water({ season: 'winter', temperatureC: 30 });
    const report = adviceReport(advise(odd, DEMO_BOX, 2, { asks: 'own-school' }), odd, false, 'us');
    expect(report.picks).toHaveLength(2);
    expect(report.warnings.length).toBeGreaterThan(0);
    const plain = adviceReport(advise(NORTH_ARM, DEMO_BOX, 1, { asks: 'own-school' }), NORTH_ARM, false, 'us');
    expect(plain.warnings).toEqual([]);
  });
});

describe('small and odd boxes', () => {
  test('a box with one part: nothing or one rig, and what is missing', () => {
    const trailer: Box = { ...emptyBox(), trailers: [DEMO_BOX.trailers[0]!] };
    expect(advise(NORTH_ARM, trailer)).toMatchObject({ picks: [], considered: 0, missing: ['heads', 'skirts'] });
    const head: Box = { ...emptyBox(), heads: [DEMO_BOX.heads[0]!] };
    const one = advise(NORTH_ARM, head);
    expect(one.picks).toHaveLength(1);
    expect(one.missing).toContain('trailers');
    expect(flipsOf(NORTH_ARM, head, 1)).toHaveLength(1);
  });
  test('any small box on any water: the same order of scores, worth between 0 and 1', () => {
    fc.assert(
      fc.property(anySmallBox, anyWater, (box, one) => {
        const { picks } = advise(one, box, 6);
        for (const [at, { score }] of picks.entries()) {
          expect(score).toBeGreaterThanOrEqual(0);
          if (at > 0) expect(score).toBeLessThanOrEqual(picks[at - 1]!.score);
        }
      }),
      { numRuns: runs(40), seed: 2 },
    );
  });
});

describe('flips', () => {
  const flips = flipsOf(NORTH_ARM, DEMO_BOX, 3);
  const { picks } = advise(NORTH_ARM, DEMO_BOX, 3);
  test('each names a field once, within sensible bounds, and another rig', () => {
    expect(flips).toHaveLength(3);
    for (const [place, row] of flips.entries()) {
      expect(new Set(row.map(({ field }) => field)).size).toBe(row.length);
      for (const { field, at, to } of row) {
        expect(TIPPING_FIELDS).toContain(field);
        expect(to).not.toEqual(picks[place]!.rig);
        expect(parseWater(changed(NORTH_ARM, field, at)).ok).toBe(true);
      }
    }
    expect(flips.flat().length).toBeGreaterThan(6);
  });
  test('at the place of a flip the pick has given way, just short of it it has not', () => {
    const keyOf = ({ rig }: (typeof picks)[number]): string =>
      [rig.family, rig.head.style, rig.head.nose, rig.trailer?.kind, rig.head.weightOz].join(' ');
    const after = (one: Water) => advise(one, DEMO_BOX, 8, { asks: 'own-school' }).picks;
    /** nearly as good by score: among those what meets most of what is asked leads, and neighbours that are tried only for a pick */
    const isAsGoodThere = (rig: (typeof picks)[number] | undefined, there: typeof picks): boolean =>
      rig !== undefined && rig.score > 0.93 * Math.max(...there.map(({ score }) => score));
    for (const { field, at, to } of flips[0]!) {
      const there = after(changed(NORTH_ARM, field, at));
      const isTo = there.find(({ rig }) => rig.head.style === to.head.style && rig.trailer?.kind === to.trailer?.kind);
      expect([field, isAsGoodThere(isTo, there)]).toEqual([field, true]);
      if (typeof at === 'string') continue;
      const start = NORTH_ARM[field as 'depthM'];
      // nearer than this the two are as good as each other
      if (Math.abs(at - start) < 0.03 * start) continue;
      const short = start + 0.9 * (at - start);
      const before = after(changed(NORTH_ARM, field, short));
      const own = before.find((pick) => keyOf(pick) === keyOf(picks[0]!));
      expect([field, isAsGoodThere(own, before)]).toEqual([field, true]);
    }
  });
  test('a box of one rig never flips', () => {
    const one: Box = { ...emptyBox(), heads: [{ ...DEMO_BOX.heads[0]!, skirt: DEMO_BOX.skirts[0]! }] };
    expect(flipsOf(NORTH_ARM, one, 1)).toEqual([[]]);
  });
});

describe('what to buy', () => {
  const bought = whatToBuy([NORTH_ARM, water({ band: { fromM: 0.1, toM: 0.7 } })], DEMO_BOX, 6);
  test('the most useful first, each adding to what the box answers by itself', () => {
    expect(bought.length).toBeGreaterThan(0);
    for (const [at, { gain, on }] of bought.entries()) {
      expect(gain).toBeGreaterThanOrEqual(0.01);
      if (at > 0) expect(gain).toBeLessThanOrEqual(bought[at - 1]!.gain);
      for (const { from, to } of on) expect(to).toBeGreaterThan(from);
    }
  });
  test('bought, it does what was promised', () => {
    const [first] = bought;
    const on = first!.on[0]!;
    const one = on.water === 0 ? NORTH_ARM : water({ band: { fromM: 0.1, toM: 0.7 } });
    const box: Box = { ...DEMO_BOX, [first!.tray]: [...DEMO_BOX[first!.tray], first!.part] };
    // what leads may be another one that is as good and meets more of what is asked
    const scores = advise(one, box, 8, { asks: 'own-school' }).picks.map(({ score }) => score);
    // what is promised is told before it is cut and its faults are looked for: within a point
    expect(Math.max(...scores)).toBeGreaterThanOrEqual(on.to - 0.01);
  });
  test('a water asked after others gives what it gives by itself', () => {
    const gains = gainsOver(DEMO_BOX);
    const waters = [NORTH_ARM, water({ temperatureC: 8 }), water({ localRules: { lead: false } }), NORTH_ARM];
    for (const one of waters) expect(gains(one)).toEqual(gainsOver(DEMO_BOX)(one));
  });
});

describe('the handbook', () => {
  test('holds every rule once, with words and a condition', () => {
    const rules = HANDBOOK.flatMap((chapter) => chapter.rules);
    expect(new Set(rules.map(({ id }) => id)).size).toBe(rules.length);
    expect(rules.length).toBeGreaterThan(400);
    for (const { id, says, when } of rules.map((rule) => ruleInUnits(rule, 'us'))) {
      expect([id, says.length > 5, /[{}]/.test(says), when.length > 0]).toEqual([id, true, false, true]);
    }
  });
  test('every reason and every step of a pick can be read in it', () => {
    for (const { reasons, handled } of advise(NORTH_ARM, DEMO_BOX, 4).picks) {
      for (const { rule } of [...reasons, ...handled.steps])
        expect([rule, handbookRule(rule) !== null]).toEqual([rule, true]);
    }
  });
  test('what speaks against a rule is another school, or the other way', () => {
    expect(speaksAgainst('pointed-wedges-in-forks').map(({ id }) => id)).toContain('flat-point-even-in-forks');
    expect(speaksAgainst('chunk-while-cold').map(({ id }) => id)).toContain('claws-brake-in-the-cold');
    expect(speaksAgainst('weight-step-up').map(({ id }) => id)).toContain('weight-slow-hand');
    expect(speaksAgainst('nobody-ever-said-so')).toEqual([]);
  });
  test('no rule speaks against itself', () => {
    for (const { id } of HANDBOOK.flatMap((chapter) => chapter.rules)) {
      expect(speaksAgainst(id).map((other) => other.id)).not.toContain(id);
    }
  });
});
