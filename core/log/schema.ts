import * as z from 'zod/mini';
import { parseWith } from '../parse';
import type { IssueCode, Result } from '../result';
import { rigSchema, shortText, whole, within } from '../rig/parts/schema';
import { waterSchema } from '../water/schema';

export const LOG_VERSION = 1;
export const LOG_LIMITS = {
  outings: 5_000,
  events: 5_000,
  track: 20_000,
  lengthMm: { min: 20, max: 1500 },
} as const;

/** What can happen on an outing. */
export const EVENT_KINDS = ['tie-on', 'put-down', 'bite', 'nip', 'hooked', 'landed', 'lost', 'snag', 'note'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];
/** Where a fish was hooked: the main hook, its corner of the mouth, or the trailer hook alone. */
export const HOOKED_BY = ['front', 'corner', 'trailer-hook'] as const;
export type HookedBy = (typeof HOOKED_BY)[number];

/** A moment, with the clock of its place. */
const moment = z.iso.datetime({ offset: true });

export const eventSchema = z.strictObject({
  at: moment,
  what: z.enum(EVENT_KINDS),
  /** which rod, by its place among those in use */
  rod: z.exactOptional(whole({ min: 0, max: 999 })),
  rig: z.exactOptional(rigSchema),
  /** the last one said holds */
  water: z.exactOptional(waterSchema),
  /** where: a stop of the day; the last one said holds */
  stop: z.exactOptional(shortText(0)),
  hookedBy: z.exactOptional(z.enum(HOOKED_BY)),
  lengthMm: z.exactOptional(within(LOG_LIMITS.lengthMm)),
  says: z.exactOptional(shortText(0)),
});
export type LogEvent = z.infer<typeof eventSchema>;

/** A point of a sounder’s track: seconds since the outing began, place, depth and temperature where they were told. */
export const trackPointSchema = z.tuple([
  z.number(),
  z.nullable(z.number()),
  z.nullable(z.number()),
  z.nullable(z.number()),
  z.nullable(z.number()),
]);

/* eslint-disable-next-line no-restricted-globals -- a moment that stands in a log; no clock is asked */
export const msOf = (at: string): number => Date.parse(at);

type Tell = (path: (string | number)[], code: IssueCode, data: Record<string, string | number>) => void;
/** Tells what cannot be in an outing: an end before its start, events out of order or outside of it, a rig tied to nothing. */
export function checkTimes(
  { from, to, events }: { readonly from: string; readonly to: string | null; readonly events: readonly LogEvent[] },
  tell: Tell,
): void {
  const ends = to === null ? Infinity : msOf(to);
  if (ends < msOf(from)) tell(['to'], 'ends-before', { got: to ?? '', from });
  events.forEach(({ at, what, rig, rod }, place) => {
    const before = events[place - 1];
    if (before && msOf(at) < msOf(before.at)) tell(['events', place, 'at'], 'not-in-order', {});
    if (msOf(at) < msOf(from) || msOf(at) > ends)
      tell(['events', place, 'at'], 'outside-the-outing', { got: at, from, to: to ?? '' });
    if (what === 'tie-on' && rig === undefined) tell(['events', place, 'rig'], 'missing', { expected: 'a rig' });
    if (what === 'tie-on' && rod === undefined) tell(['events', place, 'rod'], 'missing', { expected: 'a rod' });
  });
}

/** One outing: what was tied on and what came of it, in the order of time. */
export const outingSchema = z
  .strictObject({
    id: shortText(),
    place: shortText(0),
    from: moment,
    to: moment,
    events: z.array(eventSchema).check(z.maxLength(LOG_LIMITS.events)),
    track: z.exactOptional(z.array(trackPointSchema).check(z.maxLength(LOG_LIMITS.track))),
  })
  .check(({ value, issues }) =>
    checkTimes(value, (path, code, data) =>
      issues.push({ code: 'custom', input: value, path, params: { code, data } }),
    ),
  );
export type Outing = z.infer<typeof outingSchema>;

export const logSchema = z.strictObject({
  kind: z.literal('log'),
  version: z.literal(LOG_VERSION),
  outings: z.array(outingSchema).check(z.maxLength(LOG_LIMITS.outings)),
});
export type Log = z.infer<typeof logSchema>;
export const parseLog = (input: unknown): Result<Log> => parseWith(logSchema, input);
