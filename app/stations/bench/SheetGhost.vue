<script setup lang="ts">
import { computed } from 'vue';
import type { BenchView, Rig } from '@core';
import OutlinePaths from '../../parts/OutlinePaths.vue';
import { ghostShapes } from './useSheet';

/** What is proposed, in broken lines over the build, where the two differ. */
const props = defineProps<{ view: BenchView; now: Rig; ghost: Rig }>();
const shapes = computed(() => ghostShapes(props.view, props.now, props.ghost));
</script>

<template>
  <OutlinePaths v-if="shapes.length > 0" class="sheet-ghost" :shapes="shapes" :data-testid="`ghost-${view}`" />
</template>

<style scoped>
.sheet-ghost :deep(path) {
  fill: none !important;
  stroke: rgb(var(--v-theme-oxblood)) !important;
  stroke-width: 0.5 !important;
  stroke-dasharray: 2.2 1.4;
  pointer-events: none;
}
</style>
