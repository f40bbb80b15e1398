import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { TRAILER_KINDS, TRAILERS } from '../../tackle/trailers';
import { BLADE_SHAPES, bladeMassKg, bladeSizes } from '../../tackle/blades';
import { lineDiameterMm } from '../../tackle/gear';
import { skirtBody } from './body';
import { parsePart, TRAYS, usable, type HeadPart, type SkirtPart, type TrailerPart } from '../parts/box';
import { headOf, computedMassG, massContradiction } from './part-mass';
import { diffBox } from '../parts/box-diff';
import { catalogueBox, plainHead } from '../parts/catalogue';
import { GALLERY } from '../parts/gallery-table';
import { DRAWN_TRAYS, partOutline, type DrawnTray } from '../outline/part-outline';
import { uncutTrailer } from '../parts/schema';
import { trailerBody } from './trailer-body';
import { galleryWords } from '../../wording/gallery';

const trailer = (more: Partial<TrailerPart> = {}): TrailerPart => ({
  kind: 'flapper-craw',
  lengthMm: 101.6,
  softness: 'medium',
  colour: 'brown',
  ...more,
});
const body = (more: Partial<TrailerPart> = {}) => trailerBody(uncutTrailer(trailer(more)));

describe('a measured trailer', () => {
  const anyKind = fc.constantFrom(...TRAILER_KINDS);
  const share = fc.double({ min: 0.6, max: 1.6, noNaN: true });
  test('weighs what it was weighed, whatever else was measured', () => {
    fc.assert(
      fc.property(anyKind, share, fc.boolean(), fc.boolean(), share, (kind, off, wide, tall, girth) => {
        const lengthMm = TRAILERS[kind].nominalIn * 25.4;
        const plain = body({ kind, lengthMm });
        const massG = plain.massKg * 1000 * off;
        const measured = body({
          kind,
          lengthMm,
          massG,
          ...(wide ? { widthMm: plain.widthM * 1000 * girth } : {}),
          ...(tall ? { heightMm: plain.heightM * 1000 * girth } : {}),
        });
        expect(measured.massKg * 1000).toBeCloseTo(massG, 6);
        if (wide) expect(measured.widthM).toBeCloseTo(plain.widthM * girth, 9);
        if (tall) expect(measured.heightM).toBeCloseTo(plain.heightM * girth, 9);
      }),
    );
  });
  test('heavier in the same length is thicker, and shows more of itself to the water', () => {
    expect(body({ massG: 12 }).planformM2).toBeGreaterThan(body({ massG: 9 }).planformM2);
    expect(body({ massG: 12 }).pushM2).toBeGreaterThan(body({ massG: 9 }).pushM2);
  });
  test('one measured side takes the other along, unless the scale knows better', () => {
    const plain = body();
    const wider = body({ widthMm: plain.widthM * 1200 });
    expect(wider.heightM / plain.heightM).toBeCloseTo(1.2, 9);
    const weighed = body({ widthMm: plain.widthM * 1200, massG: plain.massKg * 1000 });
    expect(weighed.heightM).toBeLessThan(plain.heightM);
  });
  test('a cylinder of plastic weighs what geometry says', () => {
    // the straight part of a stick worm is round: π/4 d² of its length lies within what its tapering ends can take away
    const stick = trailerBody(uncutTrailer(trailer({ kind: 'stick-worm', lengthMm: 127 })));
    const full = (Math.PI / 4) * (0.083 * 0.127) ** 2 * 0.127;
    expect(stick.volumeM3 / full).toBeGreaterThan(0.82);
    expect(stick.volumeM3 / full).toBeLessThan(0.95);
  });
  test('a mass set aside does not count', () => {
    expect(body({ massG: 25, massTrust: 'size' }).massKg).toBe(body().massKg);
  });
});

describe('measured skirts and heads', () => {
  const skirt: SkirtPart = { material: 'silicone', strands: 50, lengthMm: 55, colour: 'white' };
  test('a weighed skirt keeps count and length and scales its strands', () => {
    const heavy = skirtBody({ ...skirt, thinned: 0, massG: 2 * computedMassG.skirts(skirt) });
    expect(heavy.massKg * 1000).toBeCloseTo(2 * computedMassG.skirts(skirt), 9);
    expect(heavy.widthM / skirtBody({ ...skirt, thinned: 0 }).widthM).toBeCloseTo(Math.SQRT2, 9);
  });
  test('a weighed head gives its hook and guard back', () => {
    const head: HeadPart = plainHead('casting', 3 / 8, false);
    const massG = computedMassG.heads(head);
    expect(headOf({ ...head, massG }).weightOz).toBeCloseTo(3 / 8, 9);
    expect(headOf({ ...head, massG: massG + 2.8349523125 }).weightOz).toBeCloseTo(3 / 8 + 0.1, 9);
    expect(headOf({ ...head, massG: massG + 2, massTrust: 'size' }).weightOz).toBe(3 / 8);
  });
  test('measured wire counts instead of its class', () => {
    const head = plainHead('casting', 3 / 8, false);
    const thick = { ...head, hook: { ...head.hook, wireMm: 2 } };
    expect(computedMassG.heads(thick)).toBeGreaterThan(computedMassG.heads(head));
  });
});

describe('a mass that contradicts the size', () => {
  const computed = computedMassG.trailers(trailer());
  test.each([
    [1.39, false],
    [1.41, true],
    [1 / 1.39, false],
    [1 / 1.41, true],
    [28.35, true],
  ])('%p times the computed one: asked %p', (times, asked) => {
    expect(massContradiction('trailers', { ...trailer(), massG: computed * times }) !== null).toBe(asked);
  });
  test('nothing weighed, nothing asked', () => expect(massContradiction('trailers', trailer())).toBeNull());
});

describe('the gallery', () => {
  test.each(TRAYS)('%s: every kind has a purpose, sizes, and parts that are valid', (tray) => {
    const ids = GALLERY[tray].map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { id, sizes } of GALLERY[tray]) {
      const { purpose, title } = galleryWords(tray, id);
      expect(purpose).toMatch(/^[A-Z].{20,}\.$/);
      expect(title.length).toBeGreaterThan(2);
      expect(sizes.length).toBeGreaterThan(0);
      for (const part of sizes) expect(parsePart(tray, part)).toMatchObject({ ok: true });
    }
  });
  test('all twenty kinds of trailer are there', () =>
    expect(GALLERY.trailers.map(({ id }) => id)).toEqual([...TRAILER_KINDS]));
  test.each(DRAWN_TRAYS)('%s have an outline that lies in its frame', (tray: DrawnTray) => {
    for (const { sizes } of GALLERY[tray]) {
      for (const view of ['side', 'top'] as const) {
        const { shapes, bounds } = partOutline(tray, sizes[0]! as never, view);
        expect(shapes.length).toBeGreaterThan(0);
        expect(bounds.width).toBeGreaterThan(5);
        expect(bounds.width).toBeLessThan(160);
        expect(shapes.map(({ d }) => d).join('')).not.toMatch(/NaN|Infinity|undefined/);
      }
    }
  });
});

describe('blades, lines', () => {
  test('a larger blade weighs more; a size a shape is not made in weighs nothing known', () => {
    for (const shape of BLADE_SHAPES) {
      const masses = bladeSizes(shape).map((size) => bladeMassKg(shape, size)!);
      expect(masses).toEqual([...masses].sort((a, b) => a - b));
    }
    expect(bladeMassKg('indiana', 2)).toBeNull();
    // an ellipse 29 by 25.2 mm of half a millimetre of brass
    expect(bladeMassKg('colorado', 4)! * 1000).toBeCloseTo((Math.PI / 4) * 2.9 * (2.9 / 1.15) * 0.05 * 8.5, 6);
  });
  test('15 lb fluorocarbon is about a third of a millimetre, 50 lb braid too', () => {
    expect(lineDiameterMm('fluorocarbon', 15)).toBeCloseTo(0.333, 2);
    expect(lineDiameterMm('braid', 50)).toBeCloseTo(0.357, 2);
  });
});

describe('comparing a list with a box', () => {
  const box = { ...catalogueBox(), trailers: [trailer({ quantity: 2 }), trailer({ lengthMm: 82.5 })] };
  test('new, there already, not named, and said twice', () => {
    const list = [trailer({ quantity: 5 }), trailer({ colour: 'white' }), trailer({ colour: 'white', quantity: 1 })];
    const diff = diffBox(box, { trailers: list });
    expect(diff.there).toMatchObject([{ tray: 'trailers', at: 0 }]);
    expect(diff.fresh.map(({ part }) => (part as TrailerPart).colour)).toEqual(['white', 'white']);
    expect(diff.unnamed).toMatchObject([{ at: 1 }]);
    expect(diff.repeated).toEqual([{ tray: 'trailers', at: 2, first: 1 }]);
  });
  test('a box compared with itself is all there', () => {
    const diff = diffBox(box, box);
    expect([diff.fresh, diff.unnamed]).toEqual([[], []]);
  });
  test('trays a list leaves out are left alone', () => expect(diffBox(box, { trailers: [] }).unnamed).toEqual([]));
});

test('what can be fished: not used up, not torn, not rusty', () => {
  expect([{}, { quantity: 1 }, { condition: 'good' as const }].every(usable)).toBe(true);
  expect([{ quantity: 0 }, { condition: 'torn' as const }, { condition: 'rusty' as const }].some(usable)).toBe(false);
});
