<script setup lang="ts">
import { computed } from 'vue';
import { useUnits } from '../../composables/useUnits';

/** The ruled paper under a build: squares of half an inch or a centimetre, one line of them where the ruler begins. */
const props = defineProps<{ widthMm: number; heightMm: number; ruleX: number }>();
const { system } = useUnits();
const squareMm = computed(() => (system.value === 'us' ? 12.7 : 10));
/** Places of the lines within a length, from the one that stands at `from`, modulo a square. */
const linesOn = (lengthMm: number, from: number): number[] =>
  Array.from(
    { length: Math.ceil(lengthMm / squareMm.value) + 2 },
    (_, at) => (from % squareMm.value) + (at - 1) * squareMm.value,
  ).filter((place) => place > 0 && place < lengthMm);
const paper = computed(() => ({ x: linesOn(props.widthMm, props.ruleX), y: linesOn(props.heightMm, 0) }));
</script>

<template>
  <g v-memo="[paper]" class="paper" aria-hidden="true">
    <line v-for="x in paper.x" :key="`x${x}`" :x1="x" :x2="x" y1="0" :y2="heightMm" />
    <line v-for="y in paper.y" :key="`y${y}`" :y1="y" :y2="y" x1="0" :x2="widthMm" />
  </g>
</template>

<style scoped>
.paper line {
  stroke: rgb(var(--v-theme-rule));
  stroke-width: 0.15;
  opacity: 0.55;
}
</style>
