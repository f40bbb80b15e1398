import { describe, expect, test } from '@jest/globals';
import { cableDepthM, weightlessCableDepthM } from './cable';
import { compared, sphereCdCgw } from './compared';

describe('against what does not come from us', () => {
  const rows = compared();
  test.each(rows)('$of: $ours for $theirs $unit', ({ ours, theirs, within }) => {
    expect(Math.abs(ours / theirs - 1)).toBeLessThanOrEqual(within);
  });
  test('from the splash 27 of 30 casts are within a tenth of the line of masses, and none of the others further than a sixth', () => {
    const splashed = rows.filter(({ of, source }) => of.includes('from the splash') && source.includes('integrated'));
    expect(splashed.length).toBe(30);
    expect(splashed.filter(({ ours, theirs }) => Math.abs(ours / theirs - 1) <= 0.1).length).toBeGreaterThanOrEqual(27);
  });
  test('each says where the other number comes from', () => {
    for (const { source } of rows) expect(source.length).toBeGreaterThan(5);
    expect(rows.length).toBeGreaterThan(20);
  });
  test('the published fits of the sphere meet where they change', () => {
    for (const re of [260, 1500, 12_000, 44_000]) {
      expect(sphereCdCgw(re * 0.9999) / sphereCdCgw(re * 1.0001)).toBeCloseTo(1, 1);
    }
  });
  test('the steps of a towed cable without weight come to its closed form', () => {
    const cable = { pullN: 0.12, angleRad: 1, dragNpM: 0.03, weightNpM: 0 };
    expect(cableDepthM(cable, 20, 0) / weightlessCableDepthM(cable, 20)).toBeCloseTo(1, 3);
  });
});
