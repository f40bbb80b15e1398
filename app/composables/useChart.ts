import { onBeforeUnmount, onMounted, watch, type Ref } from 'vue';
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components';
import { init, use, type EChartsCoreOption, type EChartsType } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useSettings } from '../stores/settings';

/** Colours and type of the page as they are now: by day or by night. */
export interface ChartLook {
  readonly ink: string;
  readonly soft: string;
  readonly rule: string;
  readonly skin: string;
  /** of lines and marks, the own one first */
  readonly lines: readonly string[];
  readonly font: string;
  /** of the axes of every chart */
  readonly axis: object;
}

use([GridComponent, LegendComponent, TooltipComponent, CanvasRenderer]);

/**
 * A chart in an element: drawn anew when something it hangs on changes, in the colours of the page.
 * @param option  what is drawn
 * @param on      what it hangs on
 */
export function useChart(
  root: Ref<HTMLElement | null>,
  option: (look: ChartLook) => EChartsCoreOption,
  on: () => unknown,
): { picture(): string } {
  const settings = useSettings();
  let chart: EChartsType | null = null;

  function look(): ChartLook {
    const style = getComputedStyle(root.value!);
    const colour = (name: string): string => `rgb(${style.getPropertyValue(`--v-theme-${name}`)})`;
    const [ink, soft, rule] = [colour('ink'), colour('ink-soft'), colour('rule')];
    return {
      ...{ ink, soft, rule, skin: colour('skin') },
      lines: ['oxblood', 'bottle', 'brass', 'ink', 'ink-soft'].map(colour),
      font: style.fontFamily,
      axis: {
        nameTextStyle: { color: soft },
        axisLabel: { color: ink },
        axisLine: { lineStyle: { color: ink } },
        splitLine: { lineStyle: { color: rule } },
      },
    };
  }
  function draw(): void {
    const of = look();
    chart?.setOption({ animation: false, textStyle: { fontFamily: of.font, color: of.ink }, ...option(of) }, true);
  }
  const observer = typeof ResizeObserver === 'function' ? new ResizeObserver(() => chart?.resize()) : null;
  onMounted(() => {
    chart = init(root.value!);
    draw();
    observer?.observe(root.value!);
  });
  // the page changes its colours first
  watch(() => [on(), settings.settings.theme], draw, { flush: 'post' });
  onBeforeUnmount(() => {
    observer?.disconnect();
    chart?.dispose();
  });
  return {
    /** The picture as it stands, on paper of the page's own colour. */
    picture: () => chart!.getDataURL({ type: 'png', pixelRatio: 2, backgroundColor: look().skin }),
  };
}
