import * as z from 'zod/mini';
import { BOX_VERSION, boxSchema, PART_SCHEMAS, READ_LIMIT, TRAYS, upgradeBox } from '../../rig/parts/box';
import { buildSchema } from '../../bench/build';
import { keptTripSchema } from '../../deck/kept-trip';
import { TRIP_VERSION, tripSchema } from '../../deck/trip';
import { keptOutingSchema } from '../../log/kept-outing';
import { LOG_VERSION, logSchema, outingSchema } from '../../log/schema';
import { timedTestSchema } from '../../log/timed-tests';
import { planSchema } from '../../motion/plan';
import { rigSchema, shortText } from '../../rig/parts/schema';
import { yearSchema } from '../../season/year';
import { tankSchema } from '../../tank/tank';
import { ticketSchema } from '../../ticket/schema';
import { waterSchema } from '../../water/schema';
import { asideSchema } from '../aside';
import { keptWaterSchema } from './kept-water';
import { screenSchema, settingsSchema } from './settings';
import * as formats from '../../locale/en/formats';

export const TICKETS_VERSION = 1;
export const BACKUP_VERSION = 7;

/** A list in a file: it takes at least as many rows as a browser stores. */
const listOf = <T extends z.ZodMiniType>(row: T): z.ZodMiniArray<T> => z.array(row).check(z.maxLength(READ_LIMIT));

export const ticketsFileSchema = z.strictObject({
  kind: z.literal('tickets'),
  version: z.literal(TICKETS_VERSION),
  tickets: listOf(ticketSchema),
});

/** Everything this browser holds, in one file. */
export const backupSchema = z.strictObject({
  kind: z.literal('backup'),
  version: z.literal(BACKUP_VERSION),
  madeAt: z.iso.datetime(),
  settings: settingsSchema,
  waters: listOf(keptWaterSchema),
  /** id of the water at hand */
  atHand: z.nullable(shortText()),
  box: boxSchema,
  tickets: listOf(ticketSchema),
  builds: listOf(buildSchema),
  /** id of the build on the bench */
  onBench: z.nullable(shortText()),
  screen: z.nullable(screenSchema),
  /** what stands in the tank */
  tank: z.nullable(tankSchema),
  /** the year that was drawn */
  year: z.nullable(yearSchema),
  trips: listOf(keptTripSchema),
  /** id of the day on the deck */
  onDeck: z.nullable(shortText()),
  outings: listOf(keptOutingSchema),
  /** id of the outing that runs */
  onWater: z.nullable(shortText()),
  tests: listOf(timedTestSchema),
  /** rows that could not be read, as they came */
  setAside: listOf(asideSchema),
});

export type TicketsFile = z.infer<typeof ticketsFileSchema>;
export type Backup = z.infer<typeof backupSchema>;

/** Version 1 held one water without a place, 2 no builds, 3 neither a screen nor rows set aside, 4 neither a tank nor a year, 5 no trips, 6 no log. */
export function upgradeBackup(old: unknown): unknown {
  if (typeof old !== 'object' || old === null) return old;
  const { version } = old as { version?: unknown };
  const since7 = { version: BACKUP_VERSION, outings: [], onWater: null, tests: [] };
  const since6 = { ...since7, trips: [], onDeck: null };
  const since5 = { ...since6, tank: null, year: null };
  const since4 = { ...since5, screen: null, setAside: [] };
  if (version === 6) return { ...old, ...since7 };
  if (version === 5) return { ...old, ...since6 };
  if (version === 4) return { ...old, ...since5 };
  if (version === 3) return { ...old, ...since4 };
  if (version === 2) return { ...old, builds: [], onBench: null, ...since4 };
  if (version !== 1) return old;
  const { water, box, ...rest } = old as Record<string, unknown>;
  const waters = water === null || water === undefined ? [] : [{ id: 'current', place: '', day: null, water }];
  return {
    ...rest,
    waters,
    atHand: waters.length > 0 ? 'current' : null,
    box: upgradeBox(box),
    builds: [],
    onBench: null,
    ...since4,
  };
}

/** A trip carries a box, which may be of an older version. */
const upgradeTrip = (old: unknown): unknown =>
  typeof old === 'object' && old !== null && 'box' in old ? { ...old, box: upgradeBox(old.box) } : old;

const asItIs = (value: unknown): unknown => value;

/** A list of rows inside a file: where it stands, what each must be, and the field by which no two may be alike. */
export interface RowList {
  readonly path: readonly string[];
  readonly row: z.ZodMiniType;
  readonly id: string | null;
}

const trayLists = (...before: string[]): RowList[] =>
  TRAYS.map((tray) => ({ path: [...before, tray], row: PART_SCHEMAS[tray] as z.ZodMiniType, id: null }));
const TICKET_LIST: RowList = { path: ['tickets'], row: ticketSchema, id: 'id' };

/**
 * Our own JSON files by kind; waters, rigs and plans carry no kind and are told by their fields. `upgrade` turns older versions into
 * the one read here, `lists` are the rows that can be set aside one by one.
 */
export const JSON_KINDS = {
  box: { schema: boxSchema, version: BOX_VERSION, title: formats.box, upgrade: upgradeBox, lists: trayLists() },
  tickets: {
    schema: ticketsFileSchema,
    version: TICKETS_VERSION,
    title: formats.tickets,
    upgrade: asItIs,
    lists: [TICKET_LIST],
  },
  backup: {
    schema: backupSchema,
    version: BACKUP_VERSION,
    title: formats.fullBackup,
    upgrade: upgradeBackup,
    lists: [
      { path: ['waters'], row: keptWaterSchema, id: 'id' },
      ...trayLists('box'),
      TICKET_LIST,
      { path: ['builds'], row: buildSchema, id: 'id' },
      { path: ['trips'], row: keptTripSchema, id: 'id' },
      { path: ['outings'], row: keptOutingSchema, id: 'id' },
      { path: ['tests'], row: timedTestSchema, id: 'id' },
    ] as RowList[],
  },
  log: {
    schema: logSchema,
    version: LOG_VERSION,
    title: formats.log,
    upgrade: asItIs,
    lists: [{ path: ['outings'], row: outingSchema, id: 'id' }] as RowList[],
  },
  trip: {
    schema: tripSchema,
    version: TRIP_VERSION,
    title: formats.trip,
    upgrade: upgradeTrip,
    lists: [] as RowList[],
  },
  water: { schema: waterSchema, version: null, title: formats.water, upgrade: asItIs, lists: [] as RowList[] },
  rig: { schema: rigSchema, version: null, title: formats.rig, upgrade: asItIs, lists: [] as RowList[] },
  plan: { schema: planSchema, version: null, title: formats.retrievePlan, upgrade: asItIs, lists: [] as RowList[] },
} as const;

export type JsonKind = keyof typeof JSON_KINDS;

/** Longest file that is read, characters: more than everything a browser may store comes to, and what a machine still holds as one text. */
export const JSON_LIMIT_CHARS = 500_000_000;
