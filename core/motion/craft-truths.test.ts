import { describe, expect, test } from '@jest/globals';
import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { HEAD_STYLES } from '../tackle/heads';
import { jig } from '../testing/fixtures/rigs';
import { ftFromLengthM } from '../units/units';
import { steadyFall } from './fall';
import { mediumAt } from './medium';
import { fishesLikeOz } from './fishes-like';
import { kickOnsetMps } from './kick';

/** What every jig angler knows, in order and size. */
const AT_C = 15;
const ftps = (rig: Rig, semiTight = 0, tempC = AT_C): number =>
  ftFromLengthM(steadyFall(rigBody(rig), mediumAt(tempC), semiTight).speedMps);

describe('fall of a casting head', () => {
  test('skirt alone at 3/8 falls about 2.5 ft/s', () => expect(ftps(jig({ trailer: null }))).toBeCloseTo(2.5, 1));
  test.each([
    [1 / 4, 1.44, 1.11],
    [3 / 8, 1.75, 1.33],
    [1 / 2, 2.02, 1.53],
    [3 / 4, 2.46, 1.86],
  ])('%p oz: %p ft/s with a chunk, %p with a flapper craw (5 %)', (oz, chunk, flapper) => {
    expect(Math.abs(ftps(jig({ oz })) / chunk - 1)).toBeLessThan(0.05);
    expect(Math.abs(ftps(jig({ oz, trailer: 'flapper-craw' })) / flapper - 1)).toBeLessThan(0.05);
  });
  test('3/8 with a flapper craw falls within 15 % of 1/4 with a chunk, and fishes like 0.2 to 0.25 oz', () => {
    const braked = jig({ trailer: 'flapper-craw' });
    expect(Math.abs(ftps(braked) / ftps(jig({ oz: 0.25 })) - 1)).toBeLessThan(0.15);
    const medium = mediumAt(AT_C);
    const like = fishesLikeOz(braked, medium, steadyFall(rigBody(braked), medium).speedMps);
    expect(like).toBeGreaterThan(0.2);
    expect(like).toBeLessThan(0.25);
  });
  test('1/2 with the same trailer is only slightly faster than 3/8', () => {
    const ratio = ftps(jig({ oz: 0.5, trailer: 'flapper-craw' })) / ftps(jig({ trailer: 'flapper-craw' }));
    expect(ratio).toBeGreaterThan(1.05);
    expect(ratio).toBeLessThan(1.25);
  });
  test('semi-tight falls about half as fast', () => {
    const ratio = ftps(jig({ trailer: 'flapper-craw' }), 0.5) / ftps(jig({ trailer: 'flapper-craw' }));
    expect(ratio).toBeGreaterThan(0.38);
    expect(ratio).toBeLessThan(0.6);
  });
});

describe('what slows a jig and what does not', () => {
  test('more strands, rubber, bigger claws: slower', () => {
    expect(ftps(jig({ strands: 70 }))).toBeLessThan(ftps(jig({ strands: 40 })));
    expect(ftps(jig({ material: 'rubber' }))).toBeLessThan(ftps(jig()));
    expect(ftps(jig({ trailer: 'flapper-craw', lengthIn: 4.25 }))).toBeLessThan(
      ftps(jig({ trailer: 'flapper-craw', lengthIn: 3.25 })),
    );
  });
  test('tungsten is within 5 % of lead in a dressed jig', () => {
    expect(Math.abs(ftps(jig({ metal: 'tungsten' })) / ftps(jig()) - 1)).toBeLessThan(0.05);
  });
  test('temperature alone, 5 to 28 °C, changes the fall by about 1 %: cold is not thick water', () => {
    expect(Math.abs(ftps(jig(), 0, 28) / ftps(jig(), 0, 5) - 1)).toBeLessThan(0.02);
  });
  test('the sea carries: a jig falls 0.5 to 3 % slower in it, a light body far more than a heavy head', () => {
    const in35 = (rig: Rig): number =>
      steadyFall(rigBody(rig), mediumAt(AT_C, 35)).speedMps / steadyFall(rigBody(rig), mediumAt(AT_C)).speedMps;
    expect(in35(jig())).toBeLessThan(0.995);
    expect(in35(jig())).toBeGreaterThan(0.97);
    expect(in35(jig({ oz: 1 / 16 }))).toBeLessThan(in35(jig({ oz: 1 })));
  });
  test('trimming a skirt by a third hardly changes the fall', () => {
    const rig = jig();
    const trimmed = { ...rig, skirt: { ...rig.skirt!, lengthMm: 37 } };
    expect(Math.abs(ftps(trimmed) / ftps(rig) - 1)).toBeLessThan(0.12);
  });
  test.each([null, 'chunk', 'flapper-craw', 'paddle-tail', 'finesse-worm'] as const)(
    'heads of one weight fall within 11 %% of each other, whatever is behind them (%p)',
    (trailer) => {
      const speeds = HEAD_STYLES.map((style) => ftps(jig({ style, trailer })));
      expect(Math.max(...speeds) / Math.min(...speeds)).toBeLessThan(1.11);
      expect(new Set(speeds).size).toBe(HEAD_STYLES.length);
    },
  );
});

describe('cold and plastic', () => {
  test('tough plastic dies first', () => {
    const onset = (softness: 'soft' | 'medium' | 'tough', tempC: number) =>
      kickOnsetMps('flapper-craw', softness, tempC)!;
    expect(onset('tough', 6)).toBeGreaterThan(onset('medium', 6));
    expect(onset('medium', 6)).toBeGreaterThan(onset('soft', 6));
    expect(onset('tough', 6) / onset('tough', 20)).toBeGreaterThan(onset('soft', 6) / onset('soft', 20));
  });
  test('a still tail has no onset', () => expect(kickOnsetMps('flat-bug', 'soft', 20)).toBeNull());
});
