<script setup lang="ts">
import { WATER_LIMITS, type Year } from '@core';
import { useUnits } from '../../../composables/useUnits';
import { useYear } from '../../../stores/year';
import type { MonthName } from './useMonths';
import * as words from '../../../locale/en/year';

/** The two curves of a year: each month a slider. Sight is drawn by its logarithm. */
defineProps<{ months: readonly MonthName[] }>();
const clock = useYear();
const { show } = useUnits();
const MOST_SIGHT_M = 4;
const LEAST_SIGHT_M = 0.08;
const STEPS = 100;
const curves = [
  {
    of: 'temperatureC' as const,
    name: words.temperature,
    text: (value: number): string => show('temperature', value),
    at: (value: number): number => (STEPS * value) / WATER_LIMITS.temperatureC.max,
    value: (at: number): number => Math.round((at * WATER_LIMITS.temperatureC.max * 10) / STEPS) / 10,
  },
  {
    of: 'visibilityM' as const,
    name: words.visibility,
    text: (value: number): string => show('visibility', value),
    at: (value: number): number => (STEPS * Math.log(value / LEAST_SIGHT_M)) / Math.log(MOST_SIGHT_M / LEAST_SIGHT_M),
    value: (at: number): number =>
      Math.round(LEAST_SIGHT_M * (MOST_SIGHT_M / LEAST_SIGHT_M) ** (at / STEPS) * 100) / 100,
  },
];
function drag(of: keyof Year, month: number, event: Event, value: (at: number) => number): void {
  void clock.setMonth(of, month, value(Number((event.target as HTMLInputElement).value)));
}
</script>

<template>
  <fieldset class="year__curves">
    <legend>{{ words.drawTheCurve }}</legend>
    <div v-for="curve in curves" :key="curve.of" class="year__curve">
      <b class="condensed">{{ curve.name }}</b>
      <label v-for="month in months" :key="month.month" class="year__slot">
        <input
          type="range"
          min="0"
          :max="STEPS"
          step="1"
          :value="curve.at(clock.year[curve.of][month.month]!)"
          :aria-label="words.inMonth(curve.name, month.name)"
          :aria-valuetext="curve.text(clock.year[curve.of][month.month]!)"
          @input="drag(curve.of, month.month, $event, curve.value)"
        />
        <span class="number">{{ curve.text(clock.year[curve.of][month.month]!) }}</span>
        <span class="soft">{{ month.short }}</span>
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
.year__curves {
  min-inline-size: 0;
  margin: 8px 0 0;
  padding: 0;
  border: 0;
}
.year__curves legend {
  font: 500 14px var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.year__curve {
  display: grid;
  grid-template-columns: 92px repeat(12, minmax(0, 1fr));
  align-items: center;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.year__slot {
  display: grid;
  justify-items: center;
  font-size: 14px;
  line-height: 1.15;
}
.year__slot input {
  writing-mode: vertical-lr;
  direction: rtl;
  width: 26px;
  height: 88px;
  accent-color: rgb(var(--v-theme-oxblood));
}
@media (max-width: 700px) {
  .year__curve {
    grid-template-columns: repeat(12, 56px);
    overflow-x: auto;
  }
  .year__curve b {
    grid-column: 1 / -1;
  }
  .year__slot input {
    width: 48px;
    height: 120px;
  }
}
</style>
