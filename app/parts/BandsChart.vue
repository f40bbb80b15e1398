<script setup lang="ts">
import { ref } from 'vue';
import { CustomChart } from 'echarts/charts';
import { use, type EChartsCoreOption } from 'echarts/core';
import { useChart, type ChartLook } from '../composables/useChart';

/** Numbers by name, each a tick on the bar of where it may be. */
export interface BandRow {
  readonly name: string;
  readonly value: number;
  readonly band: readonly [low: number, high: number];
}
const props = defineProps<{
  rows: readonly BandRow[];
  valueName: string;
  /** names stand below each other, not side by side */
  lying?: boolean;
  label: string;
}>();
use([CustomChart]);
const root = ref<HTMLElement | null>(null);
const HALF = 6;

function option({ lines, axis, ink }: ChartLook): EChartsCoreOption {
  const names = props.rows.map(({ name }) => name);
  const categories = { type: 'category', data: names, ...axis, axisTick: { show: false } };
  const values = { type: 'value', name: props.valueName, nameLocation: 'middle', min: 0, ...axis };
  return {
    tooltip: {
      trigger: 'item',
      confine: true,
      formatter: ({ dataIndex }: { dataIndex: number }) => {
        const { name, value, band } = props.rows[dataIndex]!;
        return `${name}: ${value.toFixed(2)} (${band[0].toFixed(2)} – ${band[1].toFixed(2)})`;
      },
    },
    grid: props.lying
      ? { left: 8, right: 18, top: 8, bottom: 40, outerBoundsMode: 'same', outerBoundsContain: 'axisLabel' }
      : { left: 48, right: 12, top: 12, bottom: 34 },
    xAxis: props.lying ? { ...values, nameGap: 26 } : categories,
    yAxis: props.lying ? { ...categories, inverse: true } : { ...values, nameGap: 34 },
    series: [
      {
        type: 'custom',
        data: props.rows.map(({ value, band }, at) => [at, value, ...band]),
        encode: props.lying ? { y: 0, x: [1, 2, 3] } : { x: 0, y: [1, 2, 3] },
        renderItem: (
          _params: unknown,
          api: { value(at: number): number; coord(of: readonly number[]): readonly [number, number] },
        ) => {
          const at = api.value(0);
          const place = (value: number): readonly [number, number] =>
            props.lying ? api.coord([value, at]) : api.coord([at, value]);
          const [middle, low, high] = [place(api.value(1)), place(api.value(2)), place(api.value(3))];
          const bar = props.lying
            ? { x: low[0], y: low[1] - HALF, width: high[0] - low[0], height: 2 * HALF }
            : { x: low[0] - HALF, y: high[1], width: 2 * HALF, height: low[1] - high[1] };
          const tick = props.lying
            ? { x: middle[0] - 1.5, y: middle[1] - HALF - 4, width: 3, height: 2 * HALF + 8 }
            : { x: middle[0] - HALF - 4, y: middle[1] - 1.5, width: 2 * HALF + 8, height: 3 };
          return {
            type: 'group',
            children: [
              { type: 'rect', shape: bar, style: { fill: lines[1], opacity: 0.75 } },
              { type: 'rect', shape: tick, style: { fill: ink } },
            ],
          };
        },
      },
    ],
  };
}
const { picture } = useChart(root, option, () => [props.rows, props.valueName, props.lying]);
defineExpose({ picture });
</script>

<template>
  <div
    ref="root"
    class="bands-chart"
    role="img"
    :aria-label="label"
    :style="{ height: lying ? `${56 + 30 * Math.max(2, rows.length)}px` : '250px' }"
  />
</template>

<style scoped>
.bands-chart {
  width: 100%;
}
</style>
