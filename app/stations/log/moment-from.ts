import { momentOf } from '@core';

/**
 * A moment as people type it, `2026-09-26 07:40`, by a clock so many minutes east of Greenwich.
 * @returns null for what is no day or no time
 */
export function momentFrom(typed: string, offsetMin: number): string | null {
  const found = /^\s*(\d{4})-(\d{1,2})-(\d{1,2})[ T]+(\d{1,2}):(\d{2})(?::(\d{2}))?\s*$/.exec(typed);
  if (!found) return null;
  const [year, month, day, hour, minute, second] = found.slice(1).map((part) => Number(part ?? 0));
  const ms = Date.UTC(year!, month! - 1, day, hour, minute, second || 0);
  const back = new Date(ms);
  // the 31st of a month of thirty days is none
  const isSo = back.getUTCDate() === day && back.getUTCMonth() === month! - 1 && hour! < 24 && minute! < 60;
  return isSo ? momentOf(ms - 60_000 * offsetMin, offsetMin) : null;
}
