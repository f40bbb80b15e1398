import type { Scale } from '@core';

/** Smallest number a logarithm is taken of. */
const LEAST = 1e-9;

/** Place of a value on a line, per cent from the left; values beyond the ends stay at the ends. */
export function placeOn({ from, to, log }: Scale, value: number): number {
  const on = (at: number): number => (log ? Math.log(Math.max(at, LEAST)) : at);
  return 100 * Math.min(1, Math.max(0, (on(value) - on(from)) / (on(to) - on(from))));
}
