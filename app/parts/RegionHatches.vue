<script setup lang="ts">
import { REGION_LOOKS } from './region-look';

/** The hatches that tell regions as their colours do: by direction and by how close they lie. */
const { size = 1 } = defineProps<{
  /** what the hatches are of: their ids begin with it */
  of: string;
  /** a hatch in units of the drawing */
  size?: number;
}>();
</script>

<template>
  <defs>
    <pattern
      v-for="nth in REGION_LOOKS"
      :id="`${of}-hatch-${nth - 1}`"
      :key="nth"
      width="1.4"
      height="1.4"
      patternUnits="userSpaceOnUse"
      :patternTransform="`rotate(${(nth * 45) % 180}) scale(${size * (nth > 4 ? 0.6 : 1)})`"
    >
      <path d="M0 0V1.4" class="region-hatch" />
    </pattern>
  </defs>
</template>

<style>
.region-hatch {
  stroke: rgba(var(--v-theme-ink), 0.5);
  stroke-width: 0.12;
}
.region--0 {
  fill: rgba(var(--v-theme-bottle), 0.22);
}
.region--1 {
  fill: rgba(var(--v-theme-brass), 0.34);
}
.region--2 {
  fill: rgba(var(--v-theme-oxblood), 0.2);
}
.region--3 {
  fill: rgba(var(--v-theme-ink), 0.12);
}
.region--4 {
  fill: rgba(var(--v-theme-bottle), 0.45);
}
.region--5 {
  fill: rgba(var(--v-theme-brass), 0.58);
}
.region--6 {
  fill: rgba(var(--v-theme-oxblood), 0.4);
}
.region--7 {
  fill: rgba(var(--v-theme-ink), 0.28);
}
</style>
