import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { winnersOf } from '../map/winner';
import { jig } from '../testing/fixtures/rigs';
import { unsaidWater } from '../water/said';
import { DEFAULT_WATER, waterSchema } from '../water/schema';
import { CLIMATES, MONTHS, monthWater, numbered, seasonOf, startingYear, turningPoints, yearSchema } from './year';

const winner = (rig: ReturnType<typeof jig>) => ({ rig, score: 0.8, key: '' });

describe('a year at one place', () => {
  test.each(CLIMATES)(
    '%s: a year to begin with is one that is kept, coldest in winter, warmest in summer',
    (climate) => {
      const year = startingYear(climate, 0.9);
      expect(yearSchema.safeParse(year).success).toBe(true);
      expect(year.temperatureC.indexOf(Math.min(...year.temperatureC))).toBeLessThan(2);
      expect([6, 7]).toContain(year.temperatureC.indexOf(Math.max(...year.temperatureC)));
      expect(Math.max(...year.visibilityM)).toBeCloseTo(0.9, 2);
      for (let month = 0; month < MONTHS; month++) {
        expect(waterSchema.safeParse(monthWater(NORTH_ARM, year, month)).success).toBe(true);
      }
    },
  );
  test('seasons follow the water, up and down: winter, prespawn, spawn, postspawn, summer, autumn', () => {
    const year = startingYear('mild');
    const seasons = year.temperatureC.map((_, month) => seasonOf(year, month));
    expect(seasons[0]).toBe('winter');
    expect(seasons[3]).toBe('prespawn');
    expect(seasons[7]).toBe('summer');
    expect(seasons[9]).toBe('autumn');
    // the same warmth is another season in May than in October
    const even = { ...year, temperatureC: [5, 6, 9, 13, 17, 21, 24, 23, 20, 17, 11, 7] };
    expect([seasonOf(even, 4), seasonOf(even, 9)]).toEqual(['spawn', 'autumn']);
  });
  test('a month says its own season; what else nobody said stays unsaid', () => {
    const year = startingYear('mild');
    expect(monthWater(unsaidWater(3), year, 0)).toMatchObject({
      season: 'winter',
      assumed: { mood: true, bottom: true },
    });
    expect(monthWater(unsaidWater(3), year, 0).assumed).not.toHaveProperty('season');
    expect(monthWater(DEFAULT_WATER, year, 0)).not.toHaveProperty('assumed');
  });
  test('a curve with gaps, one too short, and water that cannot be are refused', () => {
    const year = startingYear('cool');
    for (const wrong of [
      { ...year, temperatureC: year.temperatureC.slice(1) },
      { ...year, temperatureC: year.temperatureC.with(4, NaN) },
      { ...year, visibilityM: year.visibilityM.with(2, -1) },
      { ...year, temperatureC: year.temperatureC.with(0, 99) },
      { temperatureC: year.temperatureC },
    ]) {
      expect(yearSchema.safeParse(wrong).success).toBe(false);
    }
  });
  test('the year turns where what is tied on changes, round the end of it too', () => {
    const [light, heavy] = [jig({ oz: 0.25 }), jig({ oz: 0.5, trailer: 'flapper-craw' })];
    const winners = [light, light, heavy, heavy, heavy, light].map(winner);
    expect(turningPoints(winners)).toEqual([
      { month: 2, changes: ['weight', 'trailer'] },
      { month: 5, changes: ['weight', 'trailer'] },
    ]);
    expect(turningPoints([light, heavy].map(winner)).map(({ month }) => month)).toEqual([0, 1]);
    expect(numbered(winners)).toEqual([1, 1, 2, 2, 2, 1]);
    expect(turningPoints([winner(light), null, winner(heavy)])).toEqual([{ month: 0, changes: ['weight', 'trailer'] }]);
  });
  test('the demo year ties lighter in winter than in summer', () => {
    const year = startingYear('mild', 0.5);
    const at = (month: number): number => winnersOf(DEMO_BOX)(monthWater(NORTH_ARM, year, month))!.rig.head.weightOz;
    expect(at(0)).toBeLessThan(at(7));
  });
});
