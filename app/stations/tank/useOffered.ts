import { computed } from 'vue';
import { rigTitles, type RetrievePlan, type Rig } from '@core';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import { useBench } from '../../stores/bench';
import { useTank } from '../../stores/tank';
import { useTickets } from '../../stores/tickets';
import * as words from '../../locale/en/tank';

/** A rig that can be put in the tank, where it comes from, and the retrieve that goes with it. */
export interface Offered {
  readonly key: string;
  readonly from: string;
  readonly title: string;
  readonly rig: Rig;
  readonly plan: RetrievePlan | null;
}

const PICKS = 5;
const TICKETS = 8;

/** Picks for the water at hand, the build on the bench, tickets, and what is in the tank already; each rig once. */
export function useOffered() {
  const advice = useAdvice();
  const bench = useBench();
  const tank = useTank();
  const tickets = useTickets();
  const { system } = useUnits();
  void bench.load();

  return computed((): readonly Offered[] => {
    const found: Omit<Offered, 'title'>[] = [
      ...advice.picks.slice(0, PICKS).map(({ rank, rig, handled }) => ({
        key: `pick-${rank}`,
        from: words.pickForWater(rank),
        rig,
        plan: handled.plan,
      })),
      ...(bench.build ? [{ key: 'bench', from: words.fromTheBench, rig: bench.build.rig, plan: null }] : []),
      ...tickets.tickets
        .slice(0, TICKETS)
        .map(({ id, rig }) => ({ key: id, from: words.fromATicket, rig, plan: null })),
      ...[tank.tank.rig, tank.tank.other].flatMap((rig, at) =>
        rig ? [{ key: `tank-${at}`, from: words.inTheTank, rig, plan: null }] : [],
      ),
    ];
    const seen = new Set<string>();
    const once = found.filter(({ rig }) => {
      const text = JSON.stringify(rig);
      return !seen.has(text) && seen.add(text);
    });
    const titles = rigTitles(
      once.map(({ rig }) => rig),
      system.value,
    );
    return once.map((row, at) => ({ ...row, title: titles[at] ?? '' }));
  });
}
