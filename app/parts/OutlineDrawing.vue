<script setup lang="ts">
import { computed } from 'vue';
import type { Outline } from '@core';
import OutlinePaths from './OutlinePaths.vue';
import RigDrawingRule from './RigDrawingRule.vue';

/**
 * A drawing at true scale against its neighbours: `frameMm` millimetres always span the same width. `ruled` puts a rule under
 * it; `snug` fits the frame to what is drawn, for small pictures beside a name.
 */
const props = withDefaults(
  defineProps<{ outline: Outline; frameMm: number; ruled?: boolean; snug?: boolean; label: string }>(),
  { ruled: false, snug: false },
);

const MARGIN_MM = 5;
const top = computed(() => (props.snug ? props.outline.bounds.y : Math.min(-14, props.outline.bounds.y)) - 1.5);
const bottom = computed(() => {
  const { y, height } = props.outline.bounds;
  return (props.snug ? y + height : Math.max(12, y + height)) + 1.5;
});
const ruleMm = computed(() => (props.ruled ? 11 : 0));
const box = computed(() => {
  const left = props.snug ? props.outline.bounds.x - 1 : Math.min(-MARGIN_MM, props.outline.bounds.x - 1);
  const width = props.snug ? props.outline.bounds.width + 2 : props.frameMm + MARGIN_MM;
  return `${left} ${top.value} ${width} ${bottom.value - top.value + ruleMm.value}`;
});
</script>

<template>
  <svg class="rig-drawing" :viewBox="box" role="img" :aria-label="label">
    <OutlinePaths :shapes="outline.shapes" />
    <RigDrawingRule v-if="ruled" :y="bottom + 1" :length-mm="frameMm - 12" />
  </svg>
</template>

<style scoped>
.rig-drawing {
  display: block;
  width: 100%;
  height: auto;
  overflow: visible;
}
</style>
