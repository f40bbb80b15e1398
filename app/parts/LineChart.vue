<script setup lang="ts">
import { ref } from 'vue';
import { CustomChart, LineChart, type CustomSeriesOption } from 'echarts/charts';
import { use, type EChartsCoreOption } from 'echarts/core';
import { useChart, type ChartLook } from '../composables/useChart';

/** Lines over two scales, each told by its dashes as well as by its colour. */
export interface ChartLine {
  readonly name: string;
  readonly isOwn: boolean;
  /** with the band of each, where there is one */
  readonly points: readonly (readonly [
    x: number,
    y: number | null,
    band: readonly [low: number, high: number] | null,
  ])[];
}
const props = defineProps<{
  lines: readonly ChartLine[];
  xName: string;
  yName: string;
  /** depths grow downwards */
  down: boolean;
  label: string;
}>();
use([CustomChart, LineChart]);

const root = ref<HTMLElement | null>(null);
const DASHES = ['solid', [8, 4], [3, 3], [12, 4, 3, 4], [2, 6]] as const;

/** The band of the line that is looked at, as a shape behind it: of all of them nobody could tell one from another. */
function bandSeries({ points, isOwn }: ChartLine, fill: string): CustomSeriesOption[] {
  const banded = points.flatMap(([x, , band]) => (band ? [[x, ...band] as const] : []));
  if (!isOwn || banded.length < 2) return [];
  return [
    {
      type: 'custom',
      silent: true,
      clip: true,
      tooltip: { show: false },
      // all of it counts for the scales, and is drawn at one go
      data: banded.map((row) => [...row]),
      encode: { x: 0, y: [1, 2] },
      renderItem: ({ dataIndex }, { coord }) =>
        dataIndex === 0
          ? {
              type: 'polygon',
              shape: {
                points: [
                  ...banded.map(([x, low]) => coord([x, low])),
                  ...banded.map(([x, , high]) => coord([x, high])).reverse(),
                ],
              },
              style: { fill, opacity: BAND_OPACITY },
            }
          : null,
    },
  ];
}
const BAND_OPACITY = 0.14;

function option({ ink, axis, lines }: ChartLook): EChartsCoreOption {
  return {
    legend: { type: 'scroll', top: 0, textStyle: { color: ink }, pageTextStyle: { color: ink }, itemWidth: 34 },
    tooltip: { trigger: 'axis', confine: true },
    grid: { left: 58, right: 18, top: 36, bottom: 44 },
    xAxis: { type: 'value', name: props.xName, nameLocation: 'middle', nameGap: 28, scale: true, ...axis },
    yAxis: { type: 'value', name: props.yName, inverse: props.down, nameLocation: 'middle', nameGap: 42, ...axis },
    series: props.lines.flatMap((line, at) => {
      const colour = lines[at % lines.length]!;
      return [
        ...bandSeries(line, colour),
        {
          type: 'line',
          name: line.name,
          data: line.points.map(([x, y]) => [x, y ?? '-']),
          symbolSize: line.isOwn ? 6 : 4,
          showSymbol: line.points.length < 40,
          itemStyle: { color: colour },
          lineStyle: { color: colour, width: line.isOwn ? 3 : 1.6, type: DASHES[at % DASHES.length] },
        },
      ];
    }),
  };
}
const { picture } = useChart(root, option, () => [props.lines, props.xName, props.yName]);
defineExpose({ picture });
</script>

<template>
  <div ref="root" class="line-chart" role="img" :aria-label="label" />
</template>

<style scoped>
.line-chart {
  height: 330px;
  width: 100%;
}
</style>
