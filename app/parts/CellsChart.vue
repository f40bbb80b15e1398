<script setup lang="ts">
import { ref } from 'vue';
import { CustomChart } from 'echarts/charts';
import { use, type EChartsCoreOption } from 'echarts/core';
import { useChart, type ChartLook } from '../composables/useChart';

/** Classes over two scales: a disc as large as what stands behind it, darker the more there was, with the number on it. */
export interface Cell {
  readonly x: string;
  readonly y: string;
  readonly value: number;
  /** what stands behind it, such as hours */
  readonly weight: number;
  readonly says: string;
}
const props = defineProps<{
  cells: readonly Cell[];
  xs: readonly string[];
  ys: readonly string[];
  xName: string;
  yName: string;
  label: string;
}>();
use([CustomChart]);
const root = ref<HTMLElement | null>(null);
/** Largest and least disc, px. */
const MOST = 30;
const LEAST = 8;

function option({ lines, axis, ink, font }: ChartLook): EChartsCoreOption {
  const most = Math.max(1e-9, ...props.cells.map(({ weight }) => weight));
  const best = Math.max(1e-9, ...props.cells.map(({ value }) => value));
  return {
    tooltip: {
      trigger: 'item',
      confine: true,
      formatter: ({ dataIndex }: { dataIndex: number }) => props.cells[dataIndex]!.says,
    },
    grid: { left: 66, right: 20, top: 16, bottom: 46 },
    xAxis: { type: 'category', data: [...props.xs], name: props.xName, nameLocation: 'middle', nameGap: 28, ...axis },
    yAxis: { type: 'category', data: [...props.ys], name: props.yName, nameLocation: 'middle', nameGap: 48, ...axis },
    series: [
      {
        type: 'custom',
        data: props.cells.map(({ x, y }) => [props.xs.indexOf(x), props.ys.indexOf(y)]),
        renderItem: (
          { dataIndex }: { dataIndex: number },
          api: { value(at: number): number; coord(of: readonly number[]): readonly [number, number] },
        ) => {
          const { value, weight } = props.cells[dataIndex]!;
          const [cx, cy] = api.coord([api.value(0), api.value(1)]);
          const r = LEAST + (MOST - LEAST) * Math.sqrt(weight / most);
          const share = value / best;
          return {
            type: 'group',
            children: [
              {
                type: 'circle',
                shape: { cx, cy, r },
                style: { fill: lines[1], opacity: 0.12 + 0.38 * share, stroke: lines[1], lineWidth: 1.5 },
              },
              {
                type: 'text',
                style: {
                  x: cx,
                  y: cy,
                  text: value.toFixed(1),
                  align: 'center',
                  verticalAlign: 'middle',
                  fill: ink,
                  fontFamily: font,
                  fontWeight: 600,
                  fontSize: 14,
                },
              },
            ],
          };
        },
      },
    ],
  };
}
const { picture } = useChart(root, option, () => props.cells);
defineExpose({ picture });
</script>

<template>
  <div ref="root" class="cells-chart" role="img" :aria-label="label" />
</template>

<style scoped>
.cells-chart {
  width: 100%;
  height: 300px;
}
</style>
