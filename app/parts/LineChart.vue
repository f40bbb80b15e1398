<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components';
import { init, use, type EChartsCoreOption, type EChartsType } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';

/** Lines over two scales, each told by its dashes as well as by its colour. */
export interface ChartLine {
  readonly name: string;
  readonly isOwn: boolean;
  readonly points: readonly (readonly [x: number, y: number | null])[];
}
const props = defineProps<{
  lines: readonly ChartLine[];
  xName: string;
  yName: string;
  /** depths grow downwards */
  down: boolean;
  label: string;
}>();
use([LineChart, GridComponent, LegendComponent, TooltipComponent, CanvasRenderer]);

const root = ref<HTMLElement | null>(null);
let chart: EChartsType | null = null;
const DASHES = ['solid', [8, 4], [3, 3], [12, 4, 3, 4], [2, 6]] as const;

/** Colours and type of the page as they are now: by day or by night. */
function look(): {
  readonly ink: string;
  readonly soft: string;
  readonly rule: string;
  readonly lines: readonly string[];
  readonly font: string;
} {
  const style = getComputedStyle(root.value!);
  const colour = (name: string): string => `rgb(${style.getPropertyValue(`--v-theme-${name}`)})`;
  return {
    ink: colour('ink'),
    soft: colour('ink-soft'),
    rule: colour('rule'),
    lines: ['oxblood', 'bottle', 'brass', 'ink', 'ink-soft'].map(colour),
    font: style.fontFamily,
  };
}

function option(): EChartsCoreOption {
  const { ink, soft, rule, lines, font } = look();
  const axis = {
    nameTextStyle: { color: soft },
    axisLabel: { color: ink },
    axisLine: { lineStyle: { color: ink } },
    splitLine: { lineStyle: { color: rule } },
  };
  return {
    animation: false,
    textStyle: { fontFamily: font, color: ink },
    legend: { top: 0, textStyle: { color: ink }, itemWidth: 34 },
    tooltip: { trigger: 'axis', confine: true },
    grid: { left: 58, right: 18, top: 36, bottom: 44 },
    xAxis: { type: 'value', name: props.xName, nameLocation: 'middle', nameGap: 28, scale: true, ...axis },
    yAxis: { type: 'value', name: props.yName, inverse: props.down, nameLocation: 'middle', nameGap: 42, ...axis },
    series: props.lines.map((line, at) => ({
      type: 'line',
      name: line.name,
      data: line.points.map(([x, y]) => [x, y ?? '-']),
      symbolSize: line.isOwn ? 6 : 4,
      showSymbol: line.points.length < 40,
      itemStyle: { color: lines[at % lines.length] },
      lineStyle: { color: lines[at % lines.length], width: line.isOwn ? 3 : 1.6, type: DASHES[at % DASHES.length] },
    })),
  };
}
function draw(): void {
  chart?.setOption(option(), true);
}
const observer = typeof ResizeObserver === 'function' ? new ResizeObserver(() => chart?.resize()) : null;
onMounted(() => {
  chart = init(root.value!);
  draw();
  observer?.observe(root.value!);
});
watch(() => [props.lines, props.xName, props.yName], draw);
onBeforeUnmount(() => {
  observer?.disconnect();
  chart?.dispose();
});
/** The picture as it stands, on paper of the page's own colour. */
function picture(): string {
  const style = getComputedStyle(root.value!);
  return chart!.getDataURL({
    type: 'png',
    pixelRatio: 2,
    backgroundColor: `rgb(${style.getPropertyValue('--v-theme-skin')})`,
  });
}
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
