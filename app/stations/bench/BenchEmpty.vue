<script setup lang="ts">
import { computed } from 'vue';
import { rigTitles, type Rig } from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
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
  <section class="empty" :aria-label="words.benchEmpty">
    <h1>{{ words.benchEmpty }}</h1>
    <p>{{ words.layRigOnCut }}</p>
    <ul>
      <li v-for="row in offered" :key="row.key">
        <RigDrawing :rig="row.rig" :label="words.fromTheSide(row.title)" />
        <div>
          <b><FractionText :text="row.title" /></b>
          <p class="soft">{{ row.from }}</p>
          <v-btn :class="{ act: row.key === 'pick-1' }" @click="bench.start(row.rig, row.base)">{{
            words.layOnBench
          }}</v-btn>
        </div>
      </li>
    </ul>
    <p v-if="offered.length === 0">
      {{ advice.ranking ? words.comparing : words.nothingPicked }}
      <RouterLink to="/pick">{{ words.toThePicks }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 10px;
  padding: 22px 20px 90px;
  max-width: 860px;
}
.empty ul {
  list-style: none;
}
.empty li {
  display: grid;
  grid-template-columns: 380px 1fr;
  gap: 18px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.empty :deep(.v-btn) {
  margin-top: 6px;
}
@media (max-width: 700px) {
  .empty li {
    grid-template-columns: 1fr;
  }
}
</style>
