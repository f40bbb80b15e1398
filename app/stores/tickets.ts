import { defineStore } from 'pinia';
import { makeTicket, rigTitle, type Pick, type Result, type Ticket, type Water } from '@core';
import { db } from '../db/database';
import { keep } from '../db/keep';
import { useLiveRows } from '../composables/useLiveRows';
import { useSettings } from './settings';

/** Tickets, newest first, straight from the database. */
export const useTickets = defineStore('tickets', () => {
  const { rows: tickets, ready, error } = useLiveRows(() => db.tickets.orderBy('madeAt').reverse().toArray());
  const { settings } = useSettings();

  async function make(pick: Pick, water: Water): Promise<Result<string>> {
    const name = rigTitle(pick.rig, settings.units).slice(0, 60);
    const ticket = makeTicket(pick, water, { id: crypto.randomUUID(), madeAt: new Date().toISOString(), name });
    return keep(() => db.tickets.add(ticket));
  }
  const change = (id: string, part: Partial<Editable>): Promise<Result<number>> =>
    keep(() => db.tickets.update(id, part));
  const remove = (id: string): Promise<Result<void>> => keep(() => db.tickets.delete(id));
  const putBack = (ticket: Ticket): Promise<Result<string>> => keep(() => db.tickets.put(ticket));

  return { tickets, ready, error, make, change, remove, putBack };
});

/** What may be changed on a ticket once it is written. */
interface Editable {
  readonly name: string;
  readonly note: string;
}
