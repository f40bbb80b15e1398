import * as z from 'zod/mini';
import { sameJson, type Clash, type Merged } from '../keeping/merge';
import { shortText, whole } from '../rig/parts/schema';
import { checkTimes, eventSchema, LOG_LIMITS, msOf, trackPointSchema, type LogEvent, type Outing } from './schema';

const moment = z.iso.datetime({ offset: true });

/** An outing as a browser keeps it: one that still runs has no end. */
export const keptOutingSchema = z
  .strictObject({
    id: shortText(),
    changedAt: z.iso.datetime(),
    place: shortText(0),
    from: moment,
    /** null while it runs */
    to: z.nullable(moment),
    events: z.array(eventSchema).check(z.maxLength(LOG_LIMITS.events)),
    track: z.exactOptional(z.array(trackPointSchema).check(z.maxLength(LOG_LIMITS.track))),
    /** the rod in hand, by its number; which one the keys mean */
    rod: z.exactOptional(whole({ min: 0, max: 999 })),
    /** made by a script, not by an angler */
    isDemo: z.exactOptional(z.literal(true)),
  })
  .check(({ value, issues }) =>
    checkTimes(value, (path, code, data) =>
      issues.push({ code: 'custom', input: value, path, params: { code, data } }),
    ),
  );
export type KeptOuting = z.infer<typeof keptOutingSchema>;

/** The last moment anything was noted. */
export const lastMoment = ({ from, to, events }: Pick<KeptOuting, 'from' | 'to' | 'events'>): string =>
  to ?? events.at(-1)?.at ?? from;

/** An outing in the shape of files; one that still runs ends with what was noted last. */
export function outingOf({ id, place, from, to, events, track }: KeptOuting): Outing {
  return { id, place, from, to: to ?? events.at(-1)?.at ?? from, events, ...(track ? { track } : {}) };
}
export const keptOutingOf = (outing: Outing, changedAt: string): KeptOuting => ({ ...outing, changedAt });

/** A date as a moment of a place, with its clock. @param offsetMin  east of Greenwich, minutes */
export function momentOf(ms: number, offsetMin: number): string {
  /* eslint-disable-next-line no-restricted-globals -- writes a moment that was handed over; no clock is asked */
  const iso = new Date(ms + 60_000 * offsetMin).toISOString().slice(0, -1);
  const [sign, minutes] = [offsetMin < 0 ? '-' : '+', Math.abs(offsetMin)];
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${iso}${sign}${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}
/** Minutes east of Greenwich of the clock a moment is told by. */
export function offsetOf(moment_: string): number {
  const found = /([+-])(\d\d):(\d\d)$/.exec(moment_);
  if (!found) return 0;
  const minutes = 60 * Number(found[2]) + Number(found[3]);
  return found[1] === '-' ? -minutes : minutes;
}

/** Events by what tells them apart: when, what, on which rod; of several alike each has a number. */
export function eventKeys(events: readonly LogEvent[]): string[] {
  const seen = new Map<string, number>();
  return events.map(({ at, what, rod }) => {
    const key = `${msOf(at)} ${what} ${rod ?? ''}`;
    const nth = seen.get(key) ?? 0;
    seen.set(key, nth + 1);
    return nth === 0 ? key : `${key} ${nth}`;
  });
}
const byKey = (events: readonly LogEvent[]): Map<string, LogEvent> => {
  const keys = eventKeys(events);
  return new Map(events.map((event, at) => [keys[at]!, event]));
};
/** In the order of time; what was noted at one moment stays in the order it was noted in. */
export const inOrder = (events: readonly LogEvent[]): LogEvent[] => [...events].sort((a, b) => msOf(a.at) - msOf(b.at));

/** The later of two moments, as it was written. */
const later = (a: string, b: string): string => (msOf(a) >= msOf(b) ? a : b);
const earlier = (a: string, b: string): string => (msOf(a) <= msOf(b) ? a : b);

/**
 * Puts two hands' work on one outing together, event by event: what either noted stands, what either took away is gone, and of one that both
 * changed differently mine stands, and is said.
 */
export function mergeKeptOutings(base: KeptOuting | null, mine: KeptOuting, theirs: KeptOuting): Merged<KeptOuting> {
  const clashes: Clash[] = [];
  const of = <Value>(field: string, get: (from: KeptOuting) => Value): Value => {
    const [was, my, their] = [base && get(base), get(mine), get(theirs)];
    if (sameJson(my, their) || sameJson(their, was)) return my;
    if (sameJson(my, was)) return their;
    // the rod in hand is nobody's work
    if (field !== 'rod') clashes.push({ path: [field], mine: my, theirs: their });
    return my;
  };
  const [before, own, other] = [
    base ? byKey(base.events) : new Map<string, LogEvent>(),
    byKey(mine.events),
    byKey(theirs.events),
  ];
  const events: LogEvent[] = [];
  /** events both changed, each to something else: what stands, and what the other made of it */
  const theirOwn = new Map<LogEvent, LogEvent>();
  for (const key of new Set([...other.keys(), ...own.keys()])) {
    const [was, my, their] = [before.get(key), own.get(key), other.get(key)];
    if (my && their) {
      if (!sameJson(my, their) && !sameJson(my, was) && !sameJson(their, was)) theirOwn.set(my, their);
      events.push(sameJson(my, was) ? their : my);
    } else {
      const left = (my ?? their)!;
      // taken away by one and left alone by the other
      if (was === undefined || !sameJson(left, was)) events.push(left);
    }
  }
  const ordered = inOrder(events);
  // the list as a whole, so that the other hand’s can be taken in its place
  if (theirOwn.size > 0)
    clashes.push({ path: ['events'], mine: ordered, theirs: ordered.map((event) => theirOwn.get(event) ?? event) });
  const rod = of('rod', (one) => one.rod);
  const [from, to] = [of('from', (one) => one.from), of('to', (one) => one.to)];
  const last = ordered.at(-1)?.at;
  const track = (mine.track?.length ?? 0) >= (theirs.track?.length ?? 0) ? mine.track : theirs.track;
  const { rod: _rod, track: _track, ...rest } = mine;
  return {
    value: {
      ...rest,
      changedAt: mine.changedAt > theirs.changedAt ? mine.changedAt : theirs.changedAt,
      place: of('place', (one) => one.place),
      from: ordered[0] ? earlier(from, ordered[0].at) : from,
      to: to === null || last === undefined ? to : later(to, last),
      events: ordered,
      ...(rod === undefined ? {} : { rod }),
      ...(track ? { track } : {}),
    },
    clashes,
  };
}

/** What came of putting an outing of another device to the one kept here. */
export interface United {
  readonly outing: KeptOuting;
  /** events that were new here */
  readonly added: number;
  /** events both have and tell differently: those here stand */
  readonly differ: number;
}
const tellsOtherwise = (mine: LogEvent, theirs: LogEvent): boolean =>
  (Object.keys(mine) as (keyof LogEvent)[]).some(
    (field) => field !== 'at' && theirs[field] !== undefined && !sameJson(mine[field], theirs[field]),
  );
/** Puts the same outing of two devices together: nothing twice, nothing lost; what is missing on one is filled in from the other. */
export function unite(here: KeptOuting, there: KeptOuting): United {
  const own = byKey(here.events);
  let [added, differ] = [0, 0];
  const events = new Map(own);
  for (const [key, event] of byKey(there.events)) {
    const mine = own.get(key);
    if (!mine) added++;
    else if (tellsOtherwise(mine, event)) differ++;
    events.set(key, mine ? { ...event, ...mine } : event);
  }
  const ordered = inOrder([...events.values()]);
  const [first, last] = [ordered[0]?.at ?? here.from, ordered.at(-1)?.at ?? here.from];
  // one that still runs here goes on, whenever a copy of it was saved
  const to = here.to === null ? null : there.to === null ? here.to : later(here.to, there.to);
  const track = (here.track?.length ?? 0) >= (there.track?.length ?? 0) ? here.track : there.track;
  const { track: _track, ...rest } = here;
  return {
    outing: {
      ...rest,
      place: here.place || there.place,
      from: earlier(earlier(here.from, there.from), first),
      to: to === null ? null : later(to, last),
      events: ordered,
      ...(track ? { track } : {}),
    },
    added,
    differ,
  };
}
