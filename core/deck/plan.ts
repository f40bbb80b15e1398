import { gearAt, marginsOf, planWithLine, weakestOf, type GearOfBox, type Margin } from '../gear';
import { fail, issue, ok, type Issue, type Result } from '../result';
import type { RetrievePlan } from '../motion/plan';
import { usable, type Box } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import { candidatesOf, partsOf, withoutBanned, type AskedBefore, type Candidate } from './candidates';
import { timesOf, type DayTimes } from './day';
import { lackAt, optionsOf, type Lack, type Option } from './options';
import type { ReTieModel } from './re-tie';
import { solved, type Solver } from './solve';
import type { Trip } from './trip';

/** A rod of a plan, with what is on it; a rod whose rig is changed on the way stands once for each. */
export interface PlannedRod extends GearOfBox {
  readonly rig: Rig;
  /** before any cut */
  readonly base: Rig;
  readonly stops: readonly number[];
  /** where it has least in hand among its stops */
  readonly margins: readonly Margin[];
  /** how well it would answer every stop, whoever does; null where it is not carried */
  readonly would: readonly (number | null)[];
}
export interface PlannedStop {
  readonly stop: number;
  /** place of the rod in the box; null where no rig and rod answer it */
  readonly rod: number | null;
  readonly score: number;
  /** another rig is tied on for it */
  readonly isReTied: boolean;
  /** how its rig is fished there, with the line of its rod; null where none answers it */
  readonly retrieve: RetrievePlan | null;
}
/** Why a stop is answered by nobody. */
export interface Unanswered {
  readonly stop: number;
  readonly because: 'locked-rod' | 'no-rod-carries' | 'too-few-rods' | 'lock-crowds-out' | 'nothing-to-tie';
  /** what its rod lacks where it comes nearest */
  readonly lack: Lack | null;
}
/** A rod no rig of the day goes on. */
export interface IdleRod {
  readonly rod: number;
  readonly lack: Lack | null;
}
export interface DeckPlan {
  readonly rods: readonly PlannedRod[];
  readonly stops: readonly PlannedStop[];
  readonly times: DayTimes;
  /** minutes x weight x score, shared by all minutes; minutes of tying count for nothing */
  readonly score: number;
  readonly isOptimal: boolean;
  /** how much better another plan could be at most, a share of this one: 0 where this one is proven, null where nobody knows */
  readonly gap: number | null;
  readonly greedyScore: number;
  /** the same share, where a minute that counts twice is two: never above 1 */
  readonly answered: number;
  readonly unanswered: readonly Unanswered[];
  /** rods that carry nothing that is worth tying on this day */
  readonly idle: readonly IdleRod[];
}

/** All that is asked of waters and gear before a plan is chosen: locks, weights and minutes change nothing in it. */
export interface Prepared {
  readonly times: DayTimes;
  /** without what is banned */
  readonly box: Box;
  readonly candidates: readonly Candidate[];
  readonly options: readonly Option[];
}

/** A part without a quantity is never scarce. */
const counted = (quantity: number | undefined): number => quantity ?? Infinity;

/** What keeps a trip from being planned at all. */
function problemsOf({ stops }: Trip, box: Box): Issue[] {
  const missing = (['rods', 'reels', 'lines'] as const).filter((tray) => !box[tray].some(usable));
  if (missing.length > 0) return missing.map((tray) => issue('none-to-take', `box.${tray}`, { tray }));
  return stops.flatMap(({ lock }, at) =>
    lock !== undefined && !(box.rods[lock] && usable(box.rods[lock]))
      ? [issue('no-such-rod', `stops[${at}].lock`, { got: lock, count: box.rods.length })]
      : [],
  );
}

/**
 * Asks the waters of a day, and which gear carries what is tied for them.
 * @param tell    hears how far it is, 0 to 1
 * @param before  what was asked of the same box before
 */
export function prepareDeck(trip: Trip, tell?: (done: number) => void, before?: AskedBefore): Result<Prepared> {
  const box = withoutBanned(trip.box, trip.bans);
  const problems = problemsOf(trip, box);
  if (problems.length > 0) return fail(problems);
  const times = timesOf(trip);
  if (!times.ok) return times;
  const candidates = candidatesOf(
    times.value.stops.map(({ water }) => water),
    box,
    tell,
    before,
  );
  return ok({ times: times.value, box, candidates, options: optionsOf(candidates, box) });
}

/** The programme of a trip. */
export function modelOf(
  { stops, reTieMin = 0 }: Pick<Trip, 'stops' | 'reTieMin'>,
  { box, candidates, options }: Pick<Prepared, 'box' | 'candidates' | 'options'>,
  rods: number,
): ReTieModel {
  const worth = candidates.map(({ scores }) =>
    scores.map((score, at) => stops[at]!.minutes * (stops[at]!.weight ?? 1) * score),
  );
  const byPart = new Map<string, number[]>();
  candidates.forEach(({ base }, rig) => {
    for (const part of partsOf(base, box)) byPart.set(part, [...(byPart.get(part) ?? []), rig]);
  });
  const parts = [...byPart].flatMap(([part, rigs]) => {
    const [tray, at] = part.split(' ') as ['heads' | 'skirts' | 'trailers', string];
    const count = counted(box[tray][Number(at)]!.quantity);
    return Number.isFinite(count) ? [{ count, rigs }] : [];
  });
  return {
    worth,
    options,
    stops: stops.length,
    rods,
    reels: box.reels.map(({ quantity }) => counted(quantity)),
    parts,
    locks: stops.map(({ lock }) => lock ?? null),
    left: stops.map(({ minutes }) => Math.max(0, 1 - reTieMin / minutes)),
  };
}

/** Why a stop has no answer. */
function whyNot(model: ReTieModel, { candidates, box }: Prepared, stop: number): Omit<Unanswered, 'stop'> {
  const lock = model.locks[stop]!;
  if (candidates.length === 0) return { because: 'nothing-to-tie', lack: null };
  const isAble = model.options.some(({ stops, rod }) => stops.includes(stop) && (lock === null || lock === rod));
  if (isAble) return { because: lock === null ? 'too-few-rods' : 'lock-crowds-out', lack: null };
  return { because: lock === null ? 'no-rod-carries' : 'locked-rod', lack: lackAt(candidates, box, stop, lock) };
}

/** Rods on which nothing goes, with what they lack where they come nearest, at the stop that has most minutes. */
function idleRods({ options, candidates, box }: Prepared, stops: Trip['stops']): IdleRod[] {
  if (candidates.length === 0) return [];
  const longest = stops.reduce((most, { minutes }, at) => (minutes > stops[most]!.minutes ? at : most), 0);
  return box.rods.flatMap((part, rod): IdleRod[] =>
    !usable(part) || options.some((option) => option.rod === rod)
      ? []
      : [{ rod, lack: lackAt(candidates, box, longest, rod) }],
  );
}

/**
 * Plans a day that was prepared.
 * @param most  rods taken along
 */
export function planPrepared(trip: Trip, prepared: Prepared, solver: Solver, most = trip.rods): DeckPlan {
  const { stops, reTieMin } = trip;
  const { candidates, box, times, options } = prepared;
  const minutes = stops.reduce((total, stop) => total + stop.minutes, 0);
  const counts = stops.reduce((total, stop) => total + stop.minutes * (stop.weight ?? 1), 0);
  const model = modelOf(trip, prepared, most);
  const mayReTie = reTieMin !== undefined;
  const best = solved(model, solver, mayReTie);
  const onRods = [...new Set(best.answers.flatMap((tied) => (tied ? [tied.option] : [])))].sort(
    (a, b) =>
      a.rod - b.rod || best.answers.findIndex((t) => t?.option === a) - best.answers.findIndex((t) => t?.option === b),
  );
  return {
    rods: onRods.map((option): PlannedRod => {
      const { rig, rod, reel, line } = option;
      const own = best.answers.flatMap((tied, stop) => (tied?.option === option ? [stop] : []));
      const gear = gearAt(box, { rod, reel, line })!;
      const margins = own.map((stop) => marginsOf(candidates[rig]!.fished[stop]!, gear));
      const carried = options.find(
        (one) => one.rig === rig && one.rod === rod && one.reel === reel && one.line === line,
      );
      return {
        ...{ rod, reel, line },
        rig: candidates[rig]!.rig,
        base: candidates[rig]!.base,
        stops: own,
        margins: margins.reduce((least, one) => (weakestOf(one).value < weakestOf(least).value ? one : least)),
        would: candidates[rig]!.scores.map((score, stop) => (carried?.stops.includes(stop) ? score : null)),
      };
    }),
    stops: best.answers.map((tied, stop): PlannedStop => ({
      stop,
      rod: tied?.option.rod ?? null,
      score: tied ? candidates[tied.option.rig]!.scores[stop]! : 0,
      isReTied: tied?.isReTied ?? false,
      retrieve: tied
        ? planWithLine(candidates[tied.option.rig]!.fished[stop]!.plan, box.lines[tied.option.line]!)
        : null,
    })),
    times,
    score: best.worth / minutes,
    isOptimal: best.isOptimal,
    gap: best.gap,
    greedyScore: best.greedyWorth / minutes,
    answered: counts > 0 ? best.worth / counts : 0,
    unanswered: best.answers.flatMap((tied, stop): Unanswered[] =>
      tied === null ? [{ stop, ...whyNot(model, prepared, stop) }] : [],
    ),
    idle: idleRods(prepared, stops),
  };
}

/** What so many rods come to. */
export interface SoManyRods {
  readonly rods: number;
  readonly score: number;
}
/** What each rod more adds, from one to all that are taken along; the last is the plan itself. */
export function eachRodMore(
  trip: Trip,
  prepared: Prepared,
  solver: Solver,
  { score }: Pick<DeckPlan, 'score'>,
  most = trip.rods,
): readonly SoManyRods[] {
  const minutes = trip.stops.reduce((total, stop) => total + stop.minutes, 0);
  return Array.from({ length: most }, (_, at) => at + 1).map((rods) => {
    if (rods === most) return { rods, score };
    const { worth } = solved(modelOf(trip, prepared, rods), solver, trip.reTieMin !== undefined);
    return { rods, score: worth / minutes };
  });
}

/**
 * Plans which rigs on which rods of a box answer the stops of a day best.
 * @param trip    checked
 * @param solver  of integer programmes
 * @param most    rods taken along; left out, as the trip says
 */
export function planDeck(
  trip: Trip,
  solver: Solver,
  most = trip.rods,
): Result<DeckPlan & { readonly extraRod: readonly SoManyRods[] }> {
  const prepared = prepareDeck(trip);
  if (!prepared.ok) return prepared;
  const plan = planPrepared(trip, prepared.value, solver, most);
  return ok({ ...plan, extraRod: eachRodMore(trip, prepared.value, solver, plan, most) });
}
