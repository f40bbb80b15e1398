import { describe, expect, test } from '@jest/globals';
import { rigBody, type SkirtBody } from '../rig/body/body';
import { skirtSpreadM, skirtStrandM } from '../rig/body/skirt-shape';
import { jig } from '../testing/fixtures/rigs';
import { GRAVITY_MPS2 } from '../units/units';
import { carriedM3, fallenM, secondsToBottom, steadyFall, submergedWeightN } from './fall';
import { mediumAt } from './medium';
import { acrossLineMps, lureOf, towedAreas } from './towed';

const medium = mediumAt(15);
const bare = rigBody({ ...jig({ trailer: null, strands: 0 }), guard: null });
const dressed = rigBody({ ...jig({ trailer: null }), guard: null });

/** so short that nothing drags yet, s */
const INSTANT_S = 0.002;

describe('from rest', () => {
  test('a bare head moves half the water it displaces as well', () => {
    const startMps2 =
      ((bare.massKg - medium.densityKgM3 * bare.volumeM3) * GRAVITY_MPS2) /
      (bare.massKg + medium.densityKgM3 * 0.5 * bare.volumeM3);
    const fall = steadyFall(bare, medium);
    expect(
      fallenM(bare, medium, fall, INSTANT_S) / ((startMps2 / 2) * INSTANT_S ** 2 * Math.cos(fall.glideRad)),
    ).toBeCloseTo(1, 4);
  });
  test('a skirt carries the water its strands span and do not let through, at half the speed it ends at', () => {
    const skirt = dressed.skirt!;
    const fall = steadyFall(dressed, medium);
    const shape = skirtStrandM(skirt, fall.pathMps / 2, medium.densityKgM3, 400);
    const roomM3 = shape.slice(1).reduce((sum, [x, y], i) => {
      const [x0, y0] = shape[i]!;
      return sum + Math.PI * ((y + y0) / 2) ** 2 * (x - x0);
    }, 0);
    const spreadM = skirtSpreadM(skirt, fall.pathMps / 2, medium.densityKgM3);
    const heldM3 = roomM3 * (1 - Math.exp((-skirt.strands * skirt.widthM) / (Math.PI * spreadM)));
    const startMps2 =
      submergedWeightN(dressed, medium) / (dressed.massKg + medium.densityKgM3 * (0.5 * dressed.volumeM3 + heldM3));
    expect(
      fallenM(dressed, medium, fall, INSTANT_S) / ((startMps2 / 2) * INSTANT_S ** 2 * Math.cos(fall.glideRad)),
    ).toBeCloseTo(1, 1);
  });
  test('more strands carry more, and twice the length not eight times as much', () => {
    const skirt = dressed.skirt!;
    const carried = (change: Partial<SkirtBody>): number => carriedM3({ ...skirt, ...change }, 0.3, medium.densityKgM3);
    expect(carried({ strands: skirt.strands * 1.5 })).toBeGreaterThan(carried({}));
    expect(carried({ lengthM: skirt.lengthM * 2 }) / carried({})).toBeLessThan(3);
  });
  test('seconds and metres are the same fall', () => {
    const fall = steadyFall(dressed, medium);
    for (const depthM of [0.02, 0.5, 3]) {
      expect(fallenM(dressed, medium, fall, secondsToBottom(dressed, medium, fall, depthM)!)).toBeCloseTo(depthM, 9);
    }
  });
});

test('the line counts by what of it is in the water', () => {
  const lure = lureOf(rigBody(jig()), medium, null);
  const areas = towedAreas(lure, 0.6);
  const across = (lengthM: number, wetShare: number): number =>
    acrossLineMps(
      areas,
      lure.medium,
      0.6,
      0.98,
      { diameterM: 0.0004, densityKgM3: medium.densityKgM3, tipM: 1 },
      lengthM,
      wetShare,
    );
  expect(across(20, 0.5)).toBeGreaterThan(across(20, 1));
  // all in the air it drags nothing, however long it is: what little it weighs there is all it does
  expect(Math.abs(across(20, 0) / across(2, 0) - 1)).toBeLessThan(0.02);
});
