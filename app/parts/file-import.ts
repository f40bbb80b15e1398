import {
  diffBox,
  emptyBox,
  type Box,
  type BoxDiff,
  fail,
  issue,
  ok,
  partCount,
  readBoxCsv,
  readPanderoJson,
  type Backup,
  type Issue,
  type Result,
  type Ticket,
} from '@core';
import type { Addition } from '../db/backup';

/** What a chosen file would bring, read and checked but not yet taken. */
export type Incoming =
  | {
      readonly what: 'parts';
      readonly parts: Addition;
      readonly lines: readonly number[] | null;
      readonly count: number;
      readonly notes: readonly Issue[];
      /** what it would do to the box as it is */
      readonly diff: BoxDiff;
    }
  | { readonly what: 'tickets'; readonly tickets: readonly Ticket[]; readonly count: number }
  | { readonly what: 'backup'; readonly backup: Backup; readonly count: number };

/** Lines of a list that say the same as an earlier one, as problems with their line. */
const repeats = (diff: BoxDiff, lines: readonly number[] | null): Issue[] =>
  diff.repeated.map(({ at, first }) =>
    issue('same-as-another', '', { got: `line ${lines?.[first] ?? first + 1}` }, lines?.[at] ?? at + 1),
  );

/**
 * Reads a file's text, JSON or CSV by its contents.
 * @param box  what is in the box now, to compare a list with
 */
export function readIncoming(text: string, box: Box = emptyBox()): Result<Incoming> {
  if (!/^\uFEFF?\s*[[{]/.test(text)) {
    const csv = readBoxCsv(text);
    if (!csv.ok) return csv;
    const { tray, parts, lines, notes } = csv.value;
    const diff = diffBox(box, { [tray]: parts });
    return ok({
      what: 'parts',
      parts: { [tray]: parts },
      lines,
      count: parts.length,
      notes: [...notes, ...repeats(diff, lines)],
      diff,
    });
  }
  const json = readPanderoJson(text, ['box', 'tickets', 'backup']);
  if (!json.ok) return json;
  const file = json.value;
  switch (file.kind) {
    case 'box': {
      const count = partCount(file.value);
      if (count === 0) return fail([issue('empty-file', '')]);
      const diff = diffBox(box, file.value);
      return ok({ what: 'parts', parts: file.value, lines: null, count, notes: [], diff });
    }
    case 'tickets':
      if (file.value.tickets.length === 0) return fail([issue('empty-file', '')]);
      return ok({ what: 'tickets', tickets: file.value.tickets, count: file.value.tickets.length });
    case 'backup':
      return ok({ what: 'backup', backup: file.value, count: partCount(file.value.box) + file.value.tickets.length });
    default:
      return fail([issue('wrong-kind', 'kind', { got: file.kind, allowed: 'a box, tickets or a backup' })]);
  }
}
