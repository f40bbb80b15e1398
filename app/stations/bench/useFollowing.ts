import { nextTick, onScopeDispose, shallowReactive, watch, type Ref } from 'vue';
import { BENCH_VIEWS, type BenchView, type Rig } from '@core';

/** Throttle: while something is dragged, drawings away from the finger take at most one part in this many of the time. */
const TAKES_ONE_IN = 40;

/**
 * What each drawing of a build shows: the one that leads at once, the others a moment later, a task each, so that no single frame has to
 * draw them all and what is under a finger is never late.
 * @param rig   as it is now
 * @param lead  the drawing under the finger
 * @param held  whether something is dragged: then the others wait for their share of the time
 */
export function useFollowing(rig: Ref<Rig>, lead: Ref<BenchView>, held: Ref<boolean>): (view: BenchView) => Rig {
  const shown = shallowReactive(Object.fromEntries(BENCH_VIEWS.map((view) => [view, rig.value]))) as Record<
    BenchView,
    Rig
  >;
  /** in the order in which they had their turn */
  let turns: readonly BenchView[] = BENCH_VIEWS;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let tookMs = 0;

  async function follow(): Promise<void> {
    timer = undefined;
    const next = turns.find((view) => view !== lead.value && shown[view] !== rig.value);
    if (next === undefined) return;
    turns = [...turns.filter((view) => view !== next), next];
    const started = performance.now();
    shown[next] = rig.value;
    await nextTick();
    tookMs = performance.now() - started;
    plan();
  }
  function plan(): void {
    timer ??= setTimeout(() => void follow(), held.value ? tookMs * TAKES_ONE_IN : 0);
  }
  watch(
    [rig, lead, held],
    () => {
      shown[lead.value] = rig.value;
      if (!held.value) {
        clearTimeout(timer);
        timer = undefined;
      }
      plan();
    },
    { flush: 'sync' },
  );
  onScopeDispose(() => clearTimeout(timer));
  return (view) => shown[view];
}
