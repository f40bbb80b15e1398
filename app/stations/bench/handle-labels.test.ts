import { describe, expect, test } from '@jest/globals';
import { placeLabels } from './handle-labels';

const label = (x: number, y: number) => ({ at: [x, y] as const, widthMm: 20, heightMm: 4 });

describe('names beside handles', () => {
  test('one that has room stays where it would like to be', () =>
    expect(placeLabels([label(10, 10), label(10, 30)], 100, 2)).toEqual([
      [10, 10],
      [10, 30],
    ]));
  test('one whose place is taken goes up or down, the nearest way', () => {
    expect(placeLabels([label(10, 10), label(12, 11)], 100, 2)[1]).toEqual([12, 15]);
    expect(placeLabels([label(10, 10), label(12, 11), label(14, 10)], 100, 2)[2]).toEqual([14, 6]);
  });
  test('at the edge it stands before its handle', () =>
    expect(placeLabels([label(95, 10)], 100, 2)).toEqual([[71, 10]]));
  test('it leaves what stands there alone', () =>
    expect(placeLabels([label(10, 10)], 100, 2, [label(12, 10)])).toEqual([[10, 14]]));
  test('no two meet, however many stand in one place', () => {
    const laid = placeLabels(
      Array.from({ length: 6 }, () => label(10, 10)),
      100,
      2,
    );
    expect(new Set(laid.map(([, y]) => y)).size).toBe(6);
  });
});
