import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anyWater } from '../../testing/fixtures/boxes';
import { FAMILIES } from '../../water/schema';
import { isMistake } from './mistakes';
import type { Target } from './rule';
import { compileWater } from './wants';

/** What a rule praises wholly: on every axis that the blamed one names it asks for nothing but what is blamed. */
const praisesOnlyWhatIsBlamed = (praised: Target, blamed: Target): boolean =>
  Object.entries(blamed).every(([axis, values]) => {
    const asked = praised[axis as keyof Target] as readonly unknown[] | undefined;
    return asked !== undefined && asked.every((value) => (values as readonly unknown[]).includes(value));
  });

test('no rule praises what a check would blame on the same water', () => {
  const torn = new Set<string>();
  let compared = 0;
  for (const water of fc.sample(anyWater, { numRuns: 500, seed: 9 })) {
    for (const family of FAMILIES) {
      const { prefers } = compileWater(water, family);
      const blamed = prefers.filter(({ id, weight }) => isMistake(id) && weight < 0);
      // nearer to its limit than half a rule has no words yet
      const praised = prefers.filter(({ weight, holds }) => weight > 0 && holds);
      for (const bad of blamed) {
        for (const good of praised) {
          compared++;
          if (praisesOnlyWhatIsBlamed(good.target, bad.target)) torn.add(`${good.id} praises what ${bad.id} blames`);
        }
      }
    }
  }
  expect(compared).toBeGreaterThan(20_000);
  expect([...torn]).toEqual([]);
});
