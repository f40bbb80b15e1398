import { getPosition, getTimes } from 'suncalc';
import { fail, issue, ok, type Issue, type Result } from '../result';
import type { Water } from '../water/schema';
import type { Stop, StopHour, Trip } from './trip';

/** When a day begins where nobody says, minutes after midnight. */
export const USUAL_START_MIN = 7 * 60;
const DAY_MIN = 24 * 60;
const MS_PER_MIN = 60_000;

/** Height of the sun below which it is as good as dark, and up to which a bright sky is a mixed one, degrees. @source adr-0030 */
const LOW_SUN_DEG = { dark: 3, mixed: 12 } as const;

/** Minutes after midnight of a clock, and back; past midnight it goes on counting. */
export const minuteOf = (clock: string): number => 60 * Number(clock.slice(0, 2)) + Number(clock.slice(3, 5));
export function clockOf(minute: number): string {
  const whole = ((Math.round(minute) % DAY_MIN) + DAY_MIN) % DAY_MIN;
  return `${String(Math.floor(whole / 60)).padStart(2, '0')}:${String(whole % 60).padStart(2, '0')}`;
}

type Day = Pick<Trip, 'day' | 'from' | 'until' | 'utcOffsetMin' | 'lat' | 'lon'>;
type Timed = Pick<Stop, 'name' | 'minutes' | 'at' | 'hours' | 'water' | 'lat' | 'lon'>;

/** A stop in its time of the day. */
export interface StopTime {
  /** minutes after midnight */
  readonly fromMin: number;
  readonly toMin: number;
  /** the water as it is in the middle of it */
  readonly water: Water;
  /** height of the sun then, degrees; null where place or day is not known */
  readonly sunDeg: number | null;
}

/** When the sun rises and sets there, minutes after midnight; where it does neither, whether it stays up. */
export type Daylight =
  | { readonly kind: 'usual'; readonly upMin: number; readonly downMin: number }
  | { readonly kind: 'none' }
  | { readonly kind: 'all-day' };

export interface DayTimes {
  readonly stops: readonly StopTime[];
  /** minutes of stops past the time the day has to end */
  readonly overMin: number;
  /** null where place or day is not known */
  readonly daylight: Daylight | null;
}

/** The moment of a minute of the day there; null where the day is not known. */
/* eslint-disable no-restricted-globals -- a moment of a day that is given, in the form the sun’s library reads; no clock is asked */
const momentOf = ({ day, utcOffsetMin = 0 }: Day, minute: number): Date | null =>
  day === undefined ? null : new Date(Date.parse(`${day}T00:00:00Z`) + (minute - utcOffsetMin) * MS_PER_MIN);
/* eslint-enable no-restricted-globals */

/**
 * Height of the sun over a stop, degrees above the horizon; null where place or day is not known.
 * @param minute  after midnight, by the clocks there
 */
export function sunDegAt(day: Day, stop: Pick<Timed, 'lat' | 'lon'>, minute: number): number | null {
  const [lat, lon] = [stop.lat ?? day.lat, stop.lon ?? day.lon];
  const moment = momentOf(day, minute);
  return moment === null || lat === undefined || lon === undefined ? null : getPosition(moment, lat, lon).altitude;
}

/** When there is light at the place of a day. */
export function daylightOf(day: Day, stops: readonly Pick<Timed, 'lat' | 'lon'>[] = []): Daylight | null {
  const placed = day.lat !== undefined && day.lon !== undefined ? day : stops.find(({ lat }) => lat !== undefined);
  const noon = momentOf(day, DAY_MIN / 2);
  if (!placed || noon === null || placed.lat === undefined || placed.lon === undefined) return null;
  const { sunrise, sunset, alwaysUp } = getTimes(noon, placed.lat, placed.lon);
  if (!sunrise || !sunset) return alwaysUp ? { kind: 'all-day' } : { kind: 'none' };
  const midnight = momentOf(day, 0)!.getTime();
  const after = (moment: Date): number => (moment.getTime() - midnight) / MS_PER_MIN;
  return { kind: 'usual', upMin: after(sunrise), downMin: after(sunset) };
}

/** A low sun takes light from a sky that is not dark already. */
function skyUnder(sky: Water['sky'], sunDeg: number | null): Water['sky'] {
  if (sunDeg === null || sky === 'dark') return sky;
  if (sunDeg < LOW_SUN_DEG.dark) return 'dark';
  return sunDeg < LOW_SUN_DEG.mixed && sky === 'bright' ? 'mixed' : sky;
}

/** A quantity between the hours that name it; before the first and after the last it stays. */
function between(
  hours: readonly StopHour[],
  field: 'temperatureC' | 'visibilityM',
  minute: number,
  by: (from: number, to: number, share: number) => number,
): number | undefined {
  const known = hours.flatMap((hour) =>
    hour[field] === undefined ? [] : [{ at: minuteOf(hour.at), is: hour[field] }],
  );
  const next = known.findIndex(({ at }) => at >= minute);
  if (known.length === 0) return undefined;
  if (next === -1) return known.at(-1)!.is;
  if (next === 0) return known[0]!.is;
  const [from, to] = [known[next - 1]!, known[next]!];
  return by(from.is, to.is, (minute - from.at) / (to.at - from.at));
}
/** What changes at an hour and holds until the next. */
const since = <F extends 'wind' | 'sky'>(
  hours: readonly StopHour[],
  field: F,
  minute: number,
): StopHour[F] | undefined =>
  hours.filter((hour) => hour[field] !== undefined && minuteOf(hour.at) <= minute).at(-1)?.[field];

/**
 * The water of a stop at a minute of the day: temperature straight between its hours, sight by even shares, wind and sky from an hour on,
 * light less under a low sun.
 */
export function waterAtMinute(day: Day, stop: Timed, minute: number): Water {
  const hours = stop.hours ?? [];
  const temperatureC = between(hours, 'temperatureC', minute, (a, b, share) => a + (b - a) * share);
  const visibilityM = between(hours, 'visibilityM', minute, (a, b, share) => a * (b / a) ** share);
  const wind = since(hours, 'wind', minute) ?? stop.water.wind;
  const sky = skyUnder(since(hours, 'sky', minute) ?? stop.water.sky, sunDegAt(day, stop, minute));
  return {
    ...stop.water,
    ...(temperatureC === undefined ? {} : { temperatureC }),
    ...(visibilityM === undefined ? {} : { visibilityM }),
    wind,
    sky,
  };
}

/** When each stop of a day begins and ends, and what overlaps: such a stop begins when the one before it ends. */
export function laidOnClock(trip: Day & { readonly stops: readonly Timed[] }): {
  readonly stops: readonly Pick<StopTime, 'fromMin' | 'toMin'>[];
  readonly overMin: number;
  readonly clashes: readonly Issue[];
} {
  const stops: Pick<StopTime, 'fromMin' | 'toMin'>[] = [];
  const startMin = trip.from === undefined ? USUAL_START_MIN : minuteOf(trip.from);
  const untilMin = trip.until === undefined ? null : minuteOf(trip.until);
  /** a day that ends by the clock before it begins goes past midnight */
  const isNight = untilMin !== null && untilMin <= startMin;
  const past = (clock: number): number => (isNight && clock <= startMin ? clock + DAY_MIN : clock);
  let minute = startMin;
  const clashes = trip.stops.flatMap((stop, at) => {
    const asked = stop.at === undefined ? null : past(minuteOf(stop.at));
    const clash =
      asked !== null && asked < minute
        ? [
            issue('overlaps', `stops[${at}].at`, {
              got: stop.at!,
              until: clockOf(minute),
              name: trip.stops[at - 1]?.name || (at === 0 ? 'day' : String(at)),
            }),
          ]
        : [];
    const fromMin = Math.max(minute, asked ?? minute);
    const toMin = fromMin + stop.minutes;
    stops.push({ fromMin, toMin });
    minute = toMin;
    return clash;
  });
  return { stops, overMin: untilMin === null ? 0 : Math.max(0, minute - past(untilMin)), clashes };
}

/**
 * The stops of a day one after another, each with its water in the middle of it.
 * @returns a problem where a stop begins before the one before it ends
 */
export function timesOf(trip: Day & { readonly stops: readonly Timed[] }): Result<DayTimes> {
  const { stops, overMin, clashes } = laidOnClock(trip);
  if (clashes.length > 0) return fail(clashes);
  return ok({
    stops: stops.map(({ fromMin, toMin }, at): StopTime => {
      const [stop, middle] = [trip.stops[at]!, (fromMin + toMin) / 2];
      return { fromMin, toMin, water: waterAtMinute(trip, stop, middle), sunDeg: sunDegAt(trip, stop, middle) };
    }),
    overMin,
    daylight: daylightOf(trip, trip.stops),
  });
}
