import { answered, greedy, LOCKED, mostWorth, programmeOf, reduced, type DeckModel } from './model';
import type { Option } from './options';
import { laidOut, readAnswers, reTieProgramme, tiedPlan, type ReTieModel, type TiedPlan } from './re-tie';

/** What a solver of integer programmes answers: what was set to 1, and whether it was proven to be the best. */
export interface SolvedProgramme {
  readonly isOptimal: boolean;
  /** names of what is set; empty where nothing was found in time */
  readonly set: readonly string[];
  /** what it comes to; 0 where nothing was found */
  readonly value: number;
}
/** Solves a programme in the format linear solvers read, in so many seconds at most. */
export type Solver = (programme: string, mostS: number) => SolvedProgramme;

/** Longest one programme is worked at, s. */
const MOST_S = 20;

export interface Best extends TiedPlan {
  readonly isOptimal: boolean;
  /** how much better another plan could be at most, a share of this one: 0 where it is proven, null where nothing is known */
  readonly gap: number | null;
  /** what rigs taken one after another come to, each the one that adds most */
  readonly greedyWorth: number;
}

const lockedOf = ({ locks }: DeckModel, { answers }: TiedPlan): number =>
  answers.filter((tied, stop) => tied !== null && locks[stop] !== null).length;
/** Locks come before all else. */
function isAsGood(model: DeckModel, one: TiedPlan, other: TiedPlan): boolean {
  const more = lockedOf(model, one) - lockedOf(model, other);
  return more > 0 || (more === 0 && one.worth >= other.worth - 1e-9);
}

/** The linear relaxation of a programme: an upper bound for every plan. */
const relaxed = (programme: string): string => programme.replace(/\nBinary\n[^]*\nEnd/, '\nEnd');

/** Optimality gap of a plan, by the linear relaxation of its programme. */
function gapOf(model: DeckModel, programme: string, solver: Solver, plan: TiedPlan): number | null {
  const { isOptimal, value } = solver(relaxed(programme), MOST_S);
  if (!isOptimal || plan.worth <= 0) return null;
  const own = plan.worth + LOCKED * (mostWorth(model) + 1) * lockedOf(model, plan);
  return Math.max(0, (value - own) / plan.worth);
}

/** Upper bound without a solver: every stop answered by its best option. */
const idealWorth = (model: DeckModel): number =>
  model.locks.reduce<number>((total, lock, stop) => {
    const able = model.options.filter(({ rod, stops }) => stops.includes(stop) && (lock === null || lock === rod));
    return total + Math.max(0, ...able.map(({ rig }) => model.worth[rig]![stop]!));
  }, 0);
const CLOSE = 1e-9;
/** Optimality gap against that bound. */
const gapBelow = (ideal: number, { worth }: TiedPlan): number | null =>
  worth > 0 ? Math.max(0, ideal / worth - 1) : null;

/** The best plan in which no rig is changed on the way; never worse than the greedy one. */
function solvedStatic(model: ReTieModel, solver: Solver): Best & { readonly options: readonly Option[] } {
  const start = greedy(model);
  const planOf = (options: readonly number[]): TiedPlan & { readonly options: readonly Option[] } => {
    const chosen = answered(model, options);
    return {
      worth: chosen.worth,
      options: chosen.options.map((at) => model.options[at]!),
      answers: chosen.answers.map((at) => (at === null ? null : { option: model.options[at]!, isReTied: false })),
    };
  };
  const greedyPlan = planOf(start.options);
  if (model.options.length === 0) return { ...greedyPlan, isOptimal: true, gap: 0, greedyWorth: 0 };
  const programme = programmeOf(model);
  const found = solver(programme, MOST_S);
  const exact = planOf(found.set.flatMap((name) => (/^y\d+$/.test(name) ? [Number(name.slice(1))] : [])));
  const plan = isAsGood(model, exact, greedyPlan) ? exact : greedyPlan;
  return {
    ...plan,
    isOptimal: found.isOptimal,
    gap: found.isOptimal ? 0 : gapOf(model, programme, solver, plan),
    greedyWorth: start.worth,
  };
}

/**
 * The best plan of a programme.
 * @param mayReTie  whether a rod may change its rig between two stops
 */
export function solved(model: ReTieModel, solver: Solver, mayReTie: boolean): Best {
  const own: ReTieModel = { ...model, options: reduced(model).options };
  const fixed = solvedStatic(own, solver);
  if (!mayReTie || model.options.length === 0) return fixed;
  const { model: laid, isWhole } = laidOut(model, fixed.options);
  const programme = reTieProgramme(laid);
  const found = solver(programme, MOST_S);
  const exact = tiedPlan(model, readAnswers(laid, found.set));
  const plan = isAsGood(model, exact, fixed) ? exact : { answers: fixed.answers, worth: fixed.worth };
  const bound = gapBelow(idealWorth(model), plan);
  const isOptimal = (found.isOptimal && isWhole) || (bound !== null && bound < CLOSE);
  return { ...plan, isOptimal, gap: isOptimal ? 0 : bound, greedyWorth: fixed.greedyWorth };
}
