<script setup lang="ts">
import { computed } from 'vue';
import { lengthMFromIn, mmFromLengthM } from '@core';
import { useUnits } from '../composables/useUnits';

/** A rule in the drawing's own millimetres, marked in inches or centimetres. */
const props = defineProps<{ y: number; lengthMm: number }>();
const { system } = useUnits();

const unitMm = computed(() => (system.value === 'us' ? mmFromLengthM(lengthMFromIn(1)) : 10));
const parts = computed(() => (system.value === 'us' ? 8 : 10));
const ticks = computed(() => {
  const stepMm = unitMm.value / parts.value;
  return Array.from({ length: Math.floor(props.lengthMm / stepMm) + 1 }, (_, index) => ({
    x: index * stepMm,
    whole: index % parts.value === 0,
    half: index % (parts.value / 2) === 0,
    number: index / parts.value,
  }));
});
</script>

<template>
  <g class="rule" aria-hidden="true">
    <rect x="0" :y="y" :width="lengthMm" height="8" />
    <line
      v-for="tick in ticks"
      :key="tick.x"
      :x1="tick.x"
      :x2="tick.x"
      :y1="y"
      :y2="y + (tick.whole ? 3.6 : tick.half ? 2.4 : 1.5)"
    />
    <text
      v-for="tick in ticks.filter(({ whole, number }) => whole && number > 0)"
      :key="`n${tick.x}`"
      :x="tick.x - 0.8"
      :y="y + 7"
      text-anchor="end"
    >
      {{ tick.number }}
    </text>
    <text x="1" :y="y + 7">{{ system === 'us' ? 'in' : 'cm' }}</text>
  </g>
</template>

<style scoped>
.rule rect {
  fill: rgba(var(--v-theme-brass), 0.3);
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 0.4;
}
.rule line {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 0.3;
}
.rule text {
  fill: rgb(var(--v-theme-ink));
  font: 600 3.6px var(--v-font-heading);
}
</style>
