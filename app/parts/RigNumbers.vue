<script setup lang="ts">
import { computed } from 'vue';
import { fallReport, fishesLikeText, rigBody, SEMI_TIGHT_USUAL, type FallReport, type Rig, type Water } from '@core';
import FractionText from './FractionText.vue';
import { useUnits } from '../composables/useUnits';

/** The numbers of a rig, each with its unit, and its band where the model knows one. */
const props = defineProps<{ rig: Rig; water: Water; fall: FallReport; semiTight?: FallReport }>();
const { system, show, showBand } = useUnits();

const body = computed(() => rigBody(props.rig));
const tight = computed(
  () => props.semiTight ?? fallReport(props.rig, props.water.temperatureC, SEMI_TIGHT_USUAL, props.water.depthM),
);

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
    band: '',
  },
  { title: 'Drifts while falling', value: show('speed', props.fall.driftMps), band: '' },
  { title: 'Weighs, all told', value: show('mass', body.value.massKg), band: '' },
  { title: 'Nose to tail', value: show('partLength', body.value.lengthM), band: '' },
]);
</script>

<template>
  <dl class="rig-numbers">
    <div v-for="row in rows" :key="row.title">
      <dt>{{ row.title }}</dt>
      <dd>
        <span class="number"><FractionText :text="row.value" /></span>
        <small v-if="row.band" class="soft"> likely {{ row.band }}</small>
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
