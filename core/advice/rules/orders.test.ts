import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anyWater } from '../../testing/fixtures/boxes';
import type { Family, Water } from '../../water/schema';
import type { Target } from './rule';
import { compileWater } from './wants';

/** Parts that come in an order of loudness: a water wants a place on it, and what lies further from that place is never worth more. */
const ORDERS = [
  { family: 'vibrating', axis: 'plate', order: ['subtle', 'compact', 'standard', 'oversize'] },
  { family: 'spinner', axis: 'blades', order: ['double-willow', 'tandem', 'double-indiana', 'double-colorado'] },
] as const satisfies readonly { family: Family; axis: keyof Target; order: readonly string[] }[];

type Order = (typeof ORDERS)[number];

/** What rules that ask for nothing but this part give each place of an order. */
function pointsAlong({ family, axis, order }: Order, water: Water): number[] {
  const rules = compileWater(water, family).prefers.filter(({ target }) =>
    Object.keys(target).every((name) => name === 'family' || name === axis),
  );
  return order.map((part) =>
    rules.reduce((sum, { target, weight }) => {
      const asked: readonly string[] | undefined = target[axis];
      return asked?.includes(part) ? sum + weight : sum;
    }, 0),
  );
}
/** Inside a ramp both neighbours count: a dip between them is no deeper than this, points. */
const IN_A_RAMP = 0.45;
const NEXT_TO_NOTHING = 0.4;
/** Nothing further from the peak is worth more than what lies between, unless that is next to nothing. */
const isOnePeak = (points: readonly number[]): boolean => {
  const peak = points.indexOf(Math.max(...points));
  return points.every((far, at) => {
    const near = points[at < peak ? at + 1 : at - 1];
    return at === peak || far <= Math.max(NEXT_TO_NOTHING, near! + IN_A_RAMP);
  });
};

describe.each(ORDERS)('$axis', (order) => {
  test('one place on the order is wanted, and it falls away on both sides', () => {
    for (const water of fc.sample(anyWater, { numRuns: 400, seed: 11 })) {
      const points = pointsAlong(order, water);
      expect([isOnePeak(points), points]).toEqual([true, points]);
    }
  });
  test('every place is wanted somewhere, and the far end is out where the other is wanted most', () => {
    const waters = fc.sample(anyWater, { numRuns: 400, seed: 12 });
    const peaks = new Set<string>();
    for (const water of waters) {
      const points = pointsAlong(order, water);
      const [first, last] = [points[0]!, points.at(-1)!];
      peaks.add(order.order[points.indexOf(Math.max(...points))]!);
      if (Math.max(...points) >= 1 && first === Math.max(...points)) expect(last).toBeLessThanOrEqual(IN_A_RAMP);
      if (Math.max(...points) >= 1 && last === Math.max(...points)) expect(first).toBeLessThanOrEqual(IN_A_RAMP);
    }
    expect([...peaks].sort()).toEqual([...order.order].sort());
  });
});
