import { describe, expect, test } from '@jest/globals';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { CONTRADICTION_TEXT } from '../locale/en/contradictions';
import { lengthMFromFt, lengthMFromIn, tempCFromF } from '../units/units';
import { contradictions, CONTRADICTIONS, type ContradictionId } from './contradictions';
import { DEFAULT_WATER, type Water } from './schema';

const f = tempCFromF;
const ft = lengthMFromFt;
const cover = (kind: Water['cover'][number]['kind'], topM?: number): Partial<Water> => ({
  cover: [{ kind, density: 'medium', ...(topM === undefined ? {} : { topM }) }],
});

/** A water that contradicts itself in one way, and the nearest that does not. */
const CASES: Readonly<Record<ContradictionId, readonly [odd: Partial<Water>, fine: Partial<Water>]>> = {
  'mat-in-mud': [
    { ...cover('grass-matted'), visibilityM: lengthMFromIn(1) },
    { ...cover('grass-matted'), visibilityM: lengthMFromIn(1), usualVisibilityM: 0.5, trend: 'rising-muddy' },
  ],
  'weed-in-ice-water': [
    { ...cover('pads'), temperatureC: f(45) - 0.01 },
    { ...cover('pads'), temperatureC: f(45) },
  ],
  'pads-too-deep': [
    { ...cover('pads'), depthM: ft(8) + 0.01 },
    { ...cover('pads'), depthM: ft(8) },
  ],
  'reeds-too-deep': [
    { ...cover('reeds'), depthM: ft(6) + 0.01 },
    { ...cover('reeds'), depthM: ft(6) },
  ],
  'mat-below-the-top': [cover('grass-matted', 0.5), cover('grass-matted', 0.1)],
  'spawn-in-the-cold': [
    { season: 'spawn', temperatureC: 1 },
    { season: 'spawn', temperatureC: f(52) },
  ],
  'prespawn-in-the-heat': [
    { season: 'prespawn', temperatureC: f(75) },
    { season: 'prespawn', temperatureC: f(75) - 0.01 },
  ],
  'summer-in-the-cold': [
    { season: 'summer', temperatureC: f(55) - 0.01 },
    { season: 'summer', temperatureC: f(55) },
  ],
  'winter-in-the-heat': [
    { season: 'winter', temperatureC: f(65) },
    { season: 'winter', temperatureC: f(65) - 0.01 },
  ],
  'houseboat-aground': [
    { ...cover('houseboat'), depthM: ft(2) - 0.01 },
    { ...cover('houseboat'), depthM: ft(2) },
  ],
  'ledge-in-no-depth': [
    { ...cover('ledge'), depthM: ft(3) - 0.01 },
    { ...cover('ledge'), depthM: ft(3) },
  ],
  'deep-sight-in-rising-mud': [
    { trend: 'rising-muddy', visibilityM: ft(4) },
    { trend: 'rising-muddy', visibilityM: ft(4) - 0.01 },
  ],
  'clearing-but-murky': [
    { trend: 'clearing', visibilityM: 2, usualVisibilityM: 1 },
    { trend: 'clearing', visibilityM: 1.5, usualVisibilityM: 1 },
  ],
  'muddier-than-usual-but-steady': [
    { visibilityM: 0.3, usualVisibilityM: 1 },
    { visibilityM: 0.3, usualVisibilityM: 1, trend: 'rising-muddy' },
  ],
  'active-in-ice-water': [
    { mood: 'active', temperatureC: f(40) - 0.01 },
    { mood: 'active', temperatureC: f(40) },
  ],
  'open-and-covered': [
    {
      cover: [
        { kind: 'open', density: 'sparse' },
        { kind: 'brush', density: 'medium' },
      ],
    },
    cover('open'),
  ],
  'cover-twice': [
    {
      cover: [
        { kind: 'brush', density: 'sparse' },
        { kind: 'brush', density: 'thick' },
      ],
    },
    cover('brush'),
  ],
  'band-out-of-cover': [
    { ...cover('brush', 3), depthM: 4, band: { fromM: 0, toM: 1 } },
    { ...cover('brush', 2), depthM: 4, band: { fromM: 0, toM: 1 } },
  ],
};

describe('contradictions in a water', () => {
  test.each(CONTRADICTIONS)('%s', (id) => {
    const [odd, fine] = CASES[id];
    expect(contradictions({ ...DEFAULT_WATER, ...odd })).toContain(id);
    expect(contradictions({ ...DEFAULT_WATER, ...fine })).not.toContain(id);
    expect(CONTRADICTION_TEXT[id].length).toBeGreaterThan(40);
  });
  test('ordinary waters have none', () => {
    expect(contradictions(DEFAULT_WATER)).toEqual([]);
    expect(contradictions(NORTH_ARM)).toEqual([]);
  });
});
