import { describe, expect, test } from '@jest/globals';
import { demoSeasons, demoTruth } from '../../demo/seasons';
import { jig } from '../testing/fixtures/rigs';
import { analysisOf, comparedIn } from './analysis';
import { outingOf } from './kept-outing';
import type { Outing } from './schema';
import { spellsOf } from './spells';
import { byHour, byMonth } from './when';

const OUTINGS = demoSeasons().map(outingOf);
const sum = <T>(of: readonly T[], get: (one: T) => number): number => of.reduce((total, one) => total + get(one), 0);

describe('a log analysed', () => {
  const analysis = analysisOf(OUTINGS);
  test('every way to tell apart holds the same hours, bites and fish', () => {
    const { hours, bites, landed } = analysis.sums;
    expect(bites).toBeGreaterThan(200);
    for (const groups of Object.values(analysis.groups)) {
      expect(sum(groups, (group) => group.hours)).toBeCloseTo(hours, 6);
      expect(sum(groups, (group) => group.bites)).toBe(bites);
      expect(sum(groups, (group) => group.landed)).toBe(landed);
      for (const { band, bitesPerHour } of groups)
        expect(bitesPerHour >= band[0] && bitesPerHour <= band[1]).toBe(true);
    }
  });
  test('so do the months and the hours of the day; waters stand in the order of sight and warmth', () => {
    const { hours, bites } = analysis.sums;
    for (const stretches of [analysis.months, analysis.hours]) {
      expect(sum(stretches, (one) => one.hours)).toBeCloseTo(hours, 6);
      expect(sum(stretches, (one) => one.bites)).toBe(bites);
    }
    expect(analysis.months.map(({ at }) => at)).toEqual([...analysis.months.map(({ at }) => at)].sort());
    expect(analysis.waters.map(({ clarity }) => clarity).indexOf('clear')).toBeGreaterThan(
      analysis.waters.map(({ clarity }) => clarity).lastIndexOf('stained'),
    );
  });
  test('two groups are compared where both are there', () => {
    const spells = OUTINGS.flatMap(spellsOf);
    expect(comparedIn(spells, 'trailer', 'chunk', 'flapper-craw')?.likeHours.one).toBeGreaterThan(0);
    expect(comparedIn(spells, 'trailer', 'chunk', 'nothing')).toBeNull();
  });
  test('most of what is true of the made-up rigs lies where the log says', () => {
    const truth = demoTruth();
    expect(truth.length).toBeGreaterThan(5);
    const held = truth.filter(({ trueRate, band }) => trueRate >= band[0] && trueRate <= band[1]).length;
    expect(held / truth.length).toBeGreaterThan(0.6);
  });
});

describe('hours of the day', () => {
  const tied = (from: string, to: string, more: Outing['events'] = []): Outing => ({
    id: from,
    place: '',
    from,
    to,
    events: [{ at: from, what: 'tie-on', rod: 0, rig: jig() }, ...more],
  });
  test('are those of the clock it was noted by, through midnight', () => {
    const night = tied('2026-06-20T23:30:00+02:00', '2026-06-21T01:15:00+02:00', [
      { at: '2026-06-21T00:10:00+02:00', what: 'landed', rod: 0 },
    ]);
    expect(byHour([night]).map(({ at, hours, bites }) => [at, hours, bites])).toEqual([
      ['00', 1, 1],
      ['01', 0.25, 0],
      ['23', 0.5, 0],
    ]);
    expect(byMonth([night]).map(({ at, hours }) => [at, hours])).toEqual([['2026-06', 1.75]]);
  });
  test('by clocks with half hours too; time without a rod in use does not count', () => {
    const half = tied('2026-06-20T06:15:00-03:30', '2026-06-20T08:00:00-03:30', [
      { at: '2026-06-20T07:15:00-03:30', what: 'put-down' },
    ]);
    expect(byHour([half]).map(({ at, hours }) => [at, hours])).toEqual([
      ['06', 0.75],
      ['07', 0.25],
    ]);
  });
});
