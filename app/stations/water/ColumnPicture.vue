<script setup lang="ts">
import CoverPiece from '../../parts/CoverPiece.vue';
import { FRAME, THERMOMETER, yOfTemp } from './column-scale';
import { DISC_X, type Column } from './useColumn';
import * as words from '../../locale/en/water';
import { isAssumed, NAME } from '@core';

/** A cut through the real water: depth ruler, disc where it vanishes, tint, bottom, cover at its tops, thermometer. */
defineProps<{ column: Column }>();
</script>

<template>
  <g class="column">
    <defs>
      <linearGradient
        id="column-tint"
        gradientUnits="userSpaceOnUse"
        x1="0"
        x2="0"
        :y1="FRAME.surfaceY"
        :y2="FRAME.floorY"
      >
        <stop v-for="stop in column.stops" :key="stop.at" :offset="stop.at" :stop-color="stop.colour" />
      </linearGradient>
      <pattern id="column-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <rect width="2.2" height="6" class="column__hatch" />
      </pattern>
    </defs>

    <g aria-hidden="true">
      <text class="column__unit" x="4" y="22">{{ words.depthUnit[column.system] }}</text>
      <rect
        :x="FRAME.left"
        :y="FRAME.surfaceY"
        :width="FRAME.right - FRAME.left"
        :height="column.bottomY - FRAME.surfaceY"
        fill="url(#column-tint)"
      />
      <rect
        class="column__ground"
        :x="FRAME.left"
        :y="column.bottomY"
        :width="FRAME.right - FRAME.left"
        :height="FRAME.height - column.bottomY"
      />
      <path :d="column.bottom.d" :class="column.bottom.filled ? 'column__stones' : 'column__grains'" />
      <path
        class="column__edge"
        :class="{ 'column__edge--unsaid': isAssumed(column.water, 'bottom') }"
        :d="`M${FRAME.left} ${column.bottomY}H${FRAME.right}`"
      />
      <CoverPiece v-for="cover in column.covers" :key="cover.at" :shape="cover.shape" />
      <path
        class="column__surface"
        :d="`M${FRAME.left} ${FRAME.surfaceY}q16.4 -5 32.75 0t32.75 0t32.75 0t32.75 0t32.75 0t32.75 0t32.75 0t32.75 0`"
      />
      <g v-for="mark in column.marks" :key="mark.depthM">
        <path
          class="column__mark"
          :d="`M${FRAME.left} ${mark.y}h${mark.rank === 2 ? -16 : mark.rank === 1 ? -10 : -6}`"
        />
        <text v-if="mark.text" class="column__depth" :x="FRAME.left - 22" :y="mark.y + 6">{{ mark.text }}</text>
      </g>
      <rect class="column__band-back" :x="FRAME.left + 3" :y="column.band.y" width="11" :height="column.band.height" />
      <rect
        class="column__band"
        :class="{ 'column__band--ghost': column.mine }"
        :x="FRAME.left + 3"
        :y="column.band.y"
        width="11"
        :height="column.band.height"
        :fill="column.mine ? 'none' : 'url(#column-hatch)'"
      />
      <g v-if="column.mine" data-testid="depth-in-hand">
        <rect class="column__mine" :x="FRAME.left + 3" :y="column.mine.y" width="11" :height="column.mine.height" />
        <text class="column__label" :x="FRAME.left + 20" :y="column.mine.y + column.mine.height / 2 + 5">
          {{ words.yourDepth }}
        </text>
      </g>
      <g v-if="column.usual">
        <circle class="column__usual" :cx="DISC_X" :cy="column.usual.y" r="20" />
        <text class="column__label" :x="DISC_X + 24" :y="column.usual.y + 5">
          {{ words.usual }} {{ column.show('visibility', column.usual.usualVisibilityM) }}
        </text>
      </g>
      <path class="column__string" :d="`M${DISC_X} ${FRAME.surfaceY}V${column.discY}`" />
      <circle class="column__disc" :cx="DISC_X" :cy="column.discY" r="20" />
      <g class="column__tag" :transform="`translate(${DISC_X - 36} ${column.discY + 24})`">
        <rect width="72" height="36" />
        <text x="6" y="17" class="column__tag-number">{{ column.show('visibility', column.water.visibilityM) }}</text>
        <text x="6" y="31" class="column__tag-word">{{ column.beyond ? words.pastTheBottom : column.clarity }}</text>
      </g>
      <g v-for="cover in column.covers" :key="`name-${cover.at}`" class="column__tag">
        <rect :x="cover.x - 38" :y="column.bottomY - 18" width="76" height="16" />
        <text class="column__tag-word" text-anchor="middle" :x="cover.x" :y="column.bottomY - 6">{{ cover.name }}</text>
      </g>
      <rect
        class="column__glass"
        :x="THERMOMETER.x - 6"
        :y="THERMOMETER.topY - 8"
        width="12"
        :height="THERMOMETER.bottomY - THERMOMETER.topY + 16"
        rx="6"
      />
      <rect
        class="column__mercury"
        :x="THERMOMETER.x - 3"
        :y="yOfTemp(column.water.temperatureC)"
        width="6"
        :height="THERMOMETER.bottomY + 6 - yOfTemp(column.water.temperatureC)"
        rx="3"
      />
      <text class="column__temp" text-anchor="middle" :x="THERMOMETER.x" :y="THERMOMETER.topY - 20">
        {{ column.show('temperature', column.water.temperatureC) }}
      </text>
      <text
        class="column__tag-word column__depth-tag"
        text-anchor="end"
        :x="FRAME.right - 14"
        :y="Math.min(column.bottomY + 22, FRAME.height - 8)"
      >
        {{ column.show('depth', column.water.depthM) }} ·
        {{ isAssumed(column.water, 'bottom') ? words.bottomNotSaid : NAME[column.water.bottom] }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.column {
  font-family: var(--v-font-heading);
}
.column text {
  fill: rgb(var(--v-theme-ink));
}
.column__unit,
.column__label {
  font-size: 14px;
}
.column__depth {
  font-size: 19px;
  font-weight: 700;
  text-anchor: end;
}
.column__mark,
.column__edge,
.column__surface {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
}
.column__mark {
  stroke-width: 1.3;
}
.column__surface,
.column__edge {
  stroke-width: 2;
}
.column__edge--unsaid {
  stroke-dasharray: 9 5;
}
.column__ground {
  fill: #8d8168;
}
.column__stones {
  fill: #a59a80;
  stroke: #4d4433;
}
.column__grains {
  fill: none;
  stroke: #4d4433;
  stroke-width: 1.4;
}
.column__string {
  stroke: #fbf6ea;
  stroke-width: 1.4;
}
.column__disc {
  fill: rgba(251, 246, 234, 0.72);
  stroke: #fbf6ea;
  stroke-width: 1.5;
  stroke-dasharray: 4 3;
}
.column__usual {
  fill: none;
  stroke: #fbf6ea;
  stroke-width: 1.5;
  stroke-dasharray: 2 4;
}
.column .column__label {
  fill: #fbf6ea;
  paint-order: stroke;
  stroke: #231c17;
  stroke-width: 3px;
}
.column__tag rect {
  fill: rgb(var(--v-theme-skin));
  stroke: rgb(var(--v-theme-ink));
}
.column__tag-number {
  font-size: 18px;
  font-weight: 700;
}
.column__tag-word {
  font-size: 13px;
  font-weight: 500;
}
.column .column__depth-tag {
  fill: #1d1712;
  font-size: 15px;
  font-weight: 700;
  paint-order: stroke;
  stroke: #a59a80;
  stroke-width: 4px;
}
.column__hatch {
  fill: rgb(var(--v-theme-bottle));
}
.column__band-back {
  fill: rgb(var(--v-theme-skin));
}
.column__band {
  stroke: rgb(var(--v-theme-bottle));
}
.column__band--ghost {
  stroke-dasharray: 3 2;
}
.column__mine {
  fill: rgb(var(--v-theme-bottle));
  stroke: rgb(var(--v-theme-skin));
}
.column__glass {
  fill: rgb(var(--v-theme-skin));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2;
}
.column__mercury {
  fill: rgb(var(--v-theme-oxblood));
}
.column__temp {
  font-size: 24px;
  font-weight: 700;
}
</style>
