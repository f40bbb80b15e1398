import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anyWater } from '../../testing/fixtures/boxes';
import { anyFamilyRig } from '../../testing/fixtures/rigs';
import { judgedWhole } from '../ready/make-ready';
import { compileWater } from '../rules/wants';
import read from './pairs-read.json';

/**
 * Two lines that come together must not deny each other. Every pair that can was read; a new one fails here: read it, and where both may stand
 * side by side add it to the list, else exclude one of the two.
 */
test('every pair of handling lines that comes together was read', () => {
  const known = new Set(read);
  const fresh = new Set<string>();
  const waters = fc.sample(anyWater, { numRuns: 700, seed: 21 });
  const rigs = fc.sample(anyFamilyRig, { numRuns: 700, seed: 22 });
  let met = 0;
  for (const [at, water] of waters.entries()) {
    const { steps } = judgedWhole(compileWater(water, rigs[at]!.family), rigs[at]!).handled;
    for (const a of steps) {
      for (const b of steps) {
        if (a.rule >= b.rule) continue;
        met++;
        if (!known.has(`${a.rule} + ${b.rule}`)) fresh.add(`${a.rule} + ${b.rule}`);
      }
    }
  }
  expect(met).toBeGreaterThan(4000);
  expect([...fresh]).toEqual([]);
});

test.each([
  ['burn-the-blades-bulging', 'rod-low-along-the-line'],
  ['burn-the-blades-bulging', 'line-blades-thin-to-stay-down'],
  ['burn-the-blades-bulging', 'big-thump-cannot-go-fast'],
  ['over-their-heads', 'roll-the-blades-along-the-bottom'],
  ['over-their-heads', 'rod-low-along-the-line'],
  ['over-their-heads', 'drag-the-wide-head'],
  ['fan-out-then-move', 'same-stick-many-times'],
  ['shake-it-all-the-way', 'steady-since-the-tail-fits'],
  ['guard-in-two-wings', 'guard-fan-before-thinning'],
])('%s and %s never stand together', (a, b) => {
  expect(read).not.toContain([a, b].sort().join(' + '));
});
