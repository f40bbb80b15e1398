import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { emptyBox, type Box } from '../rig/box';
import { catalogueBox, plainHead } from '../rig/catalogue';
import { advise } from './rank';
import { fillGaps } from './gaps';

describe('filling the gaps of a box', () => {
  test('the box alone scores what its first pick scores', () => {
    const { own } = fillGaps(NORTH_ARM, DEMO_BOX);
    expect(own!.score).toBeCloseTo(advise(NORTH_ARM, DEMO_BOX, 1).picks[0]!.score, 9);
    expect(own!.buy).toEqual([]);
  });
  test('every kind there is has no gap', () => {
    const gaps = fillGaps(NORTH_ARM, catalogueBox());
    expect(gaps.fill).toBeNull();
    expect(gaps.steps).toEqual([]);
  });
  test('an empty box needs all three, and nothing less will do', () => {
    const { own, fill, bestScore } = fillGaps(NORTH_ARM, emptyBox());
    expect(own).toBeNull();
    expect(fill!.buy).toContain('heads');
    expect(fill!.score).toBeGreaterThanOrEqual(0.97 * bestScore);
  });
  test('a box that only lacks a trailer is told so', () => {
    const best = advise(NORTH_ARM, catalogueBox(), 1).picks[0]!.rig;
    const box: Box = {
      ...emptyBox(),
      heads: [{ ...plainHead(best.head.style, best.head.weightOz, false), ...best.head, guard: best.guard ?? null }],
      skirts: [{ material: 'silicone', strands: 50, lengthMm: 55, colour: best.skirt!.colour }],
    };
    expect(fillGaps(NORTH_ARM, box).fill!.buy).toEqual(['trailers']);
  });
  test('steps need more parts only where they score more', () => {
    const { own, steps } = fillGaps(NORTH_ARM, { ...DEMO_BOX, trailers: DEMO_BOX.trailers.slice(14) });
    const scores = [own!.score, ...steps.map(({ score }) => score)];
    expect(scores).toEqual([...scores].sort((a, b) => a - b));
    const counts = steps.map(({ buy }) => buy.length);
    expect(counts).toEqual([...counts].sort());
  });
});
