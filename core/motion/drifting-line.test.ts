import { describe, expect, test } from '@jest/globals';
import { sweptMoment, sweptMomentSlope } from './drifting-line';

/** The same by adding up thin pieces. */
function addedUp(tipMps: number, lureMps: number, dry: number): number {
  const pieces = 20_000;
  let sum = 0;
  for (let at = 0; at < pieces; at++) {
    const x = dry + ((1 - dry) * (at + 0.5)) / pieces;
    const speed = tipMps + (lureMps - tipMps) * x;
    sum += (x * speed * Math.abs(speed) * (1 - dry)) / pieces;
  }
  return sum;
}

describe('a line whose ends move differently', () => {
  test.each([
    [0, 0.3, 0],
    [0, -0.3, 0.2],
    [0.4, 0.4, 0.1],
    [0.4, -0.1, 0],
    [-0.3, 0.2, 0.4],
    [0.2, 0, 0],
    [-0.2, -0.5, 0.9],
    [0.3, 0.1, 1],
  ])('tip %p, lure %p m/s, %p of it dry: as added up piece by piece', (tip, lure, dry) => {
    expect(sweptMoment(tip, lure, dry)).toBeCloseTo(addedUp(tip, lure, dry), 7);
    const slope = (sweptMoment(tip, lure + 1e-6, dry) - sweptMoment(tip, lure - 1e-6, dry)) / 2e-6;
    expect(sweptMomentSlope(tip, lure, dry)).toBeCloseTo(slope, 5);
  });
  test('under a tip that stands still it is a pendulum: a quarter of the line at full speed', () => {
    expect(sweptMoment(0, 0.5, 0)).toBeCloseTo(0.25 * 0.25, 12);
    expect(sweptMoment(0.5, 0.5, 0)).toBeCloseTo(0.5 * 0.25, 12);
  });
});
