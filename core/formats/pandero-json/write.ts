import type { Box } from '../../rig/box';
import type { Ticket } from '../../ticket/schema';
import { TICKETS_VERSION, type Backup, type TicketsFile } from './format';

const pretty = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

export const writeBox = (box: Box): string => pretty(box);

/** How deep lists are laid out a row a line; below it a value stands on its line. */
const LAID_OUT = 2;

/**
 * A value in pieces, each row of its lists on a line of its own: problems are found by line, and thousands of rows take half the
 * room of indented ones.
 */
function* rowALine(value: unknown, depth = 0): Generator<string> {
  const object = typeof value === 'object' && value !== null;
  if (!object || depth >= LAID_OUT + (Array.isArray(value) ? 1 : 0)) {
    yield JSON.stringify(value);
    return;
  }
  const [open, close] = Array.isArray(value) ? '[]' : '{}';
  const rows = Array.isArray(value)
    ? value.map((row: unknown) => ['', row] as const)
    : Object.entries(value)
        .filter(([, inner]) => inner !== undefined)
        .map(([name, inner]) => [`${JSON.stringify(name)}: `, inner] as const);
  yield open!;
  let first = true;
  for (const [name, inner] of rows) {
    yield `${first ? '' : ','}\n${name}`;
    first = false;
    yield* Array.isArray(value) ? [JSON.stringify(inner)] : rowALine(inner, depth + 1);
  }
  yield first ? close! : `\n${close!}`;
}

const laidOut = (value: unknown): string => `${[...rowALine(value)].join('')}\n`;

export const writeTickets = (tickets: readonly Ticket[]): string =>
  laidOut({ kind: 'tickets', version: TICKETS_VERSION, tickets: [...tickets] } satisfies TicketsFile);

export const writeBackup = (backup: Backup): string => laidOut(backup);

/** The same in pieces, for who wants to tell how far it is. */
export const backupPieces = (backup: Backup): Generator<string> => rowALine(backup);
