import { computed, type Ref } from 'vue';
import {
  depthAgainstSpeed,
  displayUnit,
  fallAgainstWeight,
  fallsBeside,
  massKgFromOz,
  placeAt,
  rigTitle,
  rigTitles,
  shownHeadStep,
  worksAgainstSpeed,
  WORKS_TEXT,
  type ChartPoint,
  type Film,
  type Quantity,
  type Ribbon,
} from '@core';
import type { ChartLine } from '../../parts/LineChart.vue';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
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

/** Places of a path with their bands: those of the ribbon where it is known. */
function placesOf({ done: { path } }: Film, ribbon: Ribbon | null): readonly ChartPoint[] {
  if (ribbon) {
    const { timeS, xM, lowM, highM } = ribbon;
    return timeS.map((s, at): ChartPoint => [xM[at]!, placeAt(path, s).zM, [lowM[at]!, highM[at]!]]);
  }
  const every = Math.max(1, Math.ceil(path.length / MOST_POINTS));
  return path
    .filter((_, nth) => nth % every === 0 || nth === path.length - 1)
    .map(([, x, z]): ChartPoint => [x, z, null]);
}

/** Points in the units of the reader. */
const inUnits = (
  points: readonly ChartPoint[],
  x: (si: number) => number,
  y: (si: number) => number,
): readonly ChartPoint[] =>
  points.map(([at, value, band]) => [x(at), value === null ? null : y(value), band && [y(band[0]), y(band[1])]]);

/**
 * The chart that is at hand, of what is in the tank.
 * @param ribbon  how sure the path of the own rig is; null while nobody knows yet
 */
export function useTankCharts(name: Ref<ChartName>, ribbon: () => Ribbon | null) {
  const tank = useTank();
  const water = useWater();
  const box = useBox();
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
        lines: films.map((film, at) => ({
          name: rigTitle(film.rig, system.value),
          isOwn: at === 0,
          points: inUnits(placesOf(film, at === 0 ? ribbon() : null), depth.fromSi, depth.fromSi),
        })),
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
          points: inUnits(curve.points, speed.fromSi, depth.fromSi),
        })),
        xName: named(words.pace, 'speed'),
        yName: named(words.depth, 'depth'),
        down: true,
      };
    }
    if (name.value === 'fall') {
      const beside = fallsBeside(rig, other, box.box, water.water);
      const rigs = beside.map((row) => row.rig);
      const titles = rigTitles(rigs, system.value);
      return {
        lines: fallAgainstWeight(rigs, water.water).map((curve, at) => ({
          name: beside[at]!.as === 'uncut' ? words.uncutOf(titles[at]!) : titles[at]!,
          isOwn: curve.isOwn,
          points: inUnits(curve.points, (oz) => mass.fromSi(massKgFromOz(oz)), speed.fromSi),
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
        points: inUnits(curve.points, speed.fromSi, (value) => value),
      })),
      xName: named(words.pace, 'speed'),
      yName: '',
      down: false,
    };
  });
}

/** A chart as comma-separated values: a column for the scale, three for each line: its number and the ends of its band. */
export function csvOf({ lines, xName, yName }: Charted): string {
  const quoted = (text: string): string => `"${text.replaceAll('"', '""')}"`;
  const xs = [...new Set(lines.flatMap(({ points }) => points.map(([x]) => x)))].sort((a, b) => a - b);
  const at = lines.map(({ points }) => new Map(points.map((point) => [point[0], point])));
  const names = lines.flatMap(({ name }) => {
    const own = yName ? `${name}, ${yName}` : name;
    return [own, words.lowEnd(own), words.highEnd(own)];
  });
  const head = [xName, ...names].map(quoted).join(',');
  const rows = xs.map((x) =>
    [x, ...at.flatMap((line) => [line.get(x)?.[1], line.get(x)?.[2]?.[0], line.get(x)?.[2]?.[1]])]
      .map((value) => (typeof value === 'number' ? Number(value.toFixed(4)) : ''))
      .join(','),
  );
  return [head, ...rows].join('\r\n') + '\r\n';
}
