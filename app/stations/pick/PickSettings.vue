<script setup lang="ts">
import { computed } from 'vue';
import { SCHOOLS, SCHOOL_NAME, weightSchool, type WeightSchool } from '@core';
import { useBox } from '../../stores/box';
import { useSettings } from '../../stores/settings';
import { useWater } from '../../stores/water';

/** What picks are made from, and which school answers on weight. */
const settings = useSettings();
const water = useWater();
const box = useBox();

const source = computed({
  get: () => settings.settings.source,
  set: (value) => void settings.change({ source: value }),
});
const sources = computed(() => [
  { value: 'box' as const, title: `my box (${box.count})` },
  { value: 'catalogue' as const, title: 'every kind there is' },
]);
/** 'water' leaves the question to temperature, mood and aim. */
const school = computed({
  get: () => water.water.schools?.weight ?? 'water',
  set: (weight: WeightSchool | 'water') => void water.change({ schools: weight === 'water' ? {} : { weight } }),
});
const schools = computed(() => [
  { value: 'water' as const, title: `${SCHOOL_NAME[weightSchool(withoutChoice.value).school]} (by the water)` },
  ...SCHOOLS.weight.map((value) => ({ value, title: SCHOOL_NAME[value] })),
]);
const withoutChoice = computed(() => ({ ...water.water, schools: {} }));
</script>

<template>
  <div class="settings">
    <v-select v-model="source" :items="sources" label="Pick from" />
    <v-select v-model="school" :items="schools" label="On weight" />
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-top: 8px;
}
</style>
