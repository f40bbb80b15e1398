import { mergeFields, sameJson, type Merged } from '../keeping/merge';
import type { KeptStop, KeptTrip } from './kept-trip';

/** A day with its stops by id, and their order beside them. */
interface Apart extends Omit<KeptTrip, 'stops' | 'plan' | 'now' | 'changedAt'> {
  readonly stops: Readonly<Record<string, KeptStop>>;
}
const apart = ({ stops, plan: _plan, now: _now, changedAt: _at, ...rest }: KeptTrip): Apart => ({
  ...rest,
  stops: Object.fromEntries(stops.map((stop) => [stop.id, stop])),
});
const order = ({ stops }: KeptTrip): string[] => stops.map(({ id }) => id);

/** The order of whoever changed it; stops the other added come behind. */
function mergedOrder(base: KeptTrip | null, mine: KeptTrip, theirs: KeptTrip): string[] {
  const [own, other] = [order(mine), order(theirs)];
  const from = base && sameJson(own, order(base)) ? other : own;
  return [...from, ...[...own, ...other].filter((id, at, all) => !from.includes(id) && all.indexOf(id) === at)];
}

/**
 * Puts two hands' work on one day together, stop by stop and field by field. A plan is of what it was made from: of two the later one is
 * kept, and is made anew where it does not fit.
 */
export function mergeTrips(base: KeptTrip | null, mine: KeptTrip, theirs: KeptTrip): Merged<KeptTrip> {
  const { value, clashes } = mergeFields(base && apart(base), apart(mine), apart(theirs));
  const later = mine.changedAt >= theirs.changedAt ? mine : theirs;
  const gone = base
    ? order(base).filter((id) => !mine.stops.some((s) => s.id === id) || !theirs.stops.some((s) => s.id === id))
    : [];
  // a stop that one threw away and the other left alone is gone
  const stays = (id: string): boolean => {
    if (!gone.includes(id)) return true;
    const was = base!.stops.find((stop) => stop.id === id);
    const left = [...mine.stops, ...theirs.stops].find((stop) => stop.id === id);
    return left !== undefined && !sameJson(left, was);
  };
  const stops = mergedOrder(base, mine, theirs).flatMap((id) => {
    const stop =
      value.stops[id] ?? mine.stops.find((one) => one.id === id) ?? theirs.stops.find((one) => one.id === id);
    return stop && stays(id) ? [stop] : [];
  });
  return { value: { ...value, stops, changedAt: later.changedAt, plan: later.plan, now: later.now }, clashes };
}
