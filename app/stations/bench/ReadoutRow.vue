<script setup lang="ts">
import { computed } from 'vue';
import { READOUT_MEANS, READOUT_TITLE, readoutChange, readoutNumber, readoutText, type Readout } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { readoutPlace } from './readout-scale';

/** One number of a build: its value with unit and band, where it should lie, and how it changed since the version it is compared with. */
const props = defineProps<{ readout: Readout; before: Readout | null }>();
const { system } = useUnits();

const words = computed(() => readoutText(props.readout, system.value));
const big = computed(() =>
  props.readout.value === null ? null : readoutNumber(props.readout.unit, props.readout.value, system.value),
);
const verdict = computed(() => {
  const text = words.value.value;
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
  const span = (from: number, to: number): Record<string, string> => {
    const left = readoutPlace(id, from)!;
    return { left: `${left}%`, width: `${Math.max(1.5, readoutPlace(id, to)! - left)}%` };
  };
  return {
    dot: { left: `${at}%` },
    band: band ? span(band[0], band[1]) : null,
    good: good ? span(good[0], good[1]) : null,
  };
});
const label = computed(() => {
  const asked = inside.value === null ? '' : inside.value ? ', where it should lie' : ', outside where it should lie';
  return `${READOUT_TITLE[props.readout.id]}: ${words.value.value}${words.value.band ? `, likely ${words.value.band}` : ''}${asked}`;
});
</script>

<template>
  <li class="readout" :data-testid="`readout-${readout.id}`" :title="READOUT_MEANS[readout.id]">
    <span class="readout__title">{{ READOUT_TITLE[readout.id] }}</span>
    <span
      class="readout__change number"
      :aria-label="change ? `changed by ${change}` : undefined"
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
    <span class="readout__band soft"><FractionText :text="words.band" /></span>
    <span v-if="line" class="readout__line" role="img" :aria-label="label">
      <span v-if="line.good" class="readout__good" :style="line.good" />
      <span v-if="line.band" class="readout__bar" :style="line.band" />
      <span class="readout__dot" :class="{ 'readout__dot--out': inside === false }" :style="line.dot" />
    </span>
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
  position: relative;
  height: 12px;
  margin-top: 1px;
  border-bottom: 1.5px solid rgb(var(--v-theme-ink));
}
.readout__good {
  position: absolute;
  bottom: 0;
  height: 10px;
  border: 1px solid rgb(var(--v-theme-bottle));
  border-bottom: 0;
  background: repeating-linear-gradient(
    -45deg,
    rgba(var(--v-theme-bottle), 0.34) 0 3px,
    rgba(var(--v-theme-bottle), 0.1) 3px 6px
  );
}
.readout__bar {
  position: absolute;
  bottom: 0;
  height: 5px;
  background: rgba(var(--v-theme-ink), 0.55);
}
.readout__dot {
  position: absolute;
  bottom: -5.5px;
  width: 10px;
  height: 10px;
  margin-left: -5px;
  border-radius: 50%;
  background: rgb(var(--v-theme-ink));
}
.readout__dot--out {
  background: rgb(var(--v-theme-skin));
  border: 3px solid rgb(var(--v-theme-oxblood));
}
</style>
