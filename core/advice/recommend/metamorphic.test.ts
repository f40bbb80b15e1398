import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { catalogueBox, plainHead } from '../../rig/parts/catalogue';
import { emptyBox, type Box, type TrailerPart } from '../../rig/parts/box';
import { SOFTNESSES } from '../../tackle/trailers';
import { anySmallBox, anyWater } from '../../testing/fixtures/boxes';
import { anyRig } from '../../testing/fixtures/rigs';
import { FAMILIES, MOODS, SCHOOL_QUESTIONS, type Family, type Water } from '../../water/schema';
import { judgeOn } from './judge';
import { UNSCALED } from './score-parts';
import type { WantId } from '../rules/rule';
import { compileWater } from '../rules/wants';
import { runs } from '../../testing/runs';
import { adviseUnscaled } from '../../testing/unscaled';

/** Truths about how answers change when a water or a box does, whatever they are. */
const middle = (water: Water, family: Family, want: WantId): number | null => {
  const found = compileWater(water, family).wants.find(({ id }) => id === want);
  return found ? (found.from + found.to) / 2 : null;
};
const anyFamily = fc.constantFrom(...FAMILIES);
/** A water without chosen schools: those would keep a question from following the water. */
const plain = anyWater.map(({ schools: _schools, ...water }): Water => water);

describe('what a water asks for', () => {
  test('murkier never asks for less push', () => {
    fc.assert(
      fc.property(plain, anyFamily, fc.double({ min: 0.1, max: 1, noNaN: true }), (water, family, share) => {
        const murkier = { ...water, visibilityM: share * water.visibilityM };
        expect(middle(murkier, family, 'push')!).toBeGreaterThanOrEqual(middle(water, family, 'push')! - 1e-9);
      }),
    );
  });
  test('less light never asks for less push, fished over never for more', () => {
    fc.assert(
      fc.property(plain, anyFamily, (water, family) => {
        const push = (part: Partial<Water>): number => middle({ ...water, ...part }, family, 'push')!;
        expect(push({ sky: 'dark' })).toBeGreaterThanOrEqual(push({ sky: 'bright' }) - 1e-9);
        expect(push({ pressure: 'high' })).toBeLessThanOrEqual(push({ pressure: 'low' }) + 1e-9);
      }),
    );
  });
  test('colder never asks for a quicker fall, a quicker pace or more motion', () => {
    fc.assert(
      fc.property(plain, anyFamily, fc.double({ min: 0, max: 12, noNaN: true }), (water, family, lessC) => {
        const colder = { ...water, temperatureC: Math.max(0, water.temperatureC - lessC) };
        for (const want of ['fall', 'hold', 'show'] as const) {
          const [now, then] = [middle(water, family, want), middle(colder, family, want)];
          if (now !== null && then !== null) expect([want, then <= now + 1e-9]).toEqual([want, true]);
        }
      }),
    );
  });
  test('the slower they are, the slower it falls and comes back', () => {
    fc.assert(
      fc.property(plain, anyFamily, (water, family) => {
        for (const want of ['fall', 'hold'] as const) {
          const at = MOODS.map((mood) => middle({ ...water, mood }, family, want));
          if (at.some((value) => value === null)) continue;
          expect(at[0]!).toBeGreaterThanOrEqual(at[1]! - 1e-9);
          expect(at[1]!).toBeGreaterThanOrEqual(at[2]! - 1e-9);
        }
      }),
    );
  });
  test('thicker cover never asks for less proof against snags', () => {
    fc.assert(
      fc.property(plain, anyFamily, (water, family) => {
        const at = (['sparse', 'medium', 'thick'] as const).map((density) =>
          middle({ ...water, cover: [{ kind: 'brush', density }] }, family, 'snag')!,
        );
        expect(at).toEqual([...at].sort((a, b) => a - b));
      }),
    );
  });
  test('a lighter hand never asks for a heavier head', () => {
    fc.assert(
      fc.property(plain, (water) => {
        const weight = (school: 'heaviest' | 'slow-hand'): number =>
          middle({ ...water, schools: { weight: school } }, 'skirted', 'weight')!;
        expect(weight('slow-hand')).toBeLessThanOrEqual(weight('heaviest') + 1e-12);
      }),
    );
  });
});

describe('what is picked', () => {
  const heads = {
    ...emptyBox(),
    heads: [plainHead('casting', 3 / 8, false)],
    skirts: catalogueBox().skirts.slice(0, 1),
  };
  test('colder never for tougher plastic', () => {
    const kinds = ['twin-tail-grub', 'flapper-craw', 'kick-bug'] as const;
    fc.assert(
      fc.property(plain, fc.constantFrom(...kinds), fc.double({ min: 1, max: 15, noNaN: true }), (any, kind, lessC) => {
        const water: Water = { ...any, families: ['skirted'] };
        const trailers = SOFTNESSES.map((softness): TrailerPart => ({
          kind,
          lengthMm: 95,
          softness,
          colour: 'green pumpkin',
        }));
        const toughness = (one: Water): number => {
          const { trailer } = adviseUnscaled(one, { ...heads, trailers }, 1).picks[0]!.rig;
          return trailer ? SOFTNESSES.indexOf(trailer.softness) : -1;
        };
        const colder = { ...water, temperatureC: Math.max(0, water.temperatureC - lessC) };
        // none at all is no plastic, neither tough nor soft
        const [now, then] = [toughness(water), toughness(colder)];
        if (now >= 0 && then >= 0) expect(then).toBeLessThanOrEqual(now);
      }),
      { numRuns: runs(60), seed: 4, endOnFailure: true },
    );
  });
  test('forked wood never takes a pointed nose, where a rounded one of the same make is at hand', () => {
    const noses = (['round', 'pointed'] as const).map((nose) => ({ ...plainHead('flipping', 1 / 2, false), nose }));
    const box: Box = { ...catalogueBox(), heads: noses };
    fc.assert(
      fc.property(plain, fc.constantFrom('hardwood', 'laydown', 'flooded-bush'), (any, kind) => {
        const water: Water = { ...any, families: ['skirted'], cover: [{ kind, density: 'thick' }] };
        expect(adviseUnscaled(water, box, 1).picks[0]!.rig.head.nose).toBe('round');
      }),
      { numRuns: runs(15), seed: 6 },
    );
  });
  test('a heavier head never falls slower', () => {
    fc.assert(
      fc.property(anyRig, plain, fc.double({ min: 1, max: 2, noNaN: true }), (rig, water, times) => {
        const weightOz = Math.min(4, rig.head.weightOz * times);
        const heavier = judgeOn(water, null, UNSCALED)({ ...rig, head: { ...rig.head, weightOz } });
        expect(heavier.has.fall).toBeGreaterThanOrEqual(judgeOn(water, null, UNSCALED)(rig).has.fall - 1e-9);
      }),
      { numRuns: runs(60) },
    );
  });
  test('a smaller box never answers better', () => {
    fc.assert(
      fc.property(anySmallBox, anyWater, fc.nat(), (box, water, at) => {
        const smaller: Box = {
          ...box,
          trailers: box.trailers.filter((_, place) => place !== at % (box.trailers.length + 1)),
        };
        const best = (one: Box): number => adviseUnscaled(water, one, 1).picks[0]?.score ?? 0;
        // with one family the scale stays the same
        expect(best(smaller)).toBeLessThanOrEqual(best(box) + 1e-9);
      }),
      { numRuns: runs(60), seed: 8 },
    );
  });
  const NOTHING = 0.05;
  test('the order of the trays changes no score', () => {
    fc.assert(
      fc.property(anySmallBox, anyWater, (box, water) => {
        const turned: Box = {
          ...box,
          heads: [...box.heads].reverse(),
          skirts: [...box.skirts].reverse(),
          trailers: [...box.trailers].reverse(),
        };
        // of rigs that collect nothing at all the search takes the first there is
        const scores = (one: Box): string[] =>
          adviseUnscaled(water, one, 5)
            .picks.filter(({ score }) => score > NOTHING)
            .map(({ score }) => score.toFixed(9));
        expect(scores(turned)).toEqual(scores(box));
      }),
      { numRuns: runs(40), seed: 9, endOnFailure: true },
    );
  });
  test('what is used up changes nothing', () => {
    fc.assert(
      fc.property(anySmallBox, anyWater, (box, water) => {
        const gone: Box = { ...box, heads: [...box.heads, { ...plainHead('ball', 1 / 4, false), quantity: 0 }] };
        expect(JSON.stringify(adviseUnscaled(water, gone, 3).picks)).toBe(
          JSON.stringify(adviseUnscaled(water, box, 3).picks),
        );
      }),
      { numRuns: runs(25), seed: 10 },
    );
  });
  test('choosing the school that answers anyway changes no score', () => {
    fc.assert(
      fc.property(anySmallBox, plain, fc.constantFrom(...SCHOOL_QUESTIONS), anyFamily, (box, any, question, family) => {
        const water: Water = { ...any, families: [family] };
        const { school } = compileWater(water, family).schools[question];
        if (school === null) return;
        const chosen: Water = { ...water, schools: { [question]: school } };
        const scores = (one: Water): number[] => adviseUnscaled(one, box, 4).picks.map(({ score }) => score);
        expect(scores(chosen)).toEqual(scores(water));
      }),
      { numRuns: runs(60), seed: 12 },
    );
  });
});
