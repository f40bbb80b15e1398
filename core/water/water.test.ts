import { describe, expect, test } from '@jest/globals';
import { PUBLISHED_DENSITY, PUBLISHED_SALT_DENSITY, PUBLISHED_SALT_VISCOSITY, PUBLISHED_VISCOSITY } from './published';
import { CLARITY_SCALE, clarityOf, effectiveVisibilityM } from './clarity';
import { freshWaterDensityKgM3, waterDensityKgM3, WaterRangeError } from './density';
import { DEFAULT_WATER, parseWater } from './schema';
import { saltThickens, waterKinematicViscosityM2ps, waterViscosityPaS } from './viscosity';

describe('properties of water', () => {
  test.each(PUBLISHED_DENSITY)('density at $tempC °C is $value kg/m³', ({ tempC, value, tolerance }) => {
    expect(Math.abs(freshWaterDensityKgM3(tempC) - value)).toBeLessThanOrEqual(tolerance);
  });
  test.each(PUBLISHED_VISCOSITY)('viscosity at $tempC °C is $value mPa s', ({ tempC, value, tolerance }) => {
    expect(Math.abs(waterViscosityPaS(tempC) * 1000 - value) / value).toBeLessThanOrEqual(tolerance);
  });
  test.each(PUBLISHED_SALT_DENSITY)(
    '$saltGPerKg g/kg at $tempC °C: $value kg/m³',
    ({ tempC, saltGPerKg, value, tolerance }) => {
      expect(Math.abs(waterDensityKgM3(tempC, saltGPerKg) - value)).toBeLessThanOrEqual(tolerance);
    },
  );
  test('sea water is thicker, by what was measured', () => {
    const { tempC, saltGPerKg, value, tolerance } = PUBLISHED_SALT_VISCOSITY;
    const found = waterViscosityPaS(tempC) * saltThickens(tempC, saltGPerKg) * 1000;
    expect(Math.abs(found - value)).toBeLessThanOrEqual(tolerance);
  });
  test('without salt it is fresh water, and a little salt changes little', () => {
    for (const tempC of [0, 4, 20, 40]) {
      expect(waterDensityKgM3(tempC, 0)).toBe(freshWaterDensityKgM3(tempC));
      expect(saltThickens(tempC, 0)).toBe(1);
      const addedKgM3 = waterDensityKgM3(tempC, 1) - freshWaterDensityKgM3(tempC);
      expect(addedKgM3).toBeGreaterThan(0.7);
      expect(addedKgM3).toBeLessThan(0.9);
    }
  });
  test.each([-0.1, 40.1, NaN])('%p g/kg is refused, not extrapolated', (saltGPerKg) => {
    expect(() => waterDensityKgM3(20, saltGPerKg)).toThrow(RangeError);
    expect(() => saltThickens(20, saltGPerKg)).toThrow(RangeError);
    expect(parseWater({ ...DEFAULT_WATER, salinityGPerKg: saltGPerKg }).ok).toBe(false);
  });
  test('kinematic viscosity at 20 °C is about 1.004 mm²/s', () => {
    expect(waterKinematicViscosityM2ps(20) * 1e6).toBeCloseTo(1.004, 2);
  });
  test.each([-0.1, 40.1, NaN, Infinity])('%p °C is refused, not extrapolated', (tempC) => {
    expect(() => freshWaterDensityKgM3(tempC)).toThrow(WaterRangeError);
    expect(() => waterViscosityPaS(tempC)).toThrow(WaterRangeError);
  });
  test('water is densest at 4 °C', () => {
    const densest = [0, 1, 2, 3, 4, 5, 6, 8, 10, 20].reduce((a, b) =>
      freshWaterDensityKgM3(b) > freshWaterDensityKgM3(a) ? b : a,
    );
    expect(densest).toBe(4);
  });
});

describe('clarity', () => {
  test.each([
    [0, 'mud'],
    [0.15, 'mud'],
    [0.1524, 'muddy'],
    [0.3556, 'stained'],
    [1, 'tinted'],
    [2, 'clear'],
    [5, 'very clear'],
  ] as const)('%p m is %s', (visibilityM, word) => {
    expect(clarityOf(visibilityM)).toBe(word);
  });
  test('low light counts one step murkier at every class', () => {
    for (const { uptoM } of CLARITY_SCALE.slice(0, -1)) {
      expect(effectiveVisibilityM(uptoM, 'dark')).toBeLessThan(uptoM);
      expect(effectiveVisibilityM(uptoM, 'bright')).toBe(uptoM);
    }
  });
});

describe('a water from outside', () => {
  const paths = (input: unknown): string[] => {
    const parsed = parseWater(input);
    return parsed.ok ? [] : parsed.issues.map(({ code, path }) => `${code} ${path}`);
  };
  test('the default is valid', () => expect(parseWater(DEFAULT_WATER).ok).toBe(true));
  test.each([
    [{ temperatureC: 41 }, 'too-large temperatureC'],
    [{ temperatureC: -1 }, 'too-small temperatureC'],
    [{ temperatureC: '57' }, 'not-a-number temperatureC'],
    [{ temperatureC: NaN }, 'not-a-number temperatureC'],
    [{ depthM: 0 }, 'too-small depthM'],
    [{ visibilityM: null }, 'not-a-number visibilityM'],
    [{ mood: 'angry' }, 'not-one-of mood'],
    [{ cover: [{ kind: 'castle', density: 'thick' }] }, 'not-one-of cover[0].kind'],
    [{ cover: [{ kind: 'brush', density: 'thick', topM: 3 }] }, 'below-the-bottom cover[0].topM'],
    [{ band: { fromM: 1, toM: 0.5 } }, 'upside-down-band band'],
    [{ band: { fromM: 1, toM: 9 } }, 'below-the-bottom band.toM'],
    [{ colour: 'brown' }, 'unknown-field colour'],
    [{ schools: { weight: 'lightest' } }, 'not-one-of schools.weight'],
    [{ families: [] }, 'too-small families'],
  ])('%j is refused by its field', (part, expected) => {
    expect(paths({ ...DEFAULT_WATER, ...part })).toEqual([expected]);
  });
  test('a missing field is named', () => {
    const { depthM: _gone, ...rest } = DEFAULT_WATER;
    expect(paths(rest)).toEqual(['missing depthM']);
  });
  test('every problem is reported, not just the first', () => {
    expect(paths({ ...DEFAULT_WATER, temperatureC: 99, depthM: -3, mood: 'x' })).toHaveLength(3);
  });
});
