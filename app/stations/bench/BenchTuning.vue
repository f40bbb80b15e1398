<script setup lang="ts">
import { computed } from 'vue';
import { lengthMFromMm, type Tuning } from '@core';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/bench';

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
      title: words.armAgainstHook,
      value: off === 0 ? words.inLine : `${off}° off`,
      says:
        tuning.bend === null
          ? words.armCoversTheHook
          : words.bendTheArm(tuning.bend, off, tuning.shows ? words.showsWillLean : ''),
    },
    {
      title: words.leans,
      value: deg(tuning.leanDeg),
      says: words.leansBy(
        deg(tuning.leanBandDeg[0]),
        deg(tuning.leanBandDeg[1]),
        deg(tuning.leanInLineDeg),
        show('speed', tuning.blowOverMps),
        show('speed', tuning.blowOverInLineMps),
      ),
    },
    {
      title: words.opening,
      value: show('cut', lengthMFromMm(tuning.openMm)),
      says: words.pressedBy(show('cut', lengthMFromMm(tuning.pressedMm))),
    },
    {
      title: words.armOverBranch,
      value: seconds(tuning.overWoodS),
      says: words.tippedOverSo(seconds(tuning.overWoodShorterS)),
    },
  ];
});
</script>

<template>
  <section :aria-label="words.tuning" data-testid="tuning">
    <h2>{{ words.tuning }}</h2>
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
