import {
  fail,
  issue,
  ok,
  partCount,
  readBoxCsv,
  readPanderoJson,
  type Backup,
  type Box,
  type Issue,
  type Result,
  type Ticket,
  type TrayParts,
} from '@core';

/** What a chosen file would bring, read and checked but not yet taken. */
export type Incoming =
  | {
      readonly what: 'parts';
      readonly parts: Box | TrayParts;
      readonly count: number;
      readonly notes: readonly Issue[];
    }
  | { readonly what: 'tickets'; readonly tickets: readonly Ticket[]; readonly count: number }
  | { readonly what: 'backup'; readonly backup: Backup; readonly count: number };

/** Reads a file's text, JSON or CSV by its contents. */
export function readIncoming(text: string): Result<Incoming> {
  if (!/^\uFEFF?\s*[[{]/.test(text)) {
    const csv = readBoxCsv(text);
    if (!csv.ok) return csv;
    const count = csv.value[csv.value.tray].length;
    return ok({ what: 'parts', parts: csv.value, count, notes: csv.value.notes });
  }
  const json = readPanderoJson(text, ['box', 'tickets', 'backup']);
  if (!json.ok) return json;
  const file = json.value;
  switch (file.kind) {
    case 'box': {
      const count = partCount(file.value);
      if (count === 0) return fail([issue('empty-file', '')]);
      return ok({ what: 'parts', parts: file.value, count, notes: [] });
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
