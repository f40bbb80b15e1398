import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { prepareRetrieve } from '../hold/retrieve-report';
import { rigBody } from '../rig/body/body';
import { jig, spinner, steadyPlan } from '../testing/fixtures/rigs';
import { GRAVITY_MPS2 } from '../units/units';
import { cylinderCd } from '../water/cylinder-and-sphere';
import { DEFAULT_WATER } from '../water/schema';
import { steadyFall } from './fall';
import { KneeBalance, lureXM, lureZM, type Knee } from './knee';
import { mediumAt } from './medium';
import { parsePlan, withItsCast, type RetrievePlan } from './plan';
import { lureOf, towedAreas, towlineOf } from './towed';

const DEEP = { ...DEFAULT_WATER, temperatureC: 20, depthM: 40, cover: [] };
const medium = mediumAt(20);
const paddle = jig({ style: 'swim', trailer: 'paddle-tail', lengthIn: 3.75 });
const run = (plan: RetrievePlan, rig = paddle) => prepareRetrieve(rig, plan, DEEP).run();

describe('a bent line, its forces written out in newtons', () => {
  const line = towlineOf({ kind: 'fluorocarbon', lb: 15 }, 1);
  const lure = lureOf(rigBody(paddle), medium, 0.3);
  const balance = new KneeBalance(lure, line, steadyFall(lure.body, medium), 0);
  const areas = towedAreas(lure, 0.6);
  const rho = medium.densityKgM3;
  const sum = (n: number, of: (share: number) => number): number =>
    Array.from({ length: n }, (_, at) => of((at + 0.5) / n) / n).reduce((all, one) => all + one, 0);

  test.each<readonly [string, Knee]>([
    ['after a count', { upperM: 23, upperRad: 0.07, lowerM: 1.6, lowerRad: 1.5 }],
    ['while it is taken in', { upperM: 18, upperRad: 0.09, lowerM: 3, lowerRad: 0.5 }],
    ['nearly straight', { upperM: 12, upperRad: 0.12, lowerM: 3, lowerRad: 0.22 }],
  ])(
    '%s: what pulls at the lure, weighs and drags is nothing together, at the lure across its line and at the knee',
    (_, knee) => {
      const { outMps, kneeMps, lureMps } = balance.ratesOf(knee, { towMps: 0.6, areas });
      const [a, b, bend] = [knee.upperRad, knee.lowerRad, knee.lowerRad - knee.upperRad];
      // vectors, x away from the rod and z down
      const kneeV = [
        outMps * Math.cos(a) - kneeMps * Math.sin(a),
        outMps * Math.sin(a) + kneeMps * Math.cos(a),
      ] as const;
      const kneeAcrossLower = -kneeV[0] * Math.sin(b) + kneeV[1] * Math.cos(b);
      const kneeAlongLower = kneeV[0] * Math.cos(b) + kneeV[1] * Math.sin(b);
      // the lower line grows by what the upper one loses, less what is reeled
      const pulled = -(kneeAlongLower - 0.6 - outMps);
      const section = (Math.PI / 4) * line.diameterM ** 2;
      const wetN = (line.densityKgM3 - rho) * section * GRAVITY_MPS2;
      const dryN = line.densityKgM3 * section * GRAVITY_MPS2;
      const kneeDepth = knee.upperM * Math.sin(a) - 1;
      const weight = towedAreas(lure, 0).submergedN;
      const dry = Math.min(1 / (kneeDepth + 1), Math.sqrt((2 * weight) / dryN) / knee.upperM, 1);
      const drag = (mps: number, usual: number): number =>
        0.5 *
        rho *
        cylinderCd(Math.max(1, (Math.abs(usual) * line.diameterM) / medium.kinematicM2ps)) *
        line.diameterM *
        mps *
        Math.abs(mps);
      const lower = (share: number): number => kneeAcrossLower * (1 - share) + lureMps * share;
      const lowerN = (weigh: (share: number) => number): number =>
        knee.lowerM * sum(400, (share) => weigh(share) * drag(lower(share), lower(0.5)));
      // lure, across the lower line
      const lift = 0.5 * rho * areas.liftM2 * pulled * pulled;
      const across = 0.5 * rho * (areas.acrossM2 * Math.abs(lureMps) + areas.alongM2 * Math.abs(pulled)) * lureMps;
      const atLure = (weight + (wetN * knee.lowerM) / 2) * Math.cos(b) - lift - across - lowerN((share) => share);
      expect(Math.abs(atLure)).toBeLessThan(0.03 * weight);
      // knee, across the upper line: pull of the lower one, drag of both, weight of both
      const skin = 0.5 * rho * 0.01 * Math.PI * line.diameterM * knee.lowerM * Math.abs(pulled);
      const tension =
        (weight + knee.lowerM * wetN) * Math.sin(b) + (0.5 * rho * areas.alongM2 * Math.abs(pulled) + skin) * pulled;
      expect(tension).toBeGreaterThan(0);
      const upper = knee.upperM * sum(400, (share) => (share < dry ? 0 : share * drag(kneeMps * share, kneeMps)));
      const own = (wetN * knee.upperM * (1 - dry * dry) + dryN * knee.upperM * dry * dry + wetN * knee.lowerM) / 2;
      const atKnee =
        tension * Math.sin(bend) - upper - lowerN((share) => 1 - share) * Math.cos(bend) + own * Math.cos(a);
      expect(Math.abs(atKnee)).toBeLessThan(0.03 * weight);
    },
  );
});

describe('the line remembers', () => {
  const plan = (more: Partial<RetrievePlan> = {}): RetrievePlan => steadyPlan(0.5, 6, more);
  test('after a count it lies in a bend, which the reel takes in; then it is straight to the end', () => {
    const { knees, path } = run(plan());
    expect(knees.length).toBeGreaterThan(20);
    const [endS] = knees.at(-1)!;
    expect(endS).toBeGreaterThan(9);
    expect(endS).toBeLessThan(path.at(-1)![0] - 5);
  });
  test('the lure hardly sinks while the bend is taken in: a heavy one comes in shallower than on a straight line', () => {
    const { path } = run(
      plan({
        steps: [
          { do: 'countdown', s: 6 },
          { do: 'reel', mPerS: 0.5 },
        ],
      }),
      jig({ oz: 0.375 }),
    );
    const depthAt = (s: number): number => path.find(([timeS]) => timeS >= s - 1e-6)![2];
    const counted = depthAt(6) / 6;
    expect((depthAt(10) - depthAt(6)) / 4).toBeLessThan(0.5 * counted);
  });
  test('line that is given lets it fall straight down; more of it, deeper, up to a free fall', () => {
    const at = (slackM: number): readonly [number, number] => {
      const { path } = run(plan({ slackM }));
      const [, xM, zM] = path.find(([timeS]) => timeS >= 6 - 1e-6)!;
      return [xM, zM];
    };
    const [none, one, four] = [at(0), at(1), at(4)];
    expect(one[1]).toBeGreaterThan(none[1]);
    expect(four[1]).toBeGreaterThan(one[1]);
    expect(four[0]).toBe(25);
    expect(none[0]).toBeLessThan(24.8);
  });
  test('line that is given while the line is still bent lets it fall too, and further than without', () => {
    const at = (slackM: number): number => {
      const kill: RetrievePlan['steps'][number] = slackM > 0 ? { do: 'kill', s: 3, slackM } : { do: 'kill', s: 3 };
      const steps: RetrievePlan['steps'] = [
        { do: 'countdown', s: 4 },
        { do: 'reel', mPerS: 0.5, s: 1 },
        kill,
        { do: 'reel', mPerS: 0.5 },
      ];
      const { path, knees } = run(plan({ steps }));
      expect(knees.some(([timeS]) => timeS > 4.5 && timeS <= 5)).toBe(true);
      return path.find(([timeS]) => timeS >= 8 - 1e-6)![2];
    };
    expect(at(2)).toBeGreaterThan(at(0) + 0.1);
  });
  test('line given at the splash is for a count that follows it: whoever reels first has taken it in', () => {
    const steps: RetrievePlan['steps'] = [
      { do: 'reel', mPerS: 0.5, s: 4 },
      { do: 'countdown', s: 4 },
      { do: 'reel', mPerS: 0.5 },
    ];
    expect(run(plan({ steps, slackM: 5 })).midCastDepthM).toBe(run(plan({ steps })).midCastDepthM);
  });
  test('a pitch is let fall straight, unless somebody says less', () => {
    const pitched = (more: Partial<RetrievePlan>): number => {
      const steps: RetrievePlan['steps'] = [
        { do: 'pitch', m: 6 },
        { do: 'countdown', s: 4 },
        { do: 'reel', mPerS: 0.5 },
      ];
      const { path } = run({ ...plan(more), castM: 6, steps });
      return path.find(([timeS]) => timeS >= 4 - 1e-6)![1];
    };
    expect(pitched({})).toBe(6);
    expect(pitched({ slackM: 0 })).toBeLessThan(5.8);
  });
  test('property: line comes in no faster than it is reeled and never goes out, bent or straight, and everything stays in the water', () => {
    const rigs = fc.constantFrom(paddle, jig({ oz: 0.75 }), jig({ oz: 1 / 8, trailer: 'finesse-worm' }), spinner());
    fc.assert(
      fc.property(
        rigs,
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        (rig, countS, mPerS, tipHeightM, slackM, depthM) => {
          const planned = steadyPlan(mPerS, countS, { tipHeightM, slackM });
          const { path } = prepareRetrieve(rig, planned, { ...DEEP, depthM }).run();
          const outM = Math.hypot(25, tipHeightM) + Math.max(0.1, slackM);
          for (const [timeS, xM, zM] of path) {
            const reeled = Math.max(0, timeS - countS) * mPerS;
            expect(Math.hypot(xM, zM + tipHeightM)).toBeLessThanOrEqual(
              Math.max(tipHeightM + 0.05, outM - reeled) + 0.05,
            );
            expect(zM).toBeGreaterThanOrEqual(0);
            expect(zM).toBeLessThanOrEqual(depthM + 1e-6);
          }
        },
      ),
      { numRuns: 60, seed: 11 },
    );
  });
  test('depth changes without a jump in count, slack, weight and speed', () => {
    const midM = (planned: RetrievePlan, oz = 0.375): number =>
      run(planned, jig({ style: 'swim', oz, trailer: 'paddle-tail' })).midCastDepthM!;
    const tries: readonly ((x: number) => number)[] = [
      (x) => midM(steadyPlan(0.5, 1 + 20 * x)),
      (x) => midM(steadyPlan(0.5, 6, { slackM: 4 * x })),
      (x) => midM(steadyPlan(0.5, 6), 1 / 8 + 2 * x),
      (x) => midM(steadyPlan(0.25 + x, 6)),
    ];
    for (const depthAt of tries) {
      const depths = Array.from({ length: 81 }, (_, at) => depthAt(at / 80));
      const range = Math.max(...depths) - Math.min(...depths);
      const steps = depths.slice(1).map((depth, at) => Math.abs(depth - depths[at]!));
      expect(Math.max(...steps) / range).toBeLessThan(0.08);
    }
  });
});

test('where steps happen to end does not show: settings a thousandth apart run within three millimetres', () => {
  const midM = (planned: RetrievePlan): number =>
    run(planned, jig({ style: 'swim', trailer: 'paddle-tail' })).midCastDepthM!;
  const tries: readonly ((x: number) => number)[] = [
    (x) => midM(steadyPlan(0.75, 13 + 2 * x)),
    (x) => midM(steadyPlan(0.75, 2, { line: { kind: 'fluorocarbon', lb: 20 + 5 * x } })),
  ];
  for (const depthAt of tries) {
    const depths = Array.from({ length: 401 }, (_, at) => depthAt(at / 400));
    const steps = depths.slice(1).map((depth, at) => Math.abs(depth - depths[at]!));
    expect(Math.max(...steps)).toBeLessThan(0.003);
  }
});

describe('line that is given, as it is asked for', () => {
  const refused = (more: object): unknown => {
    const read = parsePlan({ ...steadyPlan(), ...more });
    return read.ok ? null : read.issues.map(({ path, code }) => [path, code]);
  };
  test('is at most as long as the cast, at the splash and at a step; less than none is none', () => {
    expect(refused({ slackM: 3 })).toBeNull();
    expect(refused({ slackM: 26 })).toEqual([['slackM', 'slack-beyond-cast']]);
    expect(refused({ slackM: -1 })).not.toBeNull();
    const steps = [
      { do: 'reel', mPerS: 0.5, s: 2 },
      { do: 'kill', s: 1, slackM: 29 },
      { do: 'reel', mPerS: 0.5 },
    ];
    expect(refused({ steps })).toEqual([['steps[1].slackM', 'slack-beyond-cast']]);
  });
  test('a cast that gets shorter gives no more than it has, and can be read again', () => {
    const steps: RetrievePlan['steps'] = [
      { do: 'countdown', s: 9, slackM: 20 },
      { do: 'reel', mPerS: 0.5 },
    ];
    const shorter = withItsCast({ ...steadyPlan(), steps, slackM: 12, castM: 10 });
    expect([shorter.slackM, shorter.steps[0]]).toEqual([10, { do: 'countdown', s: 9, slackM: 10 }]);
    expect(parsePlan(shorter).ok).toBe(true);
    const pitched = withItsCast({ ...shorter, steps: [{ do: 'pitch', m: 6 }, ...steps] });
    expect([pitched.castM, pitched.slackM, parsePlan(pitched).ok]).toEqual([6, 6, true]);
    const fits = { ...steadyPlan(), slackM: 2 };
    expect(withItsCast(fits)).toBe(fits);
  });
  test('a count without end, and a rod held at the water, are computed all the same', () => {
    const long = run(steadyPlan(0.5, 300));
    expect(long.path.every(([timeS, xM, zM]) => Number.isFinite(timeS + xM + zM))).toBe(true);
    expect(run(steadyPlan(0.5, 3, { tipHeightM: 0 })).midCastDepthM).toBeGreaterThan(0.5);
  });
});

test('lureXM and lureZM lead down both pieces of the line', () => {
  const knee: Knee = { upperM: 10, upperRad: 0, lowerM: 2, lowerRad: Math.PI / 2 };
  expect([lureXM(knee), lureZM(knee, 0)]).toEqual([expect.closeTo(10, 9), expect.closeTo(2, 9)]);
});
