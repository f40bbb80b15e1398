<script setup lang="ts">
import { computed } from 'vue';
import { momentAt, type Film } from '@core';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/tank';

/** What the lure does at this moment, and what the whole way back comes to. */
const props = defineProps<{ film: Film; timeS: number; inBandS: number | null }>();
const { show } = useUnits();
const moment = computed(() => momentAt(props.film, props.timeS));
const rows = computed(() => {
  const { zM, xM, speedMps, beatHz, noseUpRad, flareM } = moment.value;
  const deg = (noseUpRad * 180) / Math.PI;
  return [
    [words.depth, show('depth', zM)],
    [words.distance, show('depth', xM)],
    [words.throughTheWater, show('speed', speedMps)],
    [deg < -0.5 ? words.noseDown : words.noseUp, words.degrees(deg)],
    ...(beatHz > 0
      ? [[props.film.prepared.lure.body.frame?.kind === 'spinner' ? words.turns : words.beats, beatHz.toFixed(1)]]
      : []),
    ...(flareM > 0 ? [[words.skirtWide, show('partLength', flareM)]] : []),
  ];
});
const whole = computed(() => {
  const { midCastDepthM, maxDepthM, bottomContacts, coverContacts } = props.film.done;
  return [
    [words.midCast, midCastDepthM === null ? '–' : show('depth', midCastDepthM)],
    [words.deepest, show('depth', maxDepthM)],
    ...(props.inBandS === null ? [] : [[words.inBand, words.seconds(props.inBandS)]]),
    [words.contacts, String(bottomContacts + coverContacts)],
  ];
});
</script>

<template>
  <dl class="now">
    <div v-for="[name, value] in [...whole, ...rows]" :key="name" class="now__row">
      <dt>{{ name }}</dt>
      <dd class="number">{{ value }}</dd>
    </div>
  </dl>
</template>

<style scoped>
.now {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 22px;
  padding: 4px 14px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.now__row {
  display: flex;
  gap: 7px;
  align-items: baseline;
}
.now__row dt {
  font: 500 14px var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.now__row dd {
  font-size: 18px;
  min-width: 3.2em;
}
</style>
