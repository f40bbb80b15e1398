/** What happened on the water, and what that says. */
export { analysisOf, comparedIn, type LogAnalysis, type QuickGrouping, type WaterCell } from './analysis';
export {
  joinOutings,
  shiftClock,
  splitOuting,
  standing,
  withChanged,
  withEvent,
  withoutEvent,
  freeMoment,
  type Standing,
} from './edits';
export {
  EITHER,
  GROUPINGS,
  NEITHER,
  NO_TRAILER,
  rigKey,
  temperatureClass,
  UNKNOWN,
  valueOf,
  waterClass,
  type Grouping,
} from './groups';
export { EXPECTED_AT, hookPlaces, type HookPlaces, type OffRig } from './hook-places';
export {
  eventKeys,
  keptOutingOf,
  keptOutingSchema,
  lastMoment,
  mergeKeptOutings,
  momentOf,
  offsetOf,
  outingOf,
  unite,
  type KeptOuting,
} from './kept-outing';
export { atALook, odditiesOf, outingSums, type AtALook, type Oddity } from './oddities';
export { ownLogOf } from './own-log';
export { betaMean, gammaMean, SETTLED } from './pooled';
export {
  compared,
  grouped,
  mostToSay,
  ratesBy,
  sumsOf,
  trailerHookVerdict,
  type Comparison,
  type GroupRate,
  type Sums,
  type TrailerHookVerdict,
  type Unlike,
} from './rates';
export {
  EVENT_KINDS,
  eventSchema,
  HOOKED_BY,
  LOG_LIMITS,
  LOG_VERSION,
  logSchema,
  msOf,
  outingSchema,
  parseLog,
  type EventKind,
  type HookedBy,
  type Log,
  type LogEvent,
  type Outing,
} from './schema';
export { spellsOf, type Spell } from './spells';
export { schoolsFavoured, type Favoured } from './schools-favoured';
export {
  SHORT_STRIKE_CHANGES,
  shortStrikeAdvice,
  shortStrikes,
  type ShortStrikeAdvice,
  type ShortStrikeChange,
} from './short-strikes';
export {
  COUNTED_S,
  asRead,
  FAR_OFF_SD,
  measuredBy,
  oddReadings,
  predictedFor,
  proposedTest,
  reactionOf,
  taughtBy,
  TEST_LIMITS,
  timedTestSchema,
  USUAL_REACTION_S,
  type Measured as MeasuredTest,
  type Taught,
  type TestTold,
  type TimedTest,
} from './timed-tests';
export type { TemperatureClass } from '../water/water-class';
export { TEMPERATURE_CLASSES } from '../water/water-class';
export type { Stretch } from './when';
