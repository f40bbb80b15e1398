import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { catalogueFor } from '../../rig/parts/catalogue';
import { emptyBox } from '../../rig/parts/box';
import { adviceReport } from '../../reports/advice-report';
import { trimReport } from '../../reports/trim-report';
import { ownGear } from '../../gear/own-gear';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { meets } from '../rules/want-fit';
import { advise } from './advise';
import { judgeRig } from './judge';
import { differenceOff, isAsGood } from './score-off';
import { missingIn, wholeParts, type ScorePart } from './score-parts';
import { knownWaterBest } from './known-best';
import { scaleOf, waterBest } from './water-best';

const OPEN_RUN: Water = {
  ...DEFAULT_WATER,
  cover: [],
  depthM: 3,
  temperatureC: 20,
  visibilityM: 1.2,
  forage: ['shad'],
};
const every = catalogueFor({ lead: true });
const sum = (parts: readonly ScorePart[], of: 'got' | 'of'): number => parts.reduce((so, part) => so + part[of], 0);

describe('a score that adds up', () => {
  const answers = [
    ['the demo', NORTH_ARM, advise(NORTH_ARM, DEMO_BOX, 8, { asks: 'own-school' })],
    ['open water, every kind', OPEN_RUN, advise(OPEN_RUN, every, 8, { asks: 'own-school' })],
    ['open water, the box', OPEN_RUN, advise(OPEN_RUN, DEMO_BOX, 8, { asks: 'own-school' })],
  ] as const;
  test.each(answers)(
    '%s: what a pick got adds up to its score, what could be got to all there is',
    (_, water, { picks, best }) => {
      expect(picks.length).toBeGreaterThan(3);
      for (const { score, scoreParts, rig } of picks) {
        expect(sum(scoreParts, 'got')).toBeCloseTo(score, 9);
        expect(sum(scoreParts, 'of')).toBeCloseTo(1, 9);
        expect(score).toBeLessThanOrEqual(1);
        const whole = wholeParts(scoreParts);
        expect(whole.reduce((so, { got }) => so + got, 0)).toBe(Math.round(100 * score));
        expect(whole.reduce((so, { of }) => so + of, 0)).toBe(100);
        // judged by itself it is the same rig with the same score
        expect(judgeRig(water, rig).score).toBeCloseTo(score, 9);
        expect(scaleOf(water, rig.family, best!)).toBeGreaterThan(0);
      }
    },
  );
  test('of every kind there is the best reads 100; the box is told as a share of it', () => {
    const scores = answers.map(([, , { picks }]) => Math.max(...picks.map(({ score }) => score)));
    expect(scores[1]).toBeCloseTo(1, 9);
    expect(scores[2]).toBeLessThanOrEqual(scores[1]!);
    expect(knownWaterBest(OPEN_RUN)).toBe(waterBest(OPEN_RUN));
  });
  test('what is missing is told largest first, and nothing of the best', () => {
    const [, , { picks, best }] = answers[2];
    const missing = missingIn(picks[3]!.scoreParts).map(({ got, of }) => of - got);
    expect(missing).toEqual([...missing].sort((a, b) => b - a));
    const family = picks[0]!.rig.family;
    expect(
      missingIn(judgeRig(OPEN_RUN, best!.families[family]!.rig).scoreParts.filter(({ part }) => part !== 'family')),
    ).toEqual([]);
  });
  test('even the best names what it does not meet, and meets the rest', () => {
    for (const { rig, misses } of Object.values(waterBest(NORTH_ARM).families)) {
      const { wants, has } = judgeRig(NORTH_ARM, rig);
      expect(wants.filter((want) => !meets(want, has[want.id])).map(({ id }) => id)).toEqual([...misses]);
    }
  });
  test('gear that lacks something is a part of its own, below nothing', () => {
    const light = ownGear({
      rods: [{ name: 'light', power: 'light', lengthM: 2, lureFromOz: 0.1, lureToOz: 0.4 } as never],
      reels: DEMO_BOX.reels,
      lines: DEMO_BOX.lines.slice(0, 1),
    });
    const { picks } = advise(NORTH_ARM, DEMO_BOX, 3, { asks: 'own-school', own: { gear: light, log: null } });
    for (const { score, scoreParts } of picks) {
      expect(sum(scoreParts, 'got')).toBeCloseTo(score, 9);
      expect(scoreParts.find(({ part }) => part === 'gear')?.got ?? 0).toBeLessThanOrEqual(0);
    }
  });
  test('files have it too, and cuts are told on the same scale', () => {
    const [, water, advice] = answers[0];
    const [pick] = adviceReport(advice, water, false, 'us').picks;
    expect(pick!.scoreParts).toEqual(advice.picks[0]!.scoreParts);
    const { before, best } = trimReport(advice.picks[0]!.base, water, 'us');
    expect(best.score).toBeGreaterThanOrEqual(before.score);
    expect(best.score).toBeLessThanOrEqual(1);
  });
  test('a box that nothing can be tied from has no score, and the water its best all the same', () => {
    const { picks, best } = advise(OPEN_RUN, emptyBox(), 3);
    expect(picks).toEqual([]);
    expect(best!.raw).toBeGreaterThan(0);
  });
});

describe('which rig is first', () => {
  const waters: Water[] = [
    NORTH_ARM,
    OPEN_RUN,
    { ...DEFAULT_WATER, visibilityM: 0.2, cover: [{ kind: 'grass-submerged', density: 'medium' }] },
    { ...DEFAULT_WATER, temperatureC: 8, visibilityM: 2.5, cover: [{ kind: 'rock', density: 'sparse' }], depthM: 4 },
  ];
  test.each(waters.map((water, at) => [at, water] as const))('water %i: the same for one and for eight', (_, water) => {
    const firstOf = (top: number) => advise(water, DEMO_BOX, top, { asks: 'own-school' }).picks[0]!;
    expect(firstOf(1).rig).toEqual(firstOf(8).rig);
    expect(firstOf(1).score).toBeCloseTo(firstOf(8).score, 12);
  });
  test.each(waters.map((water, at) => [at, water] as const))(
    'water %i: no other of its family as good by score meets more bands',
    (_, water) => {
      const [first, ...others] = advise(water, DEMO_BOX, 12, { asks: 'own-school' }).picks;
      const met = ({ wants, has }: typeof first & object): number =>
        wants.filter((want) => meets(want, has[want.id])).length;
      const best = Math.max(first!.score, ...others.map(({ score }) => score));
      const rivals = others.filter(
        ({ rig, score, faults }) => rig.family === first!.rig.family && score >= 0.97 * best && faults.length === 0,
      );
      for (const rival of rivals) expect(met(rival)).toBeLessThanOrEqual(met(first!));
    },
  );
});

describe('as good as', () => {
  test('what is unknown of both alike does not blur which is better', () => {
    const ends = { fall: [-0.1, 0.05] as const };
    expect(differenceOff(ends, ends)).toBe(0);
    expect(isAsGood({ score: 0.8, ends }, { score: 0.81, ends })).toBe(false);
    expect(differenceOff(ends, {})).toBeCloseTo(0.1, 12);
    expect(isAsGood({ score: 0.8, ends }, { score: 0.81, ends: {} })).toBe(true);
    expect(differenceOff({ fall: [0.03, 0] }, { push: [0, 0.04] })).toBeCloseTo(0.05, 12);
  });
});
