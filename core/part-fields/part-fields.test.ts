import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX } from '../../demo/brindle-mere';
import { GALLERY } from '../rig/parts/gallery-table';
import { parsePart, TRAYS, type AnyPart, type Tray } from '../rig/parts/box';
import { PART_LIMITS } from '../rig/parts/schema';
import { allowedAt, fieldsAt, PART_FIELDS, putAt, valueAt, withValue } from './described';
import { filled, withFitting, withoutFitting } from './filled';
import { FILE_UNITS } from './kinds';
import { FITTINGS } from './field-row';

const everyPart: readonly (readonly [Tray, AnyPart])[] = TRAYS.flatMap((tray) =>
  [...DEMO_BOX[tray], ...GALLERY[tray].flatMap(({ sizes }) => sizes as readonly AnyPart[])].map(
    (part) => [tray, part] as const,
  ),
);
const places = (tray: Tray, at: Parameters<typeof fieldsAt>[1]): string[] =>
  fieldsAt(tray, at).map(({ place }) => place);

describe('fields of a part', () => {
  test.each(TRAYS)('%s: what can be chosen or typed is what a part may be, and nothing beyond it', (tray) => {
    const whole = DEMO_BOX[tray][0]!;
    for (const field of PART_FIELDS[tray]) {
      const [outer = ''] = field.place.split('.');
      if (outer === 'blades') continue;
      const part = (FITTINGS as readonly string[]).includes(outer)
        ? withFitting(whole, outer as (typeof FITTINGS)[number])
        : whole;
      const takes = (value: unknown): boolean => parsePart(tray, withValue(part, field.place, value)).ok;
      if (field.of.kind === 'choice') {
        for (const value of field.of.values)
          expect([field.place, value, takes(value)]).toEqual([field.place, value, true]);
        expect([field.place, takes('no such thing')]).toEqual([field.place, false]);
      } else if (field.of.kind === 'amount' || field.of.kind === 'count') {
        const { min, max } = field;
        expect([field.place, takes(min), takes(max), takes(max + 1), takes(min - 1)]).toEqual([
          field.place,
          true,
          true,
          false,
          false,
        ]);
        expect([field.place, takes(Math.ceil(min) + 0.5)]).toEqual([field.place, !field.whole]);
      }
      expect([field.place, takes(undefined)]).toEqual([field.place, field.optional]);
    }
  });
  test('limits are those of the schema', () => {
    expect(allowedAt('heads', 'weightOz')).toEqual({ ...PART_LIMITS.weightOz, whole: false, optional: false });
    expect(allowedAt('heads', 'guard.fibres')).toEqual({ ...PART_LIMITS.fibres, whole: true, optional: false });
    expect(allowedAt('heads', 'hook.wireMm')).toMatchObject({ ...PART_LIMITS.wireMm, optional: true });
    expect(allowedAt('heads', 'blades.1.size')).toMatchObject({ min: 2, max: 6, whole: true });
    expect(() => allowedAt('heads', 'hook.barb')).toThrow('no field hook.barb');
    expect(() => allowedAt('lines', 'lb.more')).toThrow('no field');
  });
  test('every field of every schema is described, but the id', () => {
    for (const [tray, part] of everyPart) {
      const told = new Set(PART_FIELDS[tray].map(({ place }) => place.replace(/\.\d+\./, '.')));
      const walk = (value: unknown, at: string): string[] => {
        if (Array.isArray(value)) return value.flatMap((one) => walk(one, at));
        if (typeof value !== 'object' || value === null) return [at];
        return Object.entries(value).flatMap(([name, inner]) => walk(inner, at === '' ? name : `${at}.${name}`));
      };
      for (const place of walk(part, ''))
        if (place !== 'id' && valueAt(part, place) !== null) expect([tray, told.has(place)]).toEqual([tray, true]);
    }
  });
  test('a list must say what no part can do without and nothing fills', () => {
    const needed = TRAYS.map((tray) =>
      PART_FIELDS[tray].filter(({ required }) => required).map(({ column }) => column),
    );
    expect(needed).toEqual([
      ['style', 'weight'],
      ['material', 'strands'],
      ['kind', 'length'],
      ['shape', 'size'],
      ['hook kind', 'hook size'],
      ['line', 'strength'],
      ['rod length', 'power'],
      ['gear ratio'],
    ]);
  });
  test('the form asks in the order of lists, ticks after choices, own words last', () => {
    expect(places('heads', 'part')).toEqual([
      'style',
      'weightOz',
      'metal',
      'nose',
      'hook.size',
      'hook.wire',
      'keeper',
      'cams',
      'finesse',
      'label',
    ]);
    expect(places('heads', 'arms')).toEqual(['arms.upperMm', 'arms.angleDeg', 'arms.squeezed']);
    expect(places('trailers', 'measured')).toEqual(['widthMm', 'heightMm', 'massG']);
  });
  test('what can be measured has a computed twin, for every part there is', () => {
    for (const [tray, part] of everyPart) {
      for (const field of fieldsAt(tray, 'measured')) {
        const computed = field.computed!(part);
        expect(computed === null || (computed > 0 && Number.isFinite(computed))).toBe(true);
        if (computed !== null && computed >= field.min && computed <= field.max) {
          expect(parsePart(tray, withValue(part, field.place, computed)).ok).toBe(true);
        }
      }
    }
  });
  test('what was measured does not move what is computed beside it', () => {
    const part = DEMO_BOX.trailers[0]!;
    const twin = (place: string, measured: object): number | null =>
      fieldsAt('trailers', 'measured').find((field) => field.place === place)!.computed!({ ...part, ...measured });
    expect(twin('widthMm', { massG: 30, widthMm: 40, heightMm: 35 })).toBe(twin('widthMm', {}));
    expect(twin('heightMm', { massG: 30, widthMm: 40, heightMm: 35 })).toBe(twin('heightMm', {}));
    // a thicker one weighs more, whatever the scale said
    expect(twin('massG', { massG: 30 })).toBe(twin('massG', {}));
    expect(twin('massG', { widthMm: 40, heightMm: 35 })).toBeGreaterThan(twin('massG', {})!);
  });
  test('a reel of 7.1 to 1 takes up 0.71 m a turn', () => {
    expect(fieldsAt('reels', 'measured')[0]!.computed!({ ratio: 7.1 })).toBeCloseTo(0.71, 9);
  });
  test('units of files go to SI and back', () => {
    for (const { toSi, fromSi } of Object.values(FILE_UNITS)) expect(fromSi(toSi(3.7))).toBeCloseTo(3.7, 9);
  });
  test('a value is put, read and taken away without touching the part it came from', () => {
    const part = { hook: { size: '4/0' } };
    const changed = withValue(part, 'hook.wireMm', 1.2);
    expect([valueAt(changed, 'hook.wireMm'), valueAt(part, 'hook.wireMm')]).toEqual([1.2, undefined]);
    expect(withValue(changed, 'hook.wireMm', undefined)).toEqual({ hook: { size: '4/0' } });
    const made = {};
    putAt(made, 'blades.0.shape', 'willow');
    putAt(made, 'blades.0.size', 5);
    expect(made).toEqual({ blades: [{ shape: 'willow', size: 5 }] });
  });
});

describe('what nobody said', () => {
  test.each(TRAYS)('%s: a part of which nothing is left out stays as it is', (tray) => {
    for (const part of DEMO_BOX[tray])
      expect(filled(tray, part)).toEqual(tray === 'heads' ? { guard: null, skirt: null, ...part } : part);
  });
  test('a head has the hook and wire of its style; a guard that is there has its fibres', () => {
    expect(filled('heads', { style: 'flipping', weightOz: 1, guard: {} })).toMatchObject({
      hook: { size: '5/0', wire: 'heavy' },
      guard: { kind: 'fibre', fibres: 26, lengthMm: 28, spread: 'none', bevel: false },
      skirt: null,
    });
  });
  test('blades bring their arms, and a hole before the second blade is not filled up', () => {
    expect(filled('heads', { blades: [{ size: 5 }] })).toMatchObject({
      blades: [{ shape: 'colorado', size: 5, finish: 'nickel' }],
      arms: { upperMm: 60, angleDeg: 55, twistDeg: 0, squeezed: false },
    });
    const second: Record<string, unknown> = {};
    putAt(second, 'blades.1.size', 4);
    expect((filled('heads', second)['blades'] as unknown[])[0]).toBeUndefined();
  });
  test('what came in is not touched', () => {
    const came = { style: 'casting', hook: {} };
    filled('heads', came);
    expect(came).toEqual({ style: 'casting', hook: {} });
  });
});

describe('what a head carries', () => {
  test.each(FITTINGS)('%s can be put on and taken off, and the head stays a head', (name) => {
    for (const head of DEMO_BOX.heads) {
      const on = withFitting(head, name);
      const off = withoutFitting(on, name);
      expect([name, parsePart('heads', on).ok, parsePart('heads', off).ok]).toEqual([name, true, true]);
      expect([on[name] ?? null, off[name] ?? null]).toEqual([expect.anything(), null]);
    }
  });
  test('a frame comes with a blade and takes its blades along', () => {
    const on = withFitting(DEMO_BOX.heads[1]!, 'arms');
    expect(on['blades']).toHaveLength(1);
    expect(withoutFitting(on, 'arms')).not.toHaveProperty('blades');
  });
});
