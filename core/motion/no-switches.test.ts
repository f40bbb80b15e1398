import { describe, expect, test } from '@jest/globals';
import { guardCollapseN } from '../hold/guard';
import { rigBody } from '../rig/body/body';
import { frameBody } from '../rig/body/frame';
import { trailerBody } from '../rig/body/trailer-body';
import { uncutTrailer, type Rig } from '../rig/parts/schema';
import { jig, spinner, steadyPlan, vibrating } from '../testing/fixtures/rigs';
import { massKgFromOz } from '../units/units';
import { prepareRetrieve } from '../hold/retrieve-report';
import { DEFAULT_WATER } from '../water/schema';
import { mediumAt } from './medium';
import type { RetrievePlan } from './plan';
import { shakeDepth } from './retrieve';
import { blowOverMps } from './roll';
import { wagMatch } from './tail';
import { hunting } from './vanes';

/** Where a hair more of something used to change an answer by a leap, it changes it by a hair. */
const medium = mediumAt(20);
const along = (from: number, to: number, valueAt: (x: number) => number, count = 400): number[] =>
  Array.from({ length: count + 1 }, (_, at) => valueAt(from + ((to - from) * at) / count));
/** Largest step between neighbours, as a share of the whole range of values. */
function largestStep(values: readonly number[]): number {
  const range = Math.max(...values) - Math.min(...values);
  return Math.max(...values.slice(1).map((value, at) => Math.abs(value - values[at]!))) / range;
}

describe('no switches', () => {
  test('a wider trailer blows a spinnerbait over sooner, little by little', () => {
    const base = spinner(undefined, { trailer: 'straight-minnow' });
    const speeds = along(8, 40, (widthMm) => {
      const rig: Rig = { ...base, trailer: { ...base.trailer!, widthMm } };
      return blowOverMps(rigBody(rig), medium)!;
    });
    expect(largestStep(speeds)).toBeLessThan(0.03);
    expect(speeds.every((speed, at) => at === 0 || speed <= speeds[at - 1]! + 1e-9)).toBe(true);
  });
  test('length, angle and squeeze of an arm move offset and righting arm alike: bare of bulk they cancel', () => {
    const speed = (arms: Partial<NonNullable<Rig['arms']>>, trailer: 'wide-swimmer' | null): number => {
      const rig = spinner(undefined, { trailer });
      return blowOverMps(rigBody({ ...rig, arms: { ...rig.arms!, ...arms } }), medium)!;
    };
    expect(speed({ squeezed: true }, null)).toBeCloseTo(speed({ squeezed: false }, null), 9);
    expect(speed({ angleDeg: 30 }, null)).toBeCloseTo(speed({ angleDeg: 60 }, null), 9);
    // what pushes aside does so against less of an arm
    expect(speed({ squeezed: true }, 'wide-swimmer')).toBeLessThan(speed({ squeezed: false }, 'wide-swimmer'));
    expect(speed({ angleDeg: 30 }, 'wide-swimmer')).toBeLessThan(speed({ angleDeg: 60 }, 'wide-swimmer'));
    expect(speed({ upperMm: 45 }, 'wide-swimmer')).toBeLessThan(speed({ upperMm: 70 }, 'wide-swimmer'));
  });
  test('a head a grain lighter than 3/8 oz does not make a weak tail match', () => {
    const body = trailerBody(
      uncutTrailer({ kind: 'paddle-tail', lengthMm: 3.25 * 25.4, softness: 'medium', colour: 'white' }),
    );
    const index = along(0.28, 0.42, (oz) => wagMatch('paddle-tail', body, massKgFromOz(oz)).index!);
    expect(largestStep(index)).toBeLessThan(0.02);
    const strong = trailerBody(
      uncutTrailer({ kind: 'paddle-tail', lengthMm: 5.5 * 25.4, softness: 'medium', colour: 'white' }),
    );
    expect(
      largestStep(along(0.28, 0.42, (oz) => wagMatch('paddle-tail', strong, massKgFromOz(oz)).index!)),
    ).toBeLessThan(0.05);
  });
  test('a heavier trailer and a fuller skirt hold a plate on its line, and wildness is a curve', () => {
    const darts = (massG: number, strands = 50): NonNullable<ReturnType<typeof hunting>> => {
      const rig = vibrating('standard', { oz: 0.5, trailer: 'straight-minnow' });
      return hunting(
        rigBody({ ...rig, skirt: { ...rig.skirt!, strands }, trailer: { ...rig.trailer!, massG } }),
        medium,
      )!;
    };
    const wild = along(1, 12, (massG) => darts(massG).wildness);
    expect(largestStep(wild)).toBeLessThan(0.02);
    expect(wild.every((value, at) => at === 0 || value <= wild[at - 1]!)).toBe(true);
    expect(darts(12).share).toBeLessThan(darts(4).share);
    expect(darts(6, 70).share).toBeLessThan(darts(6, 20).share);
    expect([darts(2).wild, darts(9).wild]).toEqual([true, false]);
  });
  test('the push on a plate stands square on it: lift over drag is the cotangent of 50 degrees', () => {
    const [plate] = frameBody(vibrating())!.vanes;
    expect(plate!.liftM2 / plate!.dragM2).toBeCloseTo(1 / Math.tan((50 * Math.PI) / 180), 9);
    expect(plate!.liftM2 / plate!.dragM2).toBeCloseTo(0.84, 2);
  });
  test('a guard cut short stays finite: a third of the length is nine times as stiff, not twenty-seven', () => {
    const guard = jig().guard!;
    expect(guardCollapseN({ ...guard, lengthMm: 10 }) / guardCollapseN({ ...guard, lengthMm: 30 })).toBeCloseTo(9, 9);
  });
});

describe('a shake', () => {
  const shaken = (hz: number): number => {
    const plan: RetrievePlan = steadyPlan(0.5, 2, {
      steps: [
        { do: 'countdown', s: 2 },
        { do: 'shake', mPerS: 0.5, hz },
      ],
    });
    const rig = jig({ style: 'swim', trailer: 'paddle-tail' });
    return prepareRetrieve(rig, plan, { ...DEFAULT_WATER, temperatureC: 20, depthM: 40 }).run().midCastDepthM!;
  };
  test('its rhythm counts: from hardly to wholly, never pushing', () => {
    expect(shakeDepth(0.2, 1)).toBeLessThan(0.1);
    expect(shakeDepth(1, 0.5)).toBeGreaterThan(shakeDepth(0.5, 0.5));
    expect(shakeDepth(8, 0.2)).toBe(1);
  });
  test('and changes where a lure runs', () => {
    expect(Math.abs(shaken(0.2) - shaken(3))).toBeGreaterThan(0.01);
    expect(shaken(0.2)).toBeGreaterThan(0.2);
  });
});
