import * as z from 'zod/mini';
import { boxSchema } from '../rig/parts/box';
import { shortText, whole, within } from '../rig/parts/schema';
import { waterSchema } from '../water/schema';

export const TRIP_VERSION = 1;
export const TRIP_LIMITS = {
  stops: 40,
  rods: { min: 1, max: 20 },
  minutes: { min: 1, max: 1440 },
  weight: { min: 0, max: 100 },
  reTieMin: { min: 0, max: 120 },
  lat: { min: -90, max: 90 },
  lon: { min: -180, max: 180 },
} as const;

const place = { lat: z.exactOptional(within(TRIP_LIMITS.lat)), lon: z.exactOptional(within(TRIP_LIMITS.lon)) };

export const stopSchema = z.strictObject({
  name: shortText(0),
  minutes: within(TRIP_LIMITS.minutes),
  /** how much a minute of it counts; 1 where nobody says */
  weight: z.exactOptional(within(TRIP_LIMITS.weight)),
  ...place,
  water: waterSchema,
  /** place of the rod in the box that has to answer it */
  lock: z.exactOptional(whole({ min: 0, max: 9999 })),
});

/** A day of stops in their order, and the box it is fished from. In the shape of files. */
export const tripSchema = z.strictObject({
  kind: z.literal('trip'),
  version: z.literal(TRIP_VERSION),
  name: z.exactOptional(shortText(0)),
  day: z.exactOptional(z.iso.date()),
  from: z.exactOptional(z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/))),
  utcOffsetMin: z.exactOptional(whole({ min: -840, max: 840 })),
  ...place,
  /** rods taken along */
  rods: whole(TRIP_LIMITS.rods),
  /** minutes another rig on a rod costs */
  reTieMin: z.exactOptional(within(TRIP_LIMITS.reTieMin)),
  stops: z.array(stopSchema).check(z.minLength(1), z.maxLength(TRIP_LIMITS.stops)),
  box: boxSchema,
});
export type Trip = z.infer<typeof tripSchema>;
export type Stop = Trip['stops'][number];
