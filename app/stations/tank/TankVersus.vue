<script setup lang="ts">
import { computed } from 'vue';
import { CAUSE_TEXT, displayUnit, MEASURE_TEXT, type Difference, type Measure } from '@core';
import { useUnits } from '../../composables/useUnits';
import { useTank } from '../../stores/tank';
import * as words from '../../locale/en/tank';

/** Two rigs, one water, one programme: what differs, and which of their differences makes most of it. */
const tank = useTank();
const { show, system } = useUnits();
const DEPTHS: readonly Measure[] = ['mid-depth', 'max-depth'];

function text(measure: Measure, value: number | null): string {
  if (value === null) return '–';
  if (measure === 'in-band') return words.seconds(value);
  return show(DEPTHS.includes(measure) ? 'depth' : 'speed', value);
}
const isAlike = ({ measure, a, b }: Difference): boolean => text(measure, a) === text(measure, b);
function by(difference: Difference): string {
  const { measure, a, b } = difference;
  if (a === null || b === null) return '';
  if (isAlike(difference)) return words.noDifference;
  // of the numbers as they are read: what is told must add up
  const quantity = DEPTHS.includes(measure) ? 'depth' : 'speed';
  const { fromSi, toSi, digits } = displayUnit(quantity, system.value);
  const read = (value: number): number => Number(fromSi(value).toFixed(digits));
  const amount =
    measure === 'in-band'
      ? words.seconds(Math.abs(Number(b.toFixed(1)) - Number(a.toFixed(1))))
      : show(quantity, toSi(Math.abs(read(b) - read(a))));
  if (DEPTHS.includes(measure)) return b > a ? words.deeperBy(amount) : words.shallowerBy(amount);
  return b > a ? words.moreBy(amount) : words.lessBy(amount);
}
const rows = computed(() =>
  tank.differences.map((difference) => ({
    measure: difference.measure,
    name: MEASURE_TEXT[difference.measure],
    a: text(difference.measure, difference.a),
    b: text(difference.measure, difference.b),
    by: by(difference),
    cause: difference.cause && !isAlike(difference) ? CAUSE_TEXT[difference.cause.of] : '',
  })),
);
</script>

<template>
  <p v-if="!tank.tank.other" class="soft">{{ words.chooseBeside }}</p>
  <table v-else class="versus ruled" data-testid="tank-versus">
    <thead>
      <tr>
        <th scope="col">{{ words.measure }}</th>
        <th scope="col">{{ words.a }}</th>
        <th scope="col">{{ words.b }}</th>
        <td />
        <th scope="col">{{ words.mostOfIt }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.measure">
        <th scope="row">{{ row.name }}</th>
        <td class="number">{{ row.a }}</td>
        <td class="number">{{ row.b }}</td>
        <td>{{ row.by }}</td>
        <td>{{ row.cause }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.versus {
  width: 100%;
  max-width: 900px;
}
</style>
