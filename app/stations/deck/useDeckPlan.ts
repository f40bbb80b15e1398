import { computed, ref, watch, type Ref } from 'vue';
import { issueSays, madePlanOf, type DeckPlan, type MadePlan } from '@core';
import { useNewest } from '../../composables/useNewest';
import { useBox } from '../../stores/box';
import { useLearned } from '../../stores/learned';
import { useDeck } from '../../stores/deck';
import { askDeck } from '../../workers/ask-deck';
import * as words from '../../locale/en/deck';
import type { PaceTold } from '../../workers/deck';

/** What is shown of a plan: by the stops as they stand now. */
export interface PlanView {
  readonly plan: DeckPlan;
  readonly paces: readonly (PaceTold | null)[];
  /** place of a stop in the plan by its id; -1 for one that was added since */
  indexOf(stopId: string): number;
  /** it is of the day as it stands */
  readonly isCurrent: boolean;
}

/**
 * Plans the day on the deck beside the page, whenever something it hangs on changes; what was planned before stands until then.
 * @param isOn  whether it is planned at all: a phone that shows what comes next has no need to
 */
export function useDeckPlan(isOn: Ref<boolean>) {
  const deck = useDeck();
  const box = useBox();
  const learned = useLearned();
  const progress = ref(0);
  watch([() => deck.trip, () => box.box, () => box.ready, () => learned.mark], () => deck.ask(), { immediate: true });
  const { last, busy, problem } = useNewest(
    () => (isOn.value ? deck.asked : null),
    ({ trip }) => {
      progress.value = 0;
      return askDeck('plan', { trip }, (done) => (progress.value = done));
    },
    // of a stop its number is told, of the box nothing: the words say which tray
    (found) => {
      const [, at] = /^stops\[(\d+)\]/.exec(found.path) ?? [];
      const says = issueSays(found);
      if (at !== undefined)
        return words.problemAt(words.stopTitle(Number(at) + 1, deck.trip?.stops[Number(at)]?.name ?? ''), says);
      return found.path.startsWith('box.') ? words.theBox(says) : says;
    },
  );
  watch(last, (found) => {
    if (found && found.to === deck.asked) deck.keepPlan(found.answer.plan);
  });
  const view = computed((): PlanView | null => {
    const found = last.value;
    return (
      found && {
        ...found.answer,
        indexOf: (id) => found.to.ids.indexOf(id),
        isCurrent: found.to === deck.asked,
      }
    );
  });
  /** the plan that is kept with the day; null where there is none, or its gear is gone */
  const kept = computed((): MadePlan | null => {
    const { plan } = deck.trip ?? {};
    return plan ? madePlanOf(plan, deck.from, deck.trip!.stops) : null;
  });
  return { view, kept, busy, problem, progress };
}
