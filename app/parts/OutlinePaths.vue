<script setup lang="ts">
import '../theme/outline.css';
import type { OutlineShape } from '@core';

/** The paths of a drawing in its own millimetres, painted the same everywhere. */
defineProps<{ shapes: readonly OutlineShape[] }>();

/** Drawn thickness: a line on the drawing board never thinner than can be seen. */
const stroke = (shape: OutlineShape): number => shape.strokeMm ?? 0.45;
/** Strands are darkened, by night lightened, every other one more, so that a skirt shows on a trailer of its own colour. */
const DARKER: Partial<Record<OutlineShape['part'], number>> = { skirt: 14, 'skirt-shade': 46 };
const paint = ({ part, swatch }: OutlineShape): string | undefined =>
  DARKER[part] === undefined ? swatch : `color-mix(in srgb, ${swatch}, var(--outline-strand, black) ${DARKER[part]}%)`;
const isOutline = (shape: OutlineShape): boolean => shape.strokeMm === undefined;
</script>

<template>
  <g class="outline">
    <path
      v-for="(shape, index) in shapes"
      :key="index"
      v-memo="[shape.d, shape.part, shape.swatch, shape.strokeMm]"
      :d="shape.d"
      :class="`outline__${shape.part}`"
      :style="{
        fill: isOutline(shape) ? (shape.swatch ?? undefined) : 'none',
        stroke: isOutline(shape) ? undefined : paint(shape),
        strokeWidth: `${stroke(shape)}`,
      }"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </g>
</template>
