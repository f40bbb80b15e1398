import { HOLD_READOUTS } from './hold';
import { MOTION_READOUTS } from './motion';
import type { Found, LookedAt, ReadoutRow, ReadoutUnit } from './readout';
import { TAIL_AND_SKIRT_READOUTS } from './tail-and-skirt';

/** Numbers beside the drawing, in the order in which they are read. */
const ROWS = { ...MOTION_READOUTS, ...TAIL_AND_SKIRT_READOUTS, ...HOLD_READOUTS } as const;
export type ReadoutId = keyof typeof ROWS;
export const READOUTS: Readonly<Record<ReadoutId, ReadoutRow>> = ROWS;
export const READOUT_IDS = Object.keys(ROWS) as readonly ReadoutId[];

/** One number of a build. */
export interface Readout extends Found {
  readonly id: ReadoutId;
  readonly unit: ReadoutUnit;
}

/** Numbers of a rig, and where they should lie. */
export const readoutsOf = (at: LookedAt): Readout[] =>
  READOUT_IDS.map((id) => ({ id, unit: READOUTS[id].unit, ...READOUTS[id].of(at) }));
