import { massKgFromOz, type WantId } from '@core';

/** Ends of the line a want is drawn on, SI; `log` spreads weights evenly. */
const SCALES: Readonly<Record<WantId, { readonly from: number; readonly to: number; readonly log?: boolean }>> = {
  fall: { from: 0.1, to: 1.1 },
  weight: { from: massKgFromOz(1 / 10), to: massKgFromOz(1.6), log: true },
  push: { from: 0, to: 100 },
  show: { from: 0, to: 1 },
  length: { from: 0.05, to: 0.16 },
  ratio: { from: 0, to: 0.5 },
  snag: { from: 0, to: 1 },
  run: { from: 0, to: 4 },
  hold: { from: 0.1, to: 2, log: true },
  window: { from: 0.5, to: 4, log: true },
  kick: { from: 0.5, to: 6, log: true },
};

/** Place of a value on its line, per cent from the left; values beyond the ends stay at the ends. */
export function placeOf(id: WantId, value: number): number {
  const { from, to, log } = SCALES[id];
  const on = (at: number): number => (log ? Math.log(Math.max(at, 1e-9)) : at);
  return 100 * Math.min(1, Math.max(0, (on(value) - on(from)) / (on(to) - on(from))));
}
