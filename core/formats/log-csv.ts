import Papa from 'papaparse';
import { LOG_VERSION, parseLog, type Log, type LogEvent, type Outing } from '../log/schema';
import { fail, issue, ok, type Issue, type Result } from '../result';
import { delimiterOf, tableOf } from './csv-rows';
import { guarded, unguarded } from './formula';

/** A log as a table: a row an event. Rigs and waters stand in their cells as JSON. An outing in which nothing happened has a row without an event. */
export const LOG_COLUMNS = [
  'outing',
  'place',
  'from',
  'to',
  'at',
  'what',
  'rod',
  'stop',
  'hookedBy',
  'lengthMm',
  'says',
  'rig',
  'water',
] as const;
export type LogColumn = (typeof LOG_COLUMNS)[number];
const MOST_ROWS = 200_000;

export function writeLogCsv({ outings }: Log): string {
  const row = ({ id, place, from, to }: Outing, event: Partial<LogEvent>): string[] => {
    const cells: Record<LogColumn, string | number | undefined> = {
      ...{ outing: id, place, from, to, at: event.at, what: event.what, rod: event.rod },
      stop: event.stop,
      ...{ hookedBy: event.hookedBy, lengthMm: event.lengthMm, says: event.says },
      rig: event.rig && JSON.stringify(event.rig),
      water: event.water && JSON.stringify(event.water),
    };
    return LOG_COLUMNS.map((column) => guarded(String(cells[column] ?? '')));
  };
  const data = outings.flatMap((outing) =>
    outing.events.length === 0 ? [row(outing, {})] : outing.events.map((event) => row(outing, event)),
  );
  return `\uFEFF${Papa.unparse({ fields: [...LOG_COLUMNS], data }, { newline: '\r\n' })}\r\n`;
}

/** Whether the first line of a text heads a log. */
export function isLogCsv(text: string): boolean {
  const first =
    text
      .replace(/^\uFEFF/, '')
      .slice(0, 2000)
      .split(/\r|\n/)[0] ?? '';
  const words = first.split(delimiterOf(first)).map((word) => word.replace(/^"|"$/g, '').trim());
  return words.includes('outing') && words.includes('what');
}

/** A cell of JSON; a problem where it is none. */
function jsonCell(text: string, column: LogColumn, line: number, issues: Issue[]): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    issues.push(issue('not-json', column, { column: 1 }, line));
    return undefined;
  }
}

/** Reads a log: all or nothing, every problem by line and column. */
export function readLogCsv(text: string): Result<Log> {
  const table = tableOf(text, LOG_COLUMNS);
  if (!table.ok) return table;
  const { header, rows } = table.value;
  if (rows.length === 0) return fail([issue('empty-file', '')]);
  if (rows.length > MOST_ROWS) return fail([issue('too-many-rows', '', { got: rows.length, limit: MOST_ROWS })]);
  const issues: Issue[] = [];
  const outings = new Map<
    string,
    { readonly row: Record<string, unknown>; readonly events: unknown[]; readonly lines: number[] }
  >();
  for (const { cells, line } of rows) {
    const at = (column: LogColumn): string => unguarded(cells[header.indexOf(column)] ?? '').trim();
    const id = at('outing');
    if (id === '') {
      issues.push(issue('missing', 'outing', {}, line));
      continue;
    }
    const own = outings.get(id) ?? {
      row: { id, place: at('place'), from: at('from'), to: at('to') },
      events: [],
      lines: [],
    };
    outings.set(id, own);
    if (at('what') === '') continue;
    // a spreadsheet may write decimals with a comma
    const number = (column: LogColumn): Record<string, unknown> => {
      const plainly = at(column).replace(/^(-?\d+),(\d+)$/, '$1.$2');
      return plainly === '' ? {} : { [column]: Number.isFinite(Number(plainly)) ? Number(plainly) : plainly };
    };
    const word = (column: LogColumn): Record<string, unknown> => (at(column) === '' ? {} : { [column]: at(column) });
    const nested = (column: LogColumn): Record<string, unknown> =>
      at(column) === '' ? {} : { [column]: jsonCell(at(column), column, line, issues) };
    own.events.push({
      at: at('at'),
      what: at('what'),
      ...number('rod'),
      ...number('lengthMm'),
      ...word('stop'),
      ...word('hookedBy'),
      ...word('says'),
      ...nested('rig'),
      ...nested('water'),
    });
    own.lines.push(line);
  }
  if (issues.length > 0) return fail(issues);
  const list = [...outings.values()];
  const parsed = parseLog({
    kind: 'log',
    version: LOG_VERSION,
    outings: list.map(({ row, events }) => ({ ...row, events })),
  });
  if (parsed.ok) return ok(parsed.value);
  // problems of the schema go back to the line they came from
  return fail(
    parsed.issues.map(({ code, path, data }) => {
      const [, outing, event] = /^outings\[(\d+)\](?:\.events\[(\d+)\])?/.exec(path) ?? [];
      const lines = list[Number(outing)]?.lines ?? [];
      return issue(code, path.replace(/^outings\[\d+\]\.?(events\[\d+\]\.?)?/, ''), data, lines[Number(event ?? 0)]);
    }),
  );
}
