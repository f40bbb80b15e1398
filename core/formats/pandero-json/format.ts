import * as z from 'zod/mini';
import { BOX_VERSION, boxSchema, upgradeBox } from '../../rig/box';
import { buildSchema } from '../../bench/build';
import { planSchema } from '../../motion/plan';
import { rigSchema, shortText } from '../../rig/schema';
import { ticketSchema } from '../../ticket/schema';
import { waterSchema } from '../../water/schema';

export const TICKETS_VERSION = 1;
export const BACKUP_VERSION = 3;

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

/** A water as it is kept: what it was, where and on which day. */
export const keptWaterSchema = z.strictObject({
  id: shortText(),
  place: shortText(0),
  day: z.nullable(z.iso.date()),
  water: waterSchema,
});
export type KeptWater = z.infer<typeof keptWaterSchema>;

/** Everything this browser holds, in one file. */
export const backupSchema = z.strictObject({
  kind: z.literal('backup'),
  version: z.literal(BACKUP_VERSION),
  madeAt: z.iso.datetime(),
  settings: settingsSchema,
  waters: z.array(keptWaterSchema).check(z.maxLength(5000)),
  /** id of the water at hand */
  atHand: z.nullable(shortText()),
  box: boxSchema,
  tickets: z.array(ticketSchema).check(z.maxLength(20_000)),
  builds: z.array(buildSchema).check(z.maxLength(2000)),
  /** id of the build on the bench */
  onBench: z.nullable(shortText()),
});

export type TicketsFile = z.infer<typeof ticketsFileSchema>;
export type Backup = z.infer<typeof backupSchema>;

/** A backup of version 1 held one water without a place, one of version 2 no builds. */
export function upgradeBackup(old: unknown): unknown {
  if (typeof old !== 'object' || old === null) return old;
  const { version } = old as { version?: unknown };
  if (version === 2) return { ...old, version: BACKUP_VERSION, builds: [], onBench: null };
  if (version !== 1) return old;
  const { water, box, ...rest } = old as Record<string, unknown>;
  const waters = water === null || water === undefined ? [] : [{ id: 'current', place: '', day: null, water }];
  return {
    ...rest,
    version: BACKUP_VERSION,
    waters,
    atHand: waters.length > 0 ? 'current' : null,
    box: upgradeBox(box),
    builds: [],
    onBench: null,
  };
}

const asItIs = (value: unknown): unknown => value;

/**
 * Our own JSON files by kind; waters, rigs and plans carry no kind and are told by their fields. `upgrade` turns older versions into
 * the one read here.
 */
export const JSON_KINDS = {
  box: { schema: boxSchema, version: BOX_VERSION, title: 'a box', upgrade: upgradeBox },
  tickets: { schema: ticketsFileSchema, version: TICKETS_VERSION, title: 'tickets', upgrade: asItIs },
  backup: { schema: backupSchema, version: BACKUP_VERSION, title: 'a full backup', upgrade: upgradeBackup },
  water: { schema: waterSchema, version: null, title: 'a water', upgrade: asItIs },
  rig: { schema: rigSchema, version: null, title: 'a rig', upgrade: asItIs },
  plan: { schema: planSchema, version: null, title: 'a retrieve plan', upgrade: asItIs },
} as const;

export type JsonKind = keyof typeof JSON_KINDS;

export const JSON_LIMIT_BYTES = 20_000_000;
