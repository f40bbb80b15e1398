import { computed } from 'vue';
import { madePlanOf, rigTitle, rigTitles, type Rig, type Water } from '@core';
import { momentHere } from '../../moment-here';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import { useBench } from '../../stores/bench';
import { useDeck } from '../../stores/deck';
import { useTickets } from '../../stores/tickets';
import * as words from '../../locale/en/log';

/** A rig that can be tied on, and where it comes from. */
export interface RigChoice {
  readonly value: string;
  readonly title: string;
  readonly rig: Rig;
}
/** A stop of the day that is on the deck. */
export interface PlannedStop {
  readonly name: string;
  readonly water: Water;
}

/** Rigs there are to tie on: those of the plan, of the bench, of tickets, and the first pick. */
export function useRigChoices() {
  const { system } = useUnits();
  const deck = useDeck();
  const bench = useBench();
  const tickets = useTickets();
  const advice = useAdvice();
  void deck.load();
  void bench.load();

  const plan = computed(() => {
    const { plan: kept } = deck.trip ?? {};
    return kept ? madePlanOf(kept, deck.from, deck.trip!.stops) : null;
  });
  const planned = computed((): readonly RigChoice[] => {
    const rigs = plan.value?.rods.map(({ rig }) => rig) ?? [];
    const titles = rigTitles(rigs, system.value);
    return rigs.map((rig, at) => ({ value: `plan ${at}`, title: `${words.fromPlan}: ${titles[at]}`, rig }));
  });
  const stops = computed(
    (): readonly PlannedStop[] =>
      deck.trip?.stops.map(({ name, water }, at) => ({ name: name || `${at + 1}`, water })) ?? [],
  );
  const choices = computed((): readonly RigChoice[] => {
    const built = bench.rig;
    const first = advice.picks[0]?.rig;
    const all = [
      ...planned.value,
      ...(built ? [{ value: 'bench', title: `${words.fromBench}: ${rigTitle(built, system.value)}`, rig: built }] : []),
      ...(first ? [{ value: 'pick', title: `${words.fromPick}: ${rigTitle(first, system.value)}`, rig: first }] : []),
      ...tickets.tickets.map(({ id, name, rig }) => ({
        value: id,
        title: words.fromTicket(name || rigTitle(rig, system.value)),
        rig,
      })),
    ];
    // what is on the deck and on the bench and on a ticket is one rig
    const seen = new Set<string>();
    return all.filter(({ rig }) => {
      const { size } = seen;
      return seen.add(JSON.stringify(rig)).size > size;
    });
  });
  /** the day the plan on the deck is for, where that is another than today */
  const otherDay = computed(() => {
    const day = deck.trip?.day;
    return day === undefined || day === momentHere(Date.now()).slice(0, 10) ? null : day;
  });
  return { choices, planned, otherDay, stops, deck };
}
