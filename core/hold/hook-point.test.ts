import { describe, expect, test } from '@jest/globals';
import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { HOOKS, WIRE_DIAMETER_MM } from '../tackle/hooks';
import { jig } from '../testing/fixtures/rigs';
import { hookPoint, rollUp } from './hook-point';

/** Plastic that stands in the gap of a rig's hook, mm: what gap and wire leave of it. */
function plasticMm(rig: Rig, slid = 0): number {
  const { size, wire } = rig.head.hook;
  return HOOKS[size].gapMm - WIRE_DIAMETER_MM[wire] - hookPoint(rig, rigBody(rig), slid).freeGapMm;
}

describe('plastic in the gap of a hook', () => {
  test('a slit belly folds away to six tenths', () => {
    const whole = jig({ trailer: 'flat-bug', more: { orientation: 'edge' } });
    const slit = jig({ trailer: 'flat-bug', more: { orientation: 'edge', slit: true } });
    expect(plasticMm(slit) / plasticMm(whole)).toBeCloseTo(0.6, 9);
  });
  test('slid off its keeper by six millimetres it bunches over the rear half of the way to the bend', () => {
    const rig = jig({ trailer: 'stick-worm' });
    const overMm = 0.5 * hookPoint(rig, rigBody(rig)).exitMm!;
    expect(overMm).toBeGreaterThan(12);
    expect(plasticMm(rig, 1) / plasticMm(rig)).toBeCloseTo(Math.sqrt(overMm / (overMm - 6)), 9);
    expect(plasticMm(rig, 0.5) / plasticMm(rig)).toBeCloseTo(Math.sqrt(overMm / (overMm - 3)), 9);
  });
});

test('cams are as much arm as two millimetres, which four newtons of guard use up', () => {
  const rig = jig({ style: 'football' });
  const cammed: Rig = { ...rig, head: { ...rig.head, cams: true } };
  /** Push of a guard from which on the rig stays flat, N. */
  const flatFromN = (one: Rig): number => {
    const body = rigBody(one);
    let [turns, lies] = [0, 200];
    expect([rollUp(one, body, turns), rollUp(one, body, lies)]).toEqual(['turns-up', 'lies-flat']);
    while (lies - turns > 1e-6) {
      const middle = (turns + lies) / 2;
      if (rollUp(one, body, middle) === 'turns-up') turns = middle;
      else lies = middle;
    }
    return turns;
  };
  expect(flatFromN(cammed) - flatFromN(rig)).toBeCloseTo(2 / 0.5, 4);
});
