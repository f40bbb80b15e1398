import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { emptyBox, type Box, type Tray } from '../../rig/parts/box';
import { catalogueBox, plainHead } from '../../rig/parts/catalogue';
import { advise } from './advise';
import { fillGaps, worthBuying, type GapStep } from './gaps';

describe('filling the gaps of a box', () => {
  test('the box alone scores what its best pick scores', () => {
    const { own } = fillGaps(NORTH_ARM, DEMO_BOX);
    const { picks } = advise(NORTH_ARM, DEMO_BOX, 8, { asks: 'own-school' });
    // neighbours are tried for a pick, so that it may be a little better
    const best = Math.max(...picks.map(({ score }) => score));
    expect(own!.score).toBeLessThanOrEqual(best + 1e-9);
    expect(own!.score).toBeGreaterThan(best - 0.05);
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
    const best = fillGaps(NORTH_ARM, emptyBox()).fill!.rig;
    const box: Box = {
      ...emptyBox(),
      heads: [{ ...plainHead(best.head.style, best.head.weightOz, false), ...best.head, guard: best.guard ?? null }],
      skirts: [
        {
          material: best.skirt!.material,
          strands: best.skirt!.strands,
          lengthMm: best.skirt!.fullMm ?? best.skirt!.lengthMm,
          colour: best.skirt!.colour,
        },
      ],
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
  test('a part more has to score more than a hundredth over all before it', () => {
    const step = (score: number, ...buy: readonly Tray[]): GapStep => ({ buy, score }) as unknown as GapStep;
    const scores = (...steps: readonly GapStep[]): number[] => worthBuying(steps, 0.5).map(({ score }) => score);
    expect(scores(step(0.9), step(0.509, 'heads'), step(0.511, 'heads'))).toEqual([0.511]);
    expect(scores(step(0.6, 'heads'), step(0.608, 'heads', 'skirts'), step(0.612, 'heads', 'skirts'))).toEqual([
      0.6, 0.612,
    ]);
    expect(scores(step(0.6, 'heads'), step(0.55, 'skirts'))).toEqual([0.6]);
  });
});

test('alike are the other weights, sizes and colours of a pick, not the pick itself', () => {
  const head = { ...plainHead('casting', 0.375, false), guard: null };
  const skirt = { material: 'silicone', strands: 50, lengthMm: 55, colour: 'green pumpkin' } as const;
  const trailer = { kind: 'chunk', lengthMm: 76.2, softness: 'medium', colour: 'green pumpkin' } as const;
  const alike = (box: Partial<Box>): number =>
    advise(NORTH_ARM, { ...emptyBox(), heads: [head], skirts: [skirt], trailers: [trailer], ...box }, 1).picks[0]!
      .alike;
  const alone = alike({});
  expect(alike({ heads: [head, { ...head, weightOz: 0.5 }] })).toBe(2 * (alone + 1) - 1);
  expect(alike({ heads: [head, { ...plainHead('football', 0.5, false), guard: null }] })).toBe(alone);
});
