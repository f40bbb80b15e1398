import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { Solver } from 'odex';
import { prepareRetrieve } from '../hold/retrieve-report';
import { rigBody } from '../rig/body/body';
import { anyFamilyRig, jig, spinner, steadyPlan } from '../testing/fixtures/rigs';
import { mediumAt, type Medium } from './medium';
import { holdSpeedMps, levelDepthM } from './level';
import { groundOf } from './ground';
import { secondsBetween } from './path';
import { retrieve } from './retrieve';
import { reelRates } from './tow';
import { acrossLineMps, lureOf, towedAreas, type Towline } from './towed';
import type { RetrievePlan, RetrieveStep } from './plan';

const medium = mediumAt(18);
const line: Towline = { diameterM: 0.00033, densityKgM3: 1140, tipM: 1 };

const anyStep: fc.Arbitrary<RetrieveStep> = fc.oneof(
  fc.record({ do: fc.constant('countdown' as const), s: fc.double({ min: 0, max: 8, noNaN: true }) }),
  fc.record({
    do: fc.constant('reel' as const),
    mPerS: fc.double({ min: 0.05, max: 3, noNaN: true }),
    s: fc.double({ min: 0.1, max: 10, noNaN: true }),
  }),
  fc.record({ do: fc.constant('pause' as const), s: fc.double({ min: 0.1, max: 5, noNaN: true }) }),
  fc.record({ do: fc.constant('kill' as const), s: fc.double({ min: 0.1, max: 5, noNaN: true }) }),
  fc.record({ do: fc.constant('lift-drop' as const), m: fc.double({ min: 0.05, max: 2, noNaN: true }) }),
  fc.record({
    do: fc.constant('shake' as const),
    mPerS: fc.double({ min: 0.05, max: 2, noNaN: true }),
    hz: fc.double({ min: 0.2, max: 8, noNaN: true }),
    s: fc.double({ min: 0.1, max: 10, noNaN: true }),
  }),
);
const anyPlan: fc.Arbitrary<RetrievePlan> = fc.record({
  castM: fc.double({ min: 6, max: 40, noNaN: true }),
  tipHeightM: fc.double({ min: 0, max: 3, noNaN: true }),
  driftMps: fc.double({ min: -0.4, max: 0.4, noNaN: true }),
  line: fc.constant({ kind: 'nylon' as const, lb: 14 }),
  steps: fc
    .array(anyStep, { minLength: 0, maxLength: 5 })
    .map((steps): RetrieveStep[] => [...steps, { do: 'reel', mPerS: 0.7 }]),
});

describe('whatever is cast', () => {
  test('the path stays in the water, time goes on, nothing is NaN', () => {
    fc.assert(
      fc.property(anyFamilyRig, anyPlan, fc.double({ min: 0.5, max: 12, noNaN: true }), (rig, plan, depthM) => {
        const lure = lureOf(rigBody(rig), medium, 0.2);
        const done = retrieve(lure, plan, groundOf(undefined, depthM), line);
        for (const [at, [timeS, xM, zM]] of done.path.entries()) {
          expect(Number.isFinite(timeS + xM + zM)).toBe(true);
          expect(zM).toBeGreaterThanOrEqual(0);
          expect(zM).toBeLessThanOrEqual(depthM + 1e-9);
          if (at > 0) expect(timeS).toBeGreaterThanOrEqual(done.path[at - 1]![0]);
        }
        expect(done.path.at(-1)![1]).toBeLessThanOrEqual(1.01);
      }),
      { numRuns: 60 },
    );
  });
  test('a heavier head never runs higher, at rest or at any speed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.125, max: 0.9, noNaN: true }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        (oz, mPerS) => {
          const level = (weight: number): number =>
            levelDepthM(
              lureOf(rigBody(jig({ style: 'swim', oz: weight, trailer: 'paddle-tail' })), medium, 0.25),
              line,
              12.5,
              mPerS,
            );
          expect(level(oz * 1.15)).toBeGreaterThanOrEqual(level(oz));
        },
      ),
    );
  });
  test('hold speed and level depth are each other the other way round', () => {
    fc.assert(
      fc.property(anyFamilyRig, fc.double({ min: 0.1, max: 4, noNaN: true }), (rig, depthM) => {
        const lure = lureOf(rigBody(rig), medium, 0.2);
        const speed = holdSpeedMps(lure, line, 12.5, depthM);
        if (speed === null) return;
        expect(Math.abs(levelDepthM(lure, line, 12.5, speed) - depthM)).toBeLessThan(0.002);
      }),
    );
  });
});

describe('limits that leave no choice', () => {
  const body = rigBody(jig({ trailer: 'straight-minnow' }));
  test('a lure that weighs nothing in the water hangs where it is and is wound in at the surface', () => {
    const heavyWater: Medium = { ...medium, densityKgM3: body.massKg / body.volumeM3 };
    const lure = lureOf(body, heavyWater, null);
    const done = retrieve(lure, steadyPlan(), groundOf(undefined, null), line);
    expect(done.maxDepthM).toBeLessThan(1e-6);
    expect(holdSpeedMps(lure, line, 12.5, 1)).toBeNull();
  });
  test('without drag across it, force alone: v = sqrt(2 W / (rho B)) on a line straight down, thick or thin', () => {
    const areas = { alongM2: 0, acrossM2: 0.002, liftM2: 0, submergedN: 0.1 };
    const none: Towline = { diameterM: 0, densityKgM3: 1000, tipM: 0 };
    const v = acrossLineMps(areas, medium, 0, 1, none, 10, 1);
    expect(v).toBeCloseTo(Math.sqrt((2 * 0.1) / (medium.densityKgM3 * 0.002)), 9);
  });
  test('lift and weight in balance: it swings neither up nor down', () => {
    const areas = { alongM2: 0.001, acrossM2: 0.002, liftM2: 0.0004, submergedN: 0.5 * medium.densityKgM3 * 0.0004 };
    const afloat: Towline = { ...line, densityKgM3: medium.densityKgM3 };
    expect(acrossLineMps(areas, medium, 1, 1, afloat, 10, 1)).toBeCloseTo(0, 9);
  });
  test('speeds scale as the root of force: four times the weight sinks twice as fast across its line', () => {
    const areas = { alongM2: 0, acrossM2: 0.003, liftM2: 0, submergedN: 0.05 };
    const none: Towline = { diameterM: 0, densityKgM3: 1000, tipM: 1 };
    const one = acrossLineMps(areas, medium, 0, 0.9, none, 10, 0.5);
    expect(acrossLineMps({ ...areas, submergedN: 0.2 }, medium, 0, 0.9, none, 10, 0.5)).toBeCloseTo(2 * one, 9);
  });
  test('a straight pull along the surface takes cast over speed', () => {
    const light: Medium = { ...medium, densityKgM3: body.massKg / body.volumeM3 };
    const done = retrieve(
      lureOf(body, light, null),
      steadyPlan(0.5, 0, { castM: 20, tipHeightM: 0 }),
      groundOf(undefined, null),
      {
        ...line,
        tipM: 0,
      },
    );
    expect(done.path.at(-1)![0]).toBeCloseTo(20 / 0.5, 0);
  });
});

describe('steps of a programme', () => {
  const deep = groundOf(undefined, 3);
  const run = (steps: RetrieveStep[], rig = jig({ style: 'swim', trailer: 'paddle-tail' }), ground = deep) =>
    retrieve(lureOf(rigBody(rig), medium, 0.25), { ...steadyPlan(), steps }, ground, line);
  test('a pause swings it down on a tight line, and so does a kill; on line that is given it drops faster', () => {
    const end = (step: RetrieveStep): number =>
      run(
        [{ do: 'reel', mPerS: 0.9, s: 5 }, step, { do: 'reel', mPerS: 0.9 }],
        undefined,
        groundOf(undefined, 30),
      ).path.find(([t]) => t >= 7 - 1e-6)![2];
    const [paused, killed, dropped, reeled] = [
      end({ do: 'pause', s: 2 }),
      end({ do: 'kill', s: 2 }),
      end({ do: 'kill', s: 2, slackM: 2 }),
      end({ do: 'reel', mPerS: 0.9, s: 2 }),
    ];
    expect(paused).toBeGreaterThan(reeled);
    expect(killed).toBe(paused);
    expect(dropped).toBeGreaterThan(paused);
  });
  test('each lift and drop comes back to the bottom: one contact each', () => {
    const drops: RetrieveStep[] = Array.from({ length: 4 }, () => ({ do: 'lift-drop' as const, m: 0.6 }));
    const plan: RetrievePlan = {
      ...steadyPlan(),
      castM: 6,
      steps: [{ do: 'countdown', s: 30 }, ...drops, { do: 'reel', mPerS: 2.5 }],
    };
    const lure = lureOf(rigBody(jig({ trailer: 'chunk' })), medium, null);
    expect(retrieve(lure, plan, deep, line).bottomContacts).toBe(5);
  });
  test('a timed last reel lets the steps behind it happen, and winds in after them', () => {
    const open = groundOf(undefined, 30);
    const reel: RetrieveStep = { do: 'reel', mPerS: 0.9, s: 5 };
    const at = (steps: RetrieveStep[]): number => run(steps, undefined, open).path.find(([t]) => t >= 7 - 1e-6)![2];
    expect(at([reel, { do: 'kill', s: 2 }])).toBeGreaterThan(at([reel]) + 0.3);
    expect(run([reel, { do: 'kill', s: 2 }], undefined, open).path.at(-1)![1]).toBeLessThanOrEqual(1.01);
  });
  test('lifts and drops alone go on until it is back', () => {
    const done = run(
      [
        { do: 'countdown', s: 30 },
        { do: 'lift-drop', m: 0.6 },
      ],
      jig({ trailer: 'chunk' }),
    );
    expect(done.path.at(-1)![1]).toBeLessThanOrEqual(1.01);
    expect(done.bottomContacts).toBeGreaterThan(20);
  });
  test('a shaken reel rides near a steady one of its mean', () => {
    const mid = (step: RetrieveStep): number =>
      run([{ do: 'countdown', s: 2 }, step], undefined, groundOf(undefined, null)).midCastDepthM!;
    const steady = mid({ do: 'reel', mPerS: 0.7 });
    expect(mid({ do: 'shake', mPerS: 0.7, hz: 3 }) / steady).toBeGreaterThan(0.6);
    expect(mid({ do: 'shake', mPerS: 0.7, hz: 3 }) / steady).toBeLessThan(1.3);
  });
  test('a rising bottom is felt and followed; cover is entered once', () => {
    const slope = groundOf(
      [
        [0, 0.5],
        [25, 3],
      ],
      null,
      [1],
    );
    const done = run(
      [
        { do: 'countdown', s: 20 },
        { do: 'reel', mPerS: 0.3 },
      ],
      jig({ trailer: 'chunk' }),
      slope,
    );
    for (const [, xM, zM] of done.path) expect(zM).toBeLessThanOrEqual(slope.depthAt(xM) + 1e-9);
    expect(done.bottomContacts).toBeGreaterThanOrEqual(1);
    expect(done.coverContacts).toBe(1);
  });
  test('a narrow hump in open water is felt, not stepped over', () => {
    const hump = groundOf(
      [
        [0, 6],
        [12, 6],
        [12.4, 0.4],
        [12.8, 0.4],
        [13.2, 6],
        [25, 6],
      ],
      null,
    );
    const done = run(
      [
        { do: 'countdown', s: 3 },
        { do: 'reel', mPerS: 1 },
      ],
      jig({ style: 'swim', trailer: 'straight-minnow' }),
      hump,
    );
    expect(done.bottomContacts).toBe(1);
    for (const [, xM, zM] of done.path) expect(zM).toBeLessThanOrEqual(hump.depthAt(xM) + 1e-9);
  });
  test('seconds in a band add up to the whole', () => {
    const { path } = run([
      { do: 'countdown', s: 2 },
      { do: 'reel', mPerS: 0.7 },
    ]);
    const whole = path.at(-1)![0];
    const parts = secondsBetween(path, 0, 0.5) + secondsBetween(path, 0.5, 1) + secondsBetween(path, 1, 40);
    expect(parts).toBeCloseTo(whole, 6);
  });
  test('a boat that drifts away pulls it up, one that drifts towards it lets it down', () => {
    const mid = (driftMps: number): number =>
      prepareRetrieve(jig({ style: 'swim', trailer: 'paddle-tail' }), { ...steadyPlan(), driftMps }, null).run()
        .midCastDepthM!;
    expect(mid(0.3)).toBeLessThan(mid(0));
    expect(mid(-0.3)).toBeGreaterThan(mid(0));
  });
  test('on the bottom a drifting boat lets the line go slack or keeps it as long as it is, never longer', () => {
    const start: RetrieveStep[] = [
      { do: 'countdown', s: 20 },
      { do: 'pause', s: 5 },
      { do: 'reel', mPerS: 0.5 },
    ];
    const lengths = (driftMps: number): number[] => {
      const lure = lureOf(rigBody(jig({ trailer: 'chunk' })), medium, null);
      const { path } = retrieve(lure, { ...steadyPlan(), driftMps, steps: start }, deep, line);
      return path.filter(([timeS]) => timeS >= 20 && timeS <= 25).map(([, xM, zM]) => Math.hypot(xM, zM + line.tipM));
    };
    // so much line is out from the splash on
    const outM = Math.hypot(25, line.tipM) + 0.1;
    for (const driftMps of [-0.3, 0, 0.3]) {
      const found = lengths(driftMps);
      expect(Math.max(...found)).toBeLessThanOrEqual(outM + 1e-6);
      expect(found.at(-1)!).toBeCloseTo(driftMps < 0 ? found[0]! - 1.5 : found[0]!, 0);
    }
  });
  test('blades come to life at their speed, not before', () => {
    const lure = lureOf(rigBody(spinner([['willow', 5]])), medium, null);
    expect(towedAreas(lure, 0.3).liftM2).toBe(0);
    expect(towedAreas(lure, 1).liftM2).toBeGreaterThan(0);
  });
});

test('a general solver of differential equations comes to the same place within a centimetre', () => {
  for (const rig of [
    jig({ style: 'swim', trailer: 'paddle-tail' }),
    jig({ style: 'swim', trailer: 'swim-worm' }),
    spinner(),
  ]) {
    const lure = lureOf(rigBody(rig), medium, 0.25);
    const open = groundOf(undefined, null);
    const { path, knees } = retrieve(
      lure,
      {
        ...steadyPlan(),
        steps: [
          { do: 'countdown', s: 3 },
          { do: 'reel', mPerS: 0.6 },
        ],
      },
      open,
      line,
    );
    // once the line is straight, which is what the solver knows
    const [straightS] = knees.at(-1)!;
    const start = path.find(([timeS]) => timeS > straightS)!;
    expect(straightS).toBeGreaterThan(3);
    const end = path.find(([timeS]) => timeS >= 34 - 1e-9)!;
    const rates = reelRates(lure, line, 0.6);
    const solver = new Solver(2);
    solver.absoluteTolerance = solver.relativeTolerance = 1e-8;
    const found = solver.solve((_, [x, z]) => [...rates(x!, z!)], start[0], [start[1], start[2]], end[0]).y;
    expect(Math.hypot(found[0]! - end[1], found[1]! - end[2])).toBeLessThan(0.01);
  }
});
