import {
  depthAgainstSpeed,
  filmOf,
  happenings,
  isSameWinner,
  mapPlan,
  MapRefinement,
  momentAt,
  monthWater,
  MONTHS,
  planWith,
  startingYear,
  waterAt,
  weightsAround,
  whatToBuy,
  winnersOf,
  type RetrievePlan,
  type Rig,
  type Winner,
} from '../core';
import { DEMO_BOX, NORTH_ARM } from '../demo/brindle-mere';
import { line, medianUs } from './line';

/** Budgets, ms: a plan edited is drawn anew, a sweep of charts, the map fine and finest on two workers, a year. */
const BUDGET_MS = { film: 30, frame: 16, sweep: 150, map32: 10_000, map64: 25_000, year: 2000 } as const;
const WORKERS = 2;

/** What the tank, the map of picks and the year cost. */
export function measureTankAndMap(rig: Rig, plan: RetrievePlan): void {
  const running = planWith(plan, 'drag', { depthM: NORTH_ARM.depthM, paceMps: 0.6 });
  line(
    'tank-plan-edited',
    medianUs(1, () => happenings(filmOf(rig, running, NORTH_ARM), NORTH_ARM)) / 1000,
    'ms',
    BUDGET_MS.film,
  );
  const film = filmOf(rig, running, NORTH_ARM);
  line('tank-moment', medianUs(20, () => momentAt(film, 0.37 * film.endsS)) / 1000, 'ms', BUDGET_MS.frame);
  const sweeps = Math.ceil(12 / weightsAround(rig).length);
  line(
    'tank-sweep-12x12',
    medianUs(1, () => Array.from({ length: sweeps }, () => depthAgainstSpeed(rig, running, NORTH_ARM))) / 1000,
    'ms',
    BUDGET_MS.sweep,
  );
  for (const [cells, budgetMs] of [
    [32, BUDGET_MS.map32],
    [64, BUDGET_MS.map64],
  ] as const) {
    const map = new MapRefinement<Winner | null>(mapPlan('temperature', 'visibility', cells), isSameWinner);
    const winner = winnersOf(DEMO_BOX);
    const started = performance.now();
    for (let ask = map.next(); ask.length > 0; ask = map.next()) {
      for (const cell of ask) {
        map.tell(cell, winner(waterAt(NORTH_ARM, map.plan, cell.column, cell.row)));
      }
    }
    line(`map-${cells}-cells-asked`, map.asked, 'cells');
    line(`map-${cells}-on-two-workers`, (performance.now() - started) / WORKERS, 'ms', budgetMs);
  }
  const started = performance.now();
  const year = startingYear('mild', NORTH_ARM.usualVisibilityM);
  const waters = Array.from({ length: MONTHS }, (_, month) => monthWater(NORTH_ARM, year, month));
  const winner = winnersOf(DEMO_BOX);
  waters.forEach(winner);
  const months = (performance.now() - started) / WORKERS;
  const asked = performance.now();
  whatToBuy(waters, DEMO_BOX, 12);
  line('season-clock', months + performance.now() - asked, 'ms', BUDGET_MS.year);
}
