import {
  isBoxKeepable,
  issue,
  keptOutingOf,
  keptTripOf,
  LOG_LIMITS,
  partCount,
  sameJson,
  STORE_LIMITS,
  TRIP_BOX_PARTS,
  unite,
  type Aside,
  type KeptOuting,
  type Outing,
  type Result,
  type Ticket,
  type Trip,
} from '@core';
import { newId } from '../new-id';
import { KeepError } from './cause';
import { db, type PanderoDatabase } from './database';
import { keep } from './keep';
import { keepAside } from './set-aside';

/** Adds tickets; one that is here already is replaced by the file's. */
export function addTickets(
  tickets: readonly Ticket[],
  aside: readonly Aside[] = [],
  into: PanderoDatabase = db,
): Promise<Result<number>> {
  return keep(
    () =>
      into.transaction('rw', [into.tickets, into.setAside], async () => {
        await into.tickets.bulkPut([...tickets]);
        const got = await into.tickets.count();
        if (got > STORE_LIMITS.tickets) {
          throw new KeepError(issue('too-many-kept', '', { got, limit: STORE_LIMITS.tickets, what: 'tickets' }));
        }
        await keepAside(aside, Date.now(), into);
        return tickets.length;
      }),
    into,
  );
}

/** Adds a day of a file, and lays it on the deck. */
export function addTrip(trip: Trip, into: PanderoDatabase = db): Promise<Result<string>> {
  return keep(
    () =>
      into.transaction('rw', [into.trips, into.settings], async () => {
        const got = (await into.trips.count()) + 1;
        if (got > STORE_LIMITS.trips)
          throw new KeepError(issue('too-many-kept', '', { got, limit: STORE_LIMITS.trips, what: 'days' }));
        if (!isBoxKeepable(trip.box))
          throw new KeepError(issue('too-many-rows', 'box', { got: partCount(trip.box), limit: TRIP_BOX_PARTS }));
        const id = newId();
        await into.trips.add(keptTripOf(trip, { id, at: new Date().toISOString(), newId }));
        await into.settings.put({ key: 'on-deck', value: id });
        return id;
      }),
    into,
  );
}

/** What taking in a log did. */
export interface OutingsTaken {
  /** outings that were new, and that were here already */
  readonly fresh: number;
  readonly met: number;
  /** events that were new to outings that were here, and that both tell differently: those here stand */
  readonly added: number;
  readonly differ: number;
}
/** Adds outings of a file or another device: one that is here already is put together with it, nothing twice. */
export function addOutings(
  outings: readonly Outing[],
  aside: readonly Aside[] = [],
  into: PanderoDatabase = db,
): Promise<Result<OutingsTaken>> {
  return keep(
    () =>
      into.transaction('rw', [into.outings, into.setAside], async () => {
        const changedAt = new Date().toISOString();
        let taken: OutingsTaken = { fresh: 0, met: 0, added: 0, differ: 0 };
        const rows: KeptOuting[] = [];
        const here = await into.outings.bulkGet(outings.map(({ id }) => id));
        for (const [at, outing] of outings.entries()) {
          const there = keptOutingOf(outing, changedAt);
          const own = here[at];
          if (!own) {
            rows.push(there);
            taken = { ...taken, fresh: taken.fresh + 1 };
            continue;
          }
          const both = unite(own, there);
          if (both.outing.events.length > LOG_LIMITS.events)
            throw new KeepError(
              issue('too-many-rows', outing.id, { got: both.outing.events.length, limit: LOG_LIMITS.events }),
            );
          if (both.added > 0 || !sameJson({ ...both.outing, changedAt: '' }, { ...own, changedAt: '' }))
            rows.push({ ...both.outing, changedAt });
          taken = {
            ...taken,
            met: taken.met + 1,
            added: taken.added + both.added,
            differ: taken.differ + both.differ,
          };
        }
        await into.outings.bulkPut(rows);
        const got = await into.outings.count();
        if (got > STORE_LIMITS.outings)
          throw new KeepError(issue('too-many-kept', '', { got, limit: STORE_LIMITS.outings, what: 'outings' }));
        await keepAside(aside, Date.now(), into);
        return taken;
      }),
    into,
  );
}
