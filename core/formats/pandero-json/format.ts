import * as z from 'zod/mini';
import { boxSchema } from '../../rig/box';
import { rigSchema } from '../../rig/schema';
import { ticketSchema } from '../../ticket/schema';
import { waterSchema } from '../../water/schema';

export const TICKETS_VERSION = 1;
export const BACKUP_VERSION = 1;

export const ticketsFileSchema = z.strictObject({
  kind: z.literal('tickets'),
  version: z.literal(TICKETS_VERSION),
  tickets: z.array(ticketSchema).check(z.maxLength(20_000)),
});

/** Settings that travel with a backup. */
export const settingsSchema = z.strictObject({
  units: z.enum(['us', 'metric']),
  theme: z.enum(['light', 'night']),
  source: z.enum(['box', 'catalogue']),
});
export type Settings = z.infer<typeof settingsSchema>;

/** Everything this browser holds, in one file. */
export const backupSchema = z.strictObject({
  kind: z.literal('backup'),
  version: z.literal(BACKUP_VERSION),
  madeAt: z.iso.datetime(),
  settings: settingsSchema,
  water: z.nullable(waterSchema),
  box: boxSchema,
  tickets: z.array(ticketSchema).check(z.maxLength(20_000)),
});

export type TicketsFile = z.infer<typeof ticketsFileSchema>;
export type Backup = z.infer<typeof backupSchema>;

/** Our own JSON files by kind; waters and rigs carry no kind and are told by their fields. */
export const JSON_KINDS = {
  box: { schema: boxSchema, version: 1, title: 'a box' },
  tickets: { schema: ticketsFileSchema, version: TICKETS_VERSION, title: 'tickets' },
  backup: { schema: backupSchema, version: BACKUP_VERSION, title: 'a full backup' },
  water: { schema: waterSchema, version: null, title: 'a water' },
  rig: { schema: rigSchema, version: null, title: 'a rig' },
} as const;

export type JsonKind = keyof typeof JSON_KINDS;

export const JSON_LIMIT_BYTES = 20_000_000;
