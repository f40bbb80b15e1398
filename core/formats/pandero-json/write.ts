import type { Box } from '../../rig/box';
import type { Ticket } from '../../ticket/schema';
import { TICKETS_VERSION, type Backup, type TicketsFile } from './format';

const pretty = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

export const writeBox = (box: Box): string => pretty(box);

export const writeTickets = (tickets: readonly Ticket[]): string =>
  pretty({ kind: 'tickets', version: TICKETS_VERSION, tickets: [...tickets] } satisfies TicketsFile);

export const writeBackup = (backup: Backup): string => pretty(backup);
