import { describe, expect, test } from '@jest/globals';
import { waterFacts } from '../advice/conditions/water-facts';
import { contradictions } from './contradictions';
import { parseWater, type Water } from './schema';
import { stillAssumed, unsaidWater, unsay, withSaid } from './said';
import { assumedSeason } from './season';

const [MARCH, DECEMBER] = [2, 11] as const;
const seasonAfter = (water: Water, temperatureC: number, month: number) =>
  withSaid(water, { temperatureC }, month).season;

describe('what nobody has said of a water', () => {
  test('is a water that may be kept, and names what it takes for granted', () => {
    const water = unsaidWater(DECEMBER);
    expect(parseWater(water)).toEqual({ ok: true, value: water });
    expect(water).toMatchObject({ season: 'autumn', forage: [], assumed: { season: true, mood: true, bottom: true } });
  });
  test('counts as said once it is set, be it to the same', () => {
    const water = unsaidWater(DECEMBER);
    expect(withSaid(water, { mood: water.mood }, DECEMBER)).toMatchObject({ assumed: { season: true, bottom: true } });
    const said = withSaid(water, { mood: 'active', season: 'winter', bottom: 'mud' }, DECEMBER);
    expect(said.assumed).toBeUndefined();
    expect(withSaid({ ...water, ...said } as Water, { temperatureC: 25 }, DECEMBER).season).toBe('winter');
  });
  test('a season nobody said follows the water up and down; an answer that says what is assumed is taken as it is', () => {
    const water = unsaidWater(MARCH);
    expect([4, 12, 17, 21, 24].map((at) => seasonAfter(water, at, MARCH))).toEqual([
      'winter',
      'prespawn',
      'spawn',
      'postspawn',
      'summer',
    ]);
    expect([4, 12, 17, 21, 24].map((at) => seasonAfter(water, at, DECEMBER))).toEqual([
      'winter',
      'autumn',
      'autumn',
      'autumn',
      'summer',
    ]);
    expect(withSaid(water, { temperatureC: 4, assumed: water.assumed }, MARCH).season).toBe(water.season);
  });
  test('is taken back to what is usual', () => {
    const { assumed: _, ...base } = unsaidWater(MARCH);
    const said: Water = { ...base, season: 'summer', mood: 'inactive', bottom: 'mud' };
    expect(unsay(said, 'season', MARCH)).toEqual({ season: 'spawn', assumed: { season: true } });
    expect(unsay(said, 'mood', MARCH)).toEqual({ mood: 'neutral', assumed: { mood: true } });
    expect(unsay({ ...said, assumed: { mood: true } }, 'bottom', MARCH)).toEqual({
      bottom: 'gravel',
      assumed: { mood: true, bottom: true },
    });
    expect(stillAssumed(unsaidWater(MARCH), ['season', 'depthM'])).toEqual({ mood: true, bottom: true });
  });
  test('no season taken for granted contradicts its own water', () => {
    for (let month = 0; month < 12; month++) {
      for (let temperatureC = 0; temperatureC <= 34; temperatureC += 0.5) {
        const water = { ...unsaidWater(month), temperatureC, season: assumedSeason(temperatureC, month) };
        expect(contradictions(water).filter((id) => /spawn|summer|winter/.test(id))).toEqual([]);
      }
    }
  });
  test('a bottom nobody looked at is no stone', () => {
    const open = { ...unsaidWater(MARCH), cover: [], bottom: 'rock' as const };
    expect(waterFacts(open).stone).toBe(false);
    expect(waterFacts({ ...open, assumed: { season: true } }).stone).toBe(true);
  });
  test('only true marks it, and only what may be taken for granted', () => {
    const water = unsaidWater(MARCH);
    expect(parseWater({ ...water, assumed: { season: false } }).ok).toBe(false);
    expect(parseWater({ ...water, assumed: { depthM: true } }).ok).toBe(false);
  });
});
