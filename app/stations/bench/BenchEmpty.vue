<script setup lang="ts">
import { computed } from 'vue';
import { rigTitles, type Rig } from '@core';
import OfferedRigs from '../../parts/OfferedRigs.vue';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import { useBench } from '../../stores/bench';
import { useTickets } from '../../stores/tickets';
import * as words from '../../locale/en/bench';

/** Nothing on the bench yet: what could be laid on it. */
const bench = useBench();
const advice = useAdvice();
const tickets = useTickets();
const { system } = useUnits();
const SHOWN = 3;

const found = computed((): { key: string; from: string; rig: Rig; base?: Rig }[] => [
  ...advice.picks
    .slice(0, SHOWN)
    .map(({ rank, rig, base }) => ({ key: `pick-${rank}`, from: words.pickForWater(rank), rig, base })),
  ...tickets.tickets
    .slice(0, SHOWN)
    .map(({ id, rig, base }) => ({ key: id, from: words.fromATicket, rig, ...(base ? { base } : {}) })),
]);
const offered = computed(() => {
  const titles = rigTitles(
    found.value.map(({ rig }) => rig),
    system.value,
  );
  return found.value.map((row, at) => ({ ...row, title: titles[at] ?? '' }));
});
</script>

<template>
  <OfferedRigs
    :title="words.benchEmpty"
    :says="words.layRigOnCut"
    :rows="offered"
    :take="words.layOnBench"
    @take="bench.start($event.rig, $event.base)"
  />
</template>
