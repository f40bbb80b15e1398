import { FALL_BANDS, FALL_BOUNDS, FALL_SHIFTS } from './fall';
import { PUSH_BANDS, PUSH_BOUNDS, PUSH_SHIFTS, SHOW_BANDS, SHOW_BOUNDS, SHOW_SHIFTS } from './motion';
import { HOLD_BANDS, HOLD_BOUNDS, HOLD_SHIFTS, KICK_BANDS, RUN_BANDS, WINDOW_BANDS } from './retrieve';
import type { WantTopic } from './rule';
import { LENGTH_BANDS, LENGTH_SHIFTS, RATIO_BANDS, SNAG_BANDS } from './size';
import { WEIGHT_BANDS, WEIGHT_BOUNDS, WEIGHT_SHIFTS } from './weight';

/** Rules that set bands, a topic for each want. */
export const WANT_TOPICS: readonly WantTopic[] = [
  { want: 'fall', bands: FALL_BANDS, shifts: FALL_SHIFTS, bounds: FALL_BOUNDS },
  { want: 'weight', bands: WEIGHT_BANDS, shifts: WEIGHT_SHIFTS, bounds: WEIGHT_BOUNDS },
  { want: 'push', bands: PUSH_BANDS, shifts: PUSH_SHIFTS, bounds: PUSH_BOUNDS },
  { want: 'show', bands: SHOW_BANDS, shifts: SHOW_SHIFTS, bounds: SHOW_BOUNDS },
  { want: 'length', bands: LENGTH_BANDS, shifts: LENGTH_SHIFTS },
  { want: 'ratio', bands: RATIO_BANDS, shifts: [] },
  { want: 'snag', bands: SNAG_BANDS, shifts: [] },
  { want: 'run', bands: RUN_BANDS, shifts: [] },
  { want: 'hold', bands: HOLD_BANDS, shifts: HOLD_SHIFTS, bounds: HOLD_BOUNDS },
  { want: 'window', bands: WINDOW_BANDS, shifts: [] },
  { want: 'kick', bands: KICK_BANDS, shifts: [] },
];
