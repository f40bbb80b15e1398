import Papa from 'papaparse';
import { fail, issue, ok, type Result } from '../result';

/** Rows of comma-separated texts of any dialect, with their lines. */

/** The separator of a header: whichever of tab, semicolon and comma it holds most of. */
export function delimiterOf(header: string): string {
  const counts = ['\t', ';', ','].map((mark) => ({ mark, count: header.split(mark).length }));
  return counts.reduce((best, next) => (next.count > best.count ? next : best)).mark;
}

/** A row of the file and the line it begins on: a cell in quotes may run over several. */
export interface Row {
  readonly cells: readonly string[];
  readonly line: number;
}

/** Rows of a text with their lines, and the lines on which a quote mark is opened and never closed. */
export function rowsOf(text: string, delimiter: string, firstLine: number): { rows: Row[]; unclosed: number[] } {
  const newline = text.includes('\n') ? '\n' : '\r';
  const rows: Row[] = [];
  const unclosed: number[] = [];
  let [line, from] = [firstLine, 0];
  Papa.parse(text, {
    delimiter,
    newline,
    skipEmptyLines: false,
    header: false,
    step({ data, errors, meta }) {
      const cells = [...data];
      // the carriage return of a line end that is written with both
      cells[cells.length - 1] = cells.at(-1)!.replace(/\r$/, '');
      rows.push({ cells, line });
      if (errors.some(({ code }) => code.endsWith('Quotes'))) unclosed.push(line);
      for (let at = text.indexOf(newline, from); at !== -1 && at < meta.cursor; at = text.indexOf(newline, from)) {
        line++;
        from = at + 1;
      }
    },
  });
  return { rows, unclosed };
}

export const isBlank = (cells: readonly string[]): boolean => cells.every((cell) => cell.trim() === '');

/** What a text says of itself before its header: blank lines, and the separator a spreadsheet was told. */
export function opening(text: string): {
  readonly from: number;
  readonly line: number;
  readonly delimiter: string | null;
} {
  let [from, line, delimiter] = [0, 1, null as string | null];
  for (;;) {
    const rest = /^([^\r\n]*)(\r\n|\n|\r|$)/.exec(text.slice(from, from + 4000))!;
    const told = /^sep=(.)\s*$/i.exec(rest[1]!);
    if (rest[2] === '' || (!told && rest[1]!.replace(/[\s;,"]/g, '') !== '')) return { from, line, delimiter };
    if (told) delimiter = told[1]!;
    from += rest[0].length;
    line++;
  }
}

/** A table whose header names columns that are known. */
export interface Table<Column extends string> {
  readonly header: readonly (Column | '')[];
  /** line of the header */
  readonly line: number;
  readonly rows: readonly Row[];
}

/**
 * Reads the rows of a table that is ours: every column is known, no quote mark stays open, something stands under the header.
 * @returns the rows without blank ones, or every problem by line and column
 */
export function tableOf<Column extends string>(text: string, columns: readonly Column[]): Result<Table<Column>> {
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.trim() === '') return fail([issue('empty-file', '')]);
  const { from, line, delimiter } = opening(plain);
  const body = plain.slice(from);
  const first = body.slice(0, body.search(/\r|\n|$/));
  const { rows, unclosed } = rowsOf(body, delimiter ?? delimiterOf(first), line);
  if (unclosed.length > 0) return fail(unclosed.map((at) => issue('broken-quotes', '', {}, at)));
  const header = (rows[0]?.cells ?? []).map((cell) => cell.trim());
  const allowed = columns.join(', ');
  const strange = header.filter((name) => name !== '' && !columns.some((known) => known === name));
  if (strange.length > 0)
    return fail(strange.map((name) => issue('unknown-column', name.slice(0, 60), { allowed }, line)));
  return ok({ header: header as (Column | '')[], line, rows: rows.slice(1).filter(({ cells }) => !isBlank(cells)) });
}
