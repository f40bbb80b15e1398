<script setup lang="ts">
import FractionText from '../../../parts/FractionText.vue';
import { regionLook } from '../../../parts/region-look';
import type { LegendRow } from './useMapRegions';
import * as words from '../../../locale/en/map';

/** The rigs of a map by number: how much of it is theirs, and what of today's rig is changed for them. */
defineProps<{ rows: readonly LegendRow[] }>();
</script>

<template>
  <ol tabindex="0" class="map__legend" :aria-label="words.regions">
    <li v-for="row in rows" :key="row.nth">
      <b class="number">{{ row.nth }}</b>
      <svg class="map__swatch" viewBox="0 0 4 2" aria-hidden="true">
        <rect width="4" height="2" :class="`region--${regionLook(row.nth)}`" />
        <rect width="4" height="2" :fill="`url(#map-hatch-${regionLook(row.nth)})`" />
      </svg>
      <span>
        <FractionText :text="row.title" /> <span class="soft">{{ row.says }}</span>
      </span>
    </li>
  </ol>
</template>

<style scoped>
.map__legend {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 410px;
  overflow-y: auto;
}
.map__legend li {
  display: grid;
  grid-template-columns: 22px 40px 1fr;
  gap: 8px;
  align-items: start;
  padding: 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.map__swatch {
  width: 40px;
  height: 20px;
  border: 1px solid rgb(var(--v-theme-ink));
}
</style>
