<script setup lang="ts">
import { computed } from 'vue';
import type { Band, Banded, Film, Measure, Moment } from '@core';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/tank';

/** What the whole way back comes to, and what the lure does at this moment; with how sure each is as soon as that is known. */
const props = defineProps<{
  film: Film;
  moment: Moment;
  numbers: Readonly<Record<Measure, Banded>> | null;
  depthBand: Band | null;
}>();
const { show, showAround } = useUnits();

/** A name, a number and its band. */
type Row = readonly [name: string, value: string, band: string];
const whole = computed((): readonly Row[] => {
  const { midCastDepthM, maxDepthM, bottomContacts, coverContacts } = props.film.done;
  const of = (measure: Measure): Banded | undefined => props.numbers?.[measure];
  const inBand = of('in-band');
  return [
    [
      words.midCast,
      midCastDepthM === null ? '–' : show('depth', midCastDepthM),
      showAround('depth', of('mid-depth')?.band),
    ],
    [words.deepest, show('depth', maxDepthM), showAround('depth', of('max-depth')?.band)],
    ...(inBand === undefined || inBand.value === null
      ? []
      : [[words.inBand, words.seconds(inBand.value), words.secondsAround(inBand.band)] as const]),
    [words.contacts, String(bottomContacts + coverContacts), ''],
  ];
});
const now = computed((): readonly Row[] => {
  const { zM, xM, speedMps, beatHz, noseUpRad, flareM } = props.moment;
  const deg = (noseUpRad * 180) / Math.PI;
  const turns = props.film.prepared.lure.body.frame?.kind === 'spinner' ? words.turns : words.beats;
  return [
    [words.depth, show('depth', zM), showAround('depth', props.depthBand)],
    [words.distance, show('depth', xM), ''],
    [words.throughTheWater, show('speed', speedMps), ''],
    [deg < -0.5 ? words.noseDown : words.noseUp, words.degrees(deg), ''],
    ...(beatHz > 0 ? [[turns, beatHz.toFixed(1), ''] as const] : []),
    ...(flareM > 0 ? [[words.skirtWide, show('partLength', flareM), ''] as const] : []),
  ];
});
</script>

<template>
  <dl class="now">
    <div v-for="[name, value, band] in [...whole, ...now]" :key="name" class="now__row">
      <dt>{{ name }}</dt>
      <dd>
        <span class="number now__value" :class="{ 'now__value--alone': band === '' }">{{ value }}</span>
        <span v-if="band" class="soft now__band">{{ band }}</span>
      </dd>
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
.now__value {
  display: inline-block;
  font-size: 18px;
}
.now__value--alone {
  min-width: 3.2em;
}
.now__band {
  margin-left: 6px;
}
</style>
