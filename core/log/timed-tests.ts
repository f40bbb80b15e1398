import * as z from 'zod/mini';
import { onsetOfMps } from '../motion/kick';
import type { Band } from '../motion/bands';
import {
  dropNoiseSd,
  factorsAt,
  keysOf,
  learn,
  predict,
  priorBelief,
  SESSION_DEPTH_SD,
  SESSION_HAND_SD_S,
  untested,
  wakeNoiseSd,
  without,
  type Belief,
  type FactorKey,
  type Predicted,
} from '../motion/calibration';
import { secondsToBottom, steadyFall } from '../motion/fall';
import { ASIDE_SD } from '../motion/fall-bands';
import { holdSpeedMps } from '../motion/level';
import { mediumAt } from '../motion/medium';
import { lineSchema } from '../motion/plan';
import { lureOf, towlineOf } from '../motion/towed';
import { rigBody } from '../rig/body/body';
import { BAND_80_SD } from '../units/band-80';
import { sameJson } from '../keeping/merge';
import { PART_LIMITS, rigSchema, shortText, within, type Rig } from '../rig/parts/schema';
import { msOf } from './schema';

/** What a test may hold. Half a metre is too short to time by hand. */
export const TEST_LIMITS = {
  depthM: { min: 0.5, max: 30 },
  seconds: { min: 0.3, max: 200 },
  turns: { min: 1, max: 60 },
  reactionS: { min: 0, max: 1 },
  asideM: { min: 0, max: 20 },
  castM: { min: 4, max: 60 },
  tipM: { min: 0.1, max: 4 },
  temperatureC: { min: 0, max: 40 },
  times: 20,
  tests: 500,
} as const;
/** Seconds handle turns are counted in. */
export const COUNTED_S = 10;
/** How long a hand takes to stop a watch by what it sees, s, where it was not measured. @source adr-0032 */
export const USUAL_REACTION_S = 0.25;

/** One reading; what is put out does not count. */
const readingOf = (range: { readonly min: number; readonly max: number }) =>
  z
    .array(z.strictObject({ value: within(range), isOut: z.exactOptional(z.literal(true)) }))
    .check(z.minLength(1), z.maxLength(TEST_LIMITS.times));
const common = {
  id: shortText(),
  at: z.iso.datetime({ offset: true }),
  changedAt: z.iso.datetime(),
  rig: rigSchema,
  temperatureC: within(TEST_LIMITS.temperatureC),
  /** in a made-up tube: practice, which teaches nothing about this angler’s lures */
  isPractice: z.exactOptional(z.literal(true)),
  /** the whole test does not count */
  isOut: z.exactOptional(z.literal(true)),
};
export const timedTestSchema = z.discriminatedUnion('what', [
  z.strictObject({
    ...common,
    what: z.literal('drop'),
    depthM: within(TEST_LIMITS.depthM),
    /** taken off every time: the hand is late by so much, s */
    reactionS: within(TEST_LIMITS.reactionS),
    readings: readingOf(TEST_LIMITS.seconds),
  }),
  z.strictObject({
    ...common,
    what: z.literal('aside'),
    depthM: within(TEST_LIMITS.depthM),
    /** m beside the place it was let go over, on a slack line */
    readings: readingOf(TEST_LIMITS.asideM),
  }),
  z.strictObject({
    ...common,
    what: z.literal('wake'),
    /** handle turns in ten seconds at which it just breaks the surface */
    readings: readingOf(TEST_LIMITS.turns),
    /** line a turn of the handle brings in, m */
    mPerTurn: within(PART_LIMITS.reelTurnM),
    castM: within(TEST_LIMITS.castM),
    tipM: within(TEST_LIMITS.tipM),
    line: lineSchema,
  }),
]);
export type TimedTest = z.infer<typeof timedTestSchema>;

const counted = ({ readings }: TimedTest): number[] => readings.flatMap(({ value, isOut }) => (isOut ? [] : [value]));
const meanOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
const spreadOf = (values: readonly number[]): number => {
  const mean = meanOf(values);
  return values.length < 3
    ? 0
    : Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (values.length - 1));
};

/**
 * What of the depth is put on top of how far aside it landed before both are compared, m: they are compared as shares, and straight down is nothing.
 * @source adr-0037
 */
const ASIDE_ON_TOP = 0.25;
const onTopM = (test: TimedTest): number => (test.what === 'aside' ? ASIDE_ON_TOP * test.depthM : 0);
/** A compared value in the unit it was read in: seconds, m/s at the surface, or m aside. */
export const asRead = (test: TimedTest, value: number): number => Math.max(0, value - onTopM(test));
/** How far from where it landed a place is read, m. @source adr-0037 */
const READ_M = 0.1;

/** What a test measured, in the unit it is compared in: seconds to the bottom, m/s at the surface, or m aside with a share of the depth on top. */
export interface Measured {
  readonly value: number;
  /** of its logarithm, from reading to reading */
  readonly noiseSd: number;
  /** what a session has wrong as a whole included: depth and hand */
  readonly band: Band;
  readonly times: number;
}
/** @returns null where every reading is put out, or nothing is left of them */
export function measuredBy(test: TimedTest): Measured | null {
  const values = counted(test);
  if (values.length === 0) return null;
  const mean = meanOf(values);
  if (test.what === 'aside') return measuredAside(test, mean, values);
  const value = test.what === 'drop' ? mean - test.reactionS : (mean * test.mPerTurn) / COUNTED_S;
  if (!(value > 0)) return null;
  const noiseSd =
    test.what === 'drop' ? dropNoiseSd(value, values.length, spreadOf(values)) : wakeNoiseSd(mean, values.length);
  const wholeSd = test.what === 'drop' ? Math.hypot(noiseSd, SESSION_DEPTH_SD, SESSION_HAND_SD_S / value) : noiseSd;
  const reach = Math.exp(BAND_80_SD * wholeSd);
  return { value, noiseSd, band: [value / reach, value * reach], times: values.length };
}

function measuredAside(test: Extract<TimedTest, { what: 'aside' }>, mean: number, values: readonly number[]): Measured {
  const value = mean + onTopM(test);
  const eachM = Math.max(READ_M, spreadOf(values)) / Math.sqrt(values.length);
  const noiseSd = Math.hypot(eachM, ASIDE_SD * test.depthM) / value;
  const reach = Math.exp(BAND_80_SD * noiseSd);
  return { value, noiseSd, band: [value / reach, value * reach], times: values.length };
}

/** What the model computes for a test, under any factors of the water. */
export function predictedFor(test: TimedTest): Predicted {
  const body = untested(rigBody(test.rig));
  const medium = mediumAt(test.temperatureC);
  const plastic = test.rig.trailer ?? null;
  const keys = keysOf(body, plastic);
  if (test.what === 'aside')
    return {
      keys,
      numberOf: (logs) => {
        const fall = steadyFall(body, medium, 0, factorsAt(logs, plastic));
        return fall.speedMps > 0 ? test.depthM * Math.abs(Math.tan(fall.glideRad)) + onTopM(test) : null;
      },
    };
  if (test.what === 'drop')
    return {
      keys,
      numberOf: (logs) =>
        secondsToBottom(body, medium, steadyFall(body, medium, 0, factorsAt(logs, plastic)), test.depthM),
    };
  const line = towlineOf(test.line, test.tipM);
  const onsetMps = onsetOfMps(test.rig.trailer, test.temperatureC);
  return {
    keys,
    numberOf: (logs) => holdSpeedMps(lureOf(body, medium, onsetMps, factorsAt(logs, plastic)), line, test.castM / 2, 0),
  };
}

/** Tests of one day were made with one tape and one hand: what is wrong with them is wrong with all of them. */
const sessionOf = ({ at }: TimedTest): string => at.slice(0, 10);
const isOfSession = (key: FactorKey): boolean => key.startsWith('depth:') || key.startsWith('late:');

/** The same as it was measured: in a depth and by a hand that are off for the whole session. */
function measuredFor(test: TimedTest, predicted: Predicted): Predicted {
  if (test.what !== 'drop') return predicted;
  const [depth, late]: FactorKey[] = [`depth:${sessionOf(test)}`, `late:${sessionOf(test)}`];
  return {
    keys: [...predicted.keys, depth!, late!],
    numberOf: (logs) => {
      const seconds = predicted.numberOf(logs);
      return seconds === null ? null : seconds * Math.exp(logs[depth!] ?? 0) + (logs[late!] ?? 0);
    },
  };
}

/** A test beside what is computed for it: before any test, with all the others, and with it too. */
export interface TestTold {
  readonly id: string;
  readonly measured: Measured | null;
  readonly untested: { readonly value: number; readonly band: Band } | null;
  readonly now: { readonly value: number; readonly band: Band } | null;
  /** how far it lies from what the tests before it led to expect, in standard deviations; null where it taught nothing */
  readonly surprise: number | null;
}
export interface Taught {
  /** null where no test counts */
  readonly belief: Belief | null;
  readonly told: readonly TestTold[];
}

const counts = ({ isOut, isPractice }: TimedTest): boolean => !isOut && !isPractice;

/**
 * Learns from tests in the order they were made in; practice and what is put out is told, and teaches nothing.
 * @source adr-0012, adr-0032
 */
export function taughtBy(tests: readonly TimedTest[]): Taught {
  const ordered = [...tests].sort((a, b) => msOf(a.at) - msOf(b.at));
  let belief = priorBelief();
  let isTaught = false;
  const seen = ordered.map((test) => {
    const predicted = predictedFor(test);
    const measured = measuredBy(test);
    const asMeasured = measuredFor(test, predicted);
    const expected = predict(belief, asMeasured);
    let surprise: number | null = null;
    if (measured && expected && counts(test)) {
      surprise = Math.log(measured.value / expected.value) / Math.hypot(expected.sd, measured.noiseSd);
      belief = learn(belief, asMeasured, measured.value, measured.noiseSd);
      isTaught = true;
    }
    return { test, predicted, measured, surprise };
  });
  const prior = priorBelief();
  belief = without(belief, isOfSession);
  return {
    belief: isTaught ? belief : null,
    told: seen.map(({ test, predicted, measured, surprise }) => ({
      id: test.id,
      measured,
      untested: predict(prior, predicted),
      now: predict(belief, predicted),
      surprise,
    })),
  };
}

/**
 * The test that would tell most of a rig next: what lifts turning blades is a guess, so that they are woken first; then how fast it falls, then how
 * far aside; after that another drop on another day.
 */
export function proposedTest(rig: Rig, tests: readonly TimedTest[]): TimedTest['what'] {
  const made = new Set(tests.flatMap((test) => (counts(test) && sameJson(test.rig, rig) ? [test.what] : [])));
  const order: readonly TimedTest['what'][] = rig.family === 'spinner' ? ['wake', 'drop'] : ['drop', 'aside', 'wake'];
  return order.find((what) => !made.has(what)) ?? 'drop';
}

/** Outlier threshold, standard deviations: a test that far off is most likely of another rig or depth, or a slip of the thumb. */
export const FAR_OFF_SD = 2.6;

/** Reaction time of the angler, s: the median of taps in answer to a sign; null before three. */
export function reactionOf(taps: readonly number[]): number | null {
  if (taps.length < 3) return null;
  const sorted = [...taps].sort((a, b) => a - b);
  return Math.min(TEST_LIMITS.reactionS.max, sorted[Math.floor(sorted.length / 2)]!);
}

/** A reading that is far from the others of its test: its place; a slip of the thumb. */
export function oddReadings({ readings }: TimedTest): number[] {
  const values = readings.map(({ value }) => value).sort((a, b) => a - b);
  if (values.length < 3) return [];
  const middle = values[Math.floor(values.length / 2)]!;
  const off = readings.map(({ value }) => Math.abs(value - middle)).sort((a, b) => a - b);
  const usual = Math.max(0.1, 0.03 * middle, off[Math.floor(off.length / 2)]!);
  return readings.flatMap(({ value }, at) => (Math.abs(value - middle) > 4 * usual ? [at] : []));
}
