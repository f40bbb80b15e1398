import {
  factorsAt,
  FACTOR_KEYS,
  fallenM,
  mediumAt,
  rigBody,
  secondsToBottom,
  steadyFall,
  untested,
  priorSdOf,
  keyOf,
  type FactorKey,
  type Rig,
} from '../../core';
import { dice } from '../../demo/dice';

/** Factors of this tube’s water and plastics that nobody is told; the same for one seed, and a batch of its own for each plastic. */
export function hiddenLogs(seed: number, rig: Rig): Readonly<Partial<Record<FactorKey, number>>> {
  const by = dice(seed);
  const logs: Partial<Record<FactorKey, number>> = Object.fromEntries(
    FACTOR_KEYS.map((key) => [key, priorSdOf(key) * by.normal()]),
  );
  const batch = keyOf('batch', rig.trailer ?? null);
  if (batch) logs[batch] = priorSdOf(batch) * dice(seed + numberOf(batch)).normal();
  return logs;
}

/** A number for a text, the same everywhere. */
const numberOf = (text: string): number =>
  [...text].reduce((sum, letter) => (sum * 31 + letter.codePointAt(0)!) % 1_000_003, 7);

/** A fall in the tube: how long it takes, and where the lure is on the way. */
export interface TubeFall {
  readonly seconds: number;
  /** seconds since it was let go, and m down */
  readonly path: readonly (readonly [seconds: number, downM: number])[];
}
const STEPS = 60;

/**
 * What really happens in the tube.
 * @returns null for a rig that does not sink
 */
export function fallInTube(rig: Rig, depthM: number, temperatureC: number, seed: number): TubeFall | null {
  const body = untested(rigBody(rig));
  const medium = mediumAt(temperatureC);
  const factors = factorsAt(hiddenLogs(seed, rig), rig.trailer ?? null);
  const fall = steadyFall(body, medium, 0, factors);
  const seconds = secondsToBottom(body, medium, fall, depthM);
  if (seconds === null) return null;
  const path = Array.from({ length: STEPS + 1 }, (_, at): readonly [number, number] => {
    const s = (seconds * at) / STEPS;
    return [s, Math.min(depthM, fallenM(body, medium, fall, s))];
  });
  return { seconds, path };
}
