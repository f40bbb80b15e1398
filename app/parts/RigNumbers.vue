<script setup lang="ts">
import { computed } from 'vue';
import {
  driftBandMps,
  fallReport,
  fishesLikeBandOz,
  fishesLikeText,
  frameStartMps,
  KICK_ONSET_BAND,
  lengthText,
  massBandKg,
  massKgFromOz,
  mediumOf,
  onsetOfMps,
  rigBody,
  SEMI_TIGHT_USUAL,
  steadyFall,
  VANE_START_BAND,
  type FallReport,
  type Has,
  type ReeledBands,
  type Rig,
  type Water,
} from '@core';
import FractionText from './FractionText.vue';
import { useUnits } from '../composables/useUnits';
import * as words from '../locale/en/parts';

/** The numbers of a rig, each with its unit and the band it is likely in. */
const props = defineProps<{
  rig: Rig;
  water: Water;
  fall: FallReport;
  semiTight?: FallReport;
  /** what it has and how sure that is, where it is reeled */
  has: Has;
  bands: ReeledBands;
}>();
const { system, show, showBand, showHead } = useUnits();

const body = computed(() => rigBody(props.rig));
const medium = computed(() => mediumOf(props.water));
const tight = computed(
  () => props.semiTight ?? fallReport(props.rig, medium.value, SEMI_TIGHT_USUAL, props.water.depthM),
);
const drift = computed(() => driftBandMps(body.value, medium.value, steadyFall(body.value, medium.value)));

/** As two heads that are sold; the same head twice is no band. */
const likeBand = computed(() => {
  const band = fishesLikeBandOz(props.rig, medium.value);
  if (!band) return '';
  const [low, high] = [showHead(massKgFromOz(band[0])), showHead(massKgFromOz(band[1]))];
  return low === high ? '' : words.range(low.replace(/ \w+$/, ''), high);
});

/** Seconds change as the speed's band does. */
function secondsBand(fall: FallReport): string {
  if (fall.secondsToBottom === null) return '';
  const [low, high] = fall.bandMps;
  return showBand('time', (fall.secondsToBottom * fall.speedMps) / high, (fall.secondsToBottom * fall.speedMps) / low);
}

/** Nearer to the bottom than this a lure drags on it, m. */
const TOUCHES_M = 0.01;

interface Row {
  readonly title: string;
  readonly value: string;
  readonly band: string;
}
/** Where it is reeled: how it runs, and from which speed on what is on it works. */
const reeled = computed((): Row[] => {
  const { run, hold } = props.has;
  if (!Number.isFinite(run)) return [];
  const { frame } = body.value;
  const drags = run >= props.water.depthM - TOUCHES_M;
  const around = (speedMps: number, share: number): string =>
    showBand('speed', speedMps * (1 - share), speedMps * (1 + share));
  const onsetMps = onsetOfMps(props.rig.trailer, props.water.temperatureC);
  const startMps = frame === null ? null : frameStartMps(frame, medium.value.densityKgM3);
  return [
    {
      title: words.runsAt,
      value: drags ? words.theBottom(show('depth', run)) : show('depth', run),
      band: props.bands.run && !drags ? showBand('depth', ...props.bands.run) : '',
    },
    {
      title: words.runsLevelAt,
      value: hold > 0 ? show('speed', hold) : words.noSpeed,
      band: props.bands.hold ? showBand('speed', ...props.bands.hold) : '',
    },
    ...(startMps === null
      ? []
      : [
          {
            title: frame!.kind === 'spinner' ? words.itsBladesTurnFrom : words.itsPlateBeatsFrom,
            value: show('speed', startMps),
            band: around(startMps, VANE_START_BAND),
          },
        ]),
    ...(onsetMps === null
      ? []
      : [{ title: words.itsTailAliveFrom, value: show('speed', onsetMps), band: around(onsetMps, KICK_ONSET_BAND) }]),
  ];
});

const rows = computed((): Row[] => [
  ...reeled.value,
  {
    title: words.fallsSlackLine,
    value: show('speed', props.fall.speedMps),
    band: showBand('speed', ...props.fall.bandMps),
  },
  {
    title: words.fallsSemiTight,
    value: show('speed', tight.value.speedMps),
    band: showBand('speed', ...tight.value.bandMps),
  },
  {
    title: words.toTheBottom(show('depth', props.water.depthM)),
    value: props.fall.secondsToBottom === null ? words.never : show('time', props.fall.secondsToBottom),
    band: secondsBand(props.fall),
  },
  {
    title: words.fishesLike,
    value: fishesLikeText(props.fall, system.value) ?? words.noSuchHead,
    band: likeBand.value,
  },
  {
    title: words.driftsWhileFalling,
    value: show('speed', props.fall.driftMps),
    band: showBand('speed', ...drift.value),
  },
  {
    title: words.weighsAllTold,
    value: show('mass', body.value.massKg),
    band: showBand('mass', ...massBandKg(props.rig, body.value)),
  },
  { title: words.noseToTail, value: lengthText(body.value.lengthM, system.value), band: '' },
]);
</script>

<template>
  <dl class="rig-numbers">
    <div v-for="row in rows" :key="row.title">
      <dt>{{ row.title }}</dt>
      <dd>
        <span class="number"><FractionText :text="row.value" /></span>
        <small v-if="row.band" class="soft">{{ ' ' }}{{ words.likely }} <FractionText :text="row.band" /></small>
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
