import { afterEach, describe, expect, test } from '@jest/globals';
import { calibrateBy, factorsAt, learn, priorBelief, untested, type Belief } from '../motion/calibration';
import { fishesLikeBandOz, fishesLikeOz } from '../motion/fishes-like';
import { steadyFall } from '../motion/fall';
import { mediumOf } from '../motion/medium';
import { rigBody } from '../rig/body/body';
import { PLAIN_CHUNK } from '../rig/parts/plain-chunk';
import type { Rig } from '../rig/parts/schema';
import { hiddenTruth } from '../testing/fixtures/hidden-truth';
import { jig, steadyPlan } from '../testing/fixtures/rigs';
import { runs } from '../testing/runs';
import type { TrailerKind } from '../tackle/trailers';
import { DEFAULT_WATER, type Water } from '../water/schema';
import { filmOf } from './film';
import { measuredOf } from './numbers';
import { versus } from './versus';

const WATER: Water = { ...DEFAULT_WATER, temperatureC: 16, depthM: 30, cover: [] };
const MEDIUM = mediumOf(WATER);
const TRUTHS = runs(400);
/** Binomial spread of a share of 0.8 over so many truths, three of them, and the five per cent that are allowed. */
const OFF = 0.05 + (process.env['SOAK'] ? 0.02 : 0.09);

const swim = (trailer: TrailerKind): Rig => jig({ style: 'swim', trailer });

afterEach(() => calibrateBy(null));

/** How often a hidden truth lies in a band. */
function share(ofTruth: (seed: number) => number, [low, high]: readonly [number, number]): number {
  let held = 0;
  for (let seed = 1; seed <= TRUTHS; seed++) {
    const truth = ofTruth(seed * 7919);
    if (truth >= low && truth <= high) held++;
  }
  return held / TRUTHS;
}
const expectEighty = (held: number): void => {
  expect(held).toBeGreaterThan(0.8 - OFF);
  expect(held).toBeLessThan(0.8 + OFF);
};

describe('bands of differences hold four hidden truths of five', () => {
  test.each<readonly [TrailerKind, TrailerKind]>([
    ['flapper-craw', 'kick-bug'],
    ['paddle-tail', 'ribbed-paddle-tail'],
    ['chunk', 'straight-minnow'],
    ['stick-worm', 'stick-worm'],
  ])('depth half way back and fall of a %s and a %s', (one, other) => {
    // the same kind twice: another length of it is another batch
    const [a, b] = [swim(one), one === other ? jig({ style: 'swim', trailer: other, lengthIn: 4 }) : swim(other)];
    const plan = steadyPlan(0.7, 2);
    const [filmA, filmB] = [filmOf(a, plan, WATER), filmOf(b, plan, WATER)];
    const told = versus(filmA, filmB, WATER);
    for (const measure of ['mid-depth', 'fall'] as const) {
      const { by } = told.find((row) => row.measure === measure)!;
      const truth = (seed: number): number => {
        const world = hiddenTruth(seed);
        const [ofA, ofB] = [measuredOf(filmA, WATER, world.of(a)), measuredOf(filmB, WATER, world.of(b))];
        return ofB[measure]! - ofA[measure]!;
      };
      expectEighty(share(truth, by!.band!));
    }
  });

  test.each<TrailerKind>(['flapper-craw', 'kick-bug', 'paddle-tail'])('what a %s fishes like', (kind) => {
    const rig = jig({ trailer: kind });
    const body = rigBody(rig);
    const plain = { ...rig, trailer: PLAIN_CHUNK };
    expectEighty(
      share((seed) => {
        const world = hiddenTruth(seed);
        const { speedMps } = steadyFall(body, MEDIUM, 0, world.of(rig));
        return fishesLikeOz(rig, MEDIUM, speedMps, 0, world.of(plain))!;
      }, fishesLikeBandOz(rig, MEDIUM)!),
    );
  });
});

describe('after tests of one lure', () => {
  const craw = jig({ trailer: 'flapper-craw' });
  const bug = jig({ trailer: 'kick-bug' });
  /** A timed speed of fall, taken in. */
  const timed = (belief: Belief, rig: Rig, mps: number): Belief => {
    const body = untested(rigBody(rig));
    const [keys, plastic] = [priorBelief().keys, rig.trailer!];
    return learn(
      belief,
      { keys, numberOf: (logs) => steadyFall(body, MEDIUM, 0, factorsAt(logs, plastic)).speedMps },
      mps,
      0.03,
    );
  };
  test('two kinds still differ in their own ways: the band of their difference hardly narrows', () => {
    const plan = steadyPlan(0.7, 2);
    const widthOf = (): number => {
      const fall = versus(filmOf(craw, plan, WATER), filmOf(bug, plan, WATER), WATER).find(
        (row) => row.measure === 'fall',
      )!;
      return fall.by!.band![1] - fall.by!.band![0];
    };
    const before = widthOf();
    let belief = priorBelief();
    for (let at = 0; at < 4; at++) belief = timed(belief, craw, steadyFall(rigBody(craw), MEDIUM).speedMps);
    calibrateBy(belief);
    const one = widthOf();
    expect(one).toBeGreaterThan(0.4 * before);
    for (let at = 0; at < 4; at++) belief = timed(belief, bug, steadyFall(untested(rigBody(bug)), MEDIUM).speedMps);
    calibrateBy(belief);
    expect(widthOf()).toBeLessThan(0.8 * one);
  });
});
