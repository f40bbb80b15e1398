import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { mediumAt } from '../motion/medium';
import { rigBody } from '../rig/body/body';
import type { RetrievePlan } from '../motion/plan';
import type { Rig } from '../rig/parts/schema';
import { jig, spinner, steadyPlan } from '../testing/fixtures/rigs';
import { HEADS, HEAD_STYLES } from '../tackle/heads';
import { DEFAULT_WATER } from '../water/schema';
import { guardCollapseN } from './guard';
import { hookPoint, rollUp } from './hook-point';
import { pullThatGivesN, ROD_POWERS, tipGivesM } from '../tackle/gear';
import { arrivingSetN, neededSetN, straightensN } from './hook-set';
import { keeperSlipMps, slidShare } from './keeper';
import { castLoad, paceOf, turnsPerS } from './pace';
import { retrieveReport } from './retrieve-report';
import { SOLVE_FOR, solveRetrieve } from './solve';

const guard = { kind: 'fibre', fibres: 20, lengthMm: 28, spread: 'none', bevel: false } as const;
const point = (rig: Rig) => hookPoint(rig, rigBody(rig));

describe('guard', () => {
  test('twenty fibres of 28 mm give way at about 1.1 N', () => expect(guardCollapseN(guard)).toBeCloseTo(1.1, 1));
  test('shorter is stiffer by the square, spread is softer', () => {
    expect(guardCollapseN({ ...guard, lengthMm: 14 }) / guardCollapseN(guard)).toBeCloseTo(4, 6);
    expect(guardCollapseN({ ...guard, spread: 'fanned' })).toBeCloseTo(0.7 * guardCollapseN(guard), 9);
    expect(guardCollapseN({ ...guard, spread: 'wings' })).toBeCloseTo(0.6 * guardCollapseN(guard), 9);
  });
  test('a single wire does the work of a brush', () => {
    const wire = guardCollapseN({ ...guard, kind: 'wire', fibres: 1 });
    expect(wire).toBeGreaterThan(0.3);
    expect(wire).toBeLessThan(3);
  });
});

describe('hook and plastic', () => {
  test('a 5/0 leaves the plastic at the end of its shank, a little into the bend', () => {
    expect(point(jig({ trailer: 'flapper-craw' })).exitMm!).toBeCloseTo(31, 0);
    expect(point(jig({ trailer: 'flapper-craw' })).freeGapMm).toBeGreaterThan(7);
    expect(point(jig({ trailer: 'flapper-craw' })).freeGapMm).toBeLessThan(11);
  });
  test('on edge a flat body eats the gap; a slit belly gives some back', () => {
    const flat = point(jig({ trailer: 'flat-bug' })).freeGapMm;
    expect(point(jig({ trailer: 'flat-bug', more: { orientation: 'edge' } })).freeGapMm).toBeLessThan(flat);
    expect(point(jig({ trailer: 'flat-bug', more: { slit: true } })).freeGapMm).toBeGreaterThan(flat);
  });
  test('a cut nose does not move the exit, a core in front does, a hung chunk hangs by its end', () => {
    const exit = point(jig({ trailer: 'flat-bug' })).exitMm!;
    expect(point(jig({ trailer: 'flat-bug', more: { cutNoseMm: 15 } })).exitMm).toBeCloseTo(exit, 9);
    expect(point({ ...jig({ trailer: 'flat-bug' }), core: { lengthMm: 20, colour: 'white' } }).exitMm).toBeCloseTo(
      exit - 20,
      9,
    );
    expect(point(jig({ more: { hang: 'hung' } })).exitMm).toBeCloseTo(8, 9);
    expect(point(jig({ trailer: null })).exitMm).toBeNull();
  });
  test('a trailer that ends before the bend has no overhang', () => {
    expect(point(jig({ trailer: 'small-craw', lengthIn: 1.2 })).overhangMm).toBe(0);
    expect(point(jig({ trailer: 'stick-worm' })).overhangMm).toBeGreaterThan(60);
  });
  test('a steeper tie opens the angle of attack less than one at the nose', () => {
    expect(point(jig({ style: 'bullet' })).attackDeg).toBeGreaterThan(point(jig({ style: 'vertical' })).attackDeg);
  });
  test('what turns up, lies flat and swings out', () => {
    const does = (rig: Rig): string => rollUp(rig, rigBody(rig), rig.guard ? guardCollapseN(rig.guard) : 0);
    expect(does(jig({ style: 'casting' }))).toBe('turns-up');
    expect(does(jig({ style: 'football' }))).toBe('turns-up');
    expect(does(jig({ style: 'bullet' }))).toBe('lies-flat');
    expect(does({ ...jig({ style: 'vertical' }), guard: null })).toBe('swings-out');
    for (const style of HEAD_STYLES) expect(HEADS[style].tieDeg).toBeLessThanOrEqual(90);
  });
});

describe('keeper and hook-set', () => {
  const slip = (rig: Rig): number | null => keeperSlipMps(rig, rigBody(rig), mediumAt(15));
  test('a flapper craw slips off a barb at about 1.9 m/s, off a ring sooner, off a screw later', () => {
    const craw = jig({ trailer: 'flapper-craw' });
    expect(slip(craw)!).toBeCloseTo(1.9, 0);
    expect(slip({ ...craw, keeper: 'ring' })!).toBeLessThan(slip(craw)!);
    expect(slip({ ...craw, keeper: 'screw' })! / slip(craw)!).toBeCloseTo(Math.sqrt(3), 6);
    expect(slip(jig({ trailer: null }))).toBeNull();
    expect(slip(jig({ more: { hang: 'hung' } }))).toBeNull();
  });
  test('15 lb fluorocarbon brings about 7 N over 12.5 m, 50 lb braid 20 N; line and rod give by the sweep together', () => {
    expect(arrivingSetN({ kind: 'fluorocarbon', lb: 15 }, 'medium-heavy', 12.5)).toBeCloseTo(7, 0);
    expect(arrivingSetN({ kind: 'braid', lb: 50 }, 'heavy', 12.5)).toBeGreaterThan(17);
    expect(arrivingSetN({ kind: 'braid', lb: 50 }, 'heavy', 12.5)).toBeLessThan(24);
    for (const power of ROD_POWERS) {
      const pullN = pullThatGivesN(power, 16, 1.2);
      expect(pullN / 16 + tipGivesM(power, pullN)).toBeCloseTo(1.2, 9);
    }
    expect(arrivingSetN({ kind: 'braid', lb: 50 }, 'extra-heavy', 5, 20)).toBe(20);
    expect(arrivingSetN({ kind: 'braid', lb: 6 }, 'extra-heavy', 2)).toBeCloseTo(0.7 * 6 * 4.448, 1);
  });
  test('thicker wire, more guard and tougher plastic need more', () => {
    const wire = (name: 'light' | 'heavy') =>
      ({ ...jig(), head: { ...jig().head, hook: { size: '4/0', wire: name } } }) as Rig;
    expect(neededSetN(wire('heavy'))).toBeGreaterThan(neededSetN(wire('light')));
    expect(neededSetN(jig(), 3) - neededSetN(jig(), 1)).toBeCloseTo(2, 9);
    expect(neededSetN(jig({ more: { softness: 'tough' } }))).toBeGreaterThan(
      neededSetN(jig({ more: { softness: 'soft' } })),
    );
  });
  test('a light 4/0 opens at about 9 lbf, a heavy one at about 36', () => {
    const lbf = (wire: 'light' | 'heavy') => straightensN({ size: '4/0', wire }) / 4.448;
    expect(Math.abs(lbf('light') - 9)).toBeLessThan(1.5);
    expect(Math.abs(lbf('heavy') - 36)).toBeLessThan(4);
  });
  test('pace, handle turns and what a rod casts', () => {
    expect(paceOf(31, 25).castsPerHour).toBeCloseTo(100, 9);
    expect(paceOf(31, 25).metresPerHour).toBeCloseTo(2500, 9);
    expect(turnsPerS(1.3)).toBeCloseTo(2, 9);
    const rod = { lureFromOz: 0.25, lureToOz: 0.75 };
    expect([0.004, 0.014, 0.04].map((kg) => castLoad(kg, rod))).toEqual(['too-light', 'suits', 'too-heavy']);
    expect(castLoad(0.01, {})).toBe('not-rated');
  });
});

describe('settings for a depth', () => {
  const rig = jig({ style: 'swim', trailer: 'paddle-tail' });
  const deep = { ...DEFAULT_WATER, depthM: 20 };
  const midAt = (of: Rig, plan = steadyPlan()): number => retrieveReport(of, plan, deep).midCastDepthM!;
  test('weight, speed, countdown and line each take it there, and the nearest that exists lies beside it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.9, max: 1.6, noNaN: true }), (depthM) => {
        for (const by of SOLVE_FOR) {
          const found = solveRetrieve(rig, steadyPlan(), deep, by, depthM);
          if (found.value === null) {
            expect(found.why).not.toBeNull();
            continue;
          }
          const plan = steadyPlan(by === 'speed' ? found.value : 0.75, by === 'countdown' ? found.value : 2);
          const turned = {
            weight: { ...rig, head: { ...rig.head, weightOz: found.value } },
            speed: rig,
            countdown: rig,
            line: rig,
          }[by];
          const line = by === 'line' ? { line: { kind: 'fluorocarbon' as const, lb: found.value } } : {};
          // at the end of its range a setting counts as there within a centimetre
          expect(Math.abs(midAt(turned, { ...plan, ...line }) - depthM)).toBeLessThanOrEqual(0.0101);
          expect(Math.abs(found.nearest!.depthM - depthM)).toBeLessThan(1);
        }
      }),
      { numRuns: 6 },
    );
  });
  test('none reaches: it says so, and how near one comes', () => {
    const none = solveRetrieve(rig, steadyPlan(), deep, 'line', 15);
    expect(none).toMatchObject({ value: null, why: { code: 'nothing-reaches', path: 'line' } });
    expect(none.nearest!.depthM).toBeLessThan(15);
  });
  test('a spinner is solved like any other', () => {
    expect(solveRetrieve(spinner(), steadyPlan(), deep, 'speed', 1).value).not.toBeNull();
  });
});

describe('every number of the hold, by its value', () => {
  test.each([
    ['ball', 19.9855],
    ['casting', 21.4256],
    ['flipping', 22.5994],
    ['football', 25.2008],
    ['swim', 19.1454],
    ['vertical', 18.2698],
    ['bullet', 24.3522],
  ] as const)('hook angle to line of a %s head', (style, deg) =>
    expect(point(jig({ style, trailer: 'flapper-craw' })).attackDeg).toBeCloseTo(deg, 3),
  );
  test.each([
    ['threaded', {}, { exitMm: 31.2, overhangMm: 58.1, freeGapMm: 8.899 }],
    ['pushed over the collar', { pushMm: 6 }, { exitMm: 37.2, overhangMm: 52.1, freeGapMm: 9.049 }],
  ] as const)('exit, overhang and gap of a flapper craw, %s', (_how, more, has) => {
    const found = point(jig({ trailer: 'flapper-craw', more }));
    expect(found.exitMm).toBeCloseTo(has.exitMm, 6);
    expect(found.overhangMm).toBeCloseTo(has.overhangMm, 6);
    expect(found.freeGapMm).toBeCloseTo(has.freeGapMm, 1);
  });
  test('one that hangs starts where the shank ends, one that ends at the exit has none', () => {
    expect(point(jig({ more: { hang: 'hung' } })).overhangMm).toBeCloseTo(60.7, 6);
    const exact = jig({ trailer: 'stick-worm' });
    const lengthMm = point(exact).exitMm!;
    expect(point({ ...exact, trailer: { ...exact.trailer!, lengthMm } }).exitMm).toBeNull();
    expect(point({ ...exact, trailer: { ...exact.trailer!, lengthMm: lengthMm + 0.1 } }).exitMm).not.toBeNull();
  });
  test.each([
    ['ball', 12, 16],
    ['casting', 6, 8],
    ['flipping', 2, 3],
    ['football', 6, 8],
    ['swim', 6, 8],
    ['vertical', 12, 16],
  ] as const)('the guard of a %s head holds it down between %d and %d N', (style, stillN, heldN) => {
    const rig = jig({ style });
    expect([rollUp(rig, rigBody(rig), stillN), rollUp(rig, rigBody(rig), heldN)]).toEqual(['turns-up', 'lies-flat']);
    const cams: Rig = { ...rig, head: { ...rig.head, cams: true } };
    expect(rollUp(cams, rigBody(cams), heldN)).toBe('turns-up');
  });
  test('only a bare hook under a steep tie swings out', () => {
    const does = (rig: Rig): string => rollUp(rig, rigBody(rig), 0);
    expect(does({ ...jig({ style: 'flipping' }), guard: null })).not.toBe('swings-out');
    expect(does(jig({ style: 'vertical' }))).toBe('turns-up');
  });
  test('a guard that was pressed on the scale pushes as it did there', () =>
    expect(guardCollapseN({ ...guard, pushN: 0.83 })).toBe(0.83));
  test.each([
    ['flapper-craw', 1.8378],
    ['paddle-tail', 3.1115],
    ['chunk', 4.7192],
  ] as const)('a %s slips at %d m/s', (kind, mPerS) => {
    const rig = jig({ trailer: kind });
    expect(keeperSlipMps(rig, rigBody(rig), mediumAt(15))).toBeCloseTo(mPerS, 3);
  });
  test('off its keeper plastic slides down and bunches in the bend: less gap is free, little by little', () => {
    const rig = jig({ trailer: 'flapper-craw' });
    const body = rigBody(rig);
    const medium = mediumAt(15);
    const slip = keeperSlipMps(rig, body, medium)!;
    const gapAt = (mPerS: number): number => hookPoint(rig, body, slidShare(rig, body, medium, mPerS)).freeGapMm;
    expect(gapAt(0.9 * slip)).toBe(hookPoint(rig, body).freeGapMm);
    expect(gapAt(1.05 * slip)).toBeLessThan(gapAt(0.9 * slip));
    expect(gapAt(1.3 * slip)).toBeLessThan(gapAt(1.05 * slip));
    expect(gapAt(0.9 * slip) - gapAt(1.3 * slip)).toBeGreaterThan(0.3);
    expect(gapAt(0.9 * slip) - gapAt(1.3 * slip)).toBeLessThan(3);
    expect(slidShare({ ...rig, keeper: 'screw' }, body, medium, 1.2 * slip)).toBe(0);
    expect(slidShare({ ...rig, trailer: { ...rig.trailer!, hang: 'hung' } }, body, medium, 9)).toBe(0);
  });
  test('a rod’s rating holds on its limits, and where only one of them is known', () => {
    const kg = (oz: number): number => oz * 0.028349523125;
    const rod = { lureFromOz: 0.25, lureToOz: 0.75 };
    expect([kg(0.25) + 1e-12, kg(0.75) - 1e-12].map((mass) => castLoad(mass, rod))).toEqual(['suits', 'suits']);
    expect(castLoad(kg(0.2), { lureFromOz: 0.25 })).toBe('too-light');
    expect(castLoad(kg(9), { lureFromOz: 0.25 })).toBe('suits');
    expect(castLoad(kg(1), { lureToOz: 0.75 })).toBe('too-heavy');
    expect(castLoad(kg(0.01), { lureToOz: 0.75 })).toBe('suits');
  });
});

describe('solved settings, by their value', () => {
  const rig = jig({ style: 'swim', trailer: 'paddle-tail' });
  const deep = { ...DEFAULT_WATER, depthM: 20 };
  test.each([
    ['weight', 0.3, 0.1227, 0.1875, 0.6087],
    ['weight', 5, 3.0639, 0.75, 2.0568],
    ['speed', 0.3, 1.185, 1.2, 0.276],
    ['speed', 6, 0.2153, 0.2, 6.4883],
    ['countdown', 1.2, 1.7989, 2, 1.2225],
    ['countdown', 6, 36.6647, 37, 6.0516],
    ['line', 1.24, 9.3693, 10, 1.2448],
  ] as const)('%s for %d m is %d; next to it there is %d, at %d m', (by, depthM, value, nearest, nearestM) => {
    const found = solveRetrieve(rig, steadyPlan(), deep, by, depthM);
    expect(found.value! / value).toBeCloseTo(1, 2);
    expect(found.nearest!.value).toBe(nearest);
    expect(found.nearest!.depthM).toBeCloseTo(nearestM, 2);
    expect(found.why).toBeNull();
  });
  test.each([
    ['weight', 15, 5.83],
    ['speed', 15, 14.93],
    ['countdown', 0.3, 1],
    ['countdown', 15, 9.85],
    ['line', 0.3, 1.22],
    ['line', 6, 1.47],
  ] as const)('%s reaches no %d m: %d is as near as it comes', (by, depthM, limit) => {
    const { value, why } = solveRetrieve(rig, steadyPlan(), deep, by, depthM);
    expect([value, why!.data?.limit]).toEqual([null, limit]);
    // within a centimetre of its end it counts as there
    const end = solveRetrieve(rig, steadyPlan(), deep, by, limit);
    expect(end.value).not.toBeNull();
    expect(solveRetrieve(rig, steadyPlan(), deep, by, limit + (depthM > limit ? 0.03 : -0.03)).value).toBeNull();
  });
  test('a plan without a countdown gets it in front; of several the first is set; the rod’s work is left alone', () => {
    const plan = steadyPlan();
    const bare = { ...plan, steps: plan.steps.filter((step) => step.do !== 'countdown') };
    expect(solveRetrieve(rig, bare, deep, 'countdown', 1.5).value).toBeCloseTo(4.341, 1);
    const twice = { ...plan, steps: [...plan.steps, { do: 'countdown' as const, s: 9 }] };
    expect(solveRetrieve(rig, twice, deep, 'countdown', 1.5).value).toBeCloseTo(4.341, 1);
    const rested = { ...bare, steps: [{ do: 'pause' as const, s: 2 }, ...bare.steps] };
    expect(solveRetrieve(rig, rested, deep, 'speed', 1.2).value).not.toBeNull();
  });
});

describe('settings on programmes of steps', () => {
  const water = { ...DEFAULT_WATER, depthM: 6 };
  const reels = fc.record({
    do: fc.constant('reel' as const),
    mPerS: fc.double({ min: 0.2, max: 1.2, noNaN: true }),
    s: fc.double({ min: 1, max: 8, noNaN: true }),
  });
  const rests = fc.record({
    do: fc.constantFrom('pause' as const, 'kill' as const),
    s: fc.double({ min: 0.3, max: 4, noNaN: true }),
  });
  const counts = fc.record({ do: fc.constant('countdown' as const), s: fc.double({ min: 0, max: 8, noNaN: true }) });
  const lifts = fc.record({ do: fc.constant('lift-drop' as const), m: fc.double({ min: 0.2, max: 1, noNaN: true }) });
  const programmes = fc
    .tuple(fc.option(counts), fc.array(fc.oneof(reels, rests, lifts), { minLength: 1, maxLength: 5 }))
    .map(([count, steps]): RetrievePlan =>
      steadyPlan(0.6, 2, { steps: [...(count ? [count] : []), ...steps, { do: 'reel', mPerS: 0.6 }] }),
    );
  const set: Readonly<
    Record<(typeof SOLVE_FOR)[number], (rig: Rig, plan: RetrievePlan, value: number) => [Rig, RetrievePlan]>
  > = {
    weight: (rig, plan, weightOz) => [{ ...rig, head: { ...rig.head, weightOz } }, plan],
    speed: (rig, plan, mPerS) => [
      rig,
      { ...plan, steps: plan.steps.map((step) => (step.do === 'reel' ? { ...step, mPerS } : step)) },
    ],
    countdown: (rig, plan, s) => {
      const first = plan.steps.findIndex((step) => step.do === 'countdown');
      const steps = plan.steps.filter((_, at) => at !== first);
      return [
        rig,
        {
          ...plan,
          steps: [...steps.slice(0, Math.max(0, first)), { do: 'countdown', s }, ...steps.slice(Math.max(0, first))],
        },
      ];
    },
    line: (rig, plan, lb) => [rig, { ...plan, line: { ...plan.line, lb } }],
  };
  test('property: what is answered is met within 2 cm when it is run; what is not says why', () => {
    const rig = jig({ style: 'swim', trailer: 'paddle-tail' });
    let answered = 0;
    fc.assert(
      fc.property(
        programmes,
        fc.double({ min: 0.2, max: 5.5, noNaN: true }),
        fc.constantFrom(...SOLVE_FOR),
        (plan, depthM, by) => {
          const { value, why } = solveRetrieve(rig, plan, water, by, depthM);
          expect([value === null, why === null]).toEqual([value === null, value !== null]);
          if (value === null) return;
          answered++;
          const met = retrieveReport(...set[by](rig, plan, value), water).midCastDepthM!;
          expect([by, value, Math.abs(met - depthM) <= 0.0201]).toEqual([by, value, true]);
        },
      ),
      { numRuns: 120, seed: 15 },
    );
    expect(answered).toBeGreaterThan(30);
  });
  test('a drop half way back that carries it past a depth at every speed says so, with where', () => {
    const plan = steadyPlan(0.6, 2, {
      steps: [
        { do: 'reel', mPerS: 0.6, s: 20 },
        { do: 'countdown', s: 8, slackM: 5 },
        { do: 'reel', mPerS: 0.6 },
      ],
    });
    const rig = jig({ style: 'swim', trailer: 'paddle-tail' });
    const found = [1, 1.5, 2.5, 4].map((depthM) => solveRetrieve(rig, plan, water, 'speed', depthM));
    expect(found.map(({ value, why }) => [value === null, why?.code ?? null])).toEqual([
      [false, null],
      [true, 'jumps-past'],
      [true, 'jumps-past'],
      [true, 'jumps-past'],
    ]);
    // it lies half way back when it drops: 12.5 m in 20 s
    const { from, to, unit } = found[1]!.why!.data as { from: number; to: number; unit: string };
    expect([from < 0.625, to > 0.625, to - from < 0.1, unit]).toEqual([true, true, true, 'm/s']);
  });
});
