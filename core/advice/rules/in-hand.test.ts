import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { massKgFromOz } from '../../units/units';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { adviceReport } from '../../reports/advice-report';
import { advise } from '../recommend/advise';
import { adviceWarnings, intentCost, wantBecause } from '../../wording/reasons';
import { withAnswer } from '../../water/intent-words';
import { compileWater, IN_HAND, type Want } from './wants';
import { WANT_WEIGHTS } from './weights';
import { adviseUnscaled } from '../../testing/unscaled';

const asked = (
  water: Water,
  id: Want['id'],
  family: 'skirted' | 'vibrating' | 'spinner' = 'skirted',
): Want | undefined => compileWater(water, family).wants.find((want) => want.id === id);
const withIntent = (intent: Water['intent'], water: Water = DEFAULT_WATER): Water => ({ ...water, intent: intent! });
const JIGS: Water = { ...NORTH_ARM, families: ['skirted'] };

describe('a want in hand', () => {
  test('stands in the place of the water’s own, counts four times, and keeps what the water would ask', () => {
    const own = asked(DEFAULT_WATER, 'fall')!;
    const mine = asked(withIntent({ fall: { from: 0.2, to: 0.3 } }), 'fall')!;
    expect(mine).toEqual({
      id: 'fall',
      from: 0.2,
      to: 0.3,
      weight: 4 * WANT_WEIGHTS.fall.weight,
      rules: [IN_HAND],
      inHand: { from: own.from, to: own.to, rules: own.rules },
    });
    expect(own).not.toHaveProperty('inHand');
  });
  test('the others are as they were, in their order', () => {
    const plain = compileWater(DEFAULT_WATER).wants;
    const mine = compileWater(withIntent({ show: { from: 0, to: 0.1 } })).wants;
    expect(mine.map(({ id }) => id)).toEqual(plain.map(({ id }) => id));
    expect(mine.filter(({ id }) => id !== 'show')).toEqual(plain.filter(({ id }) => id !== 'show'));
  });
  test('whoever asks for a fall is not held to a head weight; whoever asks for both is', () => {
    const ids = (intent: Water['intent']) =>
      compileWater(withIntent(intent, DEFAULT_WATER), 'skirted').wants.map(({ id }) => id);
    const fall = { from: 0.2, to: 0.3 };
    expect(ids({})).toContain('weight');
    expect(ids({ fall })).not.toContain('weight');
    expect(ids({ fall, weight: { from: 0.2, to: 0.3 } })).toContain('weight');
    expect(ids({ show: { from: 0, to: 0.1 } })).toContain('weight');
  });
  test('a weight is asked for in ounces', () => {
    expect(asked(withIntent({ weight: { from: 0.25, to: 0.375 } }), 'weight')).toMatchObject({
      from: massKgFromOz(0.25),
      to: massKgFromOz(0.375),
    });
  });
  test('what the water asks nothing of can be asked all the same', () => {
    expect(asked(DEFAULT_WATER, 'ratio')).toBeUndefined();
    const want = asked(withIntent({ ratio: { from: 0.2, to: 0.3 } }), 'ratio')!;
    expect(want.inHand).toBeNull();
    expect(intentCost(want, DEFAULT_WATER, 'us')).toBe('This water itself asks for nothing of the kind.');
  });
  test('what is not asked of a family counts for nothing, and that is said', () => {
    const water = withIntent({ fall: { from: 0.2, to: 0.3 } }, { ...NORTH_ARM, families: ['spinner'] });
    expect(asked(water, 'fall', 'spinner')).toBeUndefined();
    expect(compileWater(water, 'spinner').unheeded).toEqual(['fall']);
    expect(compileWater(water, 'skirted').unheeded).toEqual([]);
    expect(adviceWarnings(advise(water, DEMO_BOX, 1), 'us').join()).toMatch(/Fall is in your hands, but spinnerbaits/);
  });
  test('a pace for a jig on the bottom counts for nothing', () => {
    expect(compileWater(withIntent({ hold: { from: 0.5, to: 0.7 } })).unheeded).toEqual(['hold']);
  });
});

describe('a depth in hand', () => {
  test('is where the lure runs: a jig is reeled there, and the ghost is what the water alone would ask', () => {
    const high = withIntent(withAnswer(undefined, 'runs', 'high', DEFAULT_WATER.depthM)!);
    const { facts, wants, unheeded } = compileWater(high, 'skirted');
    expect([facts.reeled, facts.high, facts.bottom, unheeded]).toEqual([true, true, false, []]);
    const run = wants.find(({ id }) => id === 'run')!;
    expect([run.from, run.to, run.inHand]).toEqual([0, 0.55, null]);
    expect(facts.reel!.depthM).toBeCloseTo(0.275, 9);
    const blades = asked(high, 'run', 'spinner')!;
    expect(blades.inHand!.rules).not.toContain('run-where-wanted');
  });
  test('down is the bottom: nothing is reeled, and nobody says it counts for nothing', () => {
    const down = withIntent(withAnswer(undefined, 'runs', 'down', DEFAULT_WATER.depthM)!);
    expect(compileWater(down).facts.reeled).toBe(false);
    expect(compileWater(down).unheeded).toEqual([]);
  });
  test('goes before the band of the water', () => {
    const water: Water = { ...DEFAULT_WATER, band: { fromM: 0, toM: 0.3 }, intent: { run: { from: 0.6, to: 0.9 } } };
    expect(compileWater(water).facts.water.band).toEqual({ fromM: 0.6, toM: 0.9 });
    expect(asked(water, 'run')!.inHand).toMatchObject({ from: 0, to: 0.3 });
  });
});

describe('what it leads to', () => {
  const best = (intent: Water['intent']) => adviseUnscaled(withIntent(intent, JIGS), DEMO_BOX, 1).picks[0]!;
  test('dead still and lively are answered with other trailers', () => {
    const still = best(withAnswer(undefined, 'acts', 'still', JIGS.depthM));
    const kicks = best(withAnswer(undefined, 'acts', 'kicks', JIGS.depthM));
    expect(still.has.show).toBeLessThanOrEqual(0.15);
    expect(kicks.has.show).toBeGreaterThanOrEqual(0.55);
  });
  test('a stone falls faster than what glides, by every step between', () => {
    const falls = (['stone', 'steady', 'slowly', 'glides'] as const).map(
      (answer) => best(withAnswer(undefined, 'falls', answer, JIGS.depthM)).has.fall,
    );
    expect([...falls].sort((a, b) => b - a)).toEqual(falls);
    // among forks only one head of this box is without a fault, so a stone is no faster than what sinks steadily
    expect(new Set(falls).size).toBeGreaterThanOrEqual(3);
    expect(falls[3]).toBeLessThan(0.4);
  });
  test('what no rig can do is said, with the nearest there is', () => {
    const water = withIntent({ fall: { from: 2.5, to: 3 } }, JIGS);
    const advice = advise(water, DEMO_BOX, 3);
    const all = adviseUnscaled(withIntent({ fall: { from: 2.99, to: 3 } }, { ...JIGS, intent: {} }), DEMO_BOX, 400);
    const fastest = Math.max(...all.picks.map(({ has }) => has.fall));
    expect(advice.outOfReach).toHaveLength(1);
    expect(advice.outOfReach[0]!.want).toBe('fall');
    expect(advice.outOfReach[0]!.nearest).toBeGreaterThanOrEqual(fastest - 1e-9);
    expect(adviceWarnings(advice, 'us').join()).toMatch(
      /^Fall, .* ft\/s: no rig of this box can do that\. The nearest comes to/,
    );
    expect(adviceReport(advice, water, false, 'us').warnings.join()).toMatch(/no rig of this box/);
  });
  test('what some rig does is not out of reach', () => {
    expect(advise(withIntent({ fall: { from: 0.4, to: 0.5 } }, JIGS), DEMO_BOX, 3).outOfReach).toEqual([]);
    expect(advise(JIGS, DEMO_BOX, 3).outOfReach).toEqual([]);
  });
});

describe('what it costs', () => {
  const water = withIntent({ fall: { from: 0.2, to: 0.3 } });
  test('it names the difference, the band of the water and why it lies there', () => {
    expect(wantBecause(asked(water, 'fall')!, water, 'us')).toMatch(
      /^It is what you asked for\. Slower than this water asks \(1\.3 to 2\.2 ft\/s\): .+\.$/,
    );
    const fast = withIntent({ fall: { from: 0.9, to: 1 } });
    expect(intentCost(asked(fast, 'fall')!, fast, 'metric')).toMatch(/^Faster than this water asks/);
  });
  test('on the very ends of what the water asks it costs nothing, a little beyond it does', () => {
    const own = asked(DEFAULT_WATER, 'fall')!;
    const at = (value: number): string => {
      const there = withIntent({ fall: { from: value, to: value } });
      return intentCost(asked(there, 'fall')!, there, 'us');
    };
    expect(at(own.from)).toMatch(/much the same/);
    expect(at(own.to)).toMatch(/much the same/);
    expect(at(own.from - 0.001)).toMatch(/^Slower/);
    expect(at(own.to + 0.001)).toMatch(/^Faster/);
  });
});
