import { gammaBand, gammaMean, rateAlone } from './pooled';
import { offsetOf } from './kept-outing';
import { msOf, type EventKind, type Outing } from './schema';
import { spellsOf, type Spell } from './spells';

/** Hours fished and bites of a stretch of the year or the day, and what that comes to. */
export interface Stretch {
  /** `2026-05`, or the hour of the clock, 0 to 23 */
  readonly at: string;
  readonly hours: number;
  readonly bites: number;
  readonly perHour: number;
  readonly band: readonly [number, number];
}
const MS_PER_HOUR = 3_600_000;

function stretches(sums: ReadonlyMap<string, { hours: number; bites: number }>): readonly Stretch[] {
  return [...sums]
    .filter(([, { hours }]) => hours > 0)
    .map(([at, { hours, bites }]): Stretch => {
      const known = rateAlone({ count: bites, hours });
      return { at, hours, bites, perHour: gammaMean(known), band: gammaBand(known) };
    })
    .sort((a, b) => a.at.localeCompare(b.at));
}
function addTo(sums: Map<string, { hours: number; bites: number }>, at: string, hours: number, bites: number): void {
  const sum = sums.get(at) ?? { hours: 0, bites: 0 };
  sums.set(at, { hours: sum.hours + hours, bites: sum.bites + bites });
}

/** Bites an hour month by month, by the calendar of the place. */
export function byMonth(
  outings: readonly Outing[],
  spellsBy: (outing: Outing) => readonly Spell[] = spellsOf,
): readonly Stretch[] {
  const sums = new Map<string, { hours: number; bites: number }>();
  for (const outing of outings) {
    for (const { hours, bites } of spellsBy(outing)) addTo(sums, outing.from.slice(0, 7), hours, bites);
  }
  return stretches(sums);
}

/** The hour of the clock of a moment by the clock of another, which may have been told elsewhere. */
const hourAt = (ms: number, offsetMin: number): number =>
  Math.floor((((ms + 60_000 * offsetMin) / MS_PER_HOUR) % 24) + 24) % 24;

/** Whether an event tells of a fish nothing was noted of before. */
function isNewBite(what: EventKind, open: { bite: number; hooked: number }): boolean {
  if (what === 'bite') {
    open.bite++;
    return true;
  }
  if (what === 'hooked') {
    open.hooked++;
    return open.bite === 0 || open.bite-- === 0;
  }
  if (what !== 'landed' && what !== 'lost') return false;
  if (open.hooked > 0) open.hooked--;
  else if (open.bite > 0) open.bite--;
  else return true;
  return false;
}

/** Bites an hour by the hour of the day, by the clock each outing was noted by; time in which no rod was in use does not count. */
export function byHour(outings: readonly Outing[]): readonly Stretch[] {
  const sums = new Map<string, { hours: number; bites: number }>();
  const name = (hour: number): string => String(hour).padStart(2, '0');
  for (const { from, to, events } of outings) {
    const offset = offsetOf(from);
    const rods = new Set<number>();
    let since = msOf(from);
    /** of each rod, bites that may still hook and hooks that may still land: whoever notes only the last step is understood */
    const open = new Map<number, { bite: number; hooked: number }>();
    const pass = (until: number): void => {
      while (since < until) {
        const next = Math.min(
          until,
          (Math.floor((since + 60_000 * offset) / MS_PER_HOUR) + 1) * MS_PER_HOUR - 60_000 * offset,
        );
        if (rods.size > 0) addTo(sums, name(hourAt(since, offset)), (next - since) / MS_PER_HOUR, 0);
        since = next;
      }
    };
    for (const { at, what, rod } of events) {
      const ms = msOf(at);
      pass(ms);
      if (what === 'tie-on' && rod !== undefined) {
        rods.add(rod);
        open.delete(rod);
      }
      if (what === 'put-down') {
        if (rod === undefined) rods.clear();
        else rods.delete(rod);
      }
      const on = rod ?? (rods.size === 1 ? [...rods][0] : undefined);
      if (on === undefined || !rods.has(on)) continue;
      const of = open.get(on) ?? { bite: 0, hooked: 0 };
      open.set(on, of);
      if (isNewBite(what, of)) addTo(sums, name(hourAt(ms, offset)), 0, 1);
    }
    pass(msOf(to));
  }
  return stretches(sums);
}
