import { describe, expect, test } from '@jest/globals';
import { GALLERY, parsePart, TRAYS, type AnyPart, type Tray } from '@core';
import { DEMO_BOX } from '../../../demo/brindle-mere';
import {
  FILE_UNITS,
  MEASURED_FIELDS,
  NEW_FITTING,
  numberAt,
  PART_FIELDS,
  valueAt,
  withValue,
} from './part-fields-table';
import { isFound, tellPart } from './part-text';

const everyPart: readonly (readonly [Tray, AnyPart])[] = TRAYS.flatMap((tray) =>
  [...DEMO_BOX[tray], ...GALLERY[tray].flatMap(({ sizes }) => sizes as readonly AnyPart[])].map(
    (part) => [tray, part] as const,
  ),
);

describe('fields of a part', () => {
  test.each(TRAYS)('%s: what the form can choose is what a part may be', (tray) => {
    const part = DEMO_BOX[tray][0]!;
    for (const field of PART_FIELDS[tray]) {
      if (field.kind === 'choice') {
        for (const { value } of field.options)
          expect(parsePart(tray, withValue(part, field.field, value))).toMatchObject({ ok: true });
      } else if (field.kind === 'amount' || (field.kind === 'count' && field.whole)) {
        for (const value of [field.min, field.max]) {
          expect([field.field, parsePart(tray, withValue(part, field.field, value)).ok]).toEqual([field.field, true]);
        }
      }
    }
  });
  test('what can be measured has a computed twin, for every part there is', () => {
    for (const [tray, part] of everyPart) {
      for (const field of MEASURED_FIELDS[tray]) {
        const computed = field.computed(part);
        expect(computed === null || (computed > 0 && Number.isFinite(computed))).toBe(true);
        if (computed !== null && computed >= field.min && computed <= field.max) {
          expect(parsePart(tray, withValue(part, field.field, computed)).ok).toBe(true);
        }
      }
    }
  });
  test('units of files go to SI and back', () => {
    for (const { toSi, fromSi } of Object.values(FILE_UNITS)) expect(fromSi(toSi(3.7))).toBeCloseTo(3.7, 9);
  });
  test('a value is put, read and taken away without touching the part it came from', () => {
    const part = { hook: { size: '4/0' } };
    const changed = withValue(part, 'hook.wireMm', 1.2);
    expect([numberAt(changed, 'hook.wireMm'), valueAt(part, 'hook.wireMm')]).toEqual([1.2, undefined]);
    expect(withValue(changed, 'hook.wireMm', undefined)).toEqual({ hook: { size: '4/0' } });
    expect(numberAt(part, 'hook.size')).toBeUndefined();
  });
});

describe('what a head carries', () => {
  test('each fitting can be put on and taken off, and the head stays a head', () => {
    const head = DEMO_BOX.heads[1]!;
    for (const [name, { put, off }] of Object.entries(NEW_FITTING)) {
      expect([name, parsePart('heads', withValue(head, name, put)).ok]).toEqual([name, true]);
      expect([name, parsePart('heads', withValue(head, name, off)).ok]).toEqual([name, true]);
    }
  });
});

describe('finding', () => {
  const found = (words: string): string[] =>
    everyPart
      .filter(([tray, part]) => isFound(tellPart(tray, part, 'us'), words))
      .map(([tray, part]) => tellPart(tray, part, 'us').title);
  test('a number is a number: 4 is neither 34 nor 3/4 nor 1.4', () => {
    for (const title of found('4 in flapper')) expect(title).toMatch(/^4( 1\/4)? in flapper/);
    expect(found('4 strands')).toEqual([]);
  });
  test('words in any order, all of them', () => {
    expect(found('craw flapper')).toEqual(found('flapper craw'));
    expect(found('flapper zebra')).toEqual([]);
  });
});
