import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { prepareRetrieve } from '../hold/retrieve-report';
import { rigBody } from '../rig/body/body';
import { jig, steadyPlan } from '../testing/fixtures/rigs';
import { DEFAULT_WATER } from '../water/schema';
import type { FishingLine, RetrievePlan } from './plan';
import { groundOf } from './ground';
import { mediumAt } from './medium';
import { retrieve } from './retrieve';
import { lureOf, towlineOf } from './towed';

const DEEP = { ...DEFAULT_WATER, temperatureC: 20, depthM: 40 };
const light = jig({ style: 'swim', oz: 3 / 16, trailer: 'swim-worm', lengthIn: 3 });
const usual = jig({ style: 'swim', oz: 3 / 8, trailer: 'paddle-tail', lengthIn: 3.75 });
const slow = (line: FishingLine): RetrievePlan => steadyPlan(0.5, 2, { line });
const thick: FishingLine = { kind: 'fluorocarbon', lb: 25 };
const braid: FishingLine = { kind: 'braid', lb: 50 };

describe('the line bows and weighs', () => {
  // how deep, against a chain of masses: core/testing/independent
  test('thick fluorocarbon takes a light jig deeper than thick braid, though it is the thicker', () => {
    const midM = (line: FishingLine): number => prepareRetrieve(light, slow(line), DEEP).run().midCastDepthM!;
    expect(towlineOf(thick, 1).diameterM).toBeGreaterThan(towlineOf(braid, 1).diameterM);
    expect(midM(thick)).toBeGreaterThan(midM(braid) + 0.15);
  });
  test('depth changes without a jump in cast, tip, speed and line', () => {
    const midM = (plan: RetrievePlan): number => prepareRetrieve(usual, plan, DEEP).run().midCastDepthM!;
    const tries: readonly ((x: number) => RetrievePlan)[] = [
      (x) => ({ ...slow(thick), castM: 12 + 20 * x }),
      (x) => ({ ...slow(thick), tipHeightM: 3 * x }),
      (x) => steadyPlan(0.2 + 1.2 * x, 2),
      (x) => slow({ kind: 'braid', lb: 4 + 90 * x }),
    ];
    for (const planAt of tries) {
      const depths = Array.from({ length: 61 }, (_, at) => midM(planAt(at / 60)));
      const range = Math.max(...depths) - Math.min(...depths);
      const steps = depths.slice(1).map((depth, at) => Math.abs(depth - depths[at]!));
      expect(Math.max(...steps) / range).toBeLessThan(0.15);
    }
  });
});

describe('drift, current and wind', () => {
  const midM = (more: Partial<RetrievePlan>): number =>
    prepareRetrieve(usual, { ...steadyPlan(0.6, 3), ...more }, DEEP).run().midCastDepthM!;
  test('are nothing unless somebody says so', () => {
    expect(midM({ driftMps: 0, currentMps: 0, windMps: 0 })).toBe(midM({}));
  });
  test('water that runs away from the rod lifts a lure as a boat does that drifts away from it', () => {
    expect(midM({ currentMps: 0.2 })).toBeCloseTo(midM({ driftMps: 0.2 }), 12);
    expect(midM({ currentMps: 0.2 })).toBeLessThan(midM({}));
    expect(midM({ currentMps: -0.2 })).toBeGreaterThan(midM({}));
  });
  test('wind from behind lifts the line, wind in the face presses it down, both by little', () => {
    expect(midM({ windMps: 10, tipHeightM: 2 })).toBeLessThan(midM({ tipHeightM: 2 }));
    expect(midM({ windMps: -10, tipHeightM: 2 })).toBeGreaterThan(midM({ tipHeightM: 2 }));
    expect(Math.abs(midM({ windMps: 10 }) - midM({}))).toBeLessThan(0.1);
  });
});

describe('line that is out', () => {
  const medium = mediumAt(18);
  const chunk = lureOf(rigBody(jig({ trailer: 'chunk' })), medium, null);
  const bottoms = fc
    .array(fc.tuple(fc.double({ min: 0.3, max: 6, noNaN: true }), fc.double({ min: 0.3, max: 5, noNaN: true })), {
      minLength: 1,
      maxLength: 7,
    })
    .map((steps) => {
      let xM = 0;
      return steps.map(([wide, deep]): [number, number] => [(xM += wide), deep]);
    });
  test('property: over any bottom it comes in no faster than it is reeled, and never goes out again', () => {
    fc.assert(
      fc.property(bottoms, fc.double({ min: 0.2, max: 1.5, noNaN: true }), (bottom, mPerS) => {
        const plan: RetrievePlan = { ...steadyPlan(mPerS, 30), bottom };
        const line = towlineOf(plan.line, plan.tipHeightM);
        const ground = groundOf(bottom, null);
        const { path } = retrieve(chunk, plan, ground, line);
        const reeled = path.filter(([timeS]) => timeS >= 30);
        for (let at = 1; at < reeled.length; at++) {
          const [fromS, fromX, fromM] = reeled[at - 1]!;
          const [toS, toX, toM] = reeled[at]!;
          const inM = Math.hypot(fromX, fromM + line.tipM) - Math.hypot(toX, toM + line.tipM);
          expect(inM).toBeLessThanOrEqual(mPerS * (toS - fromS) + 0.02);
          expect(inM).toBeGreaterThanOrEqual(-0.02);
          expect(toM).toBeLessThanOrEqual(ground.depthAt(toX) + 0.02);
        }
      }),
      { numRuns: 40, seed: 3 },
    );
  });
  test('up a wall it climbs as the line comes in, not at a leap', () => {
    const wall = groundOf(
      [
        [0, 1],
        [9.99, 1],
        [10, 5],
        [25, 5],
      ],
      null,
    );
    const plan = steadyPlan(0.4, 40);
    const line = towlineOf(plan.line, plan.tipHeightM);
    const { path } = retrieve(chunk, plan, wall, line);
    const onTheWall = path.filter(([timeS, xM, zM]) => timeS > 40 && xM > 9.9 && xM < 10.2 && zM > 1.2 && zM < 4.8);
    expect(onTheWall.length).toBeGreaterThan(3);
    const [first, last] = [onTheWall[0]!, onTheWall.at(-1)!];
    const inM = Math.hypot(first[1], first[2] + 1) - Math.hypot(last[1], last[2] + 1);
    expect(inM).toBeCloseTo(0.4 * (last[0] - first[0]), 1);
  });
  test('contacts are the same when the cast falls a few centimetres shorter', () => {
    const ground = groundOf(
      [
        [0, 1],
        [6, 1.5],
        [9, 3],
        [12, 2.2],
        [16, 3.4],
        [25, 3],
      ],
      null,
      [2.6],
    );
    const counts = (castM: number, mPerS: number): string => {
      const plan: RetrievePlan = { ...steadyPlan(mPerS, 12), castM };
      const done = retrieve(chunk, plan, ground, towlineOf(plan.line, 1));
      return `${done.bottomContacts} ${done.coverContacts}`;
    };
    for (const mPerS of [0.3, 0.5, 0.8]) {
      const all = Array.from({ length: 21 }, (_, at) => counts(22 + 0.01 * at, mPerS));
      expect(new Set(all).size).toBe(1);
    }
  });
  test('a path ends when the line is in, wherever the rod is held', () => {
    for (const tipHeightM of [0, 1, 2.5]) {
      const plan: RetrievePlan = { ...steadyPlan(0.6, 3), tipHeightM };
      const { path } = retrieve(chunk, plan, groundOf(undefined, 4), towlineOf(plan.line, tipHeightM));
      const [, xM, zM] = path.at(-1)!;
      expect(Math.hypot(xM, zM + tipHeightM) - tipHeightM).toBeLessThanOrEqual(0.051);
    }
  });
  test('on a closed spool what sinks swings in; on line that is given it falls where it is', () => {
    const end = (slackM: number): readonly number[] => {
      const steps: RetrievePlan['steps'] = [
        { do: 'reel', mPerS: 0.5, s: 20 },
        { do: 'kill', s: 6, ...(slackM > 0 ? { slackM } : {}) },
        { do: 'reel', mPerS: 0.5 },
      ];
      const plan: RetrievePlan = { ...steadyPlan(), steps };
      const { path } = retrieve(chunk, plan, groundOf(undefined, 30), towlineOf(plan.line, 1));
      const [from, to] = [path.find(([timeS]) => timeS >= 20 - 1e-6)!, path.find(([timeS]) => timeS >= 26 - 1e-6)!];
      return [to[1] - from[1], Math.hypot(to[1], to[2] + 1) - Math.hypot(from[1], from[2] + 1)];
    };
    const [closedX, closedLine] = end(0);
    expect(closedX).toBeLessThan(-0.3);
    expect(closedLine).toBeCloseTo(0, 6);
    const [openX, openLine] = end(8);
    expect(openX).toBe(0);
    expect(openLine).toBeGreaterThan(0.3);
  });
});
