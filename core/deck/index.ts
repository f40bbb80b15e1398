/** Which rigs on which rods answer the stops of a day. */
export {
  clockOf,
  daylightOf,
  laidOnClock,
  minuteOf,
  sunDegAt,
  timesOf,
  USUAL_START_MIN,
  waterAtMinute,
  type Daylight,
  type DayTimes,
  type StopTime,
} from './day';
export { nothingAsked, partsOf, withoutBanned, type AskedBefore } from './candidates';
export {
  banOf,
  isBoxKeepable,
  keptPlanOf,
  keptTripOf,
  keptTripSchema,
  madePlanOf,
  newTrip,
  partIdAt,
  partPlaceById,
  shortOf,
  TRIP_BOX_PARTS,
  tripOf,
  type KeptPlan,
  type KeptStop,
  type KeptTrip,
} from './kept-trip';
export { handOverOf } from './hand-over';
export { mergeTrips } from './merge-trips';
export { onePartMore, type OneMore } from './one-more';
export { coverFits, paceByHead, stopPace, type StopPace } from './pace';
export { packingOf, TOOLS, type Packed, type PackingList, type Tool } from './packing';
export { KIT_NEARLY, KIT_WATERS, seasonKits, type Kit, type KitDay, type SeasonKits } from './season-kit';
export { type Lack } from './options';
export {
  eachRodMore,
  planDeck,
  planPrepared,
  prepareDeck,
  type DeckPlan,
  type IdleRod,
  type PlannedRod,
  type PlannedStop,
  type Prepared,
  type SoManyRods,
  type Unanswered,
} from './plan';
export { type SolvedProgramme, type Solver } from './solve';
export {
  BAN_TRAYS,
  TRIP_LIMITS,
  TRIP_VERSION,
  tripSchema,
  type BanTray,
  type MadePlan,
  type Stop,
  type StopHour,
  type Trip,
} from './trip';
