import { describe, expect, test } from '@jest/globals';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { WANT_IDS } from '../advice/rules/rule';
import { FAMILIAR_RIGS, familiarNumbers } from './familiar';
import { SCORE_NUMBER, WANT_NUMBER } from '../locale/en/numbers';
import { READOUT_TEXT } from '../locale/en/readouts';

describe('numbers that explain themselves', () => {
  const { chunk, flapper } = familiarNumbers(NORTH_ARM);
  test('the familiar rigs lie where anybody would expect them', () => {
    expect(flapper.has.push).toBeGreaterThan(chunk.has.push);
    expect(flapper.has.show).toBeGreaterThan(2 * chunk.has.show);
    expect(flapper.has.length).toBeGreaterThan(chunk.has.length);
    expect(chunk.has.fall).toBeGreaterThan(flapper.has.fall);
    expect(chunk.has.weight).toBe(flapper.has.weight);
  });
  test('a plain chunk jig fishes like its own head', () => {
    const like = chunk.readouts.find(({ id }) => id === 'fishes-like')!.value!;
    expect(like / chunk.has.weight).toBeGreaterThan(0.85);
    expect(like / chunk.has.weight).toBeLessThan(1.15);
  });
  test('each is a 3/8 oz casting jig', () => {
    for (const { head } of Object.values(FAMILIAR_RIGS))
      expect([head.style, head.weightOz]).toEqual(['casting', 3 / 8]);
  });
  test('every number has its sentence and two ends that differ', () => {
    const all = [...Object.values(WANT_NUMBER), ...Object.values(READOUT_TEXT), SCORE_NUMBER];
    expect(Object.keys(WANT_NUMBER).sort()).toEqual([...WANT_IDS].sort());
    expect(Object.keys(READOUT_TEXT).sort()).toEqual(expect.arrayContaining(chunk.readouts.map(({ id }) => id).sort()));
    for (const { says, low, high } of all) {
      expect(says).toMatch(/^[A-Z].*\.$/);
      expect(low).not.toBe(high);
    }
  });
});
