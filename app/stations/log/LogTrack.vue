<script setup lang="ts">
import { computed } from 'vue';
import { displayUnit, type KeptOuting } from '@core';
import LineChart from '../../parts/LineChart.vue';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/log';

/** Depth along the track of a sounder. */
const props = defineProps<{ track: NonNullable<KeptOuting['track']> }>();
const { system } = useUnits();
const MOST = 300;
const unit = computed(() => displayUnit('depth', system.value));
const lines = computed(() => {
  const every = Math.max(1, Math.ceil(props.track.length / MOST));
  return [
    {
      name: words.trackOf,
      isOwn: true,
      points: props.track
        .filter((_, at) => at % every === 0)
        .map(([s, , , depthM]): readonly [number, number | null, null] => [
          s / 60,
          depthM === null ? null : unit.value.fromSi(depthM),
          null,
        ]),
    },
  ];
});
</script>

<template>
  <LineChart :lines="lines" :x-name="words.minutes" :y-name="unit.unit" down :label="words.trackOf" />
</template>
