import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { catalogueFor } from '../../rig/parts/catalogue';
import { ABSURDITIES, absurditiesOf } from '../../testing/fixtures/absurd';
import { anyWater } from '../../testing/fixtures/boxes';
import { runs } from '../../testing/runs';
import { advise } from './advise';

/** Waters of a fixed seed, and the picks an angler looks at first. */
const WATERS = fc.sample(anyWater, { seed: 31, numRuns: runs(150) });
const SHOWN = 2;

describe('nobody laughs', () => {
  test('at least sixty things are laughable, each for a reason of its own', () => {
    const reasons = new Set(ABSURDITIES.map(({ because }) => because));
    expect(reasons.size).toBe(ABSURDITIES.length);
    expect(reasons.size).toBeGreaterThanOrEqual(60);
  });

  test('no first or second pick of every kind there is', () => {
    const laughed = WATERS.flatMap((water, at) =>
      advise(water, catalogueFor({ lead: true }), SHOWN, { asks: 'own-school' }).picks.flatMap(({ rig, handled }) =>
        absurditiesOf(rig, handled.plan, water).map((because) => `water ${at}: ${because}`),
      ),
    );
    expect(laughed).toEqual([]);
  });
});
