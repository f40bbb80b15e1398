import { describe, expect, test } from '@jest/globals';
import { catalogueBox } from '../../rig/parts/catalogue';
import type { Rig } from '../../rig/parts/schema';
import { tempCFromF } from '../../units/units';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { advise, type Pick } from '../recommend/advise';
import { compileWater } from '../rules/wants';

/** Other families, and swim jigs, ranked on what they do in the water: sayings that follow from physics alone. */
const BOX = catalogueBox();
const picks = (part: Partial<Water>, count = 6): readonly Pick[] =>
  advise({ ...DEFAULT_WATER, ...part }, BOX, count, { asks: 'own-school' }).picks;
const OVER_GRASS: Partial<Water> = {
  depthM: 2.4,
  cover: [{ kind: 'grass-submerged', density: 'medium', topM: 0.8 }],
};
const OPEN: Partial<Water> = { depthM: 4, cover: [], bottom: 'sand' };
const shapes = ({ blades }: Rig): string[] => (blades ?? []).map(({ shape }) => shape);

describe('spinnerbaits', () => {
  test('over weed the first ones run above its tops', () => {
    for (const { has } of picks({ ...OVER_GRASS, families: ['spinner'] }, 4)) expect(has.run).toBeLessThanOrEqual(0.85);
  });
  test('no blade is tied whose stall lies above the pace: ice-cold water takes no lone willow pair', () => {
    const cold = picks(
      { ...OPEN, temperatureC: tempCFromF(42), band: { fromM: 1, toM: 2.5 }, families: ['spinner'] },
      4,
    );
    for (const { rig } of cold) expect(shapes(rig).filter((shape) => shape === 'willow')).toHaveLength(0);
  });
  test('deep and fast lets the willows in before two Colorados', () => {
    const found = advise(
      {
        ...DEFAULT_WATER,
        ...OPEN,
        temperatureC: 27,
        mood: 'active',
        band: { fromM: 2, toM: 2.9 },
        families: ['spinner'],
      },
      BOX,
      40,
    ).picks;
    const rank = (both: string): number => found.find(({ rig }) => shapes(rig).join() === both)?.rank ?? Infinity;
    expect(rank('willow,willow')).toBeLessThan(rank('colorado,colorado'));
  });
  test('stained water asks for more push than clear, and gets it', () => {
    const push = (visibilityM: number): number =>
      picks({ ...OPEN, visibilityM, sky: 'bright', band: { fromM: 0.5, toM: 1.5 }, families: ['spinner'] }, 1)[0]!.has
        .push;
    expect(push(0.2)).toBeGreaterThanOrEqual(push(3));
  });
});

describe('vibrating jigs', () => {
  test('are tied with a plate, at a depth that is wanted', () => {
    const [first] = picks({ ...OPEN, band: { fromM: 0.5, toM: 1.5 }, families: ['vibrating'] }, 1);
    expect(first!.rig.blade).toBeDefined();
    expect(first!.has.run).toBeGreaterThan(0.4);
    expect(first!.has.run).toBeLessThan(1.7);
  });
});

describe('swim jigs', () => {
  const swum = (part: Partial<Water>) => picks({ ...OPEN, ...part }, 6);
  test('high up they run higher than in midwater', () => {
    const mean = (fromM: number, toM: number): number => {
      const found = swum({ band: { fromM, toM } });
      return found.reduce((sum, { has }) => sum + has.run, 0) / found.length;
    };
    expect(mean(0, 0.5)).toBeLessThan(mean(1.2, 2.4));
  });
  test('no pick in the cold has a tail that is dead at the pace of the day', () => {
    for (const { has } of swum({ temperatureC: tempCFromF(46), band: { fromM: 0.8, toM: 1.8 } })) {
      expect(has.kick).toBeGreaterThan(0.9);
    }
  });
  test('on the bottom nothing of this is asked', () => {
    expect(compileWater({ ...DEFAULT_WATER, ...OPEN }).wants.some(({ id }) => id === 'run')).toBe(false);
    expect(compileWater({ ...DEFAULT_WATER, ...OPEN }).facts.reel).toBeNull();
  });
  test('faster where they chase, slower where they are cold', () => {
    const pace = (part: Partial<Water>): number =>
      compileWater({ ...DEFAULT_WATER, ...OPEN, band: { fromM: 0.5, toM: 1.5 }, ...part }).facts.reel!.paceMps;
    expect(pace({ mood: 'active' })).toBeGreaterThan(pace({}));
    expect(pace({ temperatureC: 6 })).toBeLessThan(pace({ temperatureC: 20 }));
  });
});
