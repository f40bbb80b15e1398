import type { Scale } from '@core';

/** Lower bound of values on a logarithmic scale. */
const LEAST = 1e-9;

/** Place of a value on a line, per cent from the left; values beyond the ends stay at the ends. */
export function placeOn({ from, to, log }: Scale, value: number): number {
  const on = (at: number): number => (log ? Math.log(Math.max(at, LEAST)) : at);
  return 100 * Math.min(1, Math.max(0, (on(value) - on(from)) / (on(to) - on(from))));
}

/** The value at a place on a line, per cent from the left; beyond the ends it is that of the end. */
export function valueOn({ from, to, log }: Scale, place: number): number {
  const share = Math.min(1, Math.max(0, place / 100));
  return log
    ? Math.exp(Math.log(Math.max(from, LEAST)) * (1 - share) + Math.log(to) * share)
    : from + (to - from) * share;
}
