import {
  buildSchema,
  byField,
  keptOutingSchema,
  keptTripSchema,
  mergeKeptOutings,
  mergeTrips,
  mergeBuilds,
  parseWith,
  STORE_LIMITS,
  ticketSchema,
  timedTestSchema,
  type Build,
  type KeptOuting,
  type KeptTrip,
  type Result,
  type Ticket,
  type TimedTest,
} from '@core';
import { addKind, asTable, type Kind } from './kinds';

const checkTicket = (row: unknown): Result<Ticket> => parseWith(ticketSchema, row);
const ticket: Kind<Ticket> = {
  name: 'ticket',
  table: (of) => asTable(of.tickets),
  key: ({ id }) => id,
  check: checkTicket,
  meeting: byField((row) => checkTicket(row).ok),
  limit: STORE_LIMITS.tickets,
};

const checkBuild = (row: unknown): Result<Build> => parseWith(buildSchema, row);
const build: Kind<Build> = {
  name: 'build',
  table: (of) => asTable(of.builds),
  key: ({ id }) => id,
  check: checkBuild,
  meeting: { merge: mergeBuilds, isValid: (row) => checkBuild(row).ok },
  limit: STORE_LIMITS.builds,
};

const checkTrip = (row: unknown): Result<KeptTrip> => parseWith(keptTripSchema, row);
const trip: Kind<KeptTrip> = {
  name: 'trip',
  table: (of) => asTable(of.trips),
  key: ({ id }) => id,
  check: checkTrip,
  meeting: { merge: mergeTrips, isValid: (row) => checkTrip(row).ok },
  limit: STORE_LIMITS.trips,
};

const checkOuting = (row: unknown): Result<KeptOuting> => parseWith(keptOutingSchema, row);
const outing: Kind<KeptOuting> = {
  name: 'outing',
  table: (of) => asTable(of.outings),
  key: ({ id }) => id,
  check: checkOuting,
  meeting: { merge: mergeKeptOutings, isValid: (row) => checkOuting(row).ok },
  limit: STORE_LIMITS.outings,
};

const checkTest = (row: unknown): Result<TimedTest> => parseWith(timedTestSchema, row);
const test: Kind<TimedTest> = {
  name: 'test',
  table: (of) => asTable(of.tests),
  key: ({ id }) => id,
  check: checkTest,
  meeting: byField((row) => checkTest(row).ok),
  limit: STORE_LIMITS.tests,
};

addKind(outing);
addKind(test);
addKind(trip);
addKind(ticket);
addKind(build);
