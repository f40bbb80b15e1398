import type { Box } from '../../rig/parts/box';
import type { Rig } from '../../rig/parts/schema';
import { intentAtDepth } from '../../water/intent-words';
import { MOODS, SKIES, type Water } from '../../water/schema';
import { weightStep } from '../candidates/attributes';
import { familiesSuit } from '../rules/family-suits';
import { fieldsOf, mergeRanked, rankFields, rigAt, type Field, type Ranked } from '../search/per-family';
import { compileWater } from '../rules/wants';

/** What of a water a day may change. */
export const TIPPING_FIELDS = ['temperatureC', 'visibilityM', 'depthM', 'sky', 'mood'] as const;
export type TippingField = (typeof TIPPING_FIELDS)[number];

/** The nearest change of one thing about a water at which a pick gives way, and what takes its place. */
export interface TippingPoint {
  readonly field: TippingField;
  /** where it happens: °C, m, or the name of the sky or mood */
  readonly at: number | string;
  readonly to: Rig;
}

/** How far a number is looked at, and in which steps: by so much, or by such a factor. */
interface Scale {
  readonly from: number;
  readonly to: number;
  readonly plus?: number;
  readonly times?: number;
  /** steps between two looks where no rule changes its mind: physics changes slowly */
  readonly look: number;
}

/** @source adr-0013 */
const SCALES: Readonly<Record<'temperatureC' | 'visibilityM' | 'depthM', Scale>> = {
  temperatureC: { from: 1, to: 34, plus: 0.25, look: 16 },
  visibilityM: { from: 0.04, to: 6, times: 1.03, look: Infinity },
  depthM: { from: 0.4, to: 15, times: 1.03, look: 10 },
};

/** So many places beyond the picks are looked at for them. */
const SPARE = 4;

/** Pairs of different heads and trailers that are ranked again and again at most. */
export const TIPPING_PAIRS = 400_000;

/** How closely a place is found: a share of a step. */
const CLOSE = 0.05;

/** Another depth takes cover and wanted band along: neither can lie below the bottom. */
const atDepth = (water: Water, depthM: number): Water => ({
  ...water,
  depthM,
  cover: water.cover.map((row) => (row.topM === undefined ? row : { ...row, topM: Math.min(row.topM, depthM) })),
  ...(water.intent ? { intent: intentAtDepth(water.intent, water.depthM, depthM)! } : {}),
  ...(water.band ? { band: { fromM: Math.min(water.band.fromM, depthM), toM: Math.min(water.band.toM, depthM) } } : {}),
});

/** A water with one thing about it changed. */
export function changed(water: Water, field: TippingField, at: number | string): Water {
  return field === 'depthM' ? atDepth(water, at as number) : ({ ...water, [field]: at } as Water);
}

/** Which rules speak: where two waters agree on this, only slow physics can tell their answers apart. */
const spokenOn = (water: Water): string =>
  familiesSuit(water)
    .map(({ family, points }) => {
      const { wants, prefers } = compileWater(water, family);
      return [family, points, ...wants.flatMap(({ rules }) => rules), ...prefers.map(({ id }) => id)].join(' ');
    })
    .join('|');

/** What must stay for a pick to be the same: its family, make of head, kind of trailer, and weight class. */
export const pickKey = ({ family, head, trailer, blade, blades }: Rig): string => {
  const carries = [blade?.size, ...(blades ?? []).map(({ shape }) => shape)].join('+');
  const { style, nose, finesse, weightOz } = head;
  return [family, style, nose, finesse, carries, weightStep(weightOz), trailer?.kind ?? 'none'].join(' ');
};
const keyOf = ({ field, found }: Ranked): string => pickKey(rigAt(field, found));

/** Ranks a water over fields, as they stand. */
function* rankOver(fields: readonly Field[], top: number): Generator<number, Ranked[]> {
  return mergeRanked(yield* rankFields(fields, top, true), top);
}

/** Waters of one number, outward from where it stands, the nearer of both sides first: where rules change or physics may have. */
function stopsOf(water: Water, field: keyof typeof SCALES): { at: number; before: number; sharp: boolean }[] {
  const scale = SCALES[field];
  const start = water[field];
  const step = (at: number, way: number): number =>
    scale.times === undefined ? at + way * scale.plus! : at * scale.times ** way;
  const stops: { at: number; before: number; sharp: boolean; steps: number }[] = [];
  for (const way of [-1, 1]) {
    let [spoken, before, since] = [spokenOn(water), start, 0];
    for (let at = step(start, way), steps = 1; at >= scale.from && at <= scale.to; at = step(at, way), steps++) {
      const here = spokenOn(changed(water, field, at));
      const sharp = here !== spoken;
      if (!sharp && ++since < scale.look) continue;
      stops.push({ at, before: sharp ? step(at, -way) : before, sharp, steps });
      [spoken, before, since] = [here, at, 0];
    }
  }
  return stops.sort((a, b) => a.steps - b.steps);
}

/** Narrows down where something about a water changes, between a place where it has not and one where it has. */
function* narrowed(
  from: number,
  to: number,
  step: number,
  hasChanged: (at: number) => Generator<number, boolean>,
): Generator<number, number> {
  let [no, yes] = [from, to];
  while (Math.abs(yes - no) > step) {
    const middle = (no + yes) / 2;
    if (yield* hasChanged(middle)) yes = middle;
    else no = middle;
  }
  return yes;
}

/**
 * For each of the best picks the nearest change of each thing a day may change at which another rig takes its place, by search:
 * outward from the water as it is, at every value where some rule changes its mind and, for slow physics, in between.
 * @param water  checked
 * @param picks  as they come out of the box, the first first
 * @yields       share of the work done, roughly
 * @returns      for each pick its flips, one a field at most; none where nothing within sensible bounds changes it; an empty list
 *               where the box is too large to be ranked so often
 */
export function* tippingPointsInSteps(
  water: Water,
  box: Box,
  picks: readonly Rig[],
): Generator<number, TippingPoint[][]> {
  const base = fieldsOf(water, box);
  const pairs = base.reduce((sum, field) => sum + field.pairs, 0);
  if (picks.length === 0 || pairs > TIPPING_PAIRS) return [];
  // made ready, picks may have changed places: each is followed at the place where the search has it
  const here = (yield* rankOver(base, picks.length + SPARE)).map(keyOf);
  const keys = picks.map(pickKey);
  const places = keys.map((key) => here.indexOf(key));
  const top = Math.max(0, ...places) + 1;
  const flips: TippingPoint[][] = picks.map(() => []);
  const rankAt = function* (field: TippingField, at: number | string): Generator<number, Ranked[]> {
    return yield* rankOver(fieldsOf(changed(water, field, at), box, base), top);
  };
  const at = (ranked: readonly Ranked[], pick: number): Ranked | undefined => ranked[places[pick]!];
  const givesWay = (ranked: readonly Ranked[], pick: number): boolean => {
    const there = at(ranked, pick);
    return there !== undefined && keyOf(there) !== keys[pick];
  };
  const note = (field: TippingField, where: number | string, ranked: readonly Ranked[], pick: number): void => {
    const { field: of, found } = at(ranked, pick)!;
    flips[pick]!.push({ field, at: where, to: rigAt(of, found) });
  };

  for (const [nth, field] of TIPPING_FIELDS.entries()) {
    const open = new Set([...keys.keys()].filter((pick) => places[pick]! >= 0));
    if (field === 'sky' || field === 'mood') {
      const order: readonly string[] = field === 'sky' ? SKIES : MOODS;
      const here = order.indexOf(water[field]);
      const others = order.filter((_, at) => at !== here);
      others.sort((a, b) => Math.abs(order.indexOf(a) - here) - Math.abs(order.indexOf(b) - here));
      for (const at of others) {
        if (open.size === 0) break;
        const ranked = yield* rankAt(field, at);
        for (const place of [...open].filter((one) => givesWay(ranked, one))) {
          note(field, at, ranked, place);
          open.delete(place);
        }
      }
      continue;
    }
    for (const stop of stopsOf(water, field)) {
      if (open.size === 0) break;
      const ranked = yield* rankAt(field, stop.at);
      for (const place of [...open].filter((one) => givesWay(ranked, one))) {
        const step = CLOSE * Math.abs(stop.at - stop.before);
        const spokenBefore = spokenOn(changed(water, field, stop.before));
        const at = yield* narrowed(stop.before, stop.at, step, function* (middle) {
          if (stop.sharp) return spokenOn(changed(water, field, middle)) !== spokenBefore;
          return givesWay(yield* rankAt(field, middle), place);
        });
        note(field, at, ranked, place);
        open.delete(place);
      }
    }
    yield nth / TIPPING_FIELDS.length;
  }
  return flips;
}

/** The same at one go. */
export function tippingPointsOf(water: Water, box: Box, picks: readonly Rig[]): TippingPoint[][] {
  const steps = tippingPointsInSteps(water, box, picks);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
