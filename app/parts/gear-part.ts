import type { Box, Tray, UnitSystem } from '@core';
import { partTitle } from './part-text';
import * as words from '../locale/en/gear';

/** A rod, reel or line of a box by name: what the angler calls it, and what it is. */
export function gearPartTitle(
  tray: Extract<Tray, 'rods' | 'reels' | 'lines'>,
  box: Box,
  at: number,
  system: UnitSystem,
): string {
  const part = box[tray][at];
  if (!part) return '';
  const name = partTitle(tray, part, system);
  return part.label ? words.labelled(part.label, name) : name;
}
