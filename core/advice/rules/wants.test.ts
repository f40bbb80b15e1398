import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { AIMS, DEFAULT_WATER, MOODS, PRESSURES, SEASONS, SKIES, WINDS, type Water } from '../../water/schema';
import { PUSH_BANDS, PUSH_SHIFTS } from './motion';
import { WANT_TOPICS } from './want-topics';
import { compileWater } from './wants';

const anyWater: fc.Arbitrary<Water> = fc
  .record({
    temperatureC: fc.double({ min: 1, max: 32, noNaN: true }),
    visibilityM: fc.double({ min: 0.02, max: 5, noNaN: true }),
    depthM: fc.double({ min: 0.3, max: 9, noNaN: true }),
    sky: fc.constantFrom(...SKIES),
    wind: fc.constantFrom(...WINDS),
    mood: fc.constantFrom(...MOODS),
    aim: fc.constantFrom(...AIMS),
    season: fc.constantFrom(...SEASONS),
    pressure: fc.constantFrom(...PRESSURES),
  })
  .map((part) => ({ ...DEFAULT_WATER, ...part }));

test('no band leaves its scale, and none is turned round, however many shifts speak', () => {
  fc.assert(
    fc.property(anyWater, (water) => {
      for (const { id, from, to } of compileWater(water, 'skirted').wants) {
        expect(to).toBeGreaterThan(from);
        if (id === 'push') expect([from >= 0, to <= 100]).toEqual([true, true]);
        // an index is told in whole points, but for what the end of its scale leaves
        if (id === 'push' && from > 0 && to < 100) expect([from % 1, to % 1]).toEqual([0, 0]);
        if (id === 'show' || id === 'snag') expect([from >= 0, to <= 1]).toEqual([true, true]);
      }
    }),
    { numRuns: 300 },
  );
});

test('shifts together never take a band further than the craft goes', () => {
  const waters = fc.sample(anyWater, { numRuns: 1500, seed: 8 });
  const reached = new Set<string>();
  for (const { want, bands, bounds } of WANT_TOPICS) {
    if (!bounds?.times) continue;
    for (const water of waters) {
      const { wants } = compileWater(water, 'skirted');
      const asked = wants.find(({ id }) => id === want);
      if (!asked) continue;
      // whatever band it began with, an end is no further off than the furthest of their ends by the most
      const ends = (end: 'from' | 'to'): number[] =>
        bands.flatMap((band) => (typeof band[end] === 'number' ? [band[end]] : []));
      if (ends('from').length < bands.length) continue;
      expect(asked.from).toBeGreaterThanOrEqual(Math.min(...ends('from')) * bounds.times[0] * (1 - 1e-9));
      expect(asked.to).toBeLessThanOrEqual(Math.max(...ends('to')) * bounds.times[1] * (1 + 1e-9));
      const band = bands.find(({ id }) => id === asked.rules[0]);
      const [from, to] = [asked.from / Number(band?.from), asked.to / Number(band?.to)];
      const isAtBound = bounds.times.some((most) => Math.abs(from / most - 1) < 1e-9 && Math.abs(to / most - 1) < 1e-9);
      if (isAtBound) reached.add(want);
    }
  }
  expect([...reached]).toContain('weight');
});

test('a band pushed beyond the end of its scale keeps half of its width there', () => {
  const murk: Partial<Water> = { visibilityM: 0.05, sky: 'dark', wind: 'chop', mood: 'active', temperatureC: 25 };
  const push = compileWater({ ...DEFAULT_WATER, ...murk }, 'skirted').wants.find(({ id }) => id === 'push')!;
  const band = PUSH_BANDS.find(({ id }) => id === push.rules[0])!;
  const moved = PUSH_SHIFTS.filter(({ id }) => push.rules.includes(id)).reduce((sum, shift) => sum + shift.plus, 0);
  const [from, to] = [Number(band.from) + moved, Number(band.to) + moved];
  expect([push.from, push.to]).toEqual([Math.min(from, 100 - (to - from) / 2), Math.min(to, 100)]);
});
