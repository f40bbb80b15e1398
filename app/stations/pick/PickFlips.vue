<script setup lang="ts">
import { computed } from 'vue';
import { flipText, rigTitles, type TippingPoint, type Rig, type Water } from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/pick';

/** The nearest change of each thing a day may change at which another rig takes this place. */
const props = defineProps<{ flips: readonly TippingPoint[] | null; water: Water; than: Rig }>();
const { system } = useUnits();

const rows = computed(() =>
  (props.flips ?? []).map((flip) => ({
    ...flip,
    change: flipText(flip, props.water, system.value),
    title: rigTitles([props.than, flip.to], system.value)[1] ?? '',
  })),
);
</script>

<template>
  <section class="flips" :aria-label="words.whatWouldFlip" data-testid="flips">
    <h3>{{ words.whatWouldFlip }}</h3>
    <p v-if="flips === null" class="soft" role="status">{{ words.looking }}</p>
    <p v-else-if="rows.length === 0">{{ words.nothingWouldFlip }}</p>
    <ul v-else>
      <li v-for="row in rows" :key="row.field">
        <span class="flips__at number">{{ row.change }}</span>
        <RigDrawing :rig="row.to" :label="words.fromTheSide(row.title)" />
        <span><FractionText :text="row.title" /></span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.flips {
  margin-top: 14px;
  padding-top: 10px;
  border-top: 2px solid rgb(var(--v-theme-ink));
}
.flips ul {
  list-style: none;
}
.flips li {
  display: grid;
  grid-template-columns: 190px 130px 1fr;
  gap: 10px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.flips__at {
  font-weight: 600;
}
@media (max-width: 700px) {
  .flips li {
    grid-template-columns: 1fr 110px;
  }
  .flips li > :last-child {
    grid-column: 1 / -1;
  }
}
</style>
