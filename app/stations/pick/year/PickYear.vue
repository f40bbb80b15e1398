<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { CLIMATES, monthWater, startingYear, type Climate } from '@core';
import FractionText from '../../../parts/FractionText.vue';
import SelectField from '../../../parts/SelectField.vue';
import { MANY_PARTS, useManyParts } from '../../../composables/useManyParts';
import { useTakeWater } from '../../../composables/useTakeWater';
import { useWater } from '../../../stores/water';
import { useYear } from '../../../stores/year';
import { MONTH_NAMES, useMonths, type MonthName } from './useMonths';
import YearCurves from './YearCurves.vue';
import YearRing from './YearRing.vue';
import { useAdvice } from '../../../stores/advice';
import * as words from '../../../locale/en/year';

/** The season clock: what each month ties on at the place at hand, where the year turns, and what the box lacks for it. */
const clock = useYear();
const water = useWater();
const takeWater = useTakeWater();
const isLarge = useManyParts();
const { rows } = useMonths();

onMounted(async () => {
  await clock.load();
  if (!isLarge.value) void clock.look();
});
onBeforeUnmount(() => clock.stop());
/** a curve that is drawn is asked once the hand rests */
const RESTS_MS = 500;
let resting: ReturnType<typeof setTimeout> | undefined;
watch(
  () => clock.year,
  () => {
    clearTimeout(resting);
    if (!isLarge.value) resting = setTimeout(() => void clock.look(), RESTS_MS);
  },
);
onBeforeUnmount(() => clearTimeout(resting));

const CLIMATE_BY_HAND = 'by-hand';
const advice = useAdvice();
const climate = computed({
  get: (): string =>
    CLIMATES.find(
      (name) => JSON.stringify(startingYear(name, water.water.usualVisibilityM)) === JSON.stringify(clock.year),
    ) ?? CLIMATE_BY_HAND,
  set: (name) => {
    if (name !== CLIMATE_BY_HAND) void clock.begin(name as Climate);
  },
});
const climates = [
  { value: CLIMATE_BY_HAND, title: words.byHand },
  ...CLIMATES.map((value) => ({ value, title: words.climates[value] })),
];

/** the month that is pointed at, in the ring or in the list */
const chosen = ref<number | null>(null);
const takeMonth = ({ month, name }: MonthName): void =>
  takeWater(monthWater(water.water, clock.year, month), words.waterTaken(name));
</script>

<template>
  <section class="year" :aria-label="words.title" data-testid="year" :data-busy="clock.busy">
    <div class="year__head">
      <h2>{{ words.title }}</h2>
      <SelectField v-model="climate" :label="words.climate" :items="climates" />
      <button v-if="clock.busy" type="button" class="press" @click="clock.stop()">{{ words.stop }}</button>
      <button v-else type="button" class="press" :disabled="isLarge" @click="clock.look()">
        {{ clock.winners.length > 0 ? words.lookAgain : words.look }}
      </button>
      <p class="soft" role="status">{{ clock.busy ? words.asking : '' }}</p>
    </div>
    <p v-if="advice.gear" class="soft">{{ words.withAskedGear }}</p>
    <p v-if="isLarge" role="alert">{{ words.tooManyParts(MANY_PARTS) }}</p>
    <p v-if="clock.problem" role="alert">{{ clock.problem }}</p>
    <YearCurves :months="MONTH_NAMES" />
    <div class="year__both">
      <YearRing v-if="rows.every(({ nth }) => nth > 0)" v-model="chosen" :rows="rows" />
      <div class="year__table" tabindex="0" role="region" :aria-label="words.tableOf">
        <table class="ruled">
          <thead>
            <tr>
              <th scope="col">{{ words.month }}</th>
              <td />
              <th scope="col">{{ words.ties }}</th>
              <th scope="col">{{ words.turns }}</th>
              <th scope="col">{{ words.lacks }}</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="row in rows"
              :key="row.month"
              :class="{ 'year__row--chosen': chosen === row.month }"
              @pointerenter="chosen = row.month"
              @pointerleave="chosen = null"
            >
              <th scope="row">
                <button type="button" class="because" :aria-label="words.takeMonth(row.name)" @click="takeMonth(row)">
                  {{ row.name }}
                </button>
                <span class="soft year__water">{{ row.water }}</span>
              </th>
              <td class="number">{{ row.nth || '' }}</td>
              <td><FractionText :text="row.ties" /></td>
              <td>{{ row.turns }}</td>
              <td><FractionText :text="row.lacks" /></td>
            </tr>
          </tbody>
        </table>
        <p v-if="!clock.busy && clock.winners.length > 0 && clock.missing.length === 0" class="soft">
          {{ words.nothingLacks }}
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.year {
  padding: 10px 14px 14px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.year__head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: end;
}
.year__head h2,
.year__head p {
  line-height: 40px;
}
.year__both {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  gap: 18px;
  padding-top: 8px;
}
.year__table {
  overflow-x: auto;
}
.year__table table {
  width: 100%;
}
.year__table th {
  font-weight: 400;
}
.year__water {
  display: block;
}
.year__row--chosen {
  background: rgb(var(--v-theme-shade));
}
@media (max-width: 1000px) {
  .year__both {
    grid-template-columns: 1fr;
  }
}
</style>
