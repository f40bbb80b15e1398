import { describe, expect, test } from '@jest/globals';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { judgedWhole } from '../advice/ready/make-ready';
import { compileWater } from '../advice/rules/wants';
import { stopPace } from '../deck/pace';
import { prepareRetrieve } from '../hold/retrieve-report';
import { jig } from '../testing/fixtures/rigs';
import { DEFAULT_WATER } from '../water/schema';
import { planText } from '../wording/plans';
import { fishingSteps, parsePlan, type RetrievePlan, type RetrieveStep } from './plan';

const planOf = (steps: readonly RetrieveStep[], part: Partial<RetrievePlan> = {}): RetrievePlan => ({
  castM: 25,
  tipHeightM: 1,
  line: { kind: 'fluorocarbon', lb: 15 },
  steps: [...steps],
  ...part,
});
const WATER = { ...DEFAULT_WATER, depthM: 2, cover: [] };
const run = (steps: readonly RetrieveStep[]) => prepareRetrieve(jig(), planOf(steps), WATER).run();

describe('a cast that is a step', () => {
  const steps: RetrieveStep[] = [
    { do: 'pitch', m: 6 },
    { do: 'countdown', s: 5 },
    { do: 'reel', mPerS: 0.8 },
  ];
  test('is the cast, whatever else is said of it', () => {
    const read = parsePlan(planOf(steps));
    expect(read).toMatchObject({ ok: true, value: { castM: 6 } });
    const { path } = run(steps);
    expect(path[0]![1]).toBe(6);
    expect(path.at(-1)![0]).toBeLessThan(25);
  });
  test('stands first or nowhere, and is no shorter than the rod asks', () => {
    const codes = (plan: RetrievePlan): string[] => {
      const read = parsePlan(plan);
      return read.ok ? [] : read.issues.map(({ code }) => code);
    };
    expect(
      codes(
        planOf([
          { do: 'countdown', s: 1 },
          { do: 'skip', m: 8 },
          { do: 'reel', mPerS: 1 },
        ]),
      ),
    ).toEqual(['cast-not-first']);
    expect(
      codes(
        planOf(
          [
            { do: 'pitch', m: 3 },
            { do: 'reel', mPerS: 1 },
          ],
          { tipHeightM: 2.5 },
        ),
      ),
    ).toEqual(['cast-too-short']);
    expect(
      codes(
        planOf([
          { do: 'pitch', m: 6 },
          { do: 'countdown', s: 4 },
        ]),
      ),
    ).toEqual(['never-moves']);
    expect(codes(planOf([{ do: 'drag', m: 1, s: 3 }]))).toEqual([]);
  });
  test('after it the last reel winds in, and fishes no more', () => {
    expect(fishingSteps({ steps }).map(({ do: what }) => what)).toEqual(['pitch', 'countdown']);
    expect(fishingSteps({ steps: steps.slice(1) }).map(({ do: what }) => what)).toEqual(['countdown', 'reel']);
  });
});

describe('what the rod does', () => {
  test('a drag moves it about as far along the bottom as the rod is swept, in so many seconds', () => {
    const { path, marks } = run([
      { do: 'countdown', s: 8 },
      { do: 'drag', m: 1.5, s: 5 },
      { do: 'pause', s: 2 },
    ]);
    const [, drag, pause] = marks;
    expect(pause!.fromS - drag!.fromS).toBeCloseTo(5, 1);
    const xAt = (s: number): number => path.findLast(([at]) => at <= s + 1e-9)![1];
    const moved = xAt(drag!.fromS) - xAt(pause!.fromS);
    expect(moved).toBeGreaterThan(1.2);
    expect(moved).toBeLessThan(1.6);
    // a programme of drags alone goes on until it is in
    expect(marks.filter(({ step }) => step === 1).length).toBeGreaterThan(5);
  });
  test('a hop is a lift and a drop, and then so long a rest', () => {
    const hops = run([
      { do: 'countdown', s: 8 },
      { do: 'hop', m: 0.3, s: 2 },
      { do: 'reel', mPerS: 1 },
    ]).marks;
    const lifts = run([
      { do: 'countdown', s: 8 },
      { do: 'lift-drop', m: 0.3 },
      { do: 'reel', mPerS: 1 },
    ]).marks;
    expect(hops[2]!.fromS - lifts[2]!.fromS).toBeCloseTo(2, 1);
    const strokes = run([
      { do: 'countdown', s: 8 },
      { do: 'stroke', m: 0.9, s: 2 },
      { do: 'reel', mPerS: 1 },
    ]).marks;
    expect(strokes[2]!.fromS).toBeGreaterThan(hops[2]!.fromS + 0.5);
  });
});

describe('the plan is what is said', () => {
  const inWood = { ...NORTH_ARM, cover: [{ kind: 'laydown', density: 'thick' } as const] };
  const { plan, steps } = judgedWhole(compileWater(inWood, 'skirted'), jig({ style: 'flipping', oz: 0.5 })).handled;
  test('wood is pitched to from close by: in, down, worked, out', () => {
    expect(steps.some(({ rule }) => rule === 'pitch-shake-and-on' || rule === 'pitch-and-hop-it-hard')).toBe(true);
    expect([plan.steps[0]!.do, plan.castM]).toEqual(['pitch', expect.closeTo(6.1, 1)]);
    expect(planText(plan, 'us')).toMatch(/^Pitch it 20 ft out, count down .*, hop it .* and rest .* \(4 times\), reel/);
    const { inWaterS, castsPerHour } = stopPace(jig({ style: 'flipping', oz: 0.5 }), plan, inWood);
    expect(inWaterS).toBeLessThan(30);
    expect(castsPerHour).toBeGreaterThan(60);
  });
  test('a roof is skipped under, stone is dragged', () => {
    const dock = { ...inWood, cover: [{ kind: 'dock', density: 'medium' } as const] };
    expect(judgedWhole(compileWater(dock, 'skirted'), jig()).handled.plan.steps[0]!.do).toBe('skip');
    const stone = { ...inWood, cover: [{ kind: 'rock', density: 'sparse' } as const] };
    const dragged = judgedWhole(compileWater(stone, 'skirted'), jig({ style: 'football' })).handled.plan;
    expect(dragged.steps.map(({ do: what }) => what)).toEqual(['countdown', 'drag', 'pause']);
  });
});
