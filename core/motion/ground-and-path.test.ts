import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { groundOf } from './ground';
import { depthAtX, PathLog, secondsBetween, type PathPoint } from './path';

describe('the bottom under a cast', () => {
  const bank = groundOf(
    [
      [2, 0.5],
      [10, 2.5],
      [25, 3],
    ],
    9,
  );
  test('straight between its points, level beyond its ends', () => {
    expect([0, 2, 6, 10, 17.5, 25, 60].map((xM) => bank.depthAt(xM))).toEqual([0.5, 0.5, 1.5, 2.5, 2.75, 3, 3]);
  });
  test('points count before the depth of a water; without either there is no bottom', () => {
    expect(groundOf(undefined, 4).depthAt(12)).toBe(4);
    expect(groundOf([], 4).depthAt(12)).toBe(4);
    expect(groundOf(undefined, null).depthAt(12)).toBe(Infinity);
  });
  test('the least depth on a way sees a hump between its ends', () => {
    const hump = groundOf(
      [
        [0, 3],
        [8, 3],
        [9, 1],
        [10, 3],
        [25, 3],
      ],
      null,
    );
    expect(hump.shallowestM(6, 12)).toBe(1);
    expect(hump.shallowestM(12, 6)).toBe(1);
    expect(hump.shallowestM(11, 20)).toBe(3);
    expect(hump.shallowestM(8.5, 8.75)).toBeCloseTo(1.5, 9);
  });
  test('so much line from a tip comes to the bottom at one angle, and on a wall higher up', () => {
    const level = groundOf(undefined, 3);
    expect(level.liesAtRad(10, 1, 1.5)).toBeCloseTo(Math.asin(0.4), 12);
    const bankRad = bank.liesAtRad(12, 1, 1.2);
    const [xM, zM] = [12 * Math.cos(bankRad), 12 * Math.sin(bankRad) - 1];
    expect(zM).toBeCloseTo(bank.depthAt(xM), 9);
    // more line than leads to any bottom in front of the rod: none bars it
    expect(bank.liesAtRad(0.5, 1, 1.2)).toBe(0);
  });
});

describe('a path', () => {
  const path: PathPoint[] = [
    [0, 20, 0],
    [2, 20, 1],
    [4, 16, 2],
    [8, 8, 2],
    [12, 2, 0],
  ];
  test('depth where it first comes to a distance', () => {
    expect(depthAtX(path, 18)).toBeCloseTo(1.5, 9);
    expect(depthAtX(path, 8)).toBeCloseTo(2, 9);
    expect(depthAtX(path, 1)).toBeNull();
    expect(depthAtX(path, 20)).toBe(1);
  });
  test('seconds between two depths, split within a step', () => {
    expect(secondsBetween(path, 0, 1)).toBeCloseTo(2 + 2, 9);
    expect(secondsBetween(path, 1, 2)).toBeCloseTo(2 + 4 + 2, 9);
    expect(secondsBetween(path, 2.5, 3)).toBe(0);
  });
  test('however a depth is cut into bands, the seconds add up', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 1.98, noNaN: true }), (cutM) => {
        const whole = secondsBetween(path, 0, 2);
        // the level stretch at 2 m belongs to the lower band alone
        expect(secondsBetween(path, 0, cutM) + secondsBetween(path, cutM, 2)).toBeCloseTo(whole, 9);
      }),
    );
  });
  test('a touch is counted once, and again after it has left; each cover top by itself', () => {
    const log = new PathLog(groundOf(undefined, 2, [1, 1.5]));
    const depths = [0, 1.2, 1.6, 2, 2, 1.4, 0.5, 1.1, 2, 1.9];
    depths.forEach((zM, at) => log.note({ timeS: at, xM: 20 - at, zM }));
    expect(log.bottomContacts).toBe(2);
    expect(log.coverContacts).toBe(4);
    expect(log.path).toHaveLength(depths.length);
  });
});
