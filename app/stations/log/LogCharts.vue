<script setup lang="ts">
import { computed, ref } from 'vue';
import { CLARITY_SCALE, groupTitle, TEMPERATURE_CLASSES, type LogAnalysis } from '@core';
import BandsChart, { type BandRow } from '../../parts/BandsChart.vue';
import CellsChart from '../../parts/CellsChart.vue';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import { useUnits } from '../../composables/useUnits';
import { savePicture, saveText } from '../../files/save';
import * as words from '../../locale/en/log';

/** The log in pictures, each with the table it is drawn from; both can be taken along. */
const props = defineProps<{ analysis: LogAnalysis }>();
const { system } = useUnits();
const CHARTS = ['rates', 'months', 'hours', 'waters'] as const;
type Chart = (typeof CHARTS)[number];
const TITLE: Readonly<Record<Chart, string>> = {
  rates: words.chartRates,
  months: words.chartMonths,
  hours: words.chartHours,
  waters: words.chartWaters,
};
const chart = ref<Chart>('rates');
const charts = CHARTS.map((value) => ({ value, title: TITLE[value] }));
const shape = ref<'chart' | 'table'>('chart');
const shapes = [
  { value: 'chart', title: words.charts },
  { value: 'table', title: words.asTable },
] as const;

interface Told extends BandRow {
  readonly hours: number;
  readonly bites: number;
}
type RowsOf = (of: LogAnalysis) => readonly Told[];
const ROWS: Readonly<Record<Chart, RowsOf>> = {
  rates: ({ groups }) =>
    groups.trailer.map(({ value, bitesPerHour, band, hours, bites }) => ({
      ...{ name: groupTitle('trailer', value, system.value), value: bitesPerHour },
      ...{ band, hours, bites },
    })),
  months: ({ months }) => months.map(({ at, perHour, ...rest }) => ({ name: at, value: perHour, ...rest })),
  hours: ({ hours }) => hours.map(({ at, perHour, ...rest }) => ({ name: `${at}:00`, value: perHour, ...rest })),
  waters: ({ waters }) =>
    waters.map(({ clarity, temperature, perHour, ...rest }) => ({
      ...{ name: groupTitle('water', `${clarity}/${temperature}`, system.value), value: perHour },
      ...rest,
    })),
};
const rows = computed(() => ROWS[chart.value](props.analysis));
const cells = computed(() =>
  props.analysis.waters.map(({ clarity, temperature, hours, perHour, band }) => ({
    x: clarity,
    y: temperature,
    value: perHour,
    weight: hours,
    says: `${groupTitle('water', `${clarity}/${temperature}`, system.value)}: ${perHour.toFixed(2)} (${band[0].toFixed(2)} – ${band[1].toFixed(2)}), ${hours.toFixed(0)} h`,
  })),
);
const clarities = CLARITY_SCALE.map(({ id }) => id);

const drawn = ref<{ picture(): string } | null>(null);
function savePng(): void {
  const url = drawn.value?.picture();
  if (url) savePicture(`pandero-log-${chart.value}.png`, url);
}
function saveCsv(): void {
  const quoted = (text: string): string => `"${text.replaceAll('"', '""')}"`;
  const head = [TITLE[chart.value], words.hoursFished, words.bites, words.perHour, '10 %', '90 %']
    .map(quoted)
    .join(',');
  const lines = rows.value.map(({ name, hours, bites, value, band }) =>
    [quoted(name), hours.toFixed(2), bites, value.toFixed(4), band[0].toFixed(4), band[1].toFixed(4)].join(','),
  );
  saveText(`pandero-log-${chart.value}.csv`, [head, ...lines, ''].join('\r\n'), 'text/csv');
}
</script>

<template>
  <section class="log-charts" data-testid="log-charts">
    <h2>{{ words.charts }}</h2>
    <ChoiceRow v-model="chart" :label="words.charts" :options="charts" bare />
    <template v-if="shape === 'chart'">
      <CellsChart
        v-if="chart === 'waters'"
        ref="drawn"
        :cells="cells"
        :xs="clarities"
        :ys="TEMPERATURE_CLASSES"
        :x-name="words.clarity"
        :y-name="words.temperature"
        :label="TITLE[chart]"
      />
      <BandsChart
        v-else
        ref="drawn"
        :key="chart"
        :rows="rows"
        :value-name="words.perHour"
        :lying="chart === 'rates'"
        :label="TITLE[chart]"
      />
    </template>
    <div v-else class="log-charts__table" tabindex="0" role="region" :aria-label="TITLE[chart]">
      <table class="ruled">
        <thead>
          <tr>
            <th scope="col">{{ TITLE[chart] }}</th>
            <th scope="col">{{ words.hoursFished }}</th>
            <th scope="col">{{ words.bites }}</th>
            <th scope="col">{{ words.perHour }}</th>
            <th scope="col">{{ words.band }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.name">
            <th scope="row">{{ row.name }}</th>
            <td class="number">{{ row.hours.toFixed(1) }}</td>
            <td class="number">{{ row.bites }}</td>
            <td class="number">{{ row.value.toFixed(2) }}</td>
            <td class="number">{{ row.band[0].toFixed(2) }} – {{ row.band[1].toFixed(2) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="log-charts__take">
      <ChoiceRow v-model="shape" :label="words.charts" :options="shapes" bare />
      <button v-if="shape === 'chart'" type="button" class="press" @click="savePng">{{ words.savePng }}</button>
      <button type="button" class="press" @click="saveCsv">{{ words.saveTable }}</button>
    </div>
  </section>
</template>

<style scoped>
.log-charts {
  display: grid;
  gap: 8px;
}
.log-charts__table {
  max-height: 340px;
  overflow: auto;
}
.log-charts__table th[scope='row'] {
  text-align: left;
}
.log-charts__take {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.log-charts > * {
  min-width: 0;
}
</style>
