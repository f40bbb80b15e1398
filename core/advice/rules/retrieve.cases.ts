import { at, ft, inches, just, below, seen, OPEN, HIGH, type Cases } from '../../testing/fixtures/case-waters';
import type { RUN_BANDS, HOLD_BANDS, HOLD_SHIFTS, WINDOW_BANDS, KICK_BANDS } from './retrieve';

export const RETRIEVE_CASES: Cases<
  typeof RUN_BANDS | typeof HOLD_BANDS | typeof HOLD_SHIFTS | typeof WINDOW_BANDS | typeof KICK_BANDS
> = {
  'run-where-wanted': [HIGH, {}],
  'run-over-the-weed': [
    { cover: [{ kind: 'grass-submerged', density: 'medium', topM: 0.6 }], families: ['spinner'] },
    { cover: [{ kind: 'grass-submerged', density: 'medium' }], families: ['spinner'] },
  ],
  'run-rolled-along-the-bottom': [
    { families: ['spinner'], ...OPEN, ...below(55) },
    { families: ['spinner'], ...OPEN, temperatureC: at(55) },
  ],
  'run-upper-middle': [{ ...OPEN, families: ['spinner'] }, OPEN],
  'pace-ice-cold': [
    { ...HIGH, ...below(45) },
    { ...HIGH, temperatureC: at(45) },
  ],
  'pace-cold': [
    { ...HIGH, ...below(55) },
    { ...HIGH, temperatureC: at(55) },
  ],
  'pace-cool': [
    { ...HIGH, ...below(65) },
    { ...HIGH, temperatureC: at(65) },
  ],
  'pace-mild': [
    { ...HIGH, ...below(75) },
    { ...HIGH, temperatureC: at(75) },
  ],
  'pace-warm': [{ ...HIGH, temperatureC: at(75) }, { temperatureC: at(75) }],
  'pace-inactive-slower': [{ ...HIGH, mood: 'inactive' }, { mood: 'inactive' }],
  'pace-active-faster': [{ ...HIGH, mood: 'active' }, HIGH],
  'pace-mud-slower': [
    { ...HIGH, ...seen(0.14) },
    { ...HIGH, ...seen(inches(6)) },
  ],
  'pace-blades-and-plates-faster': [
    { ...HIGH, families: ['spinner'], temperatureC: at(60) },
    { ...HIGH, families: ['spinner'], ...below(60) },
  ],
  'pace-clear-faster': [
    { ...HIGH, ...seen(ft(4)) },
    { ...HIGH, ...seen(ft(4) - just) },
  ],
  'pace-search-faster': [{ ...HIGH, aim: 'search' }, HIGH],
  'window-leaves-room': [HIGH, {}],
  'kick-alive-at-this-pace': [HIGH, {}],
};
