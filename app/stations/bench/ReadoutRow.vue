<script setup lang="ts">
import { computed } from 'vue';
import { READOUT_TEXT, readoutChange, readoutNumber, readoutText, type Readout } from '@core';
import FractionText from '../../parts/FractionText.vue';
import NumberName from '../../parts/NumberName.vue';
import MarkLine from '../../parts/MarkLine.vue';
import { useUnits } from '../../composables/useUnits';
import { readoutPlace } from './readout-scale';
import * as words from '../../locale/en/bench';

/** One number of a build: its value with unit and band, where it should lie, and how it changed since the version it is compared with. */
const props = defineProps<{ readout: Readout; before: Readout | null }>();
const { system } = useUnits();

const told = computed(() => readoutText(props.readout, system.value));
const big = computed(() =>
  props.readout.value === null ? null : readoutNumber(props.readout.unit, props.readout.value, system.value),
);
const verdict = computed(() => {
  const text = told.value.value;
  return big.value === null ? text : (text.split(', ')[1] ?? '');
});
const change = computed(() =>
  props.before ? readoutChange(props.readout.unit, props.before.value, props.readout.value, system.value) : '',
);
const inside = computed(() => {
  const { value, good } = props.readout;
  return value === null || good === null ? null : value >= good[0] && value <= good[1];
});
const line = computed(() => {
  const { id, value, band, good } = props.readout;
  const at = value === null ? null : readoutPlace(id, value);
  if (at === null) return null;
  const span = (ends: Readout['band']) => ends && ([readoutPlace(id, ends[0])!, readoutPlace(id, ends[1])!] as const);
  return { at, band: span(band), good: span(good) };
});
const label = computed(() => {
  const asked = inside.value === null ? '' : inside.value ? words.whereShouldLie : words.outsideWhereShouldLie;
  return `${READOUT_TEXT[props.readout.id].title}: ${told.value.value}${told.value.band ? words.likely(told.value.band) : ''}${asked}`;
});
</script>

<template>
  <li class="readout" :data-testid="`readout-${readout.id}`">
    <NumberName
      class="readout__title"
      :name="READOUT_TEXT[readout.id].title"
      :number="{ of: 'readout', id: readout.id }"
    />
    <span
      class="readout__change number"
      :aria-label="change ? words.changedBy(change) : undefined"
      :role="change ? 'note' : undefined"
      >{{ change }}</span
    >
    <span class="readout__value">
      <b v-if="big" class="number"><FractionText :text="big.number" /></b>
      <span v-if="big" class="soft">{{ big.unit }}</span>
      <span v-if="verdict" :class="big ? 'readout__word' : 'readout__word readout__word--only number'">{{
        verdict
      }}</span>
    </span>
    <span class="readout__band soft"><FractionText :text="told.band" /></span>
    <MarkLine
      v-if="line"
      class="readout__line"
      :label="label"
      :wanted="line.good"
      :uncertain="line.band"
      :dot="line.at"
      :out="inside === false"
    />
  </li>
</template>

<style scoped>
.readout {
  display: grid;
  grid-template-columns: 1fr auto;
  padding: 6px 14px 11px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  list-style: none;
}
.readout__title {
  font: 600 15px/1.2 var(--v-font-heading);
}
.readout__change {
  color: rgb(var(--v-theme-oxblood));
  font-size: 16px;
}
.readout__value {
  display: flex;
  align-items: baseline;
  gap: 5px;
}
.readout__value b {
  font-size: 25px;
  line-height: 1.05;
}
.readout__word {
  font: 600 15px var(--v-font-heading);
}
.readout__word--only {
  font-size: 20px;
}
.readout__band {
  align-self: end;
  font-size: 13.5px;
  text-align: right;
}
.readout__line {
  grid-column: 1 / -1;
  height: 12px;
  margin-top: 1px;
}
</style>
