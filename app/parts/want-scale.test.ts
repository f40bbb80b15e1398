import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { compileWater, DEFAULT_WATER, WANT_IDS, type Water } from '@core';
import { placeOn, valueOn } from './scale-place';
import { placeOf } from './want-scale';

describe('the line a want is drawn on', () => {
  test('every number has a place on it, and more lies further right', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...WANT_IDS),
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 200, noNaN: true }),
        (id, a, b) => {
          for (const value of [a, b]) {
            expect(placeOf(id, value)).toBeGreaterThanOrEqual(0);
            expect(placeOf(id, value)).toBeLessThanOrEqual(100);
          }
          if (a < b) expect(placeOf(id, a)).toBeLessThanOrEqual(placeOf(id, b));
        },
      ),
    );
  });
  test('what does not apply to a rig stands at the good end', () => {
    expect(placeOf('kick', Infinity)).toBe(100);
    expect(placeOf('window', Infinity)).toBe(100);
  });
  test('bands of ordinary waters do not fall off it', () => {
    const waters: Water[] = [
      DEFAULT_WATER,
      { ...DEFAULT_WATER, temperatureC: 5, depthM: 3, band: { fromM: 0.5, toM: 1.4 } },
      { ...DEFAULT_WATER, temperatureC: 29, mood: 'active', depthM: 4, band: { fromM: 0, toM: 0.6 } },
    ];
    for (const { id, from, to } of waters.flatMap((water) => compileWater(water).wants)) {
      expect([id, placeOf(id, to) - placeOf(id, from) > 2]).toEqual([id, true]);
    }
  });
});

test('half way is the middle, on a line of factors the middle factor; beyond the ends nothing moves', () => {
  expect([0, 1, 2, 3].map((value) => placeOn({ from: 1, to: 3 }, value))).toEqual([0, 0, 50, 100]);
  expect(placeOn({ from: 1, to: 16, log: true }, 4)).toBeCloseTo(50, 9);
  expect([0, 1000].map((value) => placeOn({ from: 1, to: 16, log: true }, value))).toEqual([0, 100]);
});

test('a place on a line is a value, and the value has that place', () => {
  for (const scale of [
    { from: 0, to: 100 },
    { from: 0.1, to: 2, log: true },
    { from: 1, to: 3 },
  ]) {
    for (const place of [0, 12.5, 50, 99, 100]) expect(placeOn(scale, valueOn(scale, place))).toBeCloseTo(place, 9);
    expect([valueOn(scale, -5), valueOn(scale, 140)].map((value) => Number(value.toFixed(9)))).toEqual([
      scale.from,
      scale.to,
    ]);
  }
});
