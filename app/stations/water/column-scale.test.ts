import { describe, expect, test } from '@jest/globals';
import { BOTTOMS, COVER_KINDS, DEFAULT_WATER } from '@core';
import { coverShape, USUAL_TOP } from '../../parts/cover-shapes';
import { bottomMarks, coverTopM, tintStops } from '../../parts/water-look';
import { depthScale, FRAME, rulerEndM, rulerMarks, tempAt, THERMOMETER, yOfTemp } from './column-scale';

describe('the depth ruler', () => {
  test('ends below the bottom, and leaves most of the picture to the water', () => {
    for (const depthM of [0.1, 0.5, 1.2, 2, 3.7, 8, 15, 40]) {
      const endM = rulerEndM(depthM);
      expect(endM).toBeGreaterThan(depthM);
      if (depthM > 0.5) expect(depthM / endM).toBeGreaterThan(0.5);
    }
  });
  test('depth to pixel and back is the same depth', () => {
    const { yOf, depthAt } = depthScale(3);
    for (const depthM of [0, 0.37, 1.5, 3]) expect(depthAt(yOf(depthM))).toBeCloseTo(depthM, 9);
    expect([depthAt(-100), depthAt(9999)]).toEqual([0, 3]);
  });
  test.each(['us', 'metric'] as const)('marks in %s: some carry numbers, all lie on the ruler', (system) => {
    for (const endM of [0.6, 1.5, 6, 44]) {
      const marks = rulerMarks(endM, system);
      const numbered = marks.filter(({ text }) => text !== '');
      expect(numbered.length).toBeGreaterThan(2);
      expect(numbered.length).toBeLessThan(12);
      for (const { depthM } of marks) expect(depthM).toBeLessThanOrEqual(endM + 1e-6);
    }
  });
});

test('the thermometer reads what it shows', () => {
  for (const tempC of [0, 4, 13.9, 27, 40]) expect(tempAt(yOfTemp(tempC))).toBeCloseTo(tempC, 9);
  expect([tempAt(-50), tempAt(2000)]).toEqual([THERMOMETER.maxC, THERMOMETER.minC]);
});

describe('tint', () => {
  const brightness = (colour: string): number =>
    (colour.match(/\d+/g) ?? []).reduce((sum, part) => sum + Number(part), 0);
  test('darkens on the way down, and murk darkens sooner', () => {
    const clear = tintStops({ ...DEFAULT_WATER, visibilityM: 3 }, 3).map(({ colour }) => brightness(colour));
    const mud = tintStops({ ...DEFAULT_WATER, visibilityM: 0.15 }, 3).map(({ colour }) => brightness(colour));
    expect(clear).toEqual([...clear].sort((a, b) => b - a));
    expect(mud[3]!).toBeLessThan(clear[3]!);
  });
  test('a dark sky lets less in', () => {
    const at = (sky: 'bright' | 'dark'): number => brightness(tintStops({ ...DEFAULT_WATER, sky }, 3)[1]!.colour);
    expect(at('dark')).toBeLessThan(at('bright'));
  });
});

describe('silhouettes', () => {
  const place = { x: 200, width: 90, topY: 120, bottomY: 400, surfaceY: 50, density: 2 };
  test.each(COVER_KINDS.filter((kind) => kind !== 'open'))('%s is drawn, and thicker is more', (kind) => {
    const { lines, fills } = coverShape(kind, place);
    expect((lines + fills).length).toBeGreaterThan(20);
    expect(lines + fills).not.toMatch(/NaN|undefined|Infinity/);
    const thick = coverShape(kind, { ...place, density: 3 });
    expect((thick.lines + thick.fills).length).toBeGreaterThanOrEqual((lines + fills).length);
  });
  test('open water draws nothing', () => expect(coverShape('open', place)).toMatchObject({ lines: '', fills: '' }));
  test('a top that nobody said is the usual one, and never below the bottom', () => {
    expect(coverTopM({ kind: 'brush', density: 'thick' }, 2)).toBe(2 * USUAL_TOP.brush);
    expect(coverTopM({ kind: 'brush', density: 'thick', topM: 0.4 }, 2)).toBe(0.4);
    expect(coverTopM({ kind: 'brush', density: 'thick', topM: 9 }, 2)).toBe(2);
  });
});

test('every bottom is told apart', () => {
  const drawn = BOTTOMS.map((bottom) => bottomMarks(bottom, 400, FRAME).d);
  expect(new Set(drawn).size).toBe(BOTTOMS.length);
  for (const d of drawn) expect(d).not.toMatch(/NaN|undefined/);
});
