<script setup lang="ts">
import { computed } from 'vue';
import { clarityOf, effectiveVisibilityM, WATER_LIMITS } from '@core';
import UnitField from '../../parts/UnitField.vue';
import { tintOf } from '../../parts/tint';
import { useWater } from '../../stores/water';

const store = useWater();

const field = (name: 'temperatureC' | 'visibilityM' | 'depthM') =>
  computed({ get: () => store.water[name], set: (value: number) => void store.change({ [name]: value }) });
const temperatureC = field('temperatureC');
const visibilityM = field('visibilityM');
const depthM = field('depthM');

const clarity = computed(() => {
  const word = clarityOf(store.water.visibilityM);
  const seen = clarityOf(effectiveVisibilityM(store.water.visibilityM, store.water.sky));
  return seen === word ? word : `${word}; in this light it fishes like ${seen}`;
});
</script>

<template>
  <div class="numbers">
    <UnitField
      v-model="temperatureC"
      label="Water temperature"
      quantity="temperature"
      v-bind="WATER_LIMITS.temperatureC"
    />
    <UnitField
      v-model="visibilityM"
      label="Visibility"
      quantity="visibility"
      v-bind="WATER_LIMITS.visibilityM"
      hint="how deep a pale disc is still seen"
    />
    <p class="numbers__clarity">
      <span class="numbers__tint" :style="{ background: tintOf(store.water.visibilityM) }" aria-hidden="true" />
      <span>{{ clarity }}</span>
    </p>
    <UnitField v-model="depthM" label="Depth" quantity="depth" v-bind="WATER_LIMITS.depthM" />
  </div>
</template>

<style scoped>
.numbers {
  display: grid;
  gap: 10px;
}
.numbers__clarity {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: -6px;
}
.numbers__tint {
  flex: none;
  width: 44px;
  height: 16px;
  border: 1px solid rgb(var(--v-theme-ink));
}
</style>
