import Papa from 'papaparse';
import type { Box, Tray } from '../../rig/parts/box';
import { COLUMNS } from './columns';
import { valueAt } from '../../part-fields/described';
import { guarded } from '../formula';

/** Tells spreadsheets that the letters are UTF-8. */
const BYTE_ORDER_MARK = '\uFEFF';

/** Writes one tray as CSV that `readBoxCsv` reads back to the same parts (ids, which belong to one browser, left out). */
export function writeBoxCsv(box: Box, tray: Tray): string {
  const columns = COLUMNS[tray];
  const data = box[tray].map((part) =>
    columns.map((column) => {
      const value = valueAt(part, column.place);
      return value === undefined || value === null ? '' : guarded(column.write(value));
    }),
  );
  const fields = columns.map(({ name }) => name);
  return `${BYTE_ORDER_MARK}${Papa.unparse({ fields, data }, { newline: '\r\n' })}\r\n`;
}

/** A header with one example row: what to fill in. */
export function csvTemplate(tray: Tray): string {
  const columns = COLUMNS[tray];
  const fields = columns.map(({ name }) => name);
  const data = [columns.map(({ example }) => example)];
  return `${BYTE_ORDER_MARK}${Papa.unparse({ fields, data }, { newline: '\r\n' })}\r\n`;
}
