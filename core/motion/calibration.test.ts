import { describe, expect, test } from '@jest/globals';
import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { jig } from '../testing/fixtures/rigs';
import { hiddenTruth } from '../testing/fixtures/hidden-truth';
import {
  dropNoiseSd,
  factorsAt,
  keysOf,
  learn,
  predict,
  priorBelief,
  wakeNoiseSd,
  type Belief,
  type Predicted,
} from './calibration';
import { secondsToBottom, steadyFall } from './fall';
import { mediumAt } from './medium';
import type { DragFactors } from './fall-areas';
import { holdSpeedMps } from './level';
import { lureOf } from './towed';

const medium = mediumAt(16);
const DEPTH_M = 3;

interface Asked extends Predicted {
  readonly rig: Rig;
}
const asked = (rig: Rig, numberOf: (factors: DragFactors) => number | null): Asked => ({
  rig,
  keys: keysOf(rigBody(rig), rig.trailer ?? null),
  numberOf: (logs) => numberOf(factorsAt(logs, rig.trailer ?? null)),
});
/** Seconds a rig takes to the bottom under some factors. */
const dropOf = (rig: Rig): Asked => {
  const body = rigBody(rig);
  return asked(rig, (factors) => secondsToBottom(body, medium, steadyFall(body, medium, 0, factors), DEPTH_M));
};
/** Speed at which it just breaks the surface half way back. */
const wakeOf = (rig: Rig): Asked => {
  const body = rigBody(rig);
  const line = { diameterM: 0.00033, densityKgM3: 1140, tipM: 1 };
  return asked(rig, (factors) => holdSpeedMps(lureOf(body, medium, 0.25, factors), line, 12.5, 0));
};

const CHUNK = dropOf(jig());
const CRAW = dropOf(jig({ trailer: 'flapper-craw' }));
const CRAW_ON_HALF = dropOf(jig({ oz: 0.5, trailer: 'flapper-craw' }));
const SWIM = wakeOf(jig({ style: 'swim', trailer: 'paddle-tail' }));

/** A made-up water with factors nobody knows, and a hand that times it. */
function hidden(seed: number) {
  const world = hiddenTruth(seed);
  const truth = (of: Asked): number => {
    world.of(of.rig);
    return of.numberOf(world.logs)!;
  };
  return {
    truth,
    timed: (of: Asked): number => truth(of) * Math.exp(dropNoiseSd(truth(of)) * world.normal()),
    turned: (of: Asked): number => truth(of) * Math.exp(wakeNoiseSd((10 * truth(of)) / 0.65) * world.normal()),
  };
}

const learnDrop = (belief: Belief, of: Predicted, seconds: number): Belief =>
  learn(belief, of, seconds, dropNoiseSd(seconds));
const widthOf = (belief: Belief, of: Predicted): number => {
  const [low, high] = predict(belief, of)!.band;
  return Math.log(high / low);
};

describe('drop and wake tests teach the factors', () => {
  test('over 600 hidden truths, posture and head mass among them, the 80 % band holds the truth in 75 to 85 %, after none, one and four tests', () => {
    const WORLDS = 600;
    const hits = [0, 0, 0];
    for (let seed = 1; seed <= WORLDS; seed++) {
      const world = hidden(seed * 104_729);
      const none = priorBelief();
      const one = learnDrop(none, CHUNK, world.timed(CHUNK));
      let four = one;
      for (const rig of [CRAW, CHUNK]) four = learnDrop(four, rig, world.timed(rig));
      const turned = world.turned(SWIM);
      four = learn(four, SWIM, turned, wakeNoiseSd((10 * turned) / 0.65));
      [none, one, four].forEach((belief, at) => {
        const { band } = predict(belief, CRAW_ON_HALF)!;
        const truth = world.truth(CRAW_ON_HALF);
        if (truth >= band[0] && truth <= band[1]) hits[at]!++;
      });
    }
    for (const hit of hits) {
      expect(hit / WORLDS).toBeGreaterThanOrEqual(0.75);
      expect(hit / WORLDS).toBeLessThanOrEqual(0.85);
    }
  });
  test('the band narrows with tests of the same rig, and hardly widens for another', () => {
    const world = hidden(7);
    let belief = priorBelief();
    for (let at = 0; at < 5; at++) {
      const next = learnDrop(belief, CRAW, world.timed(CRAW));
      // what is believed of its angle moves, and slopes with it: that is worth a tenth of what was unknown at most
      expect(widthOf(next, CRAW)).toBeLessThan(widthOf(belief, CRAW) + 0.1 * widthOf(priorBelief(), CRAW));
      expect(widthOf(next, CRAW)).toBeLessThan(0.4 * widthOf(priorBelief(), CRAW));
      expect(widthOf(next, CHUNK)).toBeLessThan(1.1 * widthOf(priorBelief(), CHUNK));
      belief = next;
    }
  });
  test('rigs that share a trailer learn more from it than those that do not', () => {
    const belief = learnDrop(priorBelief(), CRAW, 9);
    const gained = (of: Predicted): number => widthOf(belief, of) / widthOf(priorBelief(), of);
    expect(gained(CRAW_ON_HALF)).toBeLessThan(gained(CHUNK));
  });
  test('slower than computed means more drag; what was believed moves there', () => {
    const before = predict(priorBelief(), CRAW)!;
    const after = predict(learnDrop(priorBelief(), CRAW, before.value * 1.3), CRAW)!;
    expect(after.value).toBeGreaterThan(before.value);
    expect(after.value).toBeLessThan(before.value * 1.3 + 1e-9);
  });
  test('a rig the model has no number for teaches nothing', () => {
    const none: Predicted = { keys: ['head'], numberOf: () => null };
    const belief = priorBelief();
    expect(learn(belief, none, 3, 0.1)).toBe(belief);
    expect(predict(belief, none)).toBeNull();
  });
  test('a belief is plain data: it survives being written and read', () => {
    const belief = learnDrop(priorBelief(), CRAW, 8);
    expect(predict(JSON.parse(JSON.stringify(belief)) as Belief, CRAW)).toEqual(predict(belief, CRAW));
  });
});
