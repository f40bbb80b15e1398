import {
  factorsAt,
  FACTOR_KEYS,
  FACTOR_SD,
  fallenM,
  mediumAt,
  rigBody,
  secondsToBottom,
  steadyFall,
  untested,
  type FactorName,
  type Rig,
} from '../../core';
import { dice } from '../../demo/dice';

/** Factors of this tube’s water and plastics that nobody is told; the same for one seed. */
export function hiddenLogs(seed: number): readonly number[] {
  const by = dice(seed);
  return FACTOR_KEYS.map((key) => {
    const name = key.startsWith('trailer:') ? 'trailer' : (key as FactorName);
    return FACTOR_SD[name] * by.normal();
  });
}

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
  const factors = factorsAt(hiddenLogs(seed), rig.trailer?.kind ?? null);
  const fall = steadyFall(body, medium, 0, factors);
  const seconds = secondsToBottom(body, medium, fall, depthM);
  if (seconds === null) return null;
  const path = Array.from({ length: STEPS + 1 }, (_, at): readonly [number, number] => {
    const s = (seconds * at) / STEPS;
    return [s, Math.min(depthM, fallenM(body, medium, fall, s))];
  });
  return { seconds, path };
}
