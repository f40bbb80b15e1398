import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anyRig, jig, spinner } from '../../testing/fixtures/rigs';
import { HEAD_STYLES, HEADS, METAL_DENSITY_KG_M3 } from '../../tackle/heads';
import { hookMass } from '../../tackle/hooks';
import { COLLAR_MM } from '../../tackle/skirts';
import { TRAILER_KINDS, TRAILERS } from '../../tackle/trailers';
import { massKgFromOz } from '../../units/units';
import { headBody, rigBody, skirtBody } from './body';
import { polygonAreaMm2, leaf } from '../outline/curve';
import { rigOutline } from '../outline/rig-outline';
import { massBandKg } from './mass-band';
import { rigProfile } from './profile';
import { parseRig, uncutTrailer } from '../parts/schema';
import { nominalTrailerMassKg, trailerBody } from './trailer-body';

const trailer = (kind: (typeof TRAILER_KINDS)[number], lengthMm: number, more = {}) =>
  ({ ...uncutTrailer({ kind, lengthMm, softness: 'medium', colour: 'brown' }), ...more }) as const;

describe('parts against the scale and known solids', () => {
  test.each([
    ['chunk', 3, 7.8],
    ['flat-bug', 4, 11.8],
    ['flapper-craw', 4, 9.2],
    ['paddle-tail', 3.75, 11.3],
    ['ribbed-paddle-tail', 4.25, 12.5],
    ['stick-worm', 5, 11.5],
    ['rolling-paddle-tail', 5, 18],
  ] as const)('a %s of %p in weighs about %p g', (kind, lengthIn, grams) => {
    expect(nominalTrailerMassKg(kind, lengthIn * 25.4) * 1000).toBeCloseTo(grams, 0);
  });
  test('a straight piece of stick worm is a cylinder', () => {
    // from 0.1 to 0.7 of its length the worm is round and even: pi/4 d² l
    const body = trailerBody(trailer('stick-worm', 127, { cutNoseMm: 12.7, cutTailMm: 38.1 }));
    expect(body.volumeM3 / ((Math.PI / 4) * (0.083 * 0.127) ** 2 * 0.0762)).toBeCloseTo(1, 6);
    expect(body.centroidM).toBeCloseTo(0.0381, 6);
  });
  test.each(HEAD_STYLES)('a %s head has the volume of its lead and the proportions of its style', (style) => {
    const { lengthM, widthM, heightM, volumeM3, massKg } = headBody({ style, weightOz: 0.5, metal: 'lead' });
    expect(volumeM3).toBeCloseTo(massKgFromOz(0.5) / METAL_DENSITY_KG_M3.lead, 12);
    expect((Math.PI / 6) * lengthM * widthM * heightM).toBeCloseTo(volumeM3, 12);
    expect(lengthM / widthM).toBeCloseTo(HEADS[style].shape[0] / HEADS[style].shape[1], 9);
    expect(massKg).toBeCloseTo(massKgFromOz(0.5), 12);
  });
  test('a heavier wire makes a heavier hook, a bigger size too', () => {
    expect(hookMass('5/0', 'heavy').massKg).toBeGreaterThan(hookMass('5/0', 'medium').massKg);
    expect(hookMass('5/0', 'medium').massKg).toBeGreaterThan(hookMass('1/0', 'medium').massKg);
    expect(hookMass('5/0', 'heavy').massKg * 1000).toBeGreaterThan(0.8);
    expect(hookMass('5/0', 'heavy').massKg * 1000).toBeLessThan(1.6);
  });
  test('a strand that was clipped leaves eleven millimetres behind the collar', () => {
    const skirt = { material: 'silicone', strands: 50, lengthMm: 60 } as const;
    const whole = skirtBody({ ...skirt, thinned: 0 });
    const thinned = skirtBody({ ...skirt, thinned: 20 });
    expect(thinned.massKg / whole.massKg).toBeCloseTo((30 * 60 + 20 * (COLLAR_MM + 11)) / (50 * 60), 9);
  });
  test('a trailer pushed hard up under the collar stands the strands out by ten degrees more', () => {
    const flareDeg = (pushMm: number): number =>
      (180 / Math.PI) * rigBody(jig({ trailer: 'chunk', more: { pushMm } })).skirt!.flareAtRestRad;
    expect(flareDeg(6) - flareDeg(0)).toBeCloseTo(10, 9);
    expect(flareDeg(3) - flareDeg(0)).toBeCloseTo(5, 9);
  });
  test('a core pulls where it sits: its weight times half its length behind the head', () => {
    const rig = jig({ trailer: 'stick-worm' });
    const [without, cored] = [rigBody(rig), rigBody({ ...rig, core: { lengthMm: 20, colour: 'white' } })];
    const plugKg = (Math.PI / 4) * (0.083 * 5 * 0.0254) ** 2 * 0.02 * 1180;
    const leverM = without.head.lengthM / 2 + 0.01;
    // the core pushes the trailer back by its own length
    const pushedBackKgM = without.trailer!.massKg * 0.02;
    expect(cored.trails.massKgM - without.trails.massKgM).toBeCloseTo(plugKg * leverM + pushedBackKgM, 9);
  });
  test('a weighed trailer weighs what the scale said, and its areas follow', () => {
    const plain = trailerBody(trailer('flapper-craw', 100));
    const heavy = trailerBody(trailer('flapper-craw', 100, { massG: plain.massKg * 1000 * 1.21 }));
    expect(heavy.massKg).toBeCloseTo(plain.massKg * 1.21, 9);
    expect(heavy.planformM2 / plain.planformM2).toBeCloseTo(1.1, 6);
    expect(heavy.lengthM).toBe(plain.lengthM);
  });
});

describe('mass', () => {
  test('the band holds the mass, and weighing the trailer narrows it', () => {
    const width = (rig: ReturnType<typeof jig>): number => {
      const body = rigBody(rig);
      const [low, high] = massBandKg(rig, body);
      expect(low).toBeLessThan(body.massKg);
      expect(high).toBeGreaterThan(body.massKg);
      return high - low;
    };
    expect(width(jig({ more: { massG: 7.8 } }))).toBeLessThan(width(jig()));
  });
});

describe('cuts and turns', () => {
  test('a cut never adds mass, area or length, whatever the kind', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TRAILER_KINDS),
        fc.double({ min: 60, max: 130, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (kind, lengthMm, cutNoseMm, cutTailMm) => {
          const whole = trailerBody(trailer(kind, lengthMm));
          const cut = trailerBody(trailer(kind, lengthMm, { cutNoseMm, cutTailMm }));
          expect(cut.massKg).toBeLessThanOrEqual(whole.massKg + 1e-12);
          expect(cut.planformM2).toBeLessThanOrEqual(whole.planformM2 + 1e-12);
          expect(cut.lengthM).toBeCloseTo(whole.lengthM - (cutNoseMm + cutTailMm) / 1000, 9);
          expect(cut.massKg).toBeGreaterThan(0);
        },
      ),
    );
  });
  test('a leg taken off takes half the push of a pair', () => {
    expect(trailerBody(trailer('kick-bug', 100, { legsOff: 1 })).pushM2).toBeCloseTo(
      trailerBody(trailer('kick-bug', 100)).pushM2 / 2,
      12,
    );
    expect(trailerBody(trailer('kick-bug', 100, { legsOff: 5 })).pushM2).toBe(0);
  });
  test('an upside-down tail still lifts, but a third as much', () => {
    const upright = trailerBody(trailer('paddle-tail', 95)).liftM2;
    expect(trailerBody(trailer('paddle-tail', 95, { orientation: 'inverted' })).liftM2).toBeCloseTo(0.3 * upright, 12);
  });
  test('on edge a flat body shows its side; a round one shows the same', () => {
    const flat = (orientation: string) => rigBody(jig({ trailer: 'flat-bug', more: { orientation } as never }));
    expect(flat('edge').trailerNormalM2).toBeLessThan(flat('flat').trailerNormalM2);
    const round = (orientation: string) => rigBody(jig({ trailer: 'stick-worm', more: { orientation } as never }));
    expect(round('edge').trailerNormalM2).toBeCloseTo(round('flat').trailerNormalM2, 12);
  });
  test('hung at its end a chunk makes a longer rig, threaded a shorter one', () => {
    const length = (hang: string) => rigBody(jig({ more: { hang } as never })).lengthM;
    expect(length('hung')).toBeGreaterThan(length('threaded') + 0.02);
  });
  test('a core adds its mass and its length', () => {
    const plain = rigBody(jig());
    const cored = rigBody({ ...jig(), core: { lengthMm: 20, colour: 'chartreuse' } });
    expect(cored.massKg).toBeGreaterThan(plain.massKg + 0.001);
    expect(cored.lengthM).toBeCloseTo(plain.lengthM + 0.02, 9);
  });
});

describe('drawing', () => {
  test('every kind and head has an outline in both views that fits its length', () => {
    for (const kind of TRAILER_KINDS) {
      for (const style of HEAD_STYLES) {
        const rig = jig({ trailer: kind, style });
        const body = rigBody(rig);
        for (const view of ['side', 'top'] as const) {
          const { shapes, bounds } = rigOutline(rig, body, view);
          expect(shapes.every(({ d }) => !d.includes('NaN'))).toBe(true);
          expect(bounds.width).toBeGreaterThan(body.head.lengthM * 1000);
          expect(bounds.width).toBeLessThan(body.lengthM * 1000 + 30);
        }
      }
    }
  });
  test('turned on edge the side view is the old top view of the body', () => {
    const path = (orientation: string, view: 'side' | 'top') => {
      const rig = jig({ trailer: 'flat-bug', more: { orientation } as never });
      return rigOutline(rig, rigBody(rig), view)
        .shapes.filter(({ part }) => part === 'trailer')
        .map(({ d }) => d);
    };
    expect(path('edge', 'side')).toEqual(path('flat', 'top'));
  });
  test('a drawn leaf has the area the mechanics uses', () => {
    const drawn = polygonAreaMm2(leaf([0, 0], 0.4, -0.3, 45, (s) => 0.4 + s, 500));
    expect(drawn / 500).toBeGreaterThan(0.93);
    expect(drawn / 500).toBeLessThan(1.07);
  });
  test('a panfish is deep, a worm is slim', () => {
    const ratio = (rig: ReturnType<typeof jig>) => rigProfile(rig, rigBody(rig)).ratio;
    expect(ratio(jig({ trailer: 'kick-bug', more: { orientation: 'edge' } }))).toBeGreaterThan(0.28);
    expect(ratio(jig({ trailer: 'stick-worm', lengthIn: 5, strands: 0 }))).toBeLessThan(0.18);
  });
});

describe('a rig from outside', () => {
  const problems = (input: unknown): string[] => {
    const parsed = parseRig(input);
    return parsed.ok ? [] : parsed.issues.map(({ code, path }) => `${code} ${path}`);
  };
  test('any rig we can think of is valid', () => {
    fc.assert(fc.property(anyRig, (rig) => expect(problems(rig)).toEqual([])));
  });
  const rig = jig();
  test.each([
    [{ ...rig, head: { ...rig.head, weightOz: 9 } }, 'too-large head.weightOz'],
    [{ ...rig, head: { ...rig.head, style: 'anvil' } }, 'not-one-of head.style'],
    [{ ...rig, skirt: { ...rig.skirt, strands: -5 } }, 'too-small skirt.strands'],
    [{ ...rig, skirt: { ...rig.skirt, thinned: 50 } }, 'too-large skirt.thinned'],
    [{ ...rig, skirt: { ...rig.skirt, lengthMm: 5 } }, 'too-small skirt.lengthMm'],
    [{ ...rig, trailer: { ...rig.trailer, cutNoseMm: 70 } }, 'cut-to-nothing trailer.cutNoseMm'],
    [{ ...rig, blade: { size: 'compact', link: 'direct', finish: 'black' } }, 'wrong-family blade'],
    [{ ...rig, sparkle: true }, 'unknown-field sparkle'],
  ])('rig %# is refused by its field', (input, expected) => expect(problems(input)).toEqual([expected]));
  test('the kinds of the table and the ids of the schema are the same', () => {
    expect(Object.keys(TRAILERS)).toEqual([...TRAILER_KINDS]);
  });
});

test('a trailer hook weighs what a hook of its size does, a treble three times that', () => {
  const bare = spinner();
  const added = (kind: 'single' | 'treble'): number =>
    rigBody({ ...bare, trailerHook: { kind, point: 'up', size: '1/0' } }).massKg - rigBody(bare).massKg;
  expect(added('single')).toBeCloseTo(hookMass('1/0', 'medium').massKg, 12);
  expect(added('treble')).toBeCloseTo(3 * hookMass('1/0', 'medium').massKg, 12);
});
