import {
  decodeText,
  diffBox,
  emptyBox,
  fail,
  isStopsCsv,
  issue,
  issueText,
  ok,
  partCount,
  readBoxCsv,
  readPanderoJson,
  sniff,
  type Aside,
  type Backup,
  type Box,
  type BoxDiff,
  isLogCsv,
  readLogCsv,
  type Issue,
  type Outing,
  type ReadHow,
  type Result,
  type Ticket,
  type Trip,
} from '@core';
import type { Addition } from '../db/box-rows';
import * as words from '../locale/en/files';

/** What a chosen file would bring, read and checked but not yet taken. */
export type Incoming = {
  readonly count: number;
  readonly notes: readonly Issue[];
  /** rows that could not be read */
  readonly aside: readonly Aside[];
} & (
  | {
      readonly what: 'parts';
      readonly parts: Addition;
      /** what it would do to the box as it is */
      readonly diff: BoxDiff;
    }
  | { readonly what: 'tickets'; readonly tickets: readonly Ticket[] }
  | { readonly what: 'trip'; readonly trip: Trip }
  | { readonly what: 'outings'; readonly outings: readonly Outing[] }
  | { readonly what: 'backup'; readonly backup: Backup }
);

/** Lines of a list that say the same as an earlier one, as problems with their line. */
const repeats = (diff: BoxDiff, lines: readonly number[] | null): Issue[] =>
  diff.repeated.map(({ at, first }) =>
    issue('same-as-another', '', { got: words.line(lines?.[first] ?? first + 1) }, lines?.[at] ?? at + 1),
  );

/**
 * Reads a file's text, JSON or CSV by its contents.
 * @param box  what is in the box now, to compare a list with
 * @param how  whether one bad row refuses the file, or is set aside
 */
export function readIncoming(text: string, box: Box = emptyBox(), how: ReadHow = 'all-or-nothing'): Result<Incoming> {
  const { format } = sniff(text);
  if (format === 'gpx' || (format === 'csv' && isStopsCsv(text))) return fail([issue('read-on-the-deck', '')]);
  if (format === 'csv' && isLogCsv(text)) {
    const log = readLogCsv(text);
    if (!log.ok) return log;
    const { outings } = log.value;
    return ok({ notes: [], aside: [], what: 'outings', outings, count: outings.length });
  }
  if (format !== 'json') {
    const csv = readBoxCsv(text, how);
    if (!csv.ok) return csv;
    const { tray, parts, lines, notes, aside } = csv.value;
    const diff = diffBox(box, { [tray]: parts });
    return ok({
      what: 'parts',
      parts: { [tray]: parts },
      count: parts.length,
      notes: [...notes, ...repeats(diff, lines)],
      aside,
      diff,
    });
  }
  const json = readPanderoJson(text, ['box', 'tickets', 'trip', 'log', 'backup'], how);
  if (!json.ok) return json;
  const { aside, ...file } = json.value;
  const whole = { notes: [], aside };
  switch (file.kind) {
    case 'box': {
      const count = partCount(file.value);
      if (count === 0) return fail([issue('empty-file', '')]);
      return ok({ ...whole, what: 'parts', parts: file.value, count, diff: diffBox(box, file.value) });
    }
    case 'tickets':
      if (file.value.tickets.length === 0) return fail([issue('empty-file', '')]);
      return ok({ ...whole, what: 'tickets', tickets: file.value.tickets, count: file.value.tickets.length });
    case 'trip':
      return ok({ ...whole, what: 'trip', trip: file.value, count: file.value.stops.length });
    case 'log':
      if (file.value.outings.length === 0) return fail([issue('empty-file', '')]);
      return ok({ ...whole, what: 'outings', outings: file.value.outings, count: file.value.outings.length });
    case 'backup': {
      const { box: parts, tickets, outings } = file.value;
      const count = partCount(parts) + tickets.length + outings.length;
      return ok({ ...whole, what: 'backup', backup: file.value, count });
    }
    default:
      return fail([issue('wrong-kind', 'kind', { got: file.kind, allowed: words.whatFilesHold })]);
  }
}

/** The same for the bytes of a file: letters stored the old way are understood, and said. */
export function readBytes(bytes: Uint8Array, box: Box, how: ReadHow): Result<Incoming> {
  const decoded = decodeText(bytes);
  if (!decoded.ok) return decoded;
  const read = readIncoming(decoded.value.text, box, how);
  if (!read.ok || decoded.value.encoding !== 'windows-1252') return read;
  return ok({ ...read.value, notes: [issue('read-as-latin-1', ''), ...read.value.notes] });
}

/** Problems shown of a file, and rows of what it would change. */
export const SHOWN = { problems: 50, changes: 40 } as const;

type DiffRow = BoxDiff['fresh'][number];

/** What is told of a file before it is taken: as much as is shown, so that a long list need not travel twice. */
export interface Preview {
  readonly what: Incoming['what'];
  readonly count: number;
  readonly notes: readonly Issue[];
  readonly asideCount: number;
  readonly asideWhy: readonly string[];
  readonly madeAt: string | null;
  readonly diff: { readonly counts: Readonly<Record<'fresh' | 'there' | 'unnamed', number>> } & Readonly<
    Record<'fresh' | 'there' | 'unnamed', readonly DiffRow[]>
  >;
}

export function previewOf(file: Incoming): Preview {
  const diff = file.what === 'parts' ? file.diff : null;
  const { fresh = [], there = [], unnamed = [] } = diff ?? {};
  const first = (rows: readonly DiffRow[]): DiffRow[] =>
    rows.slice(0, SHOWN.changes).map(({ tray, part }) => ({ tray, part }));
  return {
    what: file.what,
    count: file.count,
    notes: file.notes.slice(0, SHOWN.problems),
    asideCount: file.aside.length,
    asideWhy: file.aside
      .slice(0, SHOWN.problems)
      .map(({ from, key, why }) => (key.startsWith('line ') ? (why[0] ?? key) : `${from} ${key}: ${why[0] ?? ''}`)),
    madeAt: file.what === 'backup' ? file.backup.madeAt : null,
    diff: {
      counts: { fresh: fresh.length, there: there.length, unnamed: unnamed.length },
      fresh: first(fresh),
      there: first(there),
      unnamed: first(unnamed),
    },
  };
}

/** Problems as they are shown: the first of them, and how many there are. */
export const problemLines = (
  issues: readonly Issue[],
): { readonly lines: readonly string[]; readonly count: number } => ({
  lines: issues.slice(0, SHOWN.problems).map(issueText),
  count: issues.length,
});
