import { secondsBetween } from '../motion/path';
import type { Water } from '../water/schema';
import { slowestWorkingMps } from '../hold/working-window';
import { momentAt, type Film, type Moment } from './film';

export const HAPPENINGS = [
  'splash',
  'on-bottom',
  'off-bottom',
  'into-cover',
  'out-of-cover',
  'wakes-up',
  'goes-dead',
  'breaks-surface',
  'dives',
  'into-band',
  'out-of-band',
  'leans-over',
  'line-in',
] as const;
export type HappeningKind = (typeof HAPPENINGS)[number];

/** What an angler would feel or see at a moment. */
export interface Happening {
  readonly timeS: number;
  readonly kind: HappeningKind;
  /** m down, where it happens */
  readonly zM: number;
}

/** How often a film is looked at, s, and how long a thing has to last to be told. */
const LOOK_EVERY_S = 0.1;
const MOST_LOOKS = 6000;
const LASTS_S = 0.25;
/** Nearer to the surface than this a lure wakes, m. */
const WAKES_M = 0.03;
/** A spinnerbait that leans this far is felt to roll, rad. */
const LEANS_RAD = 0.8;

interface Watched {
  readonly begins: HappeningKind;
  readonly ends: HappeningKind | null;
  isSo(moment: Moment): boolean | null;
}

/** What is watched: each a thing that is so or not, told when that changes. `null` leaves it as it was. */
function watched(film: Film, water: Water): Watched[] {
  const { prepared } = film;
  const { ground } = prepared;
  const slowest = slowestWorkingMps(prepared.lure);
  const { band } = water;
  return [
    { begins: 'on-bottom', ends: 'off-bottom', isSo: ({ onBottom }) => onBottom },
    {
      begins: 'into-cover',
      ends: 'out-of-cover',
      isSo: ({ zM }) => ground.coverTopsM.some((topM) => zM > topM),
    },
    ...(slowest === null
      ? []
      : [
          {
            begins: 'wakes-up' as const,
            ends: 'goes-dead' as const,
            isSo: ({ speedMps, isSlack }: Moment) => (isSlack ? null : speedMps >= slowest),
          },
        ]),
    {
      begins: 'breaks-surface',
      ends: 'dives',
      isSo: ({ zM, isSlack, timeS }) => (isSlack || timeS < LASTS_S ? null : zM < WAKES_M),
    },
    ...(band
      ? [
          {
            begins: 'into-band' as const,
            ends: 'out-of-band' as const,
            isSo: ({ zM }: Moment) => zM >= band.fromM && zM <= band.toM,
          },
        ]
      : []),
    { begins: 'leans-over', ends: null, isSo: ({ leanRad }) => leanRad !== null && leanRad > LEANS_RAD },
  ];
}

/**
 * What happens along a retrieve, in the order of time: looked at ten times a second, and told where it lasts.
 * @returns the splash first; the line that is in last, where it comes in
 */
export function happenings(film: Film, water: Water): readonly Happening[] {
  const every = Math.max(LOOK_EVERY_S, film.endsS / MOST_LOOKS);
  const told: Happening[] = [{ timeS: 0, kind: 'splash', zM: 0 }];
  const states = watched(film, water).map((thing) => ({ thing, isSo: false, turned: null as Moment | null }));
  for (let timeS = every; timeS < film.endsS; timeS += every) {
    const moment = momentAt(film, timeS);
    for (const state of states) {
      const is = state.thing.isSo(moment);
      if (is === null || is === state.isSo) {
        state.turned = null;
        continue;
      }
      state.turned ??= moment;
      if (timeS - state.turned.timeS < LASTS_S) continue;
      state.isSo = is;
      const kind = is ? state.thing.begins : state.thing.ends;
      if (kind !== null) told.push({ timeS: state.turned.timeS, kind, zM: state.turned.zM });
      state.turned = null;
    }
  }
  if (film.isIn) told.push({ timeS: film.endsS, kind: 'line-in', zM: momentAt(film, film.endsS).zM });
  return told.sort((a, b) => a.timeS - b.timeS);
}

/** Seconds of a film in the band of its water; null where none is wanted. */
export const secondsInBand = ({ done }: Film, { band }: Water): number | null =>
  band ? secondsBetween(done.path, band.fromM, band.toM) : null;
