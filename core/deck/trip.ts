import * as z from 'zod/mini';
import type { IssueCode } from '../result';
import { boxSchema } from '../rig/parts/box';
import { rigSchema, shortText, whole, within } from '../rig/parts/schema';
import { SKIES, WATER_LIMITS, waterSchema, WINDS } from '../water/schema';

export const TRIP_VERSION = 1;
export const TRIP_LIMITS = {
  stops: 40,
  rods: { min: 1, max: 20 },
  minutes: { min: 1, max: 1440 },
  weight: { min: 0, max: 100 },
  reTieMin: { min: 0, max: 120 },
  coverM: { min: 0, max: 50_000 },
  lat: { min: -90, max: 90 },
  lon: { min: -180, max: 180 },
  hours: 24,
  bans: 500,
  /** what a file of places brought along and we do not read, characters */
  foreign: 500_000,
} as const;

const place = { lat: z.exactOptional(within(TRIP_LIMITS.lat)), lon: z.exactOptional(within(TRIP_LIMITS.lon)) };
/** hours and minutes of the day, as clocks show them there */
export const clockSchema = z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/));
const foreign = z.exactOptional(z.string().check(z.maxLength(TRIP_LIMITS.foreign)));
const index = whole({ min: 0, max: 199_999 });

/** What of a water is another at an hour of the day; what is left out is as the stop’s water says. */
export const hourSchema = z.strictObject({
  at: clockSchema,
  temperatureC: z.exactOptional(within(WATER_LIMITS.temperatureC)),
  visibilityM: z.exactOptional(within({ min: 0.01, max: WATER_LIMITS.visibilityM.max })),
  wind: z.exactOptional(z.enum(WINDS)),
  sky: z.exactOptional(z.enum(SKIES)),
});

/** What is known of a stop, whoever answers it. */
export const placeFields = {
  name: shortText(0),
  minutes: within(TRIP_LIMITS.minutes),
  /** how much a minute of it counts; 1 where nobody says */
  weight: z.exactOptional(within(TRIP_LIMITS.weight)),
  ...place,
  water: waterSchema,
  /** when it begins; left out, when the one before ends */
  at: z.exactOptional(clockSchema),
  /** the water by the hour, in order */
  hours: z.exactOptional(z.array(hourSchema).check(z.maxLength(TRIP_LIMITS.hours))),
  /** metres of cover there are to fish */
  coverM: z.exactOptional(within(TRIP_LIMITS.coverM)),
  /** what else a file of places said of it, as it came */
  gpx: foreign,
};
/** What is known of a day, whatever its stops. */
export const dayFields = {
  name: z.exactOptional(shortText(0)),
  day: z.exactOptional(z.iso.date()),
  from: z.exactOptional(clockSchema),
  /** when it has to end */
  until: z.exactOptional(clockSchema),
  utcOffsetMin: z.exactOptional(whole({ min: -840, max: 840 })),
  ...place,
  /** rods taken along */
  rods: whole(TRIP_LIMITS.rods),
  /** minutes another rig on a rod costs; left out, none is tied on the way */
  reTieMin: z.exactOptional(within(TRIP_LIMITS.reTieMin)),
  /** what else a file of places said, as it came */
  gpx: foreign,
};

export const stopSchema = z.strictObject({
  ...placeFields,
  /** place of the rod in the box that has to answer it */
  lock: z.exactOptional(index),
});

/** Trays whose parts can be banned from a plan. */
export const BAN_TRAYS = ['heads', 'skirts', 'trailers', 'lines', 'rods', 'reels'] as const;
export type BanTray = (typeof BAN_TRAYS)[number];

/** A plan as it was made: what is on which rod, and what answers each stop. */
export const madePlanSchema = z.strictObject({
  rods: z
    .array(
      z.strictObject({
        rod: index,
        reel: index,
        line: index,
        rig: rigSchema,
        /** before any cut */
        base: z.exactOptional(rigSchema),
        stops: z.array(index).check(z.maxLength(TRIP_LIMITS.stops)),
      }),
    )
    .check(z.maxLength(TRIP_LIMITS.stops)),
});

/** Hours of a stop stand in order. */
export function checkHours(
  stops: readonly { readonly hours?: readonly { readonly at: string }[] }[],
  problem: (path: (string | number)[], code: IssueCode) => void,
): void {
  stops.forEach(({ hours }, stop) =>
    hours?.forEach(({ at }, hour) => {
      const before = hours[hour - 1];
      if (before && at <= before.at) problem(['stops', stop, 'hours', hour, 'at'], 'not-in-order');
    }),
  );
}

/** A day of stops in their order, and the box it is fished from. In the shape of files. */
export const tripSchema = z
  .strictObject({
    kind: z.literal('trip'),
    version: z.literal(TRIP_VERSION),
    ...dayFields,
    stops: z.array(stopSchema).check(z.minLength(1), z.maxLength(TRIP_LIMITS.stops)),
    /** parts that are not to be used, by tray and place */
    bans: z.exactOptional(
      z.array(z.strictObject({ tray: z.enum(BAN_TRAYS), part: index })).check(z.maxLength(TRIP_LIMITS.bans)),
    ),
    box: boxSchema,
    /** as it was planned last */
    plan: z.exactOptional(madePlanSchema),
  })
  .check(({ value, issues }) =>
    checkHours(value.stops, (path, code) =>
      issues.push({ code: 'custom', input: value, path, params: { code, data: {} } }),
    ),
  );
export type Trip = z.infer<typeof tripSchema>;
export type Stop = Trip['stops'][number];
export type StopHour = z.infer<typeof hourSchema>;
export type MadePlan = z.infer<typeof madePlanSchema>;
