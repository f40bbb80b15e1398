/** Which rigs on which rods answer the stops of a day. */
export {
  planDeck,
  type DeckPlan,
  type PlannedRod,
  type PlannedStop,
  type SolvedProgramme,
  type Solver,
  type Unanswered,
} from './plan';
export { TRIP_LIMITS, TRIP_VERSION, tripSchema, type Stop, type Trip } from './trip';
