import { TRAILER_KINDS, type TrailerKind } from '../tackle/trailers';
import { BAND_80_SD } from '../units/band-80';
import type { RigBody } from '../rig/body/body';
import {
  FACTOR_NAMES,
  FACTOR_SD,
  plasticKey,
  putInForce,
  UNTESTED,
  type DragFactors,
  type FactorName,
  type KnownFactors,
  type Plastic,
} from '../rig/body/known-factors';
import { factorsOf, type Band } from './bands';
import type { Logs } from './path-bands';

/**
 * An unknown by name. Every kind of trailer has a factor of its own, and every plastic that was tested the density of its batch. What was off in a
 * session of tests, the depth (share) and the hand (seconds), is asked for while that session is learnt from and then let go.
 */
export type FactorKey =
  | Exclude<FactorName, 'trailer' | 'batch'>
  | `trailer:${TrailerKind}`
  | `batch:${string}`
  | `depth:${string}`
  | `late:${string}`;

/** Unknowns every belief is about. */
export const FACTOR_KEYS: readonly FactorKey[] = [
  'head',
  'skirt',
  'lift',
  'blade',
  'bladeLift',
  'posture',
  'mass',
  ...TRAILER_KINDS.map((kind): FactorKey => `trailer:${kind}`),
];

/** What is believed about the logarithms of unknowns (seconds of a hand that is late): a joint normal in the order of its keys. Plain data. */
export interface Belief {
  readonly keys: readonly FactorKey[];
  readonly mean: readonly number[];
  readonly covariance: readonly (readonly number[])[];
}

/** How far off the depth of a session may be, share, and the hand that times it, s. @source adr-0037 */
export const SESSION_DEPTH_SD = 0.05;
export const SESSION_HAND_SD_S = 0.07;

/** Standard deviation of an unknown before any test. */
export function priorSdOf(key: FactorKey): number {
  const [what] = key.split(':') as [string];
  if (what === 'depth') return SESSION_DEPTH_SD;
  if (what === 'late') return SESSION_HAND_SD_S;
  return FACTOR_SD[what as FactorName];
}

/** A belief that is about some unknowns more, each as before any test. */
export function widened({ keys, mean, covariance }: Belief, more: readonly FactorKey[]): Belief {
  const added = more.filter((key) => !keys.includes(key));
  if (added.length === 0) return { keys, mean, covariance };
  const all = [...keys, ...added];
  return {
    keys: all,
    mean: [...mean, ...added.map(() => 0)],
    covariance: all.map((key, row) =>
      all.map((_, column) =>
        row < keys.length && column < keys.length
          ? covariance[row]![column]!
          : row === column
            ? priorSdOf(key) ** 2
            : 0,
      ),
    ),
  };
}

/** The same belief without some unknowns: what they had explained stays in what is known of the others. */
export function without({ keys, mean, covariance }: Belief, isGone: (key: FactorKey) => boolean): Belief {
  const kept = keys.flatMap((key, at) => (isGone(key) ? [] : [at]));
  return {
    keys: kept.map((at) => keys[at]!),
    mean: kept.map((at) => mean[at]!),
    covariance: kept.map((row) => kept.map((column) => covariance[row]![column]!)),
  };
}

/** Before any test: every factor 1, each unsure by itself. @source adr-0012 */
export const priorBelief = (): Belief => widened({ keys: [], mean: [], covariance: [] }, FACTOR_KEYS);

/** Key of a factor of a rig with a plastic; null where it has none. */
export function keyOf(name: FactorName, plastic: Plastic | null): FactorKey | null {
  if (name !== 'trailer' && name !== 'batch') return name;
  if (plastic === null) return null;
  return name === 'trailer' ? `trailer:${plastic.kind}` : `batch:${plasticKey(plastic)}`;
}

/** Factors of a rig with a plastic under a belief's mean; 1 for what it is not about. */
export function factorsAt(logs: Logs<FactorKey>, plastic: Plastic | null): DragFactors {
  const at = (name: FactorName): number => {
    const key = keyOf(name, plastic);
    return key === null ? 1 : Math.exp(logs[key] ?? 0);
  };
  return Object.fromEntries(FACTOR_NAMES.map((name) => [name, at(name)])) as unknown as DragFactors;
}

/** A number above 0 that follows from some unknowns, such as a time; null where there is none. */
export interface Predicted {
  readonly keys: readonly FactorKey[];
  /** @param logs  of the unknowns; 0 for what is not named */
  readonly numberOf: (logs: Logs<FactorKey>) => number | null;
}

/** What bears on a number of one rig. */
export const keysOf = (body: RigBody, plastic: Plastic | null): FactorKey[] =>
  factorsOf(body).flatMap((name) => keyOf(name, plastic) ?? []);

/** Half-width of the central differences for the sensitivities, as a share of the standard deviation before any test. */
const NUDGE_SD = 0.9;

const logsOf = (keys: readonly FactorKey[], values: readonly number[]): Logs<FactorKey> =>
  Object.fromEntries(keys.map((key, at) => [key, values[at]!]));

/** Logarithm of a quantity and its gradient with respect to a belief's unknowns, by central differences. Null where there is no number. */
function slopes(
  { keys: bearing, numberOf }: Predicted,
  keys: readonly FactorKey[],
  means: readonly number[],
): { log: number; row: number[] } | null {
  const logs = logsOf(keys, means);
  const logOf = (at: Logs<FactorKey>): number | null => {
    const value = numberOf(at);
    return value === null || !(value > 0) ? null : Math.log(value);
  };
  const log = logOf(logs);
  if (log === null) return null;
  const row: number[] = [];
  for (const key of keys) {
    if (!bearing.includes(key)) {
      row.push(0);
      continue;
    }
    const nudge = NUDGE_SD * priorSdOf(key);
    const [up, down] = [logOf({ ...logs, [key]: logs[key]! + nudge }), logOf({ ...logs, [key]: logs[key]! - nudge })];
    if (up === null || down === null) return null;
    row.push((up - down) / (2 * nudge));
  }
  return { log, row };
}

const times = (matrix: readonly (readonly number[])[], row: readonly number[]): number[] =>
  matrix.map((line) => line.reduce((sum, value, at) => sum + value * row[at]!, 0));
const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, at) => sum + value * b[at]!, 0);

/**
 * A number, its 80 % band and the standard deviation of its logarithm under what is believed.
 * @returns null where the model has no number
 */
export function predict(
  believed: Belief,
  predicted: Predicted,
): { readonly value: number; readonly band: Band; readonly sd: number } | null {
  const belief = widened(believed, predicted.keys);
  const found = slopes(predicted, belief.keys, belief.mean);
  if (found === null) return null;
  const sd = Math.sqrt(Math.max(0, dot(found.row, times(belief.covariance, found.row))));
  return {
    value: Math.exp(found.log),
    sd,
    band: [Math.exp(found.log - BAND_80_SD * sd), Math.exp(found.log + BAND_80_SD * sd)],
  };
}

const ROUNDS = 4;

/**
 * Takes one measurement in: Gaussian in the logarithms, slopes taken anew at each round's answer (iterated Kalman step). Rigs
 * that share a part share what was learnt about it.
 * @param measured  the number as measured, above 0
 * @param noiseSd   standard deviation of its logarithm: watch, tape, counting
 * @returns         the new belief; the old one when the model has no number for this rig
 * @source adr-0012
 */
export function learn(believed: Belief, predicted: Predicted, measured: number, noiseSd: number): Belief {
  const belief = widened(believed, predicted.keys);
  let mean = [...belief.mean];
  let gain: number[] = [];
  let row: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const found = slopes(predicted, belief.keys, mean);
    if (found === null) return believed;
    row = found.row;
    const carried = times(belief.covariance, row);
    const variance = dot(row, carried) + noiseSd ** 2;
    gain = carried.map((value) => value / variance);
    const surprise =
      Math.log(measured) -
      found.log -
      dot(
        row,
        belief.mean.map((value, at) => value - mean[at]!),
      );
    mean = belief.mean.map((value, at) => value + gain[at]! * surprise);
  }
  const spread = times(belief.covariance, row);
  return {
    keys: belief.keys,
    mean,
    covariance: belief.covariance.map((line, at) => line.map((value, column) => value - gain[at]! * spread[column]!)),
  };
}

/** Noise of a stopwatch from drop to drop, s, and of what else differs from drop to drop, share; depth and hand are a session's own. @source adr-0037 */
const WATCH_S = 0.15;
const DROP_SHARE = 0.01;
/** Noise of counting handle turns in ten seconds, turns, and of judging when it breaks the surface, share. @source adr-0012 */
const TURNS_OFF = 0.25;
const SURFACE_SHARE = 0.04;

/** Standard deviation of the logarithm of a timed drop; the hand differs from time to time. */
export const dropNoiseSd = (seconds: number, times = 1, watchS = WATCH_S): number =>
  Math.hypot(Math.max(WATCH_S, watchS) / seconds / Math.sqrt(times), DROP_SHARE);
/** Standard deviation of the logarithm of a wake speed from turns of the handle in ten seconds. */
export const wakeNoiseSd = (turns: number, times = 1): number =>
  Math.hypot(TURNS_OFF / turns / Math.sqrt(times), SURFACE_SHARE);

/** A body as it is before any test: what is learnt is told against that. */
export const untested = (body: RigBody): RigBody => ({ ...body, known: UNTESTED });

/** What a belief says of rigs with one plastic behind them; without one its own factors say nothing. */
export function knownOf(believed: Belief, plastic: Plastic | null): KnownFactors {
  const own = keyOf('batch', plastic);
  const { keys, mean, covariance } = own === null ? believed : widened(believed, [own]);
  const at = FACTOR_NAMES.map((name) => {
    const key = keyOf(name, plastic);
    return [name, key === null ? -1 : keys.indexOf(key)] as const;
  });
  const joint = (row: number, column: number): number => (row === -1 || column === -1 ? 0 : covariance[row]![column]!);
  return {
    centre: factorsAt(logsOf(keys, mean), plastic),
    covariance: Object.fromEntries(
      at.map(([name, row]) => [name, Object.fromEntries(at.map(([other, column]) => [other, joint(row, column)]))]),
    ) as KnownFactors['covariance'],
  };
}

/** Whether a belief, as it was written somewhere, is of the factors there are today. */
export const isBelief = (value: unknown): value is Belief => {
  const { keys, mean, covariance } = (value ?? {}) as Partial<Belief>;
  if (!Array.isArray(keys) || !FACTOR_KEYS.every((key, at) => keys[at] === key)) return false;
  if (!keys.slice(FACTOR_KEYS.length).every((key) => String(key).startsWith('batch:'))) return false;
  const isRow = (row: unknown): boolean =>
    Array.isArray(row) && row.length === keys.length && row.every((one) => Number.isFinite(one));
  return isRow(mean) && Array.isArray(covariance) && covariance.length === keys.length && covariance.every(isRow);
};

/** Puts a posterior in force in this thread from now on; null for the prior. */
export function calibrateBy(belief: Belief | null): void {
  if (belief === null) return putInForce(null);
  const tested = new Set<string>(belief.keys.filter((key) => key.startsWith('batch:')));
  const known = new Map<string, KnownFactors>();
  const between = (a: FactorKey | null, b: FactorKey | null): number => {
    const [row, column] = [a, b].map((key) => (key === null ? -1 : belief.keys.indexOf(key)));
    return row === -1 || column === -1 ? 0 : belief.covariance[row!]![column!]!;
  };
  putInForce({
    of(plastic) {
      // plastics of a kind that nobody tested are known alike
      const batch = plastic === null || tested.size === 0 ? null : keyOf('batch', plastic);
      const name = batch !== null && tested.has(batch) ? batch : (plastic?.kind ?? '');
      const of = known.get(name) ?? knownOf(belief, plastic);
      known.set(name, of);
      return of;
    },
    between: (own, a, other, b) => (a && b ? between(keyOf(own, a), keyOf(other, b)) : 0),
  });
}
