import type { DeckPlan, SoManyRods, Trip } from '../deck';
import { weakestOf } from '../gear';
import { deckProblems } from '../wording/deck';

/** A plan of rods for a day, in the shape of files and the command line. */
export function deckReport(trip: Trip, plan: DeckPlan & { readonly extraRod: readonly SoManyRods[] }): unknown {
  const problems = deckProblems(trip, plan);
  return {
    rods: plan.rods.map(({ rod, reel, line, rig, stops, margins }) => {
      const { id: weakest } = weakestOf(margins);
      return {
        ...{ rod, reel, line, rig, stops },
        margins: margins.map(({ id, value, band }) => ({ id, value, band, weakest: id === weakest })),
      };
    }),
    stops: plan.stops.map(({ stop, rod, score, isReTied }) => ({ stop, rod, score, reTie: isReTied })),
    score: plan.score,
    optimal: plan.isOptimal,
    gap: plan.gap,
    greedyScore: plan.greedyScore,
    extraRod: plan.extraRod,
    why: problems.length === 0 ? null : problems.join(' '),
  };
}
