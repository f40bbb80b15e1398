import Papa from 'papaparse';
import type { Box, Tray } from '../../rig/box';
import { COLUMNS } from './columns-table';

const fieldOf = (part: unknown, field: string): unknown =>
  field.split('.').reduce<unknown>((at, name) => (at as Record<string, unknown> | null | undefined)?.[name], part);

/** Writes one tray as CSV that `readBoxCsv` reads back to the same parts (ids, which belong to one browser, left out). */
export function writeBoxCsv(box: Box, tray: Tray): string {
  const columns = COLUMNS[tray];
  const data = box[tray].map((part) =>
    columns.map((column) => {
      const value = fieldOf(part, column.field);
      return value === undefined || value === null ? '' : column.write(value);
    }),
  );
  return `${Papa.unparse({ fields: columns.map(({ name }) => name), data }, { newline: '\n' })}\n`;
}

/** A header with one example row: what to fill in. */
export function csvTemplate(tray: Tray): string {
  const columns = COLUMNS[tray];
  const fields = columns.map(({ name }) => name);
  return `${Papa.unparse({ fields, data: [columns.map(({ example }) => example)] }, { newline: '\n' })}\n`;
}
