import type { Box } from '../../rig/parts/box';
import type { Trip } from '../../deck/trip';
import type { Log } from '../../log/schema';
import type { Ticket } from '../../ticket/schema';
import { TICKETS_VERSION, type Backup, type TicketsFile } from './format';

const pretty = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

export const writeBox = (box: Box): string => pretty(box);

/** How deep lists are laid out a row a line; below it a value stands on its line. */
const LAID_OUT = 2;

/** Writes a row of a list. */
export type RowWriter = (list: string, row: unknown) => string;
const plainRow: RowWriter = (_list, row) => JSON.stringify(row);

/**
 * A value in pieces, each row of its lists on a line of its own: problems are found by line, and thousands of rows take half the
 * room of indented ones.
 */
function* rowALine(value: unknown, rowText = plainRow, list = '', depth = 0): Generator<string> {
  const object = typeof value === 'object' && value !== null;
  if (!object || depth >= LAID_OUT + (Array.isArray(value) ? 1 : 0)) {
    yield JSON.stringify(value);
    return;
  }
  let first = true;
  const next = (): string => {
    const between = first ? '\n' : ',\n';
    first = false;
    return between;
  };
  const [open, close] = Array.isArray(value) ? '[]' : '{}';
  yield open!;
  if (Array.isArray(value)) {
    for (const inner of value as unknown[]) {
      yield next();
      yield rowText(list, inner);
    }
  } else {
    for (const [name, inner] of Object.entries(value)) {
      if (inner === undefined) continue;
      yield `${next()}${JSON.stringify(name)}: `;
      yield* rowALine(inner, rowText, name, depth + 1);
    }
  }
  yield first ? close! : `\n${close!}`;
}

const laidOut = (value: unknown): string => `${[...rowALine(value)].join('')}\n`;

export const writeTickets = (tickets: readonly Ticket[]): string =>
  laidOut({ kind: 'tickets', version: TICKETS_VERSION, tickets: [...tickets] } satisfies TicketsFile);

/** A log, an outing a line. */
export const writeLog = (log: Log): string => laidOut(log);

/** A day, laid out. */
export const writeTrip = (trip: Trip): string => laidOut(trip);

export const writeBackup = (backup: Backup): string => laidOut(backup);

/** The same in pieces, for who wants to tell how far it is, or has rows written already. */
export const backupPieces = (backup: Backup, rowText?: RowWriter): Generator<string> => rowALine(backup, rowText);
