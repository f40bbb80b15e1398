import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { ATTRIBUTE_NAMES } from '../candidates/attributes';
import { candidateClasses } from '../candidates/candidate-classes';
import { WANT_SCALES } from '../../water/intent';
import { AT_LEAST, WANT_IDS, type SpokenRule, type WantId } from '../rules/rule';
import { always } from '../conditions/condition';
import { compileWater, type CompiledWater, type Want } from '../rules/wants';
import { WANT_WEIGHTS } from '../rules/weights';
import { better, judgeOf, lotsOf, queueOf, type Found } from './best-first';
import { paced, scaled } from './progress';
import { bestPossible, fits, ruleScorer, wantScorer, type Range } from './score';
import { bestValue, fit, meets } from '../rules/want-fit';

const want = (id: WantId, from: number, to: number, more: Partial<Want> = {}): Want => ({
  id,
  from,
  to,
  weight: WANT_WEIGHTS[id].weight,
  rules: ['some-rule'],
  ...more,
});
let made = 0;
const rule = (weight: number, target: SpokenRule['target']): SpokenRule => ({
  id: `rule-${made++}`,
  when: always,
  weight,
  target,
  holds: true,
});

/** what is left, just outside, of a want of three points */
const THREE = 1 - 0.4 / 3;

describe('how well a number answers a want', () => {
  test('on a scale of steps: 1 in the middle, a little less on its ends, a step outside them, and exp(-1) of that one reach further', () => {
    const push = want('push', 40, 60);
    expect(fit(push, 50)).toBe(1);
    expect(fit(push, 45)).toBeCloseTo(0.97, 12);
    expect([fit(push, 40), fit(push, 60)].map((value) => value.toFixed(12))).toEqual([
      '0.940000000000',
      '0.940000000000',
    ]);
    expect(fit(push, 60 + 16)).toBeCloseTo(0.8 * 0.94 * Math.exp(-1), 12);
    expect(fit(push, 40 - 32)).toBeCloseTo(0.8 * 0.94 * Math.exp(-4), 12);
    // just outside it loses 0.4 points of its 2, on what reads as the end it does not
    expect(fit(push, 60.49)).toBeCloseTo(0.94, 12);
    expect(fit(push, 60.51)).toBeCloseTo(0.8 * 0.94 * Math.exp(-((0.51 / 16) ** 2)), 12);
  });
  test('on a scale of factors the same factor counts the same on both sides', () => {
    const fall = want('fall', 0.4, 0.9);
    expect(fit(fall, 0.6)).toBeCloseTo(1, 12);
    expect(fit(fall, 0.4)).toBeCloseTo(0.94, 12);
    expect(fit(fall, 0.4 / 1.3)).toBeCloseTo(THREE * 0.94 * Math.exp(-1), 12);
    expect(fit(fall, 0.9 * 1.3)).toBeCloseTo(THREE * 0.94 * Math.exp(-1), 12);
    expect(fit(fall, 0)).toBeCloseTo(0, 12);
  });
  test('a band of one value is met by just that', () => {
    expect(fit(want('push', 50, 50), 50)).toBe(1);
    expect(fit(want('push', 50, 50), 66)).toBeCloseTo(0.8 * 0.94 * Math.exp(-1), 12);
  });
  test('in hand it reaches twice as far, and is worth the same inside', () => {
    const mine = want('push', 40, 60, { inHand: null });
    expect(fit(mine, 45)).toBe(fit(want('push', 40, 60), 45));
    expect(fit(mine, 60 + 32)).toBeCloseTo(0.8 * 0.94 * Math.exp(-1), 12);
  });
  test('so much or more: nothing is too much, and at the start of the band it is nearly all there', () => {
    const snag = want('snag', 0.6, 1);
    expect([fit(snag, 1), fit(snag, 0.6)].map((value) => value.toFixed(9))).toEqual(['1.000000000', '0.976000000']);
    expect(fit(want('kick', 1.1, 2), 40)).toBe(1);
    expect(fit(want('kick', 0.2, 3), 0.2)).toBeCloseTo(0.94, 12);
    // outside it is told by the way to the middle, as for the others
    expect(fit(snag, 0.45)).toBeCloseTo(THREE * 0.94 * Math.exp(-1), 12);
  });
  test('it lies in its band on both ends, and beyond them only where so much or more is asked', () => {
    for (const id of WANT_IDS) {
      const asked = want(id, 0.4, 0.6);
      // as people read it: half a digit beyond an end is on the end
      const { grain } = WANT_SCALES[id];
      const just = 1e-9;
      expect([id, meets(asked, 0.4 - grain + just), meets(asked, 0.6 + grain - just)]).toEqual([id, true, true]);
      expect([id, meets(asked, 0.4 - grain - just)]).toEqual([id, false]);
      expect([id, meets(asked, 0.6 + grain + just)]).toEqual([id, AT_LEAST.has(id)]);
    }
  });
  test('it is best in the middle of its own scale', () => {
    expect(bestValue(want('push', 40, 60))).toBe(50);
    expect(bestValue(want('fall', 0.4, 0.9))).toBeCloseTo(0.6, 12);
    expect(bestValue(want('snag', 0.6, 1))).toBe(1);
    for (const id of WANT_IDS) expect([id, fit(want(id, 0.4, 0.9), bestValue(want(id, 0.4, 0.9)))]).toEqual([id, 1]);
  });
});

describe('what a rig collects', () => {
  const compiled = {
    wants: [want('push', 40, 60), want('fall', 0.4, 0.9)],
    prefers: [rule(2, {}), rule(-3, {}), rule(0.5, {})],
  } as unknown as CompiledWater;
  test('at most every want and every friendly rule', () => expect(bestPossible(compiled)).toBe(2 + 3 + 2.5));
  test('want by want', () => {
    expect(fits(compiled, { push: 60, fall: 0.6 } as never).map(({ fit: own }) => Number(own.toFixed(9)))).toEqual([
      0.94, 1,
    ]);
  });
  const anywhere: Range = [0, Infinity];
  const reach = {
    ...Object.fromEntries(WANT_IDS.map((id) => [id, anywhere])),
    push: [0, 40],
    fall: [0.6, 0.7],
  } as never as Record<WantId, Range>;
  test('bounded by what it can reach: inside a range at its best, outside at the nearer end', () => {
    const { exact, most } = wantScorer(compiled.wants);
    expect(most(reach)).toBeCloseTo(2 * 0.94 + 3, 12);
    expect(most({ ...reach, push: [45, 80] })).toBeCloseTo(2 + 3, 12);
    expect(most({ ...reach, push: [76, 90] })).toBeCloseTo(2 * 0.8 * 0.94 * Math.exp(-1) + 3, 12);
    const row = new Float64Array(WANT_IDS.length);
    row[WANT_IDS.indexOf('push')] = 76;
    row[WANT_IDS.indexOf('fall')] = 0.4;
    expect(exact(row)).toBeCloseTo(2 * 0.8 * 0.94 * Math.exp(-1) + 3 * 0.94, 12);
  });
  test('a running depth is looked up only where it can still matter', () => {
    const { most } = wantScorer([want('push', 40, 60), want('run', 1, 2)]);
    let asked = 0;
    const own = {
      ...reach,
      push: [40, 60] as Range,
      get run(): Range {
        asked++;
        return [0, 0.5];
      },
    };
    expect(most(own, 5.01)).toBeCloseTo(2 + 3, 12);
    expect(asked).toBe(0);
    expect(most(own, 5)).toBeCloseTo(2 + 3 * THREE * 0.94 * Math.exp(-(((1 - 0.5) / 0.3) ** 2)), 12);
    expect(asked).toBe(1);
  });
});

describe('rules, part by part', () => {
  const space = candidateClasses(DEMO_BOX, ['skirted']);
  const head = space.heads.find((one) => one.head.style === 'casting')!;
  const other = space.heads.find((one) => one.head.style === 'football')!;
  const chunk = space.trailers.find(({ trailer }) => trailer?.kind === 'chunk')!;
  const bare = space.trailers.find(({ trailer }) => trailer === null)!;
  const skirt = space.skirts[0]!;
  const closed = (target: SpokenRule['target'], on = head, with_ = chunk): number =>
    ruleScorer([rule(2, target)]).closed(on, with_);

  test('of the head, of the trailer, of both, of anybody', () => {
    expect([closed({ head: ['casting'] }), closed({ head: ['casting'] }, other)]).toEqual([2, 0]);
    expect([closed({ trailer: ['chunk'] }), closed({ trailer: ['chunk'] }, head, bare)]).toEqual([2, 0]);
    const both = { head: ['casting'], trailer: ['chunk'] } as const;
    expect([closed(both), closed(both, other), closed(both, head, bare)]).toEqual([2, 0, 0]);
    expect(closed({})).toBe(2);
    expect(ruleScorer([rule(2, {}), rule(-0.5, { head: ['casting'] }), rule(1, both)]).closed(head, chunk)).toBe(2.5);
  });
  test('a rule about the skirt is open until a skirt is worn, and only where head and trailer suit it', () => {
    const rules = ruleScorer([rule(2, { skirtMaterial: ['silicone'], trailer: ['chunk'] })]);
    expect(rules.closed(head, chunk)).toBe(0);
    expect(rules.open(head, chunk).rules).toHaveLength(1);
    expect(rules.open(head, bare).rules).toHaveLength(0);
    expect(rules.skirt(rules.open(head, chunk), skirt, chunk)).toBe(skirt.skirt!.material === 'silicone' ? 2 : 0);
    expect(rules.skirt(rules.open(head, bare), skirt, bare)).toBe(0);
    expect(rules.open(head, chunk)).toBe(rules.open(other, chunk));
  });
  test('one colour for both is told by the class of both; no skirt is of no colour', () => {
    const rules = ruleScorer([rule(2, { sameColour: [true] }), rule(-1, { sameColour: [false] })]);
    for (const trailer of space.trailers) {
      for (const worn of space.skirts) {
        const open = rules.open(head, trailer);
        const same =
          worn.skirt !== null &&
          trailer.trailer !== null &&
          worn.axes.join() !== '' &&
          colourOf(worn.axes, 'skirtColour') === colourOf(trailer.axes, 'trailerColour');
        expect(rules.skirt(open, worn, trailer)).toBe(same ? 2 : -1);
        // asked again it is remembered, and the same
        expect(rules.skirt(open, worn, trailer)).toBe(same ? 2 : -1);
      }
    }
  });
  test('a rule for every family that is judged looks at no head', () => {
    const only = ruleScorer([rule(2, { family: ['skirted', 'vibrating'] })], ['skirted']);
    const not = ruleScorer([rule(2, { family: ['vibrating'] })], ['skirted']);
    expect([only.closed(head, chunk), not.closed(head, chunk)]).toEqual([2, 0]);
  });
  test('the most of a set of skirts is that of its friendliest', () => {
    const compiled = {
      ...compileWater(NORTH_ARM, 'skirted'),
      prefers: [rule(2, { skirtMaterial: ['rubber'] }), rule(-1, { skirtMaterial: ['silicone'] })],
    };
    const judge = judgeOf(space, compiled);
    for (const [set, { classes }] of space.skirtSets.entries()) {
      const wearer = space.heads.find(({ skirtSet }) => skirtSet === set);
      if (!wearer) continue;
      const worth = classes.map(
        (at) => ({ rubber: 2, silicone: -1 })[space.skirts[at]!.skirt?.material as 'rubber'] ?? 0,
      );
      expect(judge.mostOfSkirts(wearer, chunk)).toBe(Math.max(...worth));
    }
  });
});

describe('the order of the search', () => {
  const found = (score: number, head = 0, skirt = 0, trailer = 0): Found => ({ score, head, skirt, trailer });
  test('the better first; of equals the first head, then skirt, then trailer of the box', () => {
    const sorted = [
      found(0.5),
      found(0.9, 1, 1, 0),
      found(0.9, 1, 0, 1),
      found(0.9, 1, 0, 0),
      found(0.9, 0, 7, 7),
    ].sort(better);
    expect(sorted).toEqual([
      found(0.9, 0, 7, 7),
      found(0.9, 1, 0, 0),
      found(0.9, 1, 0, 1),
      found(0.9, 1, 1, 0),
      found(0.5),
    ]);
  });
  test('blocks come by what they can collect, of equals the first; negative ones last', () => {
    const most = Float64Array.from([1.5, -2, 3.25, 1.5, 0]);
    const { order, most: of } = queueOf(most, [[0]], [[0], [1], [2], [3], [4]]);
    expect([...order]).toEqual([2, 0, 3, 4, 1]);
    expect(of(2)).toBe(3.25);
  });
  test('however many blocks there are: none comes after one that is less by more than a step of the keys', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -20, max: 40, noNaN: true }), { minLength: 1, maxLength: 3000 }),
        (bounds) => {
          const { order } = queueOf(Float64Array.from(bounds), [[0]], [[0]]);
          expect([...order].sort((a, b) => a - b)).toEqual([...bounds.keys()]);
          const step = (Math.max(...bounds) - Math.min(...bounds)) / (2 ** 22 - 1);
          for (let at = 1; at < order.length; at++)
            expect(bounds[order[at]!]! - bounds[order[at - 1]!]!).toBeLessThanOrEqual(step + 1e-12);
        },
      ),
    );
  });
  test('bounds of a head under a list of trailers are those of each pair', () => {
    for (const family of ['skirted', 'vibrating', 'spinner'] as const) {
      const compiled = compileWater(NORTH_ARM, family);
      const space = candidateClasses(DEMO_BOX, [family]);
      const judge = judgeOf(space, compiled);
      const wants = compiled.wants.reduce((sum, { weight }) => sum + weight, 0);
      const rowOf = judge.mostRows(space.trailers);
      for (const head of space.heads.slice(0, 6)) {
        const row = rowOf(head);
        space.trailers.forEach((trailer, at) =>
          expect(row[at]).toBeCloseTo(wants + judge.rules.closed(head, trailer) + judge.mostOfSkirts(head, trailer), 9),
        );
      }
    }
  });
  test('members of a lot keep their order, lots the order in which they begin', () => {
    expect(lotsOf(['b', 'a', 'b', 'c', 'a'], (key) => key)).toEqual([[0, 2], [1, 4], [3]]);
  });
});

describe('progress', () => {
  function* steps(): Generator<number, string> {
    yield 0;
    yield 0.5;
    yield 1;
    return 'done';
  }
  const all = <T>(work: Generator<number, T>): { seen: number[]; end: T } => {
    const seen: number[] = [];
    for (;;) {
      const step = work.next();
      if (step.done) return { seen, end: step.value };
      seen.push(step.value);
    }
  };
  test('a part of the whole runs from its start to its end', () =>
    expect(all(scaled(steps(), 0.2, 0.6))).toEqual({ seen: [0.2, 0.4, 0.6], end: 'done' }));
  test('pauses creep towards the end of their share and never reach it', () => {
    function* pauses(): Generator<void, number> {
      for (let at = 0; at < 50; at++) yield;
      return 7;
    }
    const { seen, end } = all(paced(pauses(), 0.3, 1));
    expect([seen[0], seen[1]].map((share) => share!.toFixed(4))).toEqual(['0.3700', '0.4330']);
    expect(seen.every((share, at) => share < 1 && (at === 0 || share > seen[at - 1]!))).toBe(true);
    expect(end).toBe(7);
  });
});

function colourOf(axes: Uint8Array, name: 'skirtColour' | 'trailerColour'): number {
  return axes[ATTRIBUTE_NAMES.indexOf(name)]!;
}
