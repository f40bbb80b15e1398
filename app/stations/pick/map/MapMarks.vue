<script setup lang="ts">
import { computed } from 'vue';
import type { Cell, MapPlan } from '@core';
import type { MapRegion } from './useMapRegions';
import * as words from '../../../locale/en/map';

/** What lies over the regions: their numbers, today, and where the day may go. */
const { plan, regions, here, evening } = defineProps<{
  plan: MapPlan;
  regions: readonly MapRegion[];
  here: Cell;
  evening: Cell;
}>();
/** share of the map below which a region has no room for its number */
const LEAST_SHARE = 0.008;
const labelled = computed(() => regions.filter(({ cells }) => cells.length >= LEAST_SHARE * plan.wide * plan.high));
/** percent from the left and from below */
const place = ({ column, row }: Cell): readonly [number, number] => [
  (100 * (column + 0.5)) / plan.wide,
  (100 * (row + 0.5)) / plan.high,
];
const at = (cell: Cell): { left: string; bottom: string } => {
  const [left, bottom] = place(cell);
  return { left: `${left}%`, bottom: `${bottom}%` };
};
const trail = computed(() => {
  const points = [here, evening].map((cell) => place(cell)).map(([left, bottom]) => `${left} ${100 - bottom}`);
  return `M${points.join('L')}`;
});
</script>

<template>
  <div class="marks" aria-hidden="true">
    <b
      v-for="region in labelled"
      :key="`${region.key} ${region.cells[0]}`"
      class="marks__number number"
      :style="at(region.labelAt)"
      >{{ region.nth }}</b
    >
    <svg class="marks__trail" preserveAspectRatio="none" viewBox="0 0 100 100">
      <path :d="trail" />
    </svg>
    <span class="marks__here" :style="at(here)"
      >✚<i>{{ words.today }}</i></span
    >
  </div>
</template>

<style scoped>
.marks {
  position: absolute;
  inset: 0 0 auto;
  height: 380px;
  pointer-events: none;
}
.marks__number {
  position: absolute;
  transform: translate(-50%, 50%);
  padding: 0 5px;
  background: rgb(var(--v-theme-skin));
  border: 1px solid rgb(var(--v-theme-ink));
  font-size: 17px;
  line-height: 20px;
}
.marks__here {
  position: absolute;
  transform: translate(-50%, 50%);
  color: rgb(var(--v-theme-oxblood));
  font-size: 22px;
  line-height: 22px;
  text-shadow: 0 0 4px rgb(var(--v-theme-skin));
}
.marks__here i {
  position: absolute;
  left: 24px;
  padding: 0 4px;
  background: rgb(var(--v-theme-skin));
  font: 600 14px/20px var(--v-font-heading);
}
.marks__trail {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.marks__trail path {
  fill: none;
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 3;
  stroke-dasharray: 7 5;
  vector-effect: non-scaling-stroke;
}
</style>
