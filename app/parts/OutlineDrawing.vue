<script setup lang="ts">
import { computed } from 'vue';
import type { Outline, OutlineShape } from '@core';
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

/** Drawn thickness: a line on the drawing board never thinner than can be seen. */
const stroke = (shape: OutlineShape): number => shape.strokeMm ?? 0.45;
/** Strands are darkened, every other one more, so that a skirt shows on a trailer of its own colour. */
const DARKER: Partial<Record<OutlineShape['part'], number>> = { skirt: 14, 'skirt-shade': 46 };
const paint = ({ part, swatch }: OutlineShape): string | undefined =>
  DARKER[part] === undefined ? swatch : `color-mix(in srgb, ${swatch}, black ${DARKER[part]}%)`;
const isOutline = (shape: OutlineShape): boolean => shape.strokeMm === undefined;
</script>

<template>
  <svg class="rig-drawing" :viewBox="box" role="img" :aria-label="label">
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
