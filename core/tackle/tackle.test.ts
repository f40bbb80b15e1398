import { describe, expect, test } from '@jest/globals';
import { SOURCES } from '../sources';
import { COLOURS, COLOUR_CLASSES, colourClassOf, colourSwatch, namedClass } from './colours';
import { HEADS } from './heads';
import { HOOKS, HOOK_SIZES, WIRE_DIAMETER_MM } from './hooks';
import { SKIRTS } from './skirts';
import { TRAILERS } from './trailers';

describe('tables', () => {
  test('every row names a source that exists', () => {
    for (const row of [...Object.values(HEADS), ...Object.values(TRAILERS), ...Object.values(SKIRTS)]) {
      expect(Object.keys(SOURCES)).toContain(row.source);
    }
  });
  test('profiles run forward from the nose and never below zero', () => {
    for (const { profile } of Object.values(TRAILERS)) {
      expect(profile[0]![0]).toBe(0);
      for (let i = 1; i < profile.length; i++) expect(profile[i]![0]).toBeGreaterThan(profile[i - 1]![0]);
      for (const [x, w, h] of profile) expect(Math.min(x, w, h)).toBeGreaterThanOrEqual(0);
      expect(profile.at(-1)![0]).toBeLessThanOrEqual(1);
    }
  });
  test('push by kind stands in the known order: flapper, kicking bug, kicking chunk, ribbed paddle, paddle, chunk, bug', () => {
    const push = (kind: keyof typeof TRAILERS): number => {
      const { nominalIn, appendage } = TRAILERS[kind];
      return appendage.count * appendage.area * appendage.push * (nominalIn * 2.54) ** 2;
    };
    const kinds = [
      'flapper-craw',
      'kick-bug',
      'kick-chunk',
      'ribbed-paddle-tail',
      'paddle-tail',
      'chunk',
      'flat-bug',
    ] as const;
    const values = kinds.map(push);
    expect(values).toEqual([...values].sort((a, b) => b - a));
    expect(push('flapper-craw')).toBeCloseTo(9.3, 1);
    expect(push('chunk')).toBeCloseTo(0.9, 1);
  });
  test('hooks grow with their size, wires with their name', () => {
    const gaps = HOOK_SIZES.map((size) => HOOKS[size].gapMm);
    expect(gaps).toEqual([...gaps].sort((a, b) => a - b));
    expect(Object.values(WIRE_DIAMETER_MM)).toEqual([0.95, 1.15, 1.5, 1.75]);
    for (const { shankMm, reachMm } of Object.values(HOOKS)) expect(reachMm).toBeGreaterThan(shankMm);
  });
});

describe('colours', () => {
  test.each([
    ['green pumpkin', 'natural'],
    ['Black/Blue', 'dark'],
    ['brown and orange', 'crayfish'],
    ['dull white', 'white-shad'],
    ['hot chartreuse', 'bright'],
    ['bluegill', 'panfish'],
    ['moonshine', null],
  ] as const)('%s is %s', (colour, of) => expect(colourClassOf(colour)).toBe(of));
  test('every class has a listed colour, every colour a swatch', () => {
    expect(new Set(COLOURS.map(({ of }) => of)).size).toBe(COLOUR_CLASSES.length);
    for (const { name } of COLOURS) expect(colourSwatch(name)).toMatch(/^#[0-9a-f]{6}$/);
    expect(colourSwatch('moonshine')).toMatch(/^#/);
  });
});

test('a colour of one’s own is of the class it was told to be', () => {
  expect(colourClassOf('moonlight frost')).toBeNull();
  for (const of of COLOUR_CLASSES) expect(colourClassOf(namedClass('moonlight frost', of))).toBe(of);
});
test('however long its name is, a colour that was told stays one that can be kept', () => {
  const long = namedClass('q'.repeat(60), 'white-shad');
  expect(long.length).toBeLessThanOrEqual(60);
  expect(colourClassOf(long)).toBe('white-shad');
});
