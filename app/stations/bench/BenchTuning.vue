<script setup lang="ts">
import { computed } from 'vue';
import { lengthMFromMm, type Tuning } from '@core';
import { useUnits } from '../../composables/useUnits';

/** A spinner's wire: in line or not, which way to bend, how it leans, how slim it can be pressed, how long its arm hangs over wood. */
const props = defineProps<{ tuning: Tuning }>();
const { show } = useUnits();
const deg = (value: number): string => `${Math.round(value)}°`;
const seconds = (value: number): string => `${value.toFixed(2)} s`;

const lines = computed(() => {
  const { tuning } = props;
  const off = Math.abs(Math.round(tuning.offDeg));
  return [
    {
      title: 'Arm against hook',
      value: off === 0 ? 'in line' : `${off}° off`,
      says:
        tuning.bend === null
          ? 'Head-on the arm covers the hook. Look at the lower arm too.'
          : `Bend the upper arm to the ${tuning.bend} by ${off}°.${tuning.shows ? ' This shows: it will lean.' : ''}`,
    },
    {
      title: 'Leans',
      value: deg(tuning.leanDeg),
      says: `${deg(tuning.leanBandDeg[0])} to ${deg(tuning.leanBandDeg[1])} at this speed; ${deg(tuning.leanInLineDeg)} with the arm in line. Blows over at ${show('speed', tuning.blowOverMps)}, in line at ${show('speed', tuning.blowOverInLineMps)}.`,
    },
    {
      title: 'Opening',
      value: show('cut', lengthMFromMm(tuning.openMm)),
      says: `Pressed together ${show('cut', lengthMFromMm(tuning.pressedMm))}: slimmer in grass, nearer to the hook.`,
    },
    {
      title: 'Arm over a branch',
      value: seconds(tuning.overWoodS),
      says: `So long it can be tipped over; ${seconds(tuning.overWoodShorterS)} with an arm 10 mm shorter. It orders frames, no more.`,
    },
  ];
});
</script>

<template>
  <section aria-label="Tuning" data-testid="tuning">
    <h2>Tuning</h2>
    <dl class="tuning">
      <template v-for="line in lines" :key="line.title">
        <dt>{{ line.title }}</dt>
        <dd class="number">{{ line.value }}</dd>
        <dd class="soft">{{ line.says }}</dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
h2 {
  padding: 9px 14px 3px;
  font-size: 18px;
}
.tuning {
  display: grid;
  grid-template-columns: 1fr auto;
  padding: 0 14px 8px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.tuning dt {
  font: 600 15px var(--v-font-heading);
}
.tuning dd {
  margin: 0;
}
.tuning dd.number {
  font-size: 19px;
}
.tuning dd.soft {
  grid-column: 1 / -1;
  padding-bottom: 6px;
  font-size: 14px;
}
</style>
