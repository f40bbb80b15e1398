import { computed, type Ref } from 'vue';
import {
  depthAgainstSpeed,
  displayUnit,
  fallAgainstWeight,
  massKgFromOz,
  rigTitle,
  shownHeadStep,
  worksAgainstSpeed,
  WORKS_TEXT,
  type Quantity,
} from '@core';
import type { ChartLine } from '../../parts/LineChart.vue';
import { useUnits } from '../../composables/useUnits';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import * as words from '../../locale/en/tank';

export const CHARTS = ['path', 'depth-speed', 'fall', 'works'] as const;
export type ChartName = (typeof CHARTS)[number];
export const CHART_TITLE: Readonly<Record<ChartName, string>> = {
  path: words.chartPath,
  'depth-speed': words.chartDepthSpeed,
  fall: words.chartFall,
  works: words.chartWorks,
};

/** A chart as it is drawn and as it is read: numbers in the units of the reader. */
export interface Charted {
  readonly lines: readonly ChartLine[];
  readonly xName: string;
  readonly yName: string;
  readonly down: boolean;
}

/** Points a path is drawn with at most. */
const MOST_POINTS = 160;

/** The chart that is at hand, of what is in the tank. */
export function useTankCharts(name: Ref<ChartName>) {
  const tank = useTank();
  const water = useWater();
  const { system } = useUnits();
  const of = (quantity: Quantity) => displayUnit(quantity, system.value);
  const named = (text: string, quantity: Quantity): string => `${text}, ${of(quantity).unit}`;
  const oz = (weightOz: number): string => shownHeadStep(massKgFromOz(weightOz), system.value);

  return computed((): Charted | null => {
    const { rig, other } = tank.tank;
    if (!rig) return null;
    const [depth, speed, mass] = [of('depth'), of('speed'), of('headMass')];
    if (name.value === 'path') {
      const films = [tank.film, tank.otherFilm].flatMap((film) => film ?? []);
      return {
        lines: films.map((film, at) => {
          const every = Math.max(1, Math.ceil(film.done.path.length / MOST_POINTS));
          const path = film.done.path.filter((_, nth) => nth % every === 0 || nth === film.done.path.length - 1);
          return {
            name: rigTitle(film.rig, system.value),
            isOwn: at === 0,
            points: path.map(([, x, z]) => [depth.fromSi(x), depth.fromSi(z)] as const),
          };
        }),
        xName: named(words.distance, 'depth'),
        yName: named(words.depth, 'depth'),
        down: true,
      };
    }
    if (name.value === 'depth-speed') {
      return {
        lines: depthAgainstSpeed(rig, tank.plan, water.water).map((curve) => ({
          name: oz(curve.of),
          isOwn: curve.isOwn,
          points: curve.points.map(([x, y]) => [speed.fromSi(x), y === null ? null : depth.fromSi(y)] as const),
        })),
        xName: named(words.pace, 'speed'),
        yName: named(words.depth, 'depth'),
        down: true,
      };
    }
    if (name.value === 'fall') {
      const bare = { ...rig, trailer: null };
      const rigs = [rig, ...(other ? [other] : []), ...(rig.trailer ? [bare] : [])];
      return {
        lines: fallAgainstWeight(rigs, water.water).map((curve, at) => ({
          name: rigTitle(rigs[at]!, system.value),
          isOwn: curve.isOwn,
          points: curve.points.map(
            ([x, y]) => [mass.fromSi(massKgFromOz(x)), y === null ? null : speed.fromSi(y)] as const,
          ),
        })),
        xName: named(words.solveNames.weight, 'headMass'),
        yName: named(words.fallsAt, 'speed'),
        down: false,
      };
    }
    return {
      lines: worksAgainstSpeed(rig, water.water).map((curve) => ({
        name: WORKS_TEXT[curve.of],
        isOwn: true,
        points: curve.points.map(([x, y]) => [speed.fromSi(x), y] as const),
      })),
      xName: named(words.pace, 'speed'),
      yName: '',
      down: false,
    };
  });
}

/** A chart as comma-separated values: a column for the scale, one for each line. */
export function csvOf({ lines, xName, yName }: Charted): string {
  const quoted = (text: string): string => `"${text.replaceAll('"', '""')}"`;
  const xs = [...new Set(lines.flatMap(({ points }) => points.map(([x]) => x)))].sort((a, b) => a - b);
  const at = lines.map(({ points }) => new Map(points.map(([x, y]) => [x, y])));
  const head = [xName, ...lines.map(({ name }) => (yName ? `${name}, ${yName}` : name))].map(quoted).join(',');
  const rows = xs.map((x) =>
    [x, ...at.map((line) => line.get(x) ?? '')]
      .map((value) => (typeof value === 'number' ? Number(value.toFixed(4)) : value))
      .join(','),
  );
  return [head, ...rows].join('\r\n') + '\r\n';
}
