import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { parseShown, shown, shownBand, shownHeadStep, shownNumber } from './display';
import { fractionText, nearestFraction, parseNumber } from './fraction';
import {
  fFromTempC,
  inFromLengthM,
  lengthMFromFt,
  lengthMFromIn,
  massKgFromOz,
  ozFromMassKg,
  radFromDeg,
  tempCFromF,
} from './units';

describe('conversions', () => {
  test('published factors', () => {
    expect(massKgFromOz(16)).toBeCloseTo(0.45359237, 10);
    expect(lengthMFromIn(12)).toBeCloseTo(lengthMFromFt(1), 12);
    expect(tempCFromF(32)).toBe(0);
    expect(fFromTempC(100)).toBe(212);
    expect(radFromDeg(180)).toBeCloseTo(Math.PI, 12);
  });
  test('there and back is the same', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1000, noNaN: true }), (x) => {
        expect(ozFromMassKg(massKgFromOz(x))).toBeCloseTo(x, 9);
        expect(inFromLengthM(lengthMFromIn(x))).toBeCloseTo(x, 9);
        expect(fFromTempC(tempCFromF(x))).toBeCloseTo(x, 9);
      }),
    );
  });
});

describe('numbers as people type them', () => {
  test.each([
    ['3/8', 0.375],
    ['1 1/4', 1.25],
    ['1-1/4', 1.25],
    ['⅜', 0.375],
    ['1½', 1.5],
    ['3⁄8', 0.375],
    ['0.375', 0.375],
    ['0,375', 0.375],
    ['.5', 0.5],
    ['5.', 5],
    [' 7 ', 7],
    ['-3', -3],
    ['−3', -3],
    ['-1/2', -0.5],
  ])('%p is %p', (text, value) => expect(parseNumber(text)).toBeCloseTo(value, 12));
  test.each(['', 'x', '3/0', '1/2/3', '1,000.5', '1.2.3', '3 8', '--3', 'NaN', 'Infinity', '1e3'])(
    '%p is refused',
    (text) => expect(parseNumber(text)).toBeNull(),
  );
  test('a fraction is written in lowest terms', () => {
    expect(fractionText(nearestFraction(0.375, 16))).toBe('3/8');
    expect(fractionText(nearestFraction(1.25, 32))).toBe('1 1/4');
    expect(fractionText(nearestFraction(2, 16))).toBe('2');
    expect(fractionText(nearestFraction(0, 16))).toBe('0');
  });
  test('what is written is read back as the same number', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 320 }), (sixteenths) => {
        expect(parseNumber(fractionText(nearestFraction(sixteenths / 16, 16)))).toBeCloseTo(sixteenths / 16, 12);
      }),
    );
  });
});

describe('numbers as people read them', () => {
  test.each([
    ['temperature', 13.9, 'us', '57 °F'],
    ['temperature', 13.9, 'metric', '13.9 °C'],
    ['visibility', 0.3556, 'us', '14 in'],
    ['depth', 1.2192, 'us', '4 ft'],
    ['headMass', massKgFromOz(0.375), 'us', '3/8 oz'],
    ['headMass', massKgFromOz(0.375), 'metric', '10.6 g'],
    ['partLength', 0.10795, 'us', '4 1/4 in'],
    ['speed', 0.52, 'us', '1.7 ft/s'],
    ['speed', 0.52, 'metric', '0.52 m/s'],
  ] as const)('%s %p in %s is %s', (quantity, si, system, text) => expect(shown(quantity, si, system)).toBe(text));
  test('a band names its unit once', () => expect(shownBand('speed', 0.4, 0.58, 'us')).toBe('1.3 to 1.9 ft/s'));
  test('a head weight is rounded to a step that is sold', () => {
    expect(shownHeadStep(massKgFromOz(0.209), 'us')).toBe('3/16 oz');
    expect(shownHeadStep(massKgFromOz(0.93), 'us')).toBe('7/8 oz');
    expect(shownHeadStep(massKgFromOz(0.001), 'us')).toBe('1/16 oz');
  });
  test.each([
    ['temperature', '57', 'us', 13.8889],
    ['temperature', '14 C', 'us', 14],
    ['temperature', '57°F', 'metric', 13.8889],
    ['depth', '4 ft', 'metric', 1.2192],
    ['depth', '18 in', 'us', 0.4572],
    ['headMass', '3/8 oz', 'metric', massKgFromOz(0.375)],
  ] as const)('typed %s "%s" under %s', (quantity, text, system, si) => {
    expect(parseShown(quantity, text, system)).toBeCloseTo(si, 4);
  });
  test.each([
    ['temperature', '57 in'],
    ['depth', '3 oz'],
    ['depth', ''],
    ['depth', 'deep'],
  ] as const)('typed %s "%s" is refused', (quantity, text) => expect(parseShown(quantity, text, 'us')).toBeNull());
  test('switching units and back leaves the value', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100 }), (quarters) => {
        const si = lengthMFromFt(quarters / 2);
        expect(parseShown('depth', shownNumber('depth', si, 'us'), 'us')).toBeCloseTo(si, 9);
      }),
    );
  });
});
