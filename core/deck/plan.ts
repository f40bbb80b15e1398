import { carries, gearAt, marginsOf, usablePlaces, weakestOf, type GearOfBox, type Margin } from '../gear';
import { fail, issue, ok, type Result } from '../result';
import { usable, type Box } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import { candidatesOf, partsOf, type Candidate } from './candidates';
import { answered, greedy, programmeOf, type Chosen, type DeckModel, type Option } from './model';
import type { Trip } from './trip';

/** What a solver of integer programmes answers: what was set to 1, and whether it was proven to be the best. */
export interface SolvedProgramme {
  readonly isOptimal: boolean;
  /** names of what is set; empty where nothing was found in time */
  readonly set: readonly string[];
}
/** Solves a programme in the format linear solvers read, in so many seconds at most. */
export type Solver = (programme: string, mostS: number) => SolvedProgramme;

/** Longest one programme is worked at, s. */
const MOST_S = 20;

/** A rod of a plan, with what is on it. */
export interface PlannedRod extends GearOfBox {
  readonly rig: Rig;
  readonly stops: readonly number[];
  /** where it has least in hand among its stops */
  readonly margins: readonly Margin[];
}
export interface PlannedStop {
  readonly stop: number;
  /** place of the rod in the box; null where no rig and rod answer it */
  readonly rod: number | null;
  readonly score: number;
}
/** Why a stop is answered by nobody. */
export interface Unanswered {
  readonly stop: number;
  readonly because: 'locked-rod' | 'no-rod-carries' | 'too-few-rods';
}
export interface DeckPlan {
  readonly rods: readonly PlannedRod[];
  readonly stops: readonly PlannedStop[];
  /** minutes x weight x score, shared by all minutes */
  readonly score: number;
  readonly isOptimal: boolean;
  /** how much better another plan could be at most, a share of this one: 0 where this one is proven, null where nobody knows */
  readonly gap: number | null;
  readonly greedyScore: number;
  /** what so many rods come to */
  readonly extraRod: readonly { readonly rods: number; readonly score: number }[];
  /** stops nobody answers: no rod of the box carries a rig there, or the rod it is locked to does not */
  readonly unanswered: readonly Unanswered[];
}

/** What nobody counts there is always enough of. */
const counted = (quantity: number | undefined): number => quantity ?? Infinity;

/** Every rig on every rod and reel that carries it somewhere, with the line that does so at the most stops. */
function optionsOf(candidates: readonly Candidate[], box: Box, worth: DeckModel['worth']): Option[] {
  const [rods, reels, lines] = [usablePlaces(box.rods), usablePlaces(box.reels), usablePlaces(box.lines)];
  return candidates.flatMap(({ fished }, rig) =>
    rods.flatMap((rod) =>
      reels.flatMap((reel): Option[] => {
        let best: Option | null = null;
        let gains = 0;
        for (const line of lines) {
          const gear = gearAt(box, { rod, reel, line })!;
          const stops = fished.flatMap((of, stop) => (carries(marginsOf(of, gear)) ? [stop] : []));
          const gain = stops.reduce((total, stop) => total + worth[rig]![stop]!, 0);
          if (gain > gains) [gains, best] = [gain, { rig, rod, reel, line, stops }];
        }
        return best ? [best] : [];
      }),
    ),
  );
}

/** The programme of a trip. */
export function modelOf(trip: Trip, candidates: readonly Candidate[], rods = trip.rods): DeckModel {
  const { stops, box } = trip;
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
    options: optionsOf(candidates, box, worth),
    stops: stops.length,
    rods,
    reels: box.reels.map(({ quantity }) => counted(quantity)),
    parts,
    locks: stops.map(({ lock }) => lock ?? null),
  };
}

interface Best {
  readonly chosen: Chosen;
  readonly isOptimal: boolean;
  readonly greedyWorth: number;
}

/** The best plan of a programme; never worse than the greedy one. */
function solved(model: DeckModel, solver: Solver): Best {
  const start = greedy(model);
  if (model.options.length === 0) return { chosen: start, isOptimal: true, greedyWorth: start.worth };
  const found = solver(programmeOf(model), MOST_S);
  const options = found.set.flatMap((name) => (/^y\d+$/.test(name) ? [Number(name.slice(1))] : []));
  const exact = answered(model, options);
  const chosen = found.isOptimal || exact.worth >= start.worth ? exact : start;
  return { chosen, isOptimal: found.isOptimal, greedyWorth: start.worth };
}

/**
 * Plans which rigs on which rods of a box answer the stops of a day best.
 * @param trip    checked
 * @param solver  of integer programmes
 * @param most    rods taken along; left out, as the trip says
 */
export function planDeck(trip: Trip, solver: Solver, most = trip.rods): Result<DeckPlan> {
  const { stops, box } = trip;
  const missing = (['rods', 'reels', 'lines'] as const).filter((tray) => !box[tray].some(usable));
  if (missing.length > 0) return fail(missing.map((tray) => issue('none-to-take', `box.${tray}`, { tray })));
  const lost = stops.flatMap(({ lock }, at) =>
    lock !== undefined && !(box.rods[lock] && usable(box.rods[lock]))
      ? [issue('no-such-rod', `stops[${at}].lock`, { got: lock, count: box.rods.length })]
      : [],
  );
  if (lost.length > 0) return fail(lost);

  const candidates = candidatesOf(trip);
  const minutes = stops.reduce((total, stop) => total + stop.minutes, 0);
  const model = modelOf(trip, candidates, most);
  const { chosen, isOptimal, greedyWorth } = solved(model, solver);
  const extraRod = Array.from({ length: most }, (_, at) => at + 1).map((rods) => ({
    rods,
    score: (rods === most ? chosen : solved({ ...model, rods }, solver).chosen).worth / minutes,
  }));
  const answeredBy = (option: number): number[] => chosen.answers.flatMap((at, stop) => (at === option ? [stop] : []));
  const isAble = (stop: number): boolean =>
    model.options.some((option) => option.stops.includes(stop) && (model.locks[stop] ?? option.rod) === option.rod);
  return ok({
    rods: chosen.options.map((at): PlannedRod => {
      const { rig, rod, reel, line } = model.options[at]!;
      const own = answeredBy(at);
      const gear = gearAt(box, { rod, reel, line })!;
      const margins = own.map((stop) => marginsOf(candidates[rig]!.fished[stop]!, gear));
      return {
        ...{ rod, reel, line },
        rig: candidates[rig]!.rig,
        stops: own,
        margins: margins.reduce((least, one) => (weakestOf(one).value < weakestOf(least).value ? one : least)),
      };
    }),
    stops: chosen.answers.map((at, stop): PlannedStop => {
      const option = at === null ? null : model.options[at]!;
      return { stop, rod: option?.rod ?? null, score: option ? candidates[option.rig]!.scores[stop]! : 0 };
    }),
    score: chosen.worth / minutes,
    isOptimal,
    gap: isOptimal ? 0 : null,
    greedyScore: greedyWorth / minutes,
    extraRod,
    unanswered: chosen.answers.flatMap((at, stop): Unanswered[] => {
      if (at !== null) return [];
      if (isAble(stop)) return [{ stop, because: 'too-few-rods' }];
      return [{ stop, because: model.locks[stop] === null ? 'no-rod-carries' : 'locked-rod' }];
    }),
  });
}
