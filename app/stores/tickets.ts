import { computed, onScopeDispose, ref } from 'vue';
import { defineStore } from 'pinia';
import { liveQuery } from 'dexie';
import { makeTicket, type Pick, type Result, type Rig, type Ticket, type Water } from '@core';
import { db } from '../db/database';
import '../db/later-kinds';
import { keeper } from '../db/our-keeper';
import { useLiveRows } from '../live/useLiveRows';
import { newId } from '../new-id';
import { useKeeping } from './keeping';

/** What may be changed on a ticket once it is written. */
interface Editable {
  readonly name: string;
  readonly note: string;
}

/** Tickets shown at once. */
const PAGE = 60;
/** Debounce: the same ticket asked for twice within this time is one trembling finger, ms. */
const SAME_TICKET_MS = 1500;

/** Tickets, newest first, straight from the store. */
export const useTickets = defineStore('tickets', () => {
  /** how many are shown: the newest */
  const most = ref(PAGE);
  const { rows, ready, error } = useLiveRows(
    'ticket',
    () => db.tickets.orderBy('madeAt').reverse().limit(most.value).toArray(),
    (a, b) => b.madeAt.localeCompare(a.madeAt),
    most,
  );
  const tickets = computed(() => rows.value.slice(0, most.value));
  const stored = ref(0);
  const counting = liveQuery(() => db.tickets.count()).subscribe({
    next: (count) => (stored.value = count),
    // whoever reads the rows says what is wrong
    error: () => undefined,
  });
  onScopeDispose(() => counting.unsubscribe());
  const count = computed(() => Math.max(stored.value, rows.value.length));
  const showMore = (): void => void (most.value += PAGE);
  let last: { readonly what: string; readonly id: string; readonly atMs: number } | null = null;

  /**
   * Writes a ticket. It is on the screen and noted when this returns.
   * @param pick  the rig and its numbers
   * @param base  before any cut, where it was cut at the bench
   * @returns its id
   */
  function make(pick: Pick, water: Water, base?: Rig): string {
    const what = JSON.stringify([pick.rig, water, base ?? null]);
    const atMs = performance.now();
    if (last?.what === what && atMs - last.atMs < SAME_TICKET_MS) return last.id;
    const id = newId();
    const made = { id, madeAt: new Date().toISOString(), name: '', ...(base ? { base } : {}) };
    void keeper.put('ticket', makeTicket(pick, water, made), null);
    useKeeping().somethingToLose();
    last = { what, id, atMs };
    return id;
  }
  const change = (ticket: Ticket, part: Partial<Editable>): Promise<Result<unknown>> =>
    keeper.put('ticket', { ...ticket, ...part }, ticket);
  const remove = (ticket: Ticket): Promise<Result<unknown>> => keeper.remove('ticket', ticket);
  const putBack = (ticket: Ticket): Promise<Result<unknown>> => keeper.put('ticket', ticket, null);

  return { tickets, count, showMore, ready, error, make, change, remove, putBack };
});
