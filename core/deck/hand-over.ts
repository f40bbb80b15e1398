import { emptyBox, type Box } from '../rig/parts/box';
import type { MadePlan, Trip } from './trip';

/** Significant figures of numbers in a hand-over code: no answer depends on a fifth one. */
const FIGURES = 4;
/** Decimal places of latitude and longitude: about a metre. */
const PLACE_DIGITS = 5;

function rounded(value: unknown, name = ''): unknown {
  if (typeof value === 'number') {
    const isPlace = name === 'lat' || name === 'lon';
    return isPlace ? Number(value.toFixed(PLACE_DIGITS)) : Number(value.toPrecision(FIGURES));
  }
  if (Array.isArray(value)) return value.map((one) => rounded(one));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, rounded(inner, key)]));
}

/** Places of a tray that are used, in order. */
const used = (places: readonly number[]): number[] => [...new Set(places)].sort((a, b) => a - b);

/**
 * A planned day with nothing but what is fished: for a code that a phone’s camera reads. Of the box the gear of the plan stays; locks,
 * bans and what other programmes wrote stay at home.
 */
export function handOverOf({
  gpx: _gpx,
  bans: _bans,
  plan,
  box,
  stops,
  ...day
}: Trip & { readonly plan: MadePlan }): Trip {
  const rods = used(plan.rods.map(({ rod }) => rod));
  const reels = used(plan.rods.map(({ reel }) => reel));
  const lines = used(plan.rods.map(({ line }) => line));
  const plain = <T extends object>(part: T): T => {
    const { id: _id, ...rest } = part as T & { id?: string };
    return rest as T;
  };
  const less: Box = {
    ...emptyBox(),
    rods: rods.map((at) => plain(box.rods[at]!)),
    reels: reels.map((at) => plain(box.reels[at]!)),
    lines: lines.map((at) => plain(box.lines[at]!)),
  };
  return rounded({
    ...day,
    stops: stops.map(({ gpx: _foreign, lock: _lock, ...stop }) => stop),
    box: less,
    plan: {
      rods: plan.rods.map(({ base: _base, rod, reel, line, ...rest }) => ({
        ...rest,
        rod: rods.indexOf(rod),
        reel: reels.indexOf(reel),
        line: lines.indexOf(line),
      })),
    },
  }) as Trip;
}
