import { READOUTS, type ReadoutId } from '@core';
import { placeOn } from '../../parts/scale-place';

/** Place of a value on the line of a read-out, per cent from the left; null where it has no line. */
export function readoutPlace(id: ReadoutId, value: number): number | null {
  const { scale } = READOUTS[id];
  return scale ? placeOn(scale, value) : null;
}
