<script setup lang="ts">
import { computed } from 'vue';
import { COVER_NAME, type Water } from '@core';
import CoverPiece from '../../parts/CoverPiece.vue';
import { coverShape, type CoverShape } from '../../parts/cover-shapes';
import { bottomMarks, coverTopM, saidBottom, tintStops } from '../../parts/water-look';
import { useUnits } from '../../composables/useUnits';
import { depthMarks } from './depth-marks';
import * as words from '../../locale/en/tank';

/**
 * What a lure runs through: the water as it is on the sheet of the water, with its tint and how that fades, its cover standing where it stands, and its
 * bottom. Nothing here moves, so that nothing of it is drawn again while something does.
 */
const props = defineProps<{
  water: Water;
  /** begins the ids of what it defines: two waters may stand on one page */
  name: string;
  /** px of the frame */
  left: number;
  right: number;
  surface: number;
  height: number;
  /** px a metre of depth, and the depth the picture ends at */
  perM: number;
  deepM: number;
  /** the bottom along the way, as a closed path, and how deep it is at a place across, px */
  bottom: string;
  bottomAt: (xPx: number) => number;
}>();

const stops = computed(() => tintStops(props.water, props.deepM));
const ground = computed(() =>
  bottomMarks(saidBottom(props.water), props.bottomAt((props.left + props.right) / 2), {
    left: props.left,
    right: props.right,
    height: props.height,
  }),
);
const DENSITY = { sparse: 1, medium: 2, thick: 3 } as const;
/** How far apart pieces of cover stand by how thick it is, px, and how wide one is at most. */
const APART_PX = { sparse: 250, medium: 150, thick: 96 } as const;
const WIDEST_PX = 92;
const NEXT_PX = 40;
interface Piece {
  readonly key: string;
  readonly shape: CoverShape;
}
/** each kind stands again and again along the way, the kinds between each other */
const pieces = computed<readonly Piece[]>(() => {
  const rows = props.water.cover.filter(({ kind }) => kind !== 'open');
  return rows.flatMap((row, nth) => {
    const apart = APART_PX[row.density] * Math.max(1, 0.6 * rows.length);
    const count = Math.max(1, Math.floor((props.right - props.left - NEXT_PX) / apart));
    const topY = props.surface + coverTopM(row, props.water.depthM) * props.perM;
    return Array.from({ length: count }, (_, at): Piece => {
      const x = props.left + NEXT_PX + apart * (at + 0.5) + (apart / rows.length) * (nth - (rows.length - 1) / 2);
      const bottomY = props.bottomAt(x);
      return {
        key: `${row.kind} ${nth} ${at}`,
        shape: coverShape(row.kind, {
          x,
          width: Math.min(WIDEST_PX, apart * 0.8),
          topY: Math.min(topY, bottomY - 4),
          bottomY,
          surfaceY: props.surface,
          density: DENSITY[row.density],
        }),
      };
    }).filter((_, at) => props.left + NEXT_PX + apart * (at + 0.5) < props.right - NEXT_PX / 2);
  });
});
const names = computed(() =>
  props.water.cover.filter(({ kind }) => kind !== 'open').map(({ kind }) => COVER_NAME[kind]),
);
/** waves by the wind: a calm surface is a line */
const WAVE_PX: Readonly<Record<Water['wind'], number>> = { calm: 0, ripple: 2, chop: 5 };
const waves = computed(() => {
  const high = WAVE_PX[props.water.wind];
  const count = Math.floor((props.right - props.left) / 24);
  return `M${props.left} ${props.surface}${high === 0 ? `H${props.right}` : `q6 ${-high} 12 0${'t12 0'.repeat(2 * count - 1)}`}`;
});
const band = computed(() => {
  const { band: wanted } = props.water;
  return wanted
    ? { y: props.surface + wanted.fromM * props.perM, height: (wanted.toM - wanted.fromM) * props.perM }
    : null;
});
const { system } = useUnits();
const ruler = computed(() => depthMarks(props.deepM, props.perM, props.surface, system.value));
</script>

<template>
  <g class="water">
    <defs>
      <linearGradient
        :id="`${name}-tint`"
        gradientUnits="userSpaceOnUse"
        x1="0"
        x2="0"
        :y1="props.surface"
        :y2="props.surface + deepM * perM"
      >
        <stop v-for="stop in stops" :key="stop.at" :offset="stop.at" :stop-color="stop.colour" />
      </linearGradient>
      <pattern :id="`${name}-band`" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V7" class="water__hatch" />
      </pattern>
      <!-- whatever the water is like, a lure is seen before this -->
      <radialGradient :id="`${name}-behind`">
        <stop offset="0.35" stop-color="#fbf6ea" stop-opacity="0.7" />
        <stop offset="1" stop-color="#fbf6ea" stop-opacity="0" />
      </radialGradient>
      <clipPath :id="`${name}-ground`"><path :d="bottom" /></clipPath>
      <clipPath :id="`${name}-water`">
        <path :d="`M${left} 0H${right}V${height}H${left}Z`" />
      </clipPath>
    </defs>
    <rect
      :x="left"
      :y="props.surface"
      :width="right - left"
      :height="height - props.surface"
      :fill="`url(#${name}-tint)`"
    />
    <g v-if="band">
      <rect :x="left" :y="band.y" :width="right - left" :height="band.height" :fill="`url(#${name}-band)`" />
      <text class="water__name" :x="right - 6" :y="band.y + 14" text-anchor="end">{{ words.band }}</text>
    </g>
    <path class="water__bottom" :d="bottom" />
    <g :clip-path="`url(#${name}-ground)`">
      <path :d="ground.d" :class="ground.filled ? 'water__stones' : 'water__grains'" />
    </g>
    <path class="water__edge" :d="bottom" />
    <g :clip-path="`url(#${name}-water)`">
      <CoverPiece v-for="piece in pieces" :key="piece.key" class="water__cover" :shape="piece.shape" thin />
    </g>
    <path class="water__surface" :d="waves" />
    <text v-if="names.length > 0" class="water__name" :x="left + 6" :y="height - 8">{{ names.join(' · ') }}</text>
    <g v-for="mark in ruler" :key="mark.y">
      <path class="water__rule" :d="`M${left - 6} ${mark.y}H${right}`" />
      <text class="water__depth" :x="left - 9" :y="mark.y + 4" text-anchor="end">{{ mark.text }}</text>
    </g>
  </g>
</template>

<style scoped>
.water__name {
  font: 500 13px var(--v-font-heading);
  fill: #1d1712;
  paint-order: stroke;
  stroke: #d9cdb2;
  stroke-width: 4px;
}
.water__rule {
  stroke: rgba(35, 28, 23, 0.22);
}
.water__depth {
  font: 500 13px var(--v-font-heading);
  fill: rgb(var(--v-theme-ink-soft));
}
.water__hatch {
  stroke: rgba(251, 246, 234, 0.5);
}
.water__bottom {
  fill: #8d8168;
}
.water__edge {
  fill: none;
  stroke: #231c17;
}
.water__stones {
  fill: #a59a80;
  stroke: #4d4433;
}
.water__grains {
  fill: none;
  stroke: #4d4433;
  stroke-width: 1.4;
}
.water__cover {
  opacity: 0.62;
}
.water__surface {
  fill: none;
  stroke: #231c17;
  stroke-width: 2;
}
</style>
