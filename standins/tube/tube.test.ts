import { describe, expect, test } from '@jest/globals';
import { taughtBy, type TimedTest } from '../../core';
import { TRUE_RATES } from '../../demo/seasons';
import { fallInTube, hiddenLogs } from './tube-water';

const rig = TRUE_RATES.find(({ name }) => name === 'craw')!.rig;

describe('the practice tube', () => {
  test('the same seed is the same water, another is another; a path goes down to the bottom and no further', () => {
    expect(fallInTube(rig, 3, 16, 7)).toEqual(fallInTube(rig, 3, 16, 7));
    expect(fallInTube(rig, 3, 16, 7)!.seconds).not.toBeCloseTo(fallInTube(rig, 3, 16, 8)!.seconds, 2);
    expect(hiddenLogs(7, rig)).toEqual(hiddenLogs(7, rig));
    const { path, seconds } = fallInTube(rig, 3, 16, 7)!;
    expect(path[0]).toEqual([0, 0]);
    expect(path.at(-1)![0]).toBe(seconds);
    expect(path.at(-1)![1]).toBeCloseTo(3, 2);
    for (let at = 1; at < path.length; at++) expect(path[at]![1]).toBeGreaterThanOrEqual(path[at - 1]![1]);
  });
  test('its hidden truth is found by timing it: in 40 tubes it lies in the band of one test about four times in five, and nearer after three', () => {
    let [held, nearer] = [0, 0];
    for (let seed = 1; seed <= 40; seed++) {
      const truth = fallInTube(rig, 3, 16, seed)!.seconds;
      // a hand that is a tenth off, one way and the other
      const drop = (id: number, off: number): TimedTest => ({
        id: `t${id}`,
        at: '2026-09-20T10:00:00+00:00',
        changedAt: '2026-09-20T10:00:00.000Z',
        what: 'drop',
        rig,
        temperatureC: 16,
        depthM: 3,
        reactionS: 0.2,
        readings: [{ value: truth + 0.2 + off }],
      });
      const one = taughtBy([drop(1, 0.12)]).told[0]!;
      const three = taughtBy([drop(1, 0.12), drop(2, -0.1), drop(3, 0.02)]).told[0]!;
      if (truth >= one.now!.band[0] && truth <= one.now!.band[1]) held++;
      if (Math.abs(three.now!.value - truth) <= Math.abs(three.untested!.value - truth) + 0.05) nearer++;
    }
    expect(held).toBeGreaterThan(30);
    expect(nearer).toBeGreaterThan(36);
  });
});
