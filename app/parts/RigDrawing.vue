<script setup lang="ts">
import { computed } from 'vue';
import { rigBody, rigOutline, type Rig, type View } from '@core';
import OutlineDrawing from './OutlineDrawing.vue';

/** A rig at true scale against the others; `ruled` puts a rule under it. */
const props = withDefaults(
  defineProps<{ rig: Rig; view?: View; frameMm?: number; ruled?: boolean; label: string; tall?: boolean }>(),
  { view: 'side', frameMm: 165, ruled: false, tall: false },
);
const outline = computed(() => rigOutline(props.rig, rigBody(props.rig), props.view));
</script>

<template>
  <OutlineDrawing
    :class="{ 'rig-drawing--tall': tall }"
    :outline="outline"
    :frame-mm="frameMm"
    :ruled="ruled"
    :label="label"
  />
</template>
