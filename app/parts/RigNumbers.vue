<script setup lang="ts">
import { computed } from 'vue';
import {
  driftBandMps,
  fallReport,
  fishesLikeBandOz,
  fishesLikeText,
  lengthText,
  massBandKg,
  massKgFromOz,
  mediumAt,
  rigBody,
  SEMI_TIGHT_USUAL,
  steadyFall,
  type FallReport,
  type Rig,
  type Water,
} from '@core';
import FractionText from './FractionText.vue';
import { useUnits } from '../composables/useUnits';

/** The numbers of a rig, each with its unit and the band it is likely in. */
const props = defineProps<{ rig: Rig; water: Water; fall: FallReport; semiTight?: FallReport }>();
const { system, show, showBand, showHead } = useUnits();

const body = computed(() => rigBody(props.rig));
const medium = computed(() => mediumAt(props.water.temperatureC));
const tight = computed(
  () => props.semiTight ?? fallReport(props.rig, props.water.temperatureC, SEMI_TIGHT_USUAL, props.water.depthM),
);
const drift = computed(() => driftBandMps(body.value, medium.value, steadyFall(body.value, medium.value)));

/** As two heads that are sold; the same head twice is no band. */
const likeBand = computed(() => {
  const band = fishesLikeBandOz(props.rig, medium.value);
  if (!band) return '';
  const [low, high] = [showHead(massKgFromOz(band[0])), showHead(massKgFromOz(band[1]))];
  return low === high ? '' : `${low.replace(/ \w+$/, '')} to ${high}`;
});

/** Seconds change as the speed's band does. */
function secondsBand(fall: FallReport): string {
  if (fall.secondsToBottom === null) return '';
  const [low, high] = fall.bandMps;
  return showBand('time', (fall.secondsToBottom * fall.speedMps) / high, (fall.secondsToBottom * fall.speedMps) / low);
}

const rows = computed(() => [
  {
    title: 'Falls, slack line',
    value: show('speed', props.fall.speedMps),
    band: showBand('speed', ...props.fall.bandMps),
  },
  {
    title: 'Falls, semi-tight',
    value: show('speed', tight.value.speedMps),
    band: showBand('speed', ...tight.value.bandMps),
  },
  {
    title: `To the bottom, ${show('depth', props.water.depthM)}`,
    value: props.fall.secondsToBottom === null ? 'never' : show('time', props.fall.secondsToBottom),
    band: secondsBand(props.fall),
  },
  {
    title: 'Fishes like a plain chunk jig of',
    value: fishesLikeText(props.fall, system.value) ?? 'no such head',
    band: likeBand.value,
  },
  { title: 'Drifts while falling', value: show('speed', props.fall.driftMps), band: showBand('speed', ...drift.value) },
  {
    title: 'Weighs, all told',
    value: show('mass', body.value.massKg),
    band: showBand('mass', ...massBandKg(props.rig, body.value)),
  },
  { title: 'Nose to tail', value: lengthText(body.value.lengthM, system.value), band: '' },
]);
</script>

<template>
  <dl class="rig-numbers">
    <div v-for="row in rows" :key="row.title">
      <dt>{{ row.title }}</dt>
      <dd>
        <span class="number"><FractionText :text="row.value" /></span>
        <small v-if="row.band" class="soft"> likely <FractionText :text="row.band" /></small>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.rig-numbers > div {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 3px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.rig-numbers dd {
  margin: 0;
  text-align: right;
}
.rig-numbers .number {
  font-size: 19px;
}
</style>
