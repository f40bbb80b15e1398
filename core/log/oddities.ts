import type { TrailerKind } from '../tackle/trailers';
import { lastMoment, type KeptOuting } from './kept-outing';
import { msOf, type EventKind, type Outing } from './schema';
import type { Spell } from './spells';

const MS_PER_HOUR = 3_600_000;
/** Longer than this nobody fishes at one go, hours. */
const LONGEST_H = 18;
/** A clock may be ahead by so much before it is said, ms. */
const AHEAD_MS = 10 * 60_000;

/** Something about an outing that reads as a slip of the hand or of a clock. */
export type Oddity =
  /** counts on no rig: noted before anything was tied on, or on a rod that has none */
  | { readonly what: 'no-rig'; readonly count: number }
  | { readonly what: 'landed-over-hooked'; readonly landed: number; readonly hooked: number }
  | { readonly what: 'left-running'; readonly hours: number; readonly last: string }
  | { readonly what: 'very-long'; readonly hours: number }
  | { readonly what: 'in-the-future' }
  | { readonly what: 'overlaps'; readonly other: string };

/** Events that count on no rig. */
function withoutRig({ events }: KeptOuting): number {
  const rods = new Set<number>();
  let lost = 0;
  for (const { what, rod } of events) {
    if (what === 'tie-on' && rod !== undefined) rods.add(rod);
    else if (what === 'put-down') {
      if (rod === undefined) rods.clear();
      else rods.delete(rod);
    } else if (what !== 'note' && (rod === undefined ? rods.size !== 1 : !rods.has(rod))) lost++;
  }
  return lost;
}

/**
 * What is odd about an outing.
 * @param nowMs   by the clock at hand
 * @param others  the other outings
 */
export function odditiesOf(outing: KeptOuting, nowMs: number, others: readonly KeptOuting[]): Oddity[] {
  const found: Oddity[] = [];
  const lost = withoutRig(outing);
  if (lost > 0) found.push({ what: 'no-rig', count: lost });
  const said = (kind: string): number => outing.events.filter(({ what }) => what === kind).length;
  const [landed, hooked] = [said('landed'), said('hooked')];
  // whoever notes only the last step is understood
  if (hooked > 0 && landed > hooked) found.push({ what: 'landed-over-hooked', landed, hooked });
  const last = lastMoment(outing);
  const [from, until] = [msOf(outing.from), msOf(last)];
  if (outing.to === null) {
    const hours = (nowMs - from) / MS_PER_HOUR;
    if (hours > LONGEST_H) found.push({ what: 'left-running', hours, last });
  } else if ((until - from) / MS_PER_HOUR > LONGEST_H)
    found.push({ what: 'very-long', hours: (until - from) / MS_PER_HOUR });
  if (until > nowMs + AHEAD_MS) found.push({ what: 'in-the-future' });
  const other = others.find(
    (one) => one.id !== outing.id && msOf(one.from) < until && msOf(lastMoment(one)) > from && until > from,
  );
  if (other) found.push({ what: 'overlaps', other: other.id });
  return found;
}

/** Hours fished and fish of an outing, in short. */
export function outingSums(spells: readonly Spell[]): {
  readonly hours: number;
  readonly bites: number;
  readonly hooked: number;
  readonly landed: number;
} {
  const sum = (field: 'hours' | 'bites' | 'hooked' | 'landed'): number =>
    spells.reduce((total, spell) => total + spell[field], 0);
  return { hours: sum('hours'), bites: sum('bites'), hooked: sum('hooked'), landed: sum('landed') };
}

/** An outing at one look: when it bit and when a fish was landed, in shares of its time, how warm the water was, and what was behind the heads. */
export interface AtALook {
  readonly bites: readonly number[];
  readonly landed: readonly number[];
  readonly temperatureC: number | null;
  /** kinds of trailers in the order they were tied on, each once; null for none behind a head */
  readonly trailers: readonly (TrailerKind | null)[];
}
/** More of them are one dark line; and as finely as a list draws them. */
const MOST_MARKS = 60;
const FINENESS = 1000;

/** @returns of an outing of no length no marks */
export function atALook({ from, to, events }: Pick<Outing, 'from' | 'to' | 'events'>): AtALook {
  const [start, end] = [msOf(from), msOf(to ?? events.at(-1)?.at ?? from)];
  const shareOf = (at: string): number =>
    Math.round(FINENESS * Math.min(1, Math.max(0, (msOf(at) - start) / (end - start)))) / FINENESS;
  const marks = (...kinds: readonly EventKind[]): number[] =>
    end > start
      ? events
          .filter(({ what }) => kinds.includes(what))
          .slice(0, MOST_MARKS)
          .map(({ at }) => shareOf(at))
      : [];
  return {
    bites: marks('bite', 'hooked'),
    landed: marks('landed'),
    temperatureC: events.find(({ water }) => water !== undefined)?.water?.temperatureC ?? null,
    trailers: [...new Set(events.flatMap(({ rig }) => (rig ? [rig.trailer?.kind ?? null] : [])))],
  };
}
