<script setup lang="ts">
import { MONTHS } from '@core';
import RegionHatches from '../../../parts/RegionHatches.vue';
import { regionLook } from '../../../parts/region-look';
import type { MonthRow } from './useMonths';
import * as words from '../../../locale/en/year';

/** The ring of a year: a month a twelfth, January at the top, round with the sun; a stroke where the rig turns. */
defineProps<{ rows: readonly MonthRow[] }>();
/** the month that is pointed at, here or in the list */
const chosen = defineModel<number | null>({ required: true });

const [OUT, IN, MIDDLE] = [148, 84, 116];
const HATCH = 12;
const point = (radius: number, month: number): { readonly x: number; readonly y: number } => {
  const turn = (2 * Math.PI * month) / MONTHS - Math.PI / 2;
  return { x: Number((radius * Math.cos(turn)).toFixed(1)), y: Number((radius * Math.sin(turn)).toFixed(1)) };
};
const at = (radius: number, month: number): string => {
  const { x, y } = point(radius, month);
  return `${x} ${y}`;
};
const sector = (month: number): string =>
  `M${at(IN, month - 0.5)}L${at(OUT, month - 0.5)}A${OUT} ${OUT} 0 0 1 ${at(OUT, month + 0.5)}L${at(IN, month + 0.5)}A${IN} ${IN} 0 0 0 ${at(IN, month - 0.5)}Z`;
</script>

<template>
  <svg
    class="year__ring"
    role="img"
    viewBox="-170 -170 340 340"
    :aria-label="words.clock(new Set(rows.map(({ nth }) => nth)).size)"
  >
    <RegionHatches of="year" :size="HATCH" />
    <g v-for="row in rows" :key="row.month" @pointerenter="chosen = row.month" @pointerleave="chosen = null">
      <path :class="`region--${regionLook(row.nth)}`" :d="sector(row.month)" />
      <path
        class="year__sector"
        :class="{ 'year__sector--chosen': chosen === row.month }"
        :fill="`url(#year-hatch-${regionLook(row.nth)})`"
        :d="sector(row.month)"
      />
      <circle class="year__disc" r="15" :cx="point(MIDDLE, row.month).x" :cy="point(MIDDLE, row.month).y" />
      <text class="year__nth" v-bind="point(MIDDLE, row.month)" dy="6">{{ row.nth }}</text>
      <text class="year__name" v-bind="point(OUT + 12, row.month)" dy="5">{{ row.short }}</text>
      <path
        v-if="row.turns"
        class="year__turn"
        :d="`M${at(IN - 8, row.month - 0.5)}L${at(OUT + 4, row.month - 0.5)}`"
      />
    </g>
  </svg>
</template>

<style scoped>
.year__ring {
  width: 100%;
}
.year__sector {
  stroke: rgb(var(--v-theme-ink));
}
.year__sector--chosen {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 4;
}
.year__disc {
  fill: rgb(var(--v-theme-skin));
}
.year__nth,
.year__name {
  text-anchor: middle;
  fill: rgb(var(--v-theme-ink));
  font: 700 18px var(--v-font-heading);
}
.year__name {
  font: 500 14px var(--v-font-heading);
}
.year__turn {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 4;
}
@media (max-width: 1000px) {
  .year__ring {
    max-width: 340px;
  }
}
</style>
