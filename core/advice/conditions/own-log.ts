import type { Rig } from '../../rig/parts/schema';
import type { Water } from '../../water/schema';
import { waterClass } from '../../water/water-class';

/** What a log knows of one kind of rig in waters of one class. */
export interface Logged {
  readonly hours: number;
  readonly bites: number;
  /** bites an hour, and of all rigs there */
  readonly perHour: number;
  /** where the first lies four times in five */
  readonly band: readonly [number, number];
  readonly meanPerHour: number;
}
/** What a log says of rigs: by class of water, then by kind of rig. */
export type OwnLog = Readonly<Record<string, Readonly<Record<string, Logged>>>>;

/** Kind of rig a log speaks of: its family and what trails behind it. */
export const loggedKind = ({ family, trailer }: Pick<Rig, 'family' | 'trailer'>): string =>
  `${family}/${trailer?.kind ?? 'none'}`;

/** Bites at which a log says half of what it would say after very many. */
const HALF_HEARD = 8;
/** Stands for the rule of a reason that comes from the log. */
export const YOUR_LOG = 'your-log';

/** What the log says of a rig on a water. */
export interface LogSaid extends Logged {
  /** -1 to 1: as much as one want counts at most */
  readonly weight: number;
}

/**
 * Weighs what a log says of a rig in waters like this one: the logarithm of how often it is bitten against all rigs there, more of it the more was
 * counted. Hours without a bite are evidence too: what the mean would have brought counts where it is more.
 * @source adr-0032
 */
export function logSaid(log: OwnLog | null | undefined, water: Water, rig: Rig): LogSaid | null {
  const found = log?.[waterClass(water)]?.[loggedKind(rig)];
  if (!found || !(found.perHour > 0 && found.meanPerHour > 0)) return null;
  const heard = Math.max(found.bites, found.hours * found.meanPerHour);
  const weight = (Math.log(found.perHour / found.meanPerHour) * heard) / (heard + HALF_HEARD);
  return { ...found, weight: Math.max(-1, Math.min(1, weight)) };
}
