import Papa from 'papaparse';
import { fail, issue, ok, type Issue, type Result } from '../../result';
import { colourClassOf } from '../../tackle/colours';
import { DEFAULT_SKIRT, STYLE_FITTINGS } from '../../rig/catalogue';
import { parsePart, TRAYS, type AnyPart, type Tray } from '../../rig/box';
import { massContradiction, WEIGHED_TRAYS } from '../../rig/part-mass';
import type { HeadStyle } from '../../tackle/heads';
import { COLUMNS, type Column } from './columns-table';

export const CSV_LIMITS = { bytes: 5_000_000, rows: 20_000, issuesShown: 200 } as const;

/** Colour given to a part whose cell is empty. */
const PLAIN_COLOUR = 'green pumpkin';

/** Parts read from one tray's CSV, and what was odd without being wrong. */
export interface TrayParts {
  readonly tray: Tray;
  readonly parts: readonly AnyPart[];
  /** the line each part stood on */
  readonly lines: readonly number[];
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

/** Puts a value at `outer`, `outer.inner` or `outer.0.inner`. */
function setField(target: Record<string, unknown>, field: string, value: unknown): void {
  const keys = field.split('.');
  let at = target;
  keys.slice(0, -1).forEach((name, depth) => {
    const next = keys[depth + 1]!;
    at[name] ??= /^\d+$/.test(next) ? [] : {};
    at = at[name] as Record<string, unknown>;
  });
  at[keys.at(-1)!] = value;
}

/** What an empty cell means, so that a short list is enough to start with. */
function withDefaults(tray: Tray, part: Record<string, unknown>): Record<string, unknown> {
  switch (tray) {
    case 'trailers':
      return { softness: 'medium', colour: PLAIN_COLOUR, ...part };
    case 'skirts':
      return { lengthMm: DEFAULT_SKIRT.lengthMm, colour: PLAIN_COLOUR, ...part };
    case 'blades':
      return { finish: 'nickel', ...part };
    case 'hooks':
      return { wire: 'medium', ...part };
    case 'rods':
      return { action: 'fast', ...part };
    case 'heads':
      return headWithDefaults(part);
    default:
      return part;
  }
}

const ARMS = { upperMm: 60, angleDeg: 55, twistDeg: 0, squeezed: false } as const;

function headWithDefaults(part: Record<string, unknown>): Record<string, unknown> {
  const fittings = STYLE_FITTINGS[part['style'] as HeadStyle] as (typeof STYLE_FITTINGS)[HeadStyle] | undefined;
  const inner = (name: string): object | undefined => part[name] as object | undefined;
  const [guard, skirt, plate, arms] = [inner('guard'), inner('skirt'), inner('blade'), inner('arms')];
  const blades = part['blades'] as (object | undefined)[] | undefined;
  return {
    metal: 'lead',
    finesse: false,
    ...part,
    hook: { size: fittings?.hook ?? '4/0', wire: fittings?.wire ?? 'medium', ...inner('hook') },
    guard: guard
      ? { kind: 'fibre', fibres: fittings?.fibres ?? 18, lengthMm: 28, spread: 'none', bevel: false, ...guard }
      : null,
    skirt: skirt ? { ...DEFAULT_SKIRT, colour: PLAIN_COLOUR, ...skirt } : null,
    ...(plate ? { blade: { size: 'standard', link: 'direct', finish: 'plain', ...plate } } : {}),
    ...(blades ? { blades: blades.map((blade) => ({ shape: 'colorado', size: 4, finish: 'nickel', ...blade })) } : {}),
    ...((arms ?? blades) ? { arms: { ...ARMS, ...arms } } : {}),
  };
}

/** Puts a schema's problem on the column it came from, with the text that stood in the cell. */
function onColumn(found: Issue, columns: readonly Column[], cells: ReadonlyMap<string, string>, line: number): Issue {
  const path = found.path.replace(/\[(\d+)\]/g, '.$1');
  const column = columns.find(({ field }) => field === path);
  const text = column === undefined ? undefined : cells.get(column.name);
  const data = text === undefined ? found.data : { ...found.data, got: text };
  return issue(found.code, column?.name ?? found.path, data, line);
}

function readRow(
  tray: Tray,
  header: readonly string[],
  row: readonly string[],
  line: number,
): { readonly part: AnyPart | null; readonly issues: readonly Issue[]; readonly notes: readonly Issue[] } {
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
  const filled = rows.filter((row) => row.some((cell) => cell.trim() !== '')).length;
  if (filled > CSV_LIMITS.rows) {
    return fail([issue('too-many-rows', '', { got: filled, limit: CSV_LIMITS.rows })]);
  }
  const parts: AnyPart[] = [];
  const lines: number[] = [];
  const issues: Issue[] = [];
  const notes: Issue[] = [];
  rows.forEach((row, at) => {
    if (row.every((cell) => cell.trim() === '')) return;
    const read = readRow(tray, header, row, at + 2);
    issues.push(...read.issues);
    notes.push(...read.notes);
    if (read.part !== null) {
      parts.push(read.part);
      lines.push(at + 2);
    }
  });
  if (issues.length > 0) return fail(issues);
  if (parts.length === 0) return fail([issue('empty-file', '')]);
  return ok({ tray, parts, lines, notes });
}
