<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Ribbon } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import LineChart from '../../parts/LineChart.vue';
import { savePicture, saveText } from '../../files/save';
import { CHART_TITLE, CHARTS, csvOf, useTankCharts, type ChartName } from './useTankCharts';
import * as words from '../../locale/en/tank';

/** What is computed as lines, or as the table they are drawn from; both can be taken along. */
const props = defineProps<{ ribbon: Ribbon | null }>();
const name = ref<ChartName>('path');
const chart = useTankCharts(name, () => props.ribbon);
const drawn = ref<InstanceType<typeof LineChart> | null>(null);
const charts = CHARTS.map((value) => ({ value, title: CHART_TITLE[value] }));
const shape = ref<'chart' | 'table'>('chart');
const shapes = [
  { value: 'chart', title: words.asChart },
  { value: 'table', title: words.asTable },
] as const;
/** Rows of a table that is read on a screen. */
const MOST_ROWS = 60;
const rows = computed(() => {
  const { lines } = chart.value ?? { lines: [] };
  return lines.flatMap((line) => {
    const every = Math.max(1, Math.ceil((line.points.length * lines.length) / MOST_ROWS));
    return line.points
      .filter((_, at) => at % every === 0)
      .map(([x, y, band]) => ({
        name: line.name,
        x: x.toFixed(2),
        y: y === null ? '–' : y.toFixed(2),
        band: band ? words.bandOf(band[0].toFixed(2), band[1].toFixed(2)) : '',
      }));
  });
});
const fileName = computed(() => `pandero-${name.value}`);
function savePng(): void {
  const url = drawn.value?.picture();
  if (url) savePicture(`${fileName.value}.png`, url);
}
function saveCsv(): void {
  if (chart.value) saveText(`${fileName.value}.csv`, csvOf(chart.value), 'text/csv');
}
</script>

<template>
  <div class="charts" data-testid="tank-charts">
    <ChoiceRow v-model="name" :label="words.chart" :options="charts" bare />
    <template v-if="chart && chart.lines.length > 0">
      <LineChart
        v-if="shape === 'chart'"
        ref="drawn"
        :lines="chart.lines"
        :x-name="chart.xName"
        :y-name="chart.yName"
        :down="chart.down"
        :label="CHART_TITLE[name]"
      />
      <div v-else class="charts__table" tabindex="0" role="region" :aria-label="CHART_TITLE[name]">
        <table class="ruled">
          <thead>
            <tr>
              <th scope="col">{{ words.rig }}</th>
              <th scope="col">{{ chart.xName }}</th>
              <th scope="col">{{ chart.yName || words.measure }}</th>
              <th scope="col">{{ words.mayBe }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, at) in rows" :key="at">
              <td>{{ row.name }}</td>
              <td class="number">{{ row.x }}</td>
              <td class="number">{{ row.y }}</td>
              <td class="number">{{ row.band }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="name === 'depth-speed'" class="soft charts__says">{{ words.endlessSays }}</p>
      <p v-if="shape === 'chart'" class="soft charts__says">{{ words.bandSays }}</p>
      <div class="charts__take">
        <ChoiceRow v-model="shape" :label="words.chart" :options="shapes" bare />
        <button v-if="shape === 'chart'" type="button" class="press" @click="savePng">{{ words.savePng }}</button>
        <button type="button" class="press" @click="saveCsv">{{ words.saveCsv }}</button>
      </div>
    </template>
    <p v-else class="soft">{{ words.nothingWorks }}</p>
  </div>
</template>

<style scoped>
.charts__table {
  max-height: 330px;
  overflow-y: auto;
}
.charts__says {
  font-size: 14px;
}
.charts__take {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding-top: 8px;
}
</style>
