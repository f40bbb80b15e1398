import { afterEach, describe, expect, test } from '@jest/globals';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { DEMO_BOX } from '../../demo/brindle-mere';
import type { OwnLog } from '../advice/conditions/own-log';
import { advise } from '../advice/recommend/advise';
import { fallBandMps } from '../motion/fall-bands';
import { calibrateBy, factorsAt, FACTOR_KEYS, isBelief, predict, priorBelief } from '../motion/calibration';
import { steadyFall } from '../motion/fall';
import { fallBoundsMps, skirtEnvelope } from '../motion/fall-bounds';
import { mediumAt, mediumOf } from '../motion/medium';
import { linearBand, logBand } from '../motion/path-bands';
import { fallReport } from '../motion/report';
import { lureOf } from '../motion/towed';
import { levelDepthM } from '../motion/level';
import { parseWith } from '../parse';
import { rigBody } from '../rig/body/body';
import { jig, spinner } from '../testing/fixtures/rigs';
import {
  asRead,
  FAR_OFF_SD,
  measuredBy,
  oddReadings,
  predictedFor,
  proposedTest,
  reactionOf,
  taughtBy,
  timedTestSchema,
  type TimedTest,
} from './timed-tests';

afterEach(() => calibrateBy(null));

const CRAW = jig({ trailer: 'flapper-craw' });
type Drop = Extract<TimedTest, { what: 'drop' }>;
const drop = (seconds: readonly number[], more: Partial<Drop> = {}): Drop => ({
  id: `d${seconds.join('-')}`,
  at: '2026-09-20T10:00:00+00:00',
  changedAt: '2026-09-20T10:00:00.000Z',
  what: 'drop',
  rig: CRAW,
  temperatureC: 16,
  depthM: 3,
  reactionS: 0.2,
  readings: seconds.map((value) => ({ value })),
  ...more,
});
const wake = (turns: readonly number[]): TimedTest => ({
  id: 'w',
  at: '2026-09-20T11:00:00+00:00',
  changedAt: '2026-09-20T11:00:00.000Z',
  what: 'wake',
  rig: jig({ style: 'swim', trailer: 'paddle-tail' }),
  temperatureC: 18,
  readings: turns.map((value) => ({ value })),
  mPerTurn: 0.65,
  castM: 25,
  tipM: 1.5,
  line: { kind: 'fluorocarbon', lb: 15 },
});

describe('what a test measured', () => {
  test('is the mean of what counts, less the hand; more times tell it closer, but never better than tape and hand of its session', () => {
    const one = measuredBy(drop([6.2]))!;
    expect(one.value).toBeCloseTo(6, 9);
    const four = measuredBy(drop([6.1, 6.3, 6.2, 6.2]))!;
    expect(four.noiseSd).toBeLessThan(one.noiseSd);
    expect(four.noiseSd).toBeGreaterThan(0.01);
    // one tape and one hand a session: no number of drops tells it closer than they are
    const many = measuredBy(drop(Array.from({ length: 20 }, () => 6.2)))!;
    expect(Math.log(many.band[1] / many.value)).toBeGreaterThan(1.28 * 0.04);
    // a hand that scatters is believed less
    expect(measuredBy(drop([5, 7.4, 6.2]))!.noiseSd).toBeGreaterThan(measuredBy(drop([6.2, 6.3, 6.1]))!.noiseSd);
    const [low, high] = one.band;
    expect(low < one.value && one.value < high).toBe(true);
  });
  test('readings that are put out do not count; where none is left there is nothing', () => {
    const some = drop([6.2, 9]);
    expect(measuredBy({ ...some, readings: [{ value: 6.2 }, { value: 9, isOut: true }] })!.value).toBeCloseTo(6, 9);
    expect(measuredBy({ ...some, readings: [{ value: 6.2, isOut: true }] })).toBeNull();
    expect(measuredBy(drop([0.3], { reactionS: 0.5 }))).toBeNull();
  });
  test('of a wake it is the speed of the line', () => {
    expect(measuredBy(wake([12, 12]))!.value).toBeCloseTo(0.78, 9);
  });
  test('a slip of the thumb is found, ordinary scatter is not', () => {
    expect(oddReadings(drop([6.1, 6.2, 6.3, 3.1]))).toEqual([3]);
    expect(oddReadings(drop([6.1, 6.4, 6.2, 6.0]))).toEqual([]);
    expect(oddReadings(drop([6.1, 3]))).toEqual([]);
  });
  test('how late a hand is, is the middle of at least three taps', () => {
    expect(reactionOf([0.2, 0.3])).toBeNull();
    expect(reactionOf([0.9, 0.2, 0.25])).toBe(0.25);
    expect(reactionOf([3, 3, 3])).toBe(1);
  });
  test('what no test can be is refused', () => {
    for (const test_ of [drop([6.2]), wake([12])]) expect(parseWith(timedTestSchema, test_).ok).toBe(true);
    expect(parseWith(timedTestSchema, drop([]))).toMatchObject({ ok: false });
    expect(parseWith(timedTestSchema, drop([6], { depthM: 0.2 }))).toMatchObject({ ok: false });
  });
});

describe('how far aside it landed', () => {
  const aside = (
    readings: readonly number[],
    more: Partial<Extract<TimedTest, { what: 'aside' }>> = {},
  ): TimedTest => ({
    id: `a${readings.join('-')}`,
    at: '2026-09-21T10:00:00+00:00',
    changedAt: '2026-09-21T10:00:00.000Z',
    what: 'aside',
    rig: CRAW,
    temperatureC: 16,
    depthM: 3,
    readings: readings.map((value) => ({ value })),
    ...more,
  });
  const computedM = asRead(aside([0]), predict(priorBelief(), predictedFor(aside([0])))!.value);
  test('is read in metres, straight down included; what it is compared by has a share of the depth on top', () => {
    expect(asRead(aside([0.4, 0.6]), measuredBy(aside([0.4, 0.6]))!.value)).toBeCloseTo(0.5, 9);
    expect(measuredBy(aside([0]))!.band[0]).toBeGreaterThan(0);
    expect(computedM).toBeCloseTo(3 * Math.abs(Math.tan(steadyFall(rigBody(CRAW), mediumAt(16)).glideRad)), 9);
    expect(parseWith(timedTestSchema, aside([25])).ok).toBe(false);
    expect(parseWith(timedTestSchema, aside([0])).ok).toBe(true);
  });
  test('tells the angle: further aside is flatter, straight down steeper, and its band narrows more than by a drop', () => {
    const after = (tests: readonly TimedTest[]) => predict(taughtBy(tests).belief!, predictedFor(aside([0])))!;
    const before = predict(priorBelief(), predictedFor(aside([0])))!;
    const [far, none] = [after([aside([3 * computedM, 3 * computedM])]), after([aside([0, 0.05])])];
    expect(far.value).toBeGreaterThan(before.value);
    expect(none.value).toBeLessThan(before.value);
    const as = aside([computedM, computedM, computedM]);
    const dropped = drop([predict(priorBelief(), predictedFor(drop([1])))!.value + 0.2]);
    expect(after([as]).sd).toBeLessThan(after([dropped]).sd);
  });
  test('what is proposed next: blades are woken first, a jig is dropped, then read aside, then dropped again', () => {
    const blades = spinner();
    expect(proposedTest(blades, [])).toBe('wake');
    expect(proposedTest(blades, [{ ...wake([12]), rig: blades }])).toBe('drop');
    expect(proposedTest(CRAW, [])).toBe('drop');
    expect(proposedTest(CRAW, [drop([6])])).toBe('aside');
    expect(proposedTest(CRAW, [drop([6]), aside([0.3]), { ...wake([12]), rig: CRAW }])).toBe('drop');
    // practice and what is put out has told nothing
    expect(proposedTest(CRAW, [{ ...drop([6]), isPractice: true }])).toBe('drop');
  });
});

describe('what tests teach', () => {
  const computed = predict(priorBelief(), predictedFor(drop([1])))!.value;
  const slow = drop([1.3 * computed + 0.2, 1.31 * computed + 0.2, 1.29 * computed + 0.2]);

  test('the band is where the tests put it, narrower than before; practice and what is put out teach nothing', () => {
    const { belief, told } = taughtBy([slow]);
    expect(isBelief(belief)).toBe(true);
    const [only] = told;
    expect(only!.now!.value).toBeGreaterThan(only!.untested!.value);
    const width = ({ band }: { band: readonly [number, number] }): number => band[1] / band[0];
    expect(width(only!.now!)).toBeLessThan(width(only!.untested!));
    expect(taughtBy([{ ...slow, isPractice: true }]).belief).toBeNull();
    expect(taughtBy([{ ...slow, isOut: true }])).toMatchObject({ belief: null, told: [{ surprise: null }] });
    expect(taughtBy([]).belief).toBeNull();
  });
  test('one that cannot be right stands out', () => {
    const usual = drop([computed + 0.2, computed + 0.2]);
    const wrong = drop([0.35 * computed], { id: 'wrong', at: '2026-09-20T12:00:00+00:00' });
    const { told } = taughtBy([wrong, usual]);
    expect(Math.abs(told.find(({ id }) => id === 'wrong')!.surprise!)).toBeGreaterThan(FAR_OFF_SD);
    expect(Math.abs(told.find(({ id }) => id === usual.id)!.surprise!)).toBeLessThan(1);
  });
  test('is worked with everywhere: fall, its band, a running depth, a report and an answer; and given up again', () => {
    const medium = mediumAt(16);
    const numbers = () => {
      const body = rigBody(CRAW);
      const fall = steadyFall(body, medium);
      const depth = linearBand(body, (factors) =>
        levelDepthM(lureOf(body, medium, 0.25, factors), { diameterM: 0.00033, densityKgM3: 1140, tipM: 1 }, 12, 0.4),
      )!;
      return {
        fall: fall.speedMps,
        band: fallBandMps(body, medium, fall),
        depth,
        report: fallReport(CRAW, mediumOf(NORTH_ARM)).speedMps,
        answer: advise(NORTH_ARM, DEMO_BOX, 3, { asks: 'own-school' }).picks.map(({ fall: { speedMps } }) => speedMps),
      };
    };
    const before = numbers();
    const { belief } = taughtBy([slow]);
    calibrateBy(belief);
    const after = numbers();
    expect(after.fall).toBeLessThan(0.9 * before.fall);
    const width = ([low, high]: readonly [number, number]): number => Math.log(high / low);
    expect(width(after.band)).toBeLessThan(0.5 * width(before.band));
    expect(after.depth[1] - after.depth[0]).not.toBeCloseTo(before.depth[1] - before.depth[0], 3);
    expect(after.report).toBeLessThan(before.report);
    expect(after.answer).not.toEqual(before.answer);
    calibrateBy(null);
    expect(numbers()).toEqual(before);
  });
  test('what the band says of a rig after tests is what the belief says of it', () => {
    const { belief } = taughtBy([slow]);
    calibrateBy(belief);
    const body = rigBody(CRAW);
    const medium = mediumAt(16);
    const here = logBand(body, (factors) => steadyFall(body, medium, 0, factors).speedMps)!;
    const untestedBody = {
      ...body,
      known: {
        ...body.known,
        centre: Object.fromEntries(Object.keys(body.known.centre).map((key) => [key, 1])) as never,
      },
    };
    const there = predict(belief!, {
      keys: FACTOR_KEYS,
      numberOf: (logs) => steadyFall(untestedBody, medium, 0, factorsAt(logs, CRAW.trailer ?? null)).speedMps,
    })!.band;
    here.forEach((end, at) => expect(end / there[at]!).toBeCloseTo(1, 1));
  });
  test('bounds of the search hold under what was taught', () => {
    calibrateBy(taughtBy([slow]).belief);
    const medium = mediumAt(16);
    const rig = jig({ trailer: 'flapper-craw' });
    const bare = rigBody({ ...rig, skirt: null });
    const skirts = [rigBody(rig).skirt, rigBody(jig({ strands: 30 })).skirt];
    const [low, high] = fallBoundsMps(bare, skirtEnvelope(skirts, medium), medium);
    // what is known of a skirt counts in the bounds as it does in the fall
    for (const skirt of [50, 30]) {
      const { speedMps } = steadyFall(rigBody(jig({ trailer: 'flapper-craw', strands: skirt })), medium);
      expect(speedMps).toBeGreaterThanOrEqual(low);
      expect(speedMps).toBeLessThanOrEqual(high);
    }
  });
  test('a belief of other factors is none', () => {
    expect(isBelief({ mean: [0], covariance: [[0]] })).toBe(false);
    expect(isBelief(null)).toBe(false);
    expect(isBelief(JSON.parse(JSON.stringify(priorBelief())))).toBe(true);
    expect(FACTOR_KEYS.length).toBeGreaterThan(6);
  });
});

describe('the log where a rig is picked', () => {
  test('a kind that is bitten more gains, one that is bitten less loses, no want is overruled, and the reason has its hours', () => {
    const plain = advise(NORTH_ARM, DEMO_BOX, 8, { asks: 'own-school' }).picks;
    const [first] = plain;
    const kind = `${first!.rig.family}/${first!.rig.trailer?.kind ?? 'none'}`;
    const other = plain.find(({ rig }) => rig.trailer?.kind !== first!.rig.trailer?.kind)!;
    const otherKind = `${other.rig.family}/${other.rig.trailer?.kind ?? 'none'}`;
    const log: OwnLog = {
      'stained/cool': {
        [kind]: { hours: 30, bites: 9, perHour: 0.35, band: [0.2, 0.5], meanPerHour: 1 },
        [otherKind]: { hours: 30, bites: 60, perHour: 1.9, band: [1.6, 2.2], meanPerHour: 1 },
      },
    };
    const heard = advise(NORTH_ARM, DEMO_BOX, 8, { asks: 'own-school', own: { gear: null, log } }).picks;
    const scoreOf = (picks: typeof plain, of: (typeof plain)[number]): number =>
      picks.find(({ base }) => JSON.stringify(base) === JSON.stringify(of.base))?.score ?? 0;
    expect(scoreOf(heard, first!)).toBeLessThan(first!.score);
    expect(scoreOf(heard, other)).toBeGreaterThan(other.score);
    const told = heard.find(({ base }) => JSON.stringify(base) === JSON.stringify(other.base))!;
    const reason = told.reasons.find(({ logged }) => logged)!;
    expect(reason).toMatchObject({ for: true, want: null, logged: { hours: 30, bites: 60 } });
    // at most what one want counts
    expect(reason.weight).toBeLessThanOrEqual(Math.max(...told.wants.map(({ weight }) => weight)));
    expect(advise(NORTH_ARM, DEMO_BOX, 8, { asks: 'own-school', own: { gear: null, log: {} } }).picks).toEqual(plain);
  });
});
