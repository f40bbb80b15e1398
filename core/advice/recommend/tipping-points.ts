import { finished } from '../search/progress';
import type { Angler } from '../conditions/angler';
import { higherFirst } from '../search/score';
import type { Box } from '../../rig/parts/box';
import type { Rig } from '../../rig/parts/schema';
import { intentAtDepth } from '../../water/intent-words';
import { MOODS, SKIES, type Water } from '../../water/schema';
import { weightStep } from '../candidates/attributes';
import { fieldsOf, mergeRanked, rankFields, rigAt, type Field, type Ranked } from '../search/per-family';
import type { Ready } from '../ready/make-ready';
import { mostBandsFirst } from './most-bands';
import { finalistOf, type Finalist } from './neighbours';

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

/** How far a number is looked at, and in which steps: by so much, or by such a factor. Rules speak by degrees, so no answer jumps between two. */
interface Scale {
  readonly from: number;
  readonly to: number;
  readonly plus?: number;
  readonly times?: number;
}

/** @source adr-0013 */
const SCALES: Readonly<Record<'temperatureC' | 'visibilityM' | 'depthM', Scale>> = {
  temperatureC: { from: 1, to: 34, plus: 1 },
  visibilityM: { from: 0.04, to: 6, times: 1.15 },
  depthM: { from: 0.4, to: 15, times: 1.15 },
};

/**
 * Ranks beyond the picks in which a pick is still searched for after a change of the water, and ranks beyond its own that are made ready to
 * see which comes out ahead.
 */
const SPARE = 4;
const READY_BEYOND = 2;
/** Upper bound on how much cutting usually changes the difference of two rigs, as a share of the score. */
const CUT_GAINS = 0.05;

/** Pairs of different heads and trailers that are ranked again and again at most. */
export const TIPPING_PAIRS = 400_000;

/** Tolerance of the bisection, as a share of a step. */
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

/** Rigs found made ready, the best first: what is shown in a list is what is compared. */
function* madeReady(ranked: readonly Ranked[]): Generator<number, Ready[]> {
  const rows: Finalist[] = [];
  for (const one of ranked) {
    rows.push(finalistOf(one, 'closely'));
    yield 0;
  }
  return mostBandsFirst(rows.sort(higherFirst)).map(({ ready }) => ready);
}

/** Places on one number, outward from where it stands, the nearer of both sides first. */
function stopsOf(water: Water, field: keyof typeof SCALES): { readonly at: number; readonly before: number }[] {
  const scale = SCALES[field];
  const start = water[field];
  const step = (at: number, way: number): number =>
    scale.times === undefined ? at + way * scale.plus! : at * scale.times ** way;
  const stops: { at: number; before: number; steps: number }[] = [];
  for (const way of [-1, 1]) {
    let before = start;
    for (let at = step(start, way), steps = 1; at >= scale.from && at <= scale.to; at = step(at, way), steps++) {
      stops.push({ at, before, steps });
      before = at;
    }
  }
  return stops.sort((a, b) => a.steps - b.steps);
}

/** Bisection: narrows down the value of a water at which a pick gives way, between one where it holds and one where it does not. */
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
 * outward from the water as it is, step by step, then narrowed down between the last step where it stands and the first where it does not.
 * @param water  checked
 * @param picks  as they come out of the box, the first first
 * @param own    what the angler fishes with; null where every rig gets what its rules ask
 * @yields       share of the work done, roughly
 * @returns      for each pick its flips, one a field at most; none where nothing within sensible bounds changes it; an empty list
 *               where the box is too large to be ranked so often
 */
export function* tippingPointsInSteps(
  water: Water,
  box: Box,
  picks: readonly Rig[],
  own: Angler | null = null,
): Generator<number, TippingPoint[][]> {
  const base = fieldsOf(water, box, [], own);
  const pairs = base.reduce((sum, field) => sum + field.pairs, 0);
  if (picks.length === 0 || pairs > TIPPING_PAIRS) return [];
  // made ready, picks may have changed places: each is looked for at the place where the search has it, and told by the one it has ready
  const here = (yield* rankOver(base, picks.length + SPARE)).map(keyOf);
  const keys = picks.map(pickKey);
  const places = keys.map((key) => here.indexOf(key));
  const top = Math.max(0, ...places) + 1 + READY_BEYOND;
  const flips: TippingPoint[][] = picks.map(() => []);
  const rankAt = function* (field: TippingField, at: number | string): Generator<number, Ranked[]> {
    return yield* rankOver(fieldsOf(changed(water, field, at), box, base, own), top);
  };
  /** the search has another one in its place; of the first pick, one so near that cutting may bring it past */
  const mayGiveWay = (ranked: readonly Ranked[], pick: number): boolean => {
    const there = ranked[places[pick]!];
    if (there === undefined) return false;
    if (keyOf(there) !== keys[pick]) return true;
    return pick === 0 && ranked.some((one) => one !== there && one.score > there.score - CUT_GAINS);
  };
  /** those that may stand in the places of some picks once they are made ready */
  const contenders = (ranked: readonly Ranked[], asked: readonly number[]): readonly Ranked[] => {
    const last = Math.max(-1, ...asked.map((pick) => places[pick]!));
    const least = (ranked[last]?.score ?? Infinity) - CUT_GAINS;
    return ranked.slice(0, last === -1 ? 0 : last + 1 + READY_BEYOND).filter(({ score }) => score > least);
  };
  /** what stands in a pick's place once all are made ready; null where that is still the pick */
  const inPlaceOf = (ready: readonly Ready[], pick: number): Rig | null => {
    const there = ready[pick]?.rig;
    return there === undefined || pickKey(there) === keys[pick] ? null : there;
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
        const moved = [...open].filter((one) => mayGiveWay(ranked, one));
        const ready = yield* madeReady(contenders(ranked, moved));
        for (const place of moved) {
          const to = inPlaceOf(ready, place);
          if (to === null) continue;
          flips[place]!.push({ field, at, to });
          open.delete(place);
        }
      }
      continue;
    }
    for (const stop of stopsOf(water, field)) {
      if (open.size === 0) break;
      const ranked = yield* rankAt(field, stop.at);
      const moved = [...open].filter((one) => mayGiveWay(ranked, one));
      const ready = yield* madeReady(contenders(ranked, moved));
      for (const place of moved) {
        const to = inPlaceOf(ready, place);
        if (to === null) continue;
        const step = CLOSE * Math.abs(stop.at - stop.before);
        const at = yield* narrowed(stop.before, stop.at, step, function* (middle) {
          const there = yield* rankAt(field, middle);
          if (!mayGiveWay(there, place)) return false;
          // only of the first pick it is known to a hair: the others are as near as the search tells
          return place > 0 || inPlaceOf(yield* madeReady(contenders(there, [place])), place) !== null;
        });
        flips[place]!.push({ field, at, to });
        open.delete(place);
      }
    }
    yield nth / TIPPING_FIELDS.length;
  }
  return flips;
}

/** The same at one go. */
export function tippingPointsOf(water: Water, box: Box, picks: readonly Rig[]): TippingPoint[][] {
  return finished(tippingPointsInSteps(water, box, picks));
}
