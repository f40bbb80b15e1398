import { eachRodMore, planPrepared, prepareDeck, tripOf, type Trip } from '../core';
import { solved } from '../core/deck/solve';
import { DEMO_BOX } from '../demo/brindle-mere';
import { DEMO_WEEKEND } from '../demo/weekend';
import { loadSolver } from '../solver/highs';
import { line } from './line';

/** Budgets, ms: 8 stops, 300 rigs and 6 rods proven; a plan made anew after a lock; a day planned from nothing. */
const BUDGET_MS = { proven: 5000, again: 2000, day: 6000 } as const;

const timed = <T>(run: () => T): { readonly value: T; readonly ms: number } => {
  const started = performance.now();
  const value = run();
  return { value, ms: performance.now() - started };
};

/** A programme of the size a day may have at most, from a seed: 300 rigs that each answer some stops on some rods. */
function largest() {
  let seed = 7;
  const next = (): number => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647;
  const [stops, rigs, rods] = [8, 300, 6];
  const worth = Array.from({ length: rigs }, () => Array.from({ length: stops }, () => 45 * next()));
  const options = Array.from({ length: rigs * rods }, (_, at) => ({
    rig: at % rigs,
    rod: Math.floor(at / rigs),
    reel: 0,
    line: 0,
    stops: Array.from({ length: stops }, (__, stop) => stop).filter(() => next() < 0.7),
  })).filter((option) => option.stops.length > 0);
  const locks = Array.from({ length: stops }, (): number | null => null);
  return { worth, options, stops, rods, reels: [Infinity], parts: [], locks, left: locks.map(() => 0.9) };
}

/** What planning a day costs. */
export async function measureDeck(): Promise<void> {
  const solver = await loadSolver();
  const model = largest();
  const proven = timed(() => solved(model, solver, false));
  if (!proven.value.isOptimal) throw new Error('measureDeck: the largest programme was not proven');
  line('deck-8x300x6-proven', proven.ms, 'ms', BUDGET_MS.proven);
  line('deck-over-greedy', proven.value.worth / proven.value.greedyWorth, 'x');
  const trip: Trip = tripOf(DEMO_WEEKEND[1]!, DEMO_BOX);
  const day = timed(() => prepareDeck(trip));
  if (!day.value.ok) throw new Error('measureDeck: the demo’s Saturday cannot be planned');
  const prepared = day.value.value;
  const first = timed(() => planPrepared(trip, prepared, solver));
  line('deck-demo-day', day.ms + first.ms, 'ms', BUDGET_MS.day);
  const locked = { ...trip, stops: trip.stops.map((stop, at) => (at === 0 ? { ...stop, lock: 2 } : stop)) };
  line('deck-again-after-a-lock', timed(() => planPrepared(locked, prepared, solver)).ms, 'ms', BUDGET_MS.again);
  const tying = { ...locked, reTieMin: 4 };
  line('deck-again-with-ties', timed(() => planPrepared(tying, prepared, solver)).ms, 'ms', BUDGET_MS.again);
  line('deck-each-rod-more', timed(() => eachRodMore(trip, prepared, solver, first.value)).ms, 'ms');
}
