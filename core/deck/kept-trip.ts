import * as z from 'zod/mini';
import { boxSchema, partCount, type Box, type Tray } from '../rig/parts/box';
import { rigSchema, shortText, whole } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import {
  BAN_TRAYS,
  checkHours,
  dayFields,
  placeFields,
  TRIP_LIMITS,
  TRIP_VERSION,
  type BanTray,
  type MadePlan,
  type Trip,
} from './trip';

/** A stop as a browser keeps it: it knows a locked rod by its id, since places in a box shift. */
const keptStopSchema = z.strictObject({ ...placeFields, id: shortText(), lock: z.exactOptional(shortText()) });

/** A plan as it was made last; parts are known by their ids. */
const keptPlanSchema = z.strictObject({
  /** what it was made from, in short */
  of: shortText(0),
  rods: z
    .array(
      z.strictObject({
        rod: shortText(),
        reel: shortText(),
        line: shortText(),
        rig: rigSchema,
        base: z.exactOptional(rigSchema),
        /** by their ids: they may have changed places since */
        stops: z.array(shortText()).check(z.maxLength(TRIP_LIMITS.stops)),
      }),
    )
    .check(z.maxLength(TRIP_LIMITS.stops)),
});

/** A day as a browser keeps it: without a box it is planned from the angler’s own. */
export const keptTripSchema = z
  .strictObject({
    id: shortText(),
    changedAt: z.iso.datetime(),
    ...dayFields,
    stops: z.array(keptStopSchema).check(z.maxLength(TRIP_LIMITS.stops)),
    bans: z.array(z.strictObject({ tray: z.enum(BAN_TRAYS), id: shortText() })).check(z.maxLength(TRIP_LIMITS.bans)),
    /** the box it came with; null for the angler’s own */
    box: z.nullable(boxSchema),
    plan: z.nullable(keptPlanSchema),
    /** the stop that is fished now; null before the day has begun */
    now: z.nullable(whole({ min: 0, max: TRIP_LIMITS.stops })),
  })
  .check(({ value, issues }) =>
    checkHours(value.stops, (path, code) =>
      issues.push({ code: 'custom', input: value, path, params: { code, data: {} } }),
    ),
  );
export type KeptTrip = z.infer<typeof keptTripSchema>;
export type KeptStop = KeptTrip['stops'][number];
export type KeptPlan = NonNullable<KeptTrip['plan']>;

/** Most parts a box that came with a day may hold: the day is kept whole at every change. */
export const TRIP_BOX_PARTS = 2_000;
export const isBoxKeepable = (box: Box): boolean => partCount(box) <= TRIP_BOX_PARTS;

/** Id of a part; one that came without is known by its place. */
const idAt = (box: Box, tray: Tray, place: number): string => box[tray][place]?.id ?? `${tray}-${place}`;
const placeById = (box: Box, tray: Tray, id: string): number =>
  box[tray].findIndex((_, place) => idAt(box, tray, place) === id);

/** A box whose parts all have ids. */
const withIds = (box: Box): Box => ({
  ...box,
  ...Object.fromEntries(
    BAN_TRAYS.map((tray) => [tray, box[tray].map((part, place) => ({ ...part, id: idAt(box, tray, place) }))]),
  ),
});

/** A new day: one stop at the water at hand. */
export const newTrip = (
  made: { readonly id: string; readonly stopId: string; readonly at: string; readonly day: string | null },
  stop: { readonly name: string; readonly water: Water },
): KeptTrip => ({
  id: made.id,
  changedAt: made.at,
  ...(made.day === null ? {} : { day: made.day }),
  from: '07:00',
  rods: 4,
  stops: [{ id: made.stopId, minutes: 45, ...stop }],
  bans: [],
  box: null,
  plan: null,
  now: null,
});

/**
 * A kept day in the shape of files, from a box. What the box has no more is left out: a lock to a rod that is gone is none.
 * @param box  the angler’s own, where the day came with none
 */
export function tripOf(kept: KeptTrip, own: Box): Trip {
  const { id: _id, changedAt: _at, stops, bans, box: came, plan, now: _now, ...day } = kept;
  const box = came ?? own;
  const lockOf = (id: string | undefined): { lock?: number } => {
    const lock = id === undefined ? -1 : placeById(box, 'rods', id);
    return lock === -1 ? {} : { lock };
  };
  const banned = bans.flatMap(({ tray, id }) => {
    const part = placeById(box, tray, id);
    return part === -1 ? [] : [{ tray, part }];
  });
  const made = plan && madePlanOf(plan, box, stops);
  return {
    kind: 'trip',
    version: TRIP_VERSION,
    ...day,
    stops: stops.map(({ id: __, lock, ...stop }) => ({ ...stop, ...lockOf(lock) })),
    ...(banned.length > 0 ? { bans: banned } : {}),
    box,
    ...(made ? { plan: made } : {}),
  };
}

/** A kept plan by places of a box and of the stops as they stand; null where the box lacks some of its gear by now. */
export function madePlanOf({ rods }: KeptPlan, box: Box, stops: readonly Pick<KeptStop, 'id'>[]): MadePlan | null {
  const placed = rods.map(({ rod, reel, line, stops: ids, ...rest }) => ({
    ...rest,
    stops: stops.flatMap(({ id }, at) => (ids.includes(id) ? [at] : [])),
    rod: placeById(box, 'rods', rod),
    reel: placeById(box, 'reels', reel),
    line: placeById(box, 'lines', line),
  }));
  return placed.some(({ rod, reel, line }) => rod === -1 || reel === -1 || line === -1) ? null : { rods: placed };
}

/** A plan as it is kept. */
export const keptPlanOf = (
  { rods }: MadePlan,
  box: Box,
  planned: readonly Pick<KeptStop, 'id'>[],
  of: string,
): KeptPlan => ({
  of,
  rods: rods.map(({ rod, reel, line, rig, base, stops }) => ({
    rod: idAt(box, 'rods', rod),
    reel: idAt(box, 'reels', reel),
    line: idAt(box, 'lines', line),
    rig,
    ...(base ? { base } : {}),
    stops: stops.flatMap((at) => planned[at]?.id ?? []),
  })),
});

/** A trip of a file as it is kept: with the box it came with. */
export function keptTripOf(trip: Trip, made: { readonly id: string; readonly at: string; newId(): string }): KeptTrip {
  const { kind: _kind, version: _version, stops, bans = [], box, plan, ...day } = trip;
  const ours = withIds(box);
  const kept: KeptTrip = {
    ...day,
    id: made.id,
    changedAt: made.at,
    stops: stops.map(({ lock, ...stop }) => ({
      ...stop,
      id: made.newId(),
      ...(lock === undefined || !box.rods[lock] ? {} : { lock: idAt(ours, 'rods', lock) }),
    })),
    bans: bans.flatMap(({ tray, part }) => (box[tray][part] ? [{ tray, id: idAt(ours, tray, part) }] : [])),
    box: ours,
    plan: null,
    now: null,
  };
  const isWhole = plan?.rods.every(({ rod, reel, line }) => box.rods[rod] && box.reels[reel] && box.lines[line]);
  return { ...kept, plan: plan && isWhole ? keptPlanOf(plan, ours, kept.stops, shortOf(tripOf(kept, ours))) : null };
}

/** Part of a box by tray and id, for bans. */
export const banOf = (box: Box, tray: BanTray, place: number): KeptTrip['bans'][number] => ({
  tray,
  id: idAt(box, tray, place),
});
export { idAt as partIdAt, placeById as partPlaceById };

/** What a plan is made from, in short: two that differ read differently, but for one chance in nine thousand million million. */
export function shortOf(trip: Trip): string {
  const { plan: _plan, name: _name, gpx: _gpx, stops, ...rest } = trip;
  const text = JSON.stringify([rest, stops.map(({ gpx: _foreign, coverM: _cover, name: __, ...stop }) => stop)]);
  let [a, b] = [0xdeadbeef, 0x41c6ce57];
  for (let at = 0; at < text.length; at++) {
    const letter = text.charCodeAt(at);
    a = Math.imul(a ^ letter, 2654435761);
    b = Math.imul(b ^ letter, 1597334677);
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909);
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909);
  return (4294967296 * (2097151 & b) + (a >>> 0)).toString(36);
}
