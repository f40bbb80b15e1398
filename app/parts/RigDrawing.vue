<script setup lang="ts">
import { computed } from 'vue';
import { rigBody, rigOutline, type OutlineShape, type Rig, type View } from '@core';
import RigDrawingRule from './RigDrawingRule.vue';

/**
 * A rig at true scale against the others: `frameMm` millimetres always span the same width, whatever the rig.
 * `ruled` puts a rule under it.
 */
const props = withDefaults(
  defineProps<{ rig: Rig; view?: View; frameMm?: number; ruled?: boolean; label: string; tall?: boolean }>(),
  { view: 'side', frameMm: 165, ruled: false, tall: false },
);

const MARGIN_MM = 5;
const outline = computed(() => rigOutline(props.rig, rigBody(props.rig), props.view));
const top = computed(() => Math.min(-14, outline.value.bounds.y) - 1.5);
const bottom = computed(() => Math.max(12, outline.value.bounds.y + outline.value.bounds.height) + 1.5);
const ruleMm = computed(() => (props.ruled ? 11 : 0));
const box = computed(() => {
  const left = Math.min(-MARGIN_MM, outline.value.bounds.x - 1);
  return `${left} ${top.value} ${props.frameMm + MARGIN_MM} ${bottom.value - top.value + ruleMm.value}`;
});

/** Drawn thickness: a line on the drawing board never thinner than can be seen. */
const stroke = (shape: OutlineShape): number => shape.strokeMm ?? 0.45;
/** Strands are darkened, every other one more, so that a skirt shows on a trailer of its own colour. */
const DARKER: Partial<Record<OutlineShape['part'], number>> = { skirt: 14, 'skirt-shade': 46 };
const paint = ({ part, swatch }: OutlineShape): string | undefined =>
  DARKER[part] === undefined ? swatch : `color-mix(in srgb, ${swatch}, black ${DARKER[part]}%)`;
const isOutline = (shape: OutlineShape): boolean => shape.strokeMm === undefined;
</script>

<template>
  <svg class="rig-drawing" :class="{ 'rig-drawing--tall': tall }" :viewBox="box" role="img" :aria-label="label">
    <path
      v-for="(shape, index) in outline.shapes"
      :key="index"
      :d="shape.d"
      :class="`rig-drawing__${shape.part}`"
      :style="{
        fill: isOutline(shape) ? (shape.swatch ?? undefined) : 'none',
        stroke: isOutline(shape) ? undefined : paint(shape),
        strokeWidth: `${stroke(shape)}`,
      }"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
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
.rig-drawing path {
  stroke: rgb(var(--v-theme-ink));
}
.rig-drawing__head {
  fill: rgb(var(--v-theme-lead));
}
.rig-drawing .rig-drawing__skirt {
  opacity: 0.92;
}
.rig-drawing__guard {
  opacity: 0.75;
}
</style>
