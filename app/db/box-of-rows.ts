import { emptyBox, TRAYS, type Box } from '@core';
import type { PartRow } from './database';

/** Rows as a box in the shape of files, in order of entry. */
export function boxOfRows(rows: readonly PartRow[]): Box {
  const trays = Object.fromEntries(TRAYS.map((name) => [name, [] as object[]]));
  const kept: unknown[] = [];
  for (const { id, tray, part } of rows) {
    if (tray === 'kept') kept.push(part);
    else trays[tray]!.push({ ...part, id });
  }
  return { ...emptyBox(), ...trays, ...(kept.length > 0 ? { kept } : {}) } as Box;
}
