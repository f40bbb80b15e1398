import { lengthMFromMm, massKgFromG, massKgFromOz, type ReadoutId } from '@core';
import { placeOn, type Scale } from '../../parts/scale-place';

/** Ends of the line each read-out is drawn on, SI. */
const SCALES: Partial<Record<ReadoutId, Scale>> = {
  mass: { from: massKgFromG(5), to: massKgFromG(60), log: true },
  length: { from: 0.05, to: 0.2 },
  fall: { from: 0.1, to: 1.1 },
  'fishes-like': { from: massKgFromOz(1 / 16), to: massKgFromOz(1.6), log: true },
  depth: { from: 0, to: 4 },
  wake: { from: 0.2, to: 3, log: true },
  'kick-onset': { from: 0, to: 0.8 },
  match: { from: 0, to: 2.5 },
  pulse: { from: 0, to: 100 },
  puff: { from: 1, to: 8 },
  'see-through': { from: 0, to: 1 },
  pinned: { from: 0.05, to: 2.5, log: true },
  hunting: { from: 0, to: 1 },
  'blow-over': { from: 0.2, to: 4, log: true },
  upright: { from: 0, to: 1 },
  'free-gap': { from: lengthMFromMm(-3), to: lengthMFromMm(17) },
  overhang: { from: 0, to: 0.12 },
  attack: { from: 0, to: 90 },
  guard: { from: 0, to: 6 },
  slip: { from: 0.3, to: 8, log: true },
};

/** Place of a value on the line of a read-out, per cent from the left; null where it has no line. */
export function readoutPlace(id: ReadoutId, value: number): number | null {
  const scale = SCALES[id];
  return scale ? placeOn(scale, value) : null;
}
