import type { DeckPlan, Trip } from '../deck';
import { weakestOf } from '../gear';
import { stopNumber, UNANSWERED_TEXT } from '../locale/en/deck';

/** A plan of rods for a day, in the shape of files and the command line. */
export function deckReport(trip: Trip, plan: DeckPlan): unknown {
  return {
    rods: plan.rods.map(({ rod, reel, line, rig, stops, margins }) => {
      const { id: weakest } = weakestOf(margins);
      return {
        ...{ rod, reel, line, rig, stops },
        margins: margins.map(({ id, value, band }) => ({ id, value, band, weakest: id === weakest })),
      };
    }),
    // changing a rig on the way is not computed yet
    stops: plan.stops.map((stop) => ({ ...stop, reTie: null })),
    score: plan.score,
    optimal: plan.isOptimal,
    gap: plan.gap,
    greedyScore: plan.greedyScore,
    extraRod: plan.extraRod,
    why:
      plan.unanswered.length === 0
        ? null
        : plan.unanswered
            .map(({ stop, because }) => UNANSWERED_TEXT[because](stopNumber(stop, trip.stops[stop]!.name)))
            .join(' '),
  };
}
