import { massKgFromOz, type Scale, type WantId } from '@core';
import { placeOn, valueOn } from './scale-place';

/** Ends of the line a want is drawn on, SI. */
const SCALES: Readonly<Record<WantId, Scale>> = {
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

/** Place of a value on its line, per cent from the left. */
export const placeOf = (id: WantId, value: number): number => placeOn(SCALES[id], value);

/** The value at a place on the line of a want. */
export const valueAtPlace = (id: WantId, place: number): number => valueOn(SCALES[id], place);
