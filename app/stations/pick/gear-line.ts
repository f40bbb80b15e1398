import { MARGIN_TEXT, type Fitted, type MarginId, type UnitSystem } from '@core';
import { partTitle } from '../../parts/part-text';
import * as words from '../../locale/en/pick';

/** The angler's own gear a pick goes on, in words, and what it lacks; null where picks get what they should have. */
export function gearLine(
  gear: Fitted | null | undefined,
  system: UnitSystem,
): { readonly text: string; readonly lacks: string } | null {
  if (!gear) return null;
  const { rod, reel, line, weakest } = gear;
  const named = (['rods', 'reels', 'lines'] as const).map((tray) => {
    const part = { rods: rod, reels: reel, lines: line }[tray];
    return part.label ? part.label : partTitle(tray, part, system);
  });
  const { title, less } = MARGIN_TEXT[weakest.id as MarginId];
  const lacks = weakest.value < 1 - 1e-9 ? words.gearLacks(title, weakest.value.toFixed(2), less) : '';
  return { text: named.join(' · '), lacks };
}
