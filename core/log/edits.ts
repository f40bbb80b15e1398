import { sameJson } from '../keeping/merge';
import { fail, issue, ok, type Result } from '../result';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import { eventKeys, inOrder, lastMoment, momentOf, offsetOf, type KeptOuting } from './kept-outing';
import { msOf, type LogEvent } from './schema';

/** What is on each rod at a moment, and what was said last of water and stop. */
export interface Standing {
  readonly rods: ReadonlyMap<number, Rig>;
  readonly water: Water | null;
  readonly stop: string;
}
/** How things stand after some events. */
export function standing(events: readonly LogEvent[]): Standing {
  const rods = new Map<number, Rig>();
  let water: Water | null = null;
  let stop = '';
  for (const { what, rod, rig, water: said, stop: at } of events) {
    if (said) water = said;
    if (at !== undefined) stop = at;
    if (what === 'tie-on' && rod !== undefined && rig) rods.set(rod, rig);
    if (what === 'put-down') {
      if (rod === undefined) rods.clear();
      else rods.delete(rod);
    }
  }
  return { rods, water, stop };
}

/** An outing with one event more, in its place in time; its ends reach as far as they must. */
export function withEvent(outing: KeptOuting, event: LogEvent): KeptOuting {
  const { from, to } = outing;
  return {
    ...outing,
    from: msOf(event.at) < msOf(from) ? event.at : from,
    to: to !== null && msOf(event.at) > msOf(to) ? event.at : to,
    events: inOrder([...outing.events, event]),
  };
}
export const withoutEvent = (outing: KeptOuting, key: string): KeptOuting => {
  const keys = eventKeys(outing.events);
  return { ...outing, events: outing.events.filter((_, at) => keys[at] !== key) };
};
/** An outing with one of its events changed; moved in time it takes its new place. */
export function withChanged(outing: KeptOuting, key: string, next: LogEvent): KeptOuting {
  const found = withoutEvent(outing, key);
  return found.events.length === outing.events.length ? outing : withEvent(found, next);
}

/** The first free millisecond at or after a moment, so that two keys pressed within one millisecond stay two events. */
export function freeMoment(events: readonly LogEvent[], ms: number): number {
  const last = events.at(-1);
  return last && msOf(last.at) >= ms ? msOf(last.at) + 1 : ms;
}

/** Events that tie everything on anew at a moment. */
function tiedOn({ rods, water, stop }: Standing, at: string): LogEvent[] {
  let first = true;
  return [...rods].map(([rod, rig]) => {
    const said = first ? { ...(water ? { water } : {}), ...(stop === '' ? {} : { stop }) } : {};
    first = false;
    return { at, what: 'tie-on', rod, rig, ...said };
  });
}

/**
 * Splits an outing in two at a moment within it; what was on the rods then is tied on in the second.
 * @param at  a moment
 */
export function splitOuting(
  outing: KeptOuting,
  at: string,
  made: { readonly id: string; readonly changedAt: string },
): Result<readonly [KeptOuting, KeptOuting]> {
  // one that still runs has no end yet
  const [ms, from, to] = [msOf(at), msOf(outing.from), outing.to === null ? Infinity : msOf(outing.to)];
  if (!(ms > from && ms < to))
    return fail([issue('outside-the-outing', 'at', { got: at, from: outing.from, to: lastMoment(outing) })]);
  const before = outing.events.filter((event) => msOf(event.at) < ms);
  const after = outing.events.filter((event) => msOf(event.at) >= ms);
  const second = inOrder([...tiedOn(standing(before), at), ...after]);
  const { track, ...rest } = outing;
  const cut = (ms - from) / 1000;
  const early = track?.filter(([s]) => s < cut);
  const late = track
    ?.filter(([s]) => s >= cut)
    .map(([s, ...point]): NonNullable<KeptOuting['track']>[number] => [s - cut, ...point]);
  return ok([
    { ...rest, to: at, events: before, changedAt: made.changedAt, ...(early?.length ? { track: early } : {}) },
    {
      ...rest,
      id: made.id,
      from: at,
      events: second,
      changedAt: made.changedAt,
      ...(late?.length ? { track: late } : {}),
    },
  ]);
}

/** Whether a tie-on only says again what is on that rod. */
const isRepeated = (before: readonly LogEvent[], { what, rod, rig }: LogEvent): boolean =>
  what === 'tie-on' && rod !== undefined && sameJson(standing(before).rods.get(rod), rig);

/** Joins two outings into the earlier of them; a gap between them is fished by nobody. */
export function joinOutings(one: KeptOuting, other: KeptOuting, changedAt: string): KeptOuting {
  const [first, second] = msOf(one.from) <= msOf(other.from) ? [one, other] : [other, one];
  const gapFrom = lastMoment(first);
  const overlaps = msOf(second.from) < msOf(gapFrom);
  const [keys, others] = [new Set(eventKeys(first.events)), eventKeys(second.events)];
  const fresh = second.events.filter((_, at) => !keys.has(others[at]!));
  const pause: LogEvent[] =
    overlaps || msOf(second.from) === msOf(gapFrom) || first.events.length === 0
      ? []
      : [{ at: gapFrom, what: 'put-down' }];
  const touching = !overlaps && pause.length === 0;
  const events = inOrder([
    ...first.events,
    ...pause,
    ...(touching ? fresh.filter((event) => !isRepeated(first.events, event) || event.water !== undefined) : fresh),
  ]);
  const shift = (msOf(second.from) - msOf(first.from)) / 1000;
  const track = [
    ...(first.track ?? []),
    ...(second.track ?? []).map(([s, ...point]): NonNullable<KeptOuting['track']>[number] => [s + shift, ...point]),
  ].sort((a, b) => a[0] - b[0]);
  const { track: _track, rod: _rod, ...rest } = first;
  const ends = first.to === null || second.to === null ? null : msOf(first.to) > msOf(second.to) ? first.to : second.to;
  return {
    ...rest,
    place: first.place || second.place,
    to: ends,
    events,
    changedAt,
    ...(track.length > 0 ? { track } : {}),
  };
}

/** Moves a whole outing in time: the clock it was noted by was wrong. @param minutes  to be added */
export function shiftClock(outing: KeptOuting, minutes: number, changedAt: string): KeptOuting {
  const moved = (at: string): string => momentOf(msOf(at) + 60_000 * minutes, offsetOf(at));
  return {
    ...outing,
    changedAt,
    from: moved(outing.from),
    to: outing.to === null ? null : moved(outing.to),
    events: outing.events.map((event) => ({ ...event, at: moved(event.at) })),
  };
}
