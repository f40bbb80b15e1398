import { fail, issue, ok, type Issue, type Result } from '../../result';
import { colourClassOf } from '../../tackle/colours';
import { parsePart, TRAYS, type AnyPart, type Tray } from '../../rig/parts/box';
import { massContradiction, WEIGHED_TRAYS } from '../../rig/body/part-mass';
import { putAt } from '../../part-fields/described';
import { filled } from '../../part-fields/filled';
import { setAside, type Aside, type ReadHow } from '../aside';
import { isLogCsv } from '../log-csv';
import { delimiterOf, isBlank, opening, rowsOf } from '../csv-rows';
import { sniff } from '../sniff';
import { COLUMNS, type Column } from './columns';
import { unguarded } from '../formula';
import { headingOf, trayOf, withUnit, type Heading } from './header';

export const CSV_LIMITS = { chars: 20_000_000, rows: 20_000 } as const;

/** Parts read from one tray's CSV, what was odd without being wrong, and the rows that could not be read where that was asked for. */
export interface TrayParts {
  readonly tray: Tray;
  readonly parts: readonly AnyPart[];
  /** the line each part stood on */
  readonly lines: readonly number[];
  readonly notes: readonly Issue[];
  readonly aside: readonly Aside[];
}

/** Puts a schema's problem on the column it came from, with the text that stood in the cell. */
function onColumn(found: Issue, columns: readonly Column[], cells: ReadonlyMap<string, string>, line: number): Issue {
  const path = found.path.replace(/\[(\d+)\]/g, '.$1');
  const column = columns.find(({ place }) => place === path);
  const text = column === undefined ? undefined : cells.get(column.name);
  const data = text === undefined ? found.data : { ...found.data, got: text };
  return issue(found.code, column?.name ?? found.path, data, line);
}

function readRow(
  tray: Tray,
  header: readonly Heading[],
  row: readonly string[],
  line: number,
): { readonly part: AnyPart | null; readonly issues: readonly Issue[]; readonly notes: readonly Issue[] } {
  const columns = COLUMNS[tray];
  const cells = new Map(header.map(({ name, unit }, at) => [name, withUnit(unguarded(row[at] ?? ''), unit)]));
  if (row.length > header.length && row.slice(header.length).some((cell) => cell.trim() !== '')) {
    const data = { cells: row.length, columns: header.length };
    return { part: null, issues: [issue('broken-row', '', data, line)], notes: [] };
  }
  const part: Record<string, unknown> = {};
  const issues: Issue[] = [];
  for (const column of columns) {
    const text = cells.get(column.name) ?? '';
    if (text.trim() === '') {
      if (column.required) issues.push(issue('missing', column.name, { expected: column.about }, line));
      continue;
    }
    const cell = column.read(text);
    if ('code' in cell) issues.push(issue(cell.code, column.name, cell.data, line));
    else putAt(part, column.place, cell.value);
  }
  if (issues.length > 0) return { part: null, issues, notes: [] };
  const complete = filled(tray, part);
  const parsed = parsePart(tray, complete);
  if (!parsed.ok) {
    return { part: null, issues: parsed.issues.map((found) => onColumn(found, columns, cells, line)), notes: [] };
  }
  return { part: parsed.value, issues: [], notes: notesOn(tray, parsed.value, cells, line) };
}

/** What is odd about a part without being wrong. */
function notesOn(tray: Tray, part: AnyPart, cells: ReadonlyMap<string, string>, line: number): Issue[] {
  const notes: Issue[] = [];
  const colour = (cells.get('colour') ?? cells.get('skirt colour') ?? '').trim();
  if (colour !== '' && colourClassOf(colour) === null) {
    notes.push(issue('unknown-colour', 'colour', { got: colour }, line));
  }
  const weighed = WEIGHED_TRAYS.find((name) => name === tray);
  const odd = weighed && !('massTrust' in part) ? massContradiction(weighed, part as { massG?: number }) : null;
  if (odd) {
    const data = { measuredG: Number(odd.measuredG.toFixed(1)), computedG: Number(odd.computedG.toFixed(1)) };
    notes.push(issue('mass-contradicts-size', 'mass', data, line));
  }
  return notes;
}

/**
 * Reads one tray of a box from CSV: comma, semicolon or tab, with or without a byte-order mark. Which tray it is shows in
 * its header. All or nothing, unless the rows that can be read are asked for: every problem by line and column.
 * @param how  whether one bad row refuses the list, or is set aside
 */
export function readBoxCsv(text: string, how: ReadHow = 'all-or-nothing'): Result<TrayParts> {
  if (text.length > CSV_LIMITS.chars) {
    return fail([issue('too-big-a-file', '', { got: text.length, limit: CSV_LIMITS.chars })]);
  }
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.trim() === '') return fail([issue('empty-file', '')]);
  const sniffed = sniff(plain);
  if (sniffed.format === 'nmea' || isLogCsv(plain)) return fail([issue('read-in-the-log', '')]);
  if (sniffed.format === 'gpx') return fail([issue('read-on-the-deck', '')]);
  if (sniffed.format === 'foreign') return fail([issue('not-read-yet', '', { got: sniffed.name })]);
  const { from, line: headerLine, delimiter } = opening(plain);
  const body = plain.slice(from);
  const firstLine = body.slice(0, body.search(/\r|\n|$/));
  const { rows: all, unclosed } = rowsOf(body, delimiter ?? delimiterOf(firstLine), headerLine);
  if (unclosed.length > 0) return fail(unclosed.map((line) => issue('broken-quotes', '', {}, line)));
  const words = (all[0]?.cells ?? []).map(headingOf);
  const tray = trayOf(words);
  if (tray === null) {
    const wanted = TRAYS.map(
      (name) =>
        `${name}: ${COLUMNS[name]
          .filter((c) => c.required)
          .map((c) => c.name)
          .join(', ')}`,
    );
    const data = { got: firstLine.slice(0, 120), allowed: wanted.join('; ') };
    return fail([issue('wrong-header', '', data, headerLine)]);
  }
  const known = new Set(COLUMNS[tray].map(({ name }) => name));
  const names = words.map(({ name }) => name);
  const strange = names.filter((name) => name !== '' && !known.has(name));
  const doubled = names.filter((name, at) => name !== '' && names.indexOf(name) !== at);
  if (strange.length > 0 || doubled.length > 0) {
    const allowed = [...known].join(', ');
    return fail([
      ...strange.map((name) => issue('unknown-column', name, { allowed }, headerLine)),
      ...doubled.map((name) => issue('duplicate-id', name, { got: name }, headerLine)),
    ]);
  }
  const rows = all.slice(1).filter(({ cells }) => !isBlank(cells));
  if (rows.length > CSV_LIMITS.rows) {
    return fail([issue('too-many-rows', '', { got: rows.length, limit: CSV_LIMITS.rows })]);
  }
  const parts: AnyPart[] = [];
  const lines: number[] = [];
  const issues: Issue[] = [];
  const notes: Issue[] = [];
  const aside: Aside[] = [];
  for (const { cells, line } of rows) {
    const read = readRow(tray, words, cells, line);
    issues.push(...read.issues);
    notes.push(...read.notes);
    if (read.part === null) {
      const row = Object.fromEntries(words.map(({ name }, at) => [name, cells[at] ?? '']));
      aside.push(setAside(tray, `line ${line}`, read.issues, row));
      continue;
    }
    parts.push(read.part);
    lines.push(line);
  }
  if (issues.length > 0 && how === 'all-or-nothing') return fail(issues);
  if (parts.length === 0) return fail(issues.length > 0 ? issues : [issue('empty-file', '')]);
  return ok({ tray, parts, lines, notes, aside });
}
