import { describe, expect, test } from '@jest/globals';
import { jig, steadyPlan } from '../testing/fixtures/rigs';
import { rigBody } from '../rig/body/body';
import { cylinderCd } from '../water/cylinder-and-sphere';
import { fallenM, steadyFall } from './fall';
import { groundOf } from './ground';
import { mediumAt } from './medium';
import type { RetrievePlan, RetrieveStep } from './plan';
import { retrieve, shakeDepth } from './retrieve';
import { over } from './towing';
import { acrossLineMps, lureOf, towedAreas, towlineOf, towPullN, type TowedAreas, type Towline } from './towed';

// every coefficient as it stands in the decisions (adr-0010, 0025, 0028), by formulas written here once more
const water = mediumAt(20);
const G = 9.80665;

/** Sum over a unit length by the midpoint rule. */
function along(from: number, value: (share: number) => number, parts = 4000): number {
  const step = (1 - from) / parts;
  let sum = 0;
  for (let at = 0; at < parts; at++) sum += value(from + (at + 0.5) * step) * step;
  return sum;
}

describe('areas of a towed rig', () => {
  // a still worm, no skirt: nothing but head, hook and the face of the plastic
  const rig = { ...jig({ trailer: 'stick-worm' }), skirt: null };
  const body = rigBody(rig);
  const face = body.trailerNormalM2 / 1.15;
  test('along the pull half of the trailer’s face counts', () => {
    expect(body.pushM2).toBe(0);
    expect(towedAreas(lureOf(body, water, null), 1).alongM2).toBeCloseTo(
      body.head.axialM2 + body.wire.alongM2 + 0.5 * face,
      10,
    );
  });
  test('across it six tenths of the skirt', () => {
    const dressed = rigBody(jig({ trailer: 'stick-worm' }));
    const bare = towedAreas(lureOf(body, water, null), 1);
    const skirted = towedAreas(lureOf(dressed, water, null), 1);
    expect(skirted.acrossM2 - bare.acrossM2).toBeCloseTo(0.6 * (skirted.alongM2 - bare.alongM2), 10);
  });
  test('at rest a rig is looked at as in a drift of 0.15 m/s', () => {
    const lure = lureOf(rigBody(jig({ trailer: 'flapper-craw' })), water, null);
    expect(towedAreas(lure, 0)).toEqual(towedAreas(lure, 0.15));
    expect(towedAreas(lure, 0.25).alongM2).not.toBeCloseTo(towedAreas(lure, 0).alongM2, 8);
  });
});

describe('a line on a lure that hangs at rest', () => {
  const areas: TowedAreas = { alongM2: 0, acrossM2: 8e-4, liftM2: 0, submergedN: 0.1 };
  const lineOf = (windMps = 0): Towline => ({ diameterM: 4e-4, densityKgM3: 1780, tipM: 1, windMps });
  const lengthM = 12;
  const cosine = 0.9;
  /** Force across the line at the lure that moment balance about the tip asks for, N. */
  const balance = (line: Towline, wetShare: number, speedMps: number): number => {
    const dry = 1 - wetShare;
    const { diameterM: d } = line;
    const perM = G * (Math.PI / 4) * d * d;
    const weight = along(0, (s) => s * perM * lengthM * (line.densityKgM3 - (s > dry ? water.densityKgM3 : 0)));
    const cd = cylinderCd(Math.max(1, (Math.abs(speedMps) * d) / water.kinematicM2ps));
    const drag = along(dry, (s) => s * 0.5 * water.densityKgM3 * cd * d * lengthM * (s * speedMps) ** 2);
    const sine = Math.sqrt(1 - cosine * cosine);
    const gust = (line.windMps ?? 0) * sine;
    const lift = along(0, (s) => (s < dry ? s * 0.5 * 1.2 * 1.4 * d * lengthM * gust * Math.abs(gust) : 0));
    return areas.submergedN * cosine + weight * cosine - lift - drag;
  };
  test.each([
    [1, 0],
    [0.5, 0],
    [0.2, 6],
    [0.2, -6],
  ])('wet over a share of %p in a wind of %p m/s it sinks as moments about the tip balance', (wetShare, windMps) => {
    const line = lineOf(windMps);
    const speed = acrossLineMps(areas, water, 0, cosine, line, lengthM, wetShare);
    const drag = 0.5 * water.densityKgM3 * areas.acrossM2 * speed * Math.abs(speed);
    expect(drag / balance(line, wetShare, speed)).toBeCloseTo(1, 2);
  });
});

test('the bow of a line is that of its own moment over the pull, closer than a twentieth', () => {
  const lure = lureOf(rigBody(jig({ style: 'swim', trailer: 'paddle-tail', lengthIn: 3.75 })), water, 0.3);
  const line = towlineOf({ kind: 'fluorocarbon', lb: 20 }, 1);
  const [towMps, cosine, lengthM] = [0.6, 0.95, 15];
  const areas = towedAreas(lure, towMps);
  const told = { bowRad: 0 };
  const speed = acrossLineMps(areas, water, towMps, cosine, line, lengthM, 1, 0, told);
  const rho = water.densityKgM3;
  const cd = cylinderCd(Math.max(1, (Math.abs(speed) * line.diameterM) / water.kinematicM2ps));
  const drag = (cd * line.diameterM * lengthM * speed * Math.abs(speed)) / 4;
  const ownN = 0.5 * G * (Math.PI / 4) * line.diameterM ** 2 * lengthM * (line.densityKgM3 - rho) * cosine;
  const pull = areas.alongM2 * towMps ** 2 + (2 * areas.submergedN * Math.sqrt(1 - cosine ** 2)) / rho;
  const steeper = (drag - (2 * ownN) / rho) / pull;
  expect(Math.abs(told.bowRad)).toBeGreaterThan(1e-4);
  expect(Math.abs(told.bowRad - steeper)).toBeLessThan(0.05 * Math.abs(steeper));
});

test('a line drags by its skin: 0.01 of its wetted area', () => {
  const lure = lureOf(rigBody(jig({})), water, null);
  const line = towlineOf({ kind: 'braid', lb: 30 }, 1);
  const own = towPullN(lure, line, 20, 0.8) - towPullN(lure, line, 0, 0.8);
  expect(own).toBeCloseTo(0.5 * water.densityKgM3 * 0.8 ** 2 * 0.01 * Math.PI * line.diameterM * 20, 9);
});

describe('steps of a retrieve', () => {
  const lure = lureOf(rigBody(jig({ trailer: 'flapper-craw' })), water, null);
  const line = towlineOf({ kind: 'fluorocarbon', lb: 15 }, 1);
  const run = (steps: readonly RetrieveStep[], depthM: number, more: Partial<RetrievePlan> = {}) =>
    retrieve(
      lure,
      { ...steadyPlan(), castM: 15, tipHeightM: 1, ...more, steps: [...steps] },
      groundOf([], depthM),
      line,
      { longestS: 60 },
    );
  const outM = ([, xM, zM]: readonly [number, number, number]): number => Math.hypot(xM, zM + 1);

  test('a tip five centimetres to each side, swallowed by half at four beats a second', () => {
    const swingMps = (hz: number): number => 10 * shakeDepth(hz, 10);
    expect(swingMps(0.5)).toBeCloseTo((2 * Math.PI * 0.5 * 0.05) / Math.sqrt(1 + 1 / 64), 9);
    expect(swingMps(4)).toBeCloseTo((2 * Math.PI * 4 * 0.05) / Math.SQRT2, 9);
    expect(shakeDepth(4, 0.2)).toBe(1);
  });
  test('a tip is raised by a metre a second', () => {
    const { path, marks } = run(
      [
        { do: 'countdown', s: 30 },
        { do: 'lift-drop', m: 1 },
      ],
      3,
    );
    const [fromS, nextS] = marks.filter(({ step }) => step === 1).map((mark) => mark.fromS) as [number, number];
    const before = path.findLast(([timeS]) => timeS <= fromS + 1e-9)!;
    const during = path.filter(([timeS]) => timeS > fromS && timeS < nextS);
    const shortest = during.reduce((least, place) => (outM(place) < outM(least) ? place : least));
    expect(outM(before) - outM(shortest)).toBeCloseTo(1, 1);
    expect(shortest[0] - fromS).toBeCloseTo(1, 1);
  });
  test('a drop ends where the bottom is: the next lift does not wait for line that was not let out', () => {
    const { marks } = run(
      [
        { do: 'countdown', s: 30 },
        { do: 'lift-drop', m: 0.5 },
      ],
      2,
    );
    const [first, second] = marks.filter(({ step }) => step === 1);
    const fall = steadyFall(lure.body, water);
    // the tip goes up for half a second; down again it is at most as deep as it was
    let downS = 0;
    while (fallenM(lure.body, water, fall, downS) < 0.5) downS += 0.01;
    expect(second!.fromS - first!.fromS).toBeLessThan(0.5 + downS + 0.1);
  });
  test('a boat that drifts away takes the rod along: what falls on a slack line is further off', () => {
    const { path } = run(
      [
        { do: 'countdown', s: 4 },
        { do: 'reel', mPerS: 0.6 },
      ],
      20,
      { driftMps: 0.3, slackM: 10 },
    );
    const [, xM] = path.find(([timeS]) => Math.abs(timeS - 4) < 1e-6)!;
    expect(xM).toBeCloseTo(15 + 4 * 0.3, 6);
  });
  test('line is in once five centimetres of it are left beyond the tip', () => {
    const place = (leftM: number) => ({
      state: { timeS: 0, xM: 1 + leftM, zM: -1, knee: null },
      line: { ...line, tipM: 1 },
    });
    expect(over(place(0.04))).toBe(true);
    expect(over(place(0.06))).toBe(false);
  });
});
