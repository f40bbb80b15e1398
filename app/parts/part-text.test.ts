import { describe, expect, test } from '@jest/globals';
import { GALLERY, TRAYS, type AnyPart, type Tray } from '@core';
import { DEMO_BOX } from '../../demo/brindle-mere';
import { isFound, tellPart } from './part-text';

const everyPart: readonly (readonly [Tray, AnyPart])[] = TRAYS.flatMap((tray) =>
  [...DEMO_BOX[tray], ...GALLERY[tray].flatMap(({ sizes }) => sizes as readonly AnyPart[])].map(
    (part) => [tray, part] as const,
  ),
);

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
