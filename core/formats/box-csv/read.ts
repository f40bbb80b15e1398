import type * as z from 'zod/mini';
import Papa from 'papaparse';
import { parseWith } from '../../parse';
import { fail, issue, ok, type Issue, type Result } from '../../result';
import { colourClassOf } from '../../tackle/colours';
import { DEFAULT_SKIRT, STYLE_FITTINGS } from '../../rig/catalogue';
import {
  headPartSchema,
  skirtPartSchema,
  trailerPartSchema,
  TRAYS,
  type HeadPart,
  type SkirtPart,
  type TrailerPart,
  type Tray,
} from '../../rig/box';
import type { HeadStyle } from '../../tackle/heads';
import { COLUMNS, type Column } from './columns';

export const CSV_LIMITS = { bytes: 5_000_000, rows: 20_000, issuesShown: 200 } as const;

/** Colour given to a part whose cell is empty. */
const PLAIN_COLOUR = 'green pumpkin';

/** Parts read from one tray's CSV, and what was odd without being wrong. */
export interface TrayParts {
  readonly tray: Tray;
  readonly heads: HeadPart[];
  readonly skirts: SkirtPart[];
  readonly trailers: TrailerPart[];
  readonly notes: readonly Issue[];
}

/** The separator of a header: whichever of tab, semicolon and comma it holds most of. */
function delimiterOf(header: string): string {
  const counts = ['\t', ';', ','].map((mark) => ({ mark, count: header.split(mark).length }));
  return counts.reduce((best, next) => (next.count > best.count ? next : best)).mark;
}

const headerWord = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/[\s_-]+/g, ' ');

/** The tray whose required columns a header holds. */
function trayOf(header: readonly string[]): Tray | null {
  return (
    TRAYS.find((tray) => COLUMNS[tray].every(({ name, required }) => required !== true || header.includes(name))) ??
    null
  );
}

function setField(target: Record<string, unknown>, field: string, value: unknown): void {
  const [outer = '', inner] = field.split('.');
  if (inner === undefined) target[outer] = value;
  else target[outer] = { ...(target[outer] as object | undefined), [inner]: value };
}

/** What an empty cell means, so that a short list is enough to start with. */
function withDefaults(tray: Tray, part: Record<string, unknown>): Record<string, unknown> {
  if (tray === 'trailers') return { softness: 'medium', colour: PLAIN_COLOUR, ...part };
  if (tray === 'skirts') return { lengthMm: DEFAULT_SKIRT.lengthMm, colour: PLAIN_COLOUR, ...part };
  const fittings = STYLE_FITTINGS[part['style'] as HeadStyle] as (typeof STYLE_FITTINGS)[HeadStyle] | undefined;
  const guard = part['guard'] as object | undefined;
  const skirt = part['skirt'] as object | undefined;
  return {
    metal: 'lead',
    finesse: false,
    ...part,
    hook: { size: fittings?.hook ?? '4/0', wire: fittings?.wire ?? 'medium', ...(part['hook'] as object | undefined) },
    guard: guard
      ? { kind: 'fibre', fibres: fittings?.fibres ?? 18, lengthMm: 28, spread: 'none', bevel: false, ...guard }
      : null,
    skirt: skirt ? { ...DEFAULT_SKIRT, colour: PLAIN_COLOUR, ...skirt } : null,
  };
}

const SCHEMAS: Readonly<Record<Tray, z.ZodMiniType>> = {
  heads: headPartSchema,
  skirts: skirtPartSchema,
  trailers: trailerPartSchema,
};

/** Puts a schema's problem on the column it came from, with the text that stood in the cell. */
function onColumn(found: Issue, columns: readonly Column[], cells: ReadonlyMap<string, string>, line: number): Issue {
  const column = columns.find(({ field }) => field === found.path);
  const text = column === undefined ? undefined : cells.get(column.name);
  const data = text === undefined ? found.data : { ...found.data, got: text };
  return issue(found.code, column?.name ?? found.path, data, line);
}

function readRow(
  tray: Tray,
  header: readonly string[],
  row: readonly string[],
  line: number,
): { readonly part: unknown; readonly issues: readonly Issue[]; readonly notes: readonly Issue[] } {
  const columns = COLUMNS[tray];
  const cells = new Map(header.map((name, at) => [name, row[at] ?? '']));
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
    else setField(part, column.field, cell.value);
  }
  if (issues.length > 0) return { part: null, issues, notes: [] };
  const complete = withDefaults(tray, part);
  const parsed = parseWith(SCHEMAS[tray], complete);
  if (!parsed.ok) {
    return { part: null, issues: parsed.issues.map((found) => onColumn(found, columns, cells, line)), notes: [] };
  }
  const colour = cells.get('colour') ?? cells.get('skirt colour') ?? '';
  const odd = colour.trim() !== '' && colourClassOf(colour) === null;
  return {
    part: parsed.value,
    issues: [],
    notes: odd ? [issue('unknown-colour', 'colour', { got: colour.trim() }, line)] : [],
  };
}

/**
 * Reads one tray of a box from CSV: comma, semicolon or tab, with or without a byte-order mark. Which tray it is shows in
 * its header. All or nothing: one bad row and nothing is returned but every problem, by line and column.
 */
export function readBoxCsv(text: string): Result<TrayParts> {
  if (text.length > CSV_LIMITS.bytes) {
    return fail([issue('too-big-a-file', '', { got: text.length, limit: CSV_LIMITS.bytes })]);
  }
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.trim() === '') return fail([issue('empty-file', '')]);
  const firstLine = plain.slice(0, plain.search(/\r|\n|$/));
  const { data, errors } = Papa.parse(plain, {
    delimiter: delimiterOf(firstLine),
    skipEmptyLines: false,
    header: false,
  });
  const quotes = errors.filter(({ code }) => code.endsWith('Quotes'));
  if (quotes.length > 0) return fail(quotes.map(({ row }) => issue('broken-quotes', '', {}, (row ?? 0) + 1)));
  const header = (data[0] ?? []).map(headerWord);
  const tray = trayOf(header);
  if (tray === null) {
    const wanted = TRAYS.map(
      (name) =>
        `${name}: ${COLUMNS[name]
          .filter((c) => c.required)
          .map((c) => c.name)
          .join(', ')}`,
    );
    return fail([issue('wrong-header', '', { got: firstLine.slice(0, 120), allowed: wanted.join('; ') }, 1)]);
  }
  const known = new Set(COLUMNS[tray].map(({ name }) => name));
  const strange = header.filter((name) => name !== '' && !known.has(name));
  const doubled = header.filter((name, at) => name !== '' && header.indexOf(name) !== at);
  if (strange.length > 0 || doubled.length > 0) {
    const allowed = [...known].join(', ');
    return fail([
      ...strange.map((name) => issue('unknown-column', name, { allowed }, 1)),
      ...doubled.map((name) => issue('duplicate-id', name, { got: name }, 1)),
    ]);
  }
  const rows = data.slice(1);
  if (rows.length > CSV_LIMITS.rows) {
    return fail([issue('too-many-rows', '', { got: rows.length, limit: CSV_LIMITS.rows })]);
  }
  const parts: unknown[] = [];
  const issues: Issue[] = [];
  const notes: Issue[] = [];
  rows.forEach((row, at) => {
    if (row.every((cell) => cell.trim() === '')) return;
    const read = readRow(tray, header, row, at + 2);
    issues.push(...read.issues);
    notes.push(...read.notes);
    if (read.part !== null) parts.push(read.part);
  });
  if (issues.length > 0) return fail(issues);
  if (parts.length === 0) return fail([issue('empty-file', '')]);
  return ok({
    tray,
    heads: tray === 'heads' ? (parts as HeadPart[]) : [],
    skirts: tray === 'skirts' ? (parts as SkirtPart[]) : [],
    trailers: tray === 'trailers' ? (parts as TrailerPart[]) : [],
    notes,
  });
}
