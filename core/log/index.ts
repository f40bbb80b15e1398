/** What happened on the water, and what that says. */
export { GROUPINGS, temperatureClass, waterClass, type Grouping } from './groups';
export { SETTLED } from './pooled';
export {
  compared,
  grouped,
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
  outingSchema,
  parseLog,
  type EventKind,
  type HookedBy,
  type Log,
  type LogEvent,
  type Outing,
} from './schema';
export { spellsOf, type Spell } from './spells';
