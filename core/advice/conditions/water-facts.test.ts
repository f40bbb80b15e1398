import { describe, expect, test } from '@jest/globals';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { waterFacts } from './water-facts';

const facts = (part: Partial<Water>) => waterFacts({ ...DEFAULT_WATER, ...part });
const JUST = 1e-9;

describe('what a water is, from both sides of its limits', () => {
  test('muddied below six tenths of what this place usually shows, or when it is said to rise muddy', () => {
    expect(facts({ usualVisibilityM: 1, visibilityM: 0.6 }).muddied).toBe(false);
    expect(facts({ usualVisibilityM: 1, visibilityM: 0.6 - JUST }).muddied).toBe(true);
    expect(facts({ usualVisibilityM: 1, visibilityM: 1, trend: 'rising-muddy' }).muddied).toBe(true);
  });
  test('the bottom starts at three quarters of the depth, the upper water ends at four tenths', () => {
    const banded = (toM: number) => facts({ depthM: 4, band: { fromM: 0, toM } });
    const from = (fromM: number) => facts({ depthM: 4, band: { fromM, toM: 4 } });
    // what begins higher is swum through, however deep it reaches
    expect([from(3).bottom, from(3 - JUST).bottom, banded(4).bottom]).toEqual([true, false, false]);
    expect([banded(1.6).high, banded(1.6 + JUST).high]).toEqual([true, false]);
    expect([facts({}).bottom, facts({}).high]).toEqual([true, false]);
  });
  test('junk is two kinds of thick cover that take hold; a dock takes none', () => {
    const thick = (...kinds: readonly Water['cover'][number]['kind'][]) =>
      facts({ cover: kinds.map((kind) => ({ kind, density: 'thick' as const })) }).junk;
    expect([thick('brush', 'reeds'), thick('brush', 'dock'), thick('brush')]).toEqual([true, false, false]);
    expect(
      facts({
        cover: [
          { kind: 'brush', density: 'thick' },
          { kind: 'reeds', density: 'medium' },
        ],
      }).junk,
    ).toBe(false);
  });
  test('above weed is a band that ends at its top or higher', () => {
    const over = (toM: number) =>
      facts({ band: { fromM: 0, toM }, cover: [{ kind: 'grass-submerged', density: 'medium', topM: 0.6 }] }).overWeed;
    expect([over(0.6), over(0.6 + JUST)]).toEqual([true, false]);
  });
});
