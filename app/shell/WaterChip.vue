<script setup lang="ts">
import { computed } from 'vue';
import { COVER_NAME } from '@core';
import { useUnits } from '../composables/useUnits';
import { useWater } from '../stores/water';
import { tintOf } from '../parts/tint';
import * as words from '../locale/en/frame';

/** The water at hand, at the top of every station; one click edits it. */
const store = useWater();
const { show } = useUnits();

const text = computed(() => {
  const { temperatureC, visibilityM, depthM } = store.water;
  const cover = store.compiled.facts.mainCover;
  const others = store.water.cover.filter(({ kind }) => kind !== 'open' && kind !== cover?.kind).length;
  return [
    show('temperature', temperatureC),
    show('visibility', visibilityM),
    show('depth', depthM),
    cover ? words.coverOf(COVER_NAME[cover.kind], others) : words.noCover,
  ].join(' · ');
});
</script>

<template>
  <RouterLink class="chip" to="/water" :aria-label="words.editTheWater(text)">
    <span class="chip__tint" :style="{ background: tintOf(store.water.visibilityM) }" aria-hidden="true" />
    <span class="number">{{ text }}</span>
  </RouterLink>
</template>

<style scoped>
.chip {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 16px;
  min-height: 48px;
  background: rgb(var(--v-theme-shade));
  font-size: 17px;
}
.chip .number {
  font-weight: 600;
}
.chip__tint {
  width: 17px;
  height: 24px;
  border: 1px solid rgb(var(--v-theme-ink));
}
</style>
