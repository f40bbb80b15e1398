import { describe, expect, test } from '@jest/globals';
import { factorsAt, predict, priorBelief } from '../motion/calibration';
import { SURE_FACTORS } from '../motion/path-bands';
import type { Rig } from '../rig/parts/schema';
import { hiddenTruth, type HiddenTruth } from '../testing/fixtures/hidden-truth';
import { jig } from '../testing/fixtures/rigs';
import { secondsDown, timedSession } from '../testing/fixtures/timed-session';
import { runs } from '../testing/runs';
import { predictedFor, taughtBy, USUAL_REACTION_S, type TimedTest } from './timed-tests';

const WORLDS = runs(400);
/** Binomial spread of a share of 0.8, twice over, and five per cent. */
const OFF = 0.05 + (process.env['SOAK'] ? 0.03 : 0.08);

const CRAW = jig({ trailer: 'flapper-craw' });
const CRAW_ON_HALF = jig({ oz: 0.5, trailer: 'flapper-craw' });
/** A stick worm of one softness and one of another: two batches of a kind. */
const worm = (softness: 'soft' | 'tough'): Rig =>
  jig({ trailer: 'stick-worm', strands: 0, oz: 0.125, more: { softness } });

/** How often the truth of a rig lies in its band after some tests. */
function heldShare(rig: Rig, testsIn: (world: HiddenTruth) => readonly TimedTest[]): number {
  let held = 0;
  for (let seed = 1; seed <= WORLDS; seed++) {
    const world = hiddenTruth(seed * 15_485_863);
    const { belief } = taughtBy(testsIn(world));
    const of = predictedFor(timedSession(world, [rig], '2026-10-01', 1)[0]!);
    const { band } = predict(belief ?? priorBelief(), of)!;
    const truth = secondsDown(rig, world.of(rig));
    if (truth >= band[0] && truth <= band[1]) held++;
  }
  return held / WORLDS;
}
const expectEighty = (held: number): void => {
  expect(held).toBeGreaterThan(0.8 - OFF);
  expect(held).toBeLessThan(0.8 + OFF);
};

describe('one tape and one hand a session', () => {
  test('the band after ten drops of a session holds the truth as often as it says', () => {
    expectEighty(heldShare(CRAW, (world) => timedSession(world, [CRAW], '2026-09-20', 10)));
  });
  test('so it does for another rig, after two sessions of two lures', () => {
    expectEighty(
      heldShare(CRAW_ON_HALF, (world) => [
        ...timedSession(world, [CRAW, jig()], '2026-09-20', 3),
        ...timedSession(world, [CRAW], '2026-09-21', 3),
      ]),
    );
  });
  test('ten drops more of one session tell little more, another session does', () => {
    const widthAfter = (tests: readonly TimedTest[]): number => {
      const { belief } = taughtBy(tests);
      const { band } = predict(belief!, predictedFor(tests[0]!))!;
      return Math.log(band[1] / band[0]);
    };
    const sure = { ...hiddenTruth(3), normal: () => 0 };
    const one = widthAfter(timedSession(sure, [CRAW], '2026-09-20', 5));
    const more = widthAfter(timedSession(sure, [CRAW], '2026-09-20', 15));
    const other = widthAfter([
      ...timedSession(sure, [CRAW], '2026-09-20', 5),
      ...timedSession(sure, [CRAW], '2026-09-21', 5),
      ...timedSession(sure, [CRAW], '2026-09-22', 5),
    ]);
    expect(more).toBeGreaterThan(0.85 * one);
    expect(other).toBeLessThan(more);
  });
});

describe('two batches of a kind', () => {
  test('a floating worm that was timed does not move a salted one out of its band', () => {
    const floats = jig({ trailer: 'stick-worm', strands: 0, oz: 0.125, more: { softness: 'tough' } });
    // its plastic is a tenth lighter than its kind's
    const logs = { 'batch:stick-worm/127/tough//': Math.log(0.9) } as const;
    const seconds = secondsDown(floats, { ...SURE_FACTORS, ...factorsAt(logs, floats.trailer ?? null) });
    const [base] = timedSession({ ...hiddenTruth(1), normal: () => 0 }, [floats], '2026-09-20', 5);
    const timed = {
      ...base!,
      readings: Array.from({ length: 5 }, () => ({ value: seconds + USUAL_REACTION_S })),
    } as TimedTest;
    const { belief } = taughtBy([timed]);
    const salted = predictedFor({ ...timed, rig: worm('soft') } as TimedTest);
    const before = predict(priorBelief(), salted)!;
    const after = predict(belief!, salted)!;
    const own = predict(belief!, predictedFor(timed))!;
    const ownBefore = predict(priorBelief(), predictedFor(timed))!;
    // what was timed has moved more than the other, and what that one was taken for lies in its band
    const [moved, other] = [Math.log(own.value / ownBefore.value), Math.log(after.value / before.value)];
    expect(moved).toBeGreaterThan(0.08);
    expect(other).toBeLessThan(moved);
    expect(before.value).toBeGreaterThan(after.band[0]);
    expect(before.value).toBeLessThan(after.band[1]);
  });
  test('the band of a worm holds its truth after another batch of it was timed', () => {
    expectEighty(heldShare(worm('soft'), (world) => timedSession(world, [worm('tough')], '2026-09-20', 4)));
  });
  test('a weighed plastic has no batch to doubt: its band is narrower', () => {
    const widthOf = (rig: Rig): number => {
      const { band } = predict(priorBelief(), predictedFor(timedSession(hiddenTruth(1), [rig], '2026-09-20', 1)[0]!))!;
      return Math.log(band[1] / band[0]);
    };
    const weighed = { ...worm('soft'), trailer: { ...worm('soft').trailer!, massG: 11.5 } };
    expect(widthOf(weighed)).toBeLessThan(widthOf(worm('soft')));
  });
});
