import { isAssumed, SKIES, WATER_LIMITS, type Water } from '../water/schema';
import { assumedSeason } from '../water/season';

export const MAP_AXES = ['temperature', 'visibility', 'depth', 'sky'] as const;
export type MapAxis = (typeof MAP_AXES)[number];

/** A side of the map: where its cells lie, and what a water is there. SI, temperature in °C; the sky by its place in the list of skies. */
interface AxisRow {
  readonly from: number;
  readonly to: number;
  readonly isLog: boolean;
  /** cells at most: a sky has but three */
  readonly most: number;
  valueOf(water: Water): number;
  set(water: Water, value: number): Water;
}

/** Shallower than this no cover is told, m. */
const SHALLOW_M = 0.05;

/** Cover, band and taken depths of a water that is made shallower stay in it. */
function asDeep(water: Water, depthM: number): Water {
  const cover = water.cover.map((row) =>
    row.topM === undefined ? row : { ...row, topM: Math.min(row.topM, Math.max(0, depthM - SHALLOW_M)) },
  );
  const { band, intent, ...rest } = water;
  const run = intent?.run;
  return {
    ...rest,
    depthM,
    cover,
    ...(band ? { band: { fromM: Math.min(band.fromM, depthM), toM: Math.min(band.toM, depthM) } } : {}),
    ...(intent
      ? {
          intent: run
            ? { ...intent, run: { ...run, from: Math.min(run.from, depthM), to: Math.min(run.to, depthM) } }
            : intent,
        }
      : {}),
  };
}

const AXES: Readonly<Record<MapAxis, AxisRow>> = {
  temperature: {
    from: 2,
    to: 32,
    isLog: false,
    most: 64,
    valueOf: ({ temperatureC }) => temperatureC,
    set: (water, temperatureC) => ({ ...water, temperatureC }),
  },
  visibility: {
    from: 0.08,
    to: 4,
    isLog: true,
    most: 64,
    valueOf: ({ visibilityM }) => visibilityM,
    set: (water, visibilityM) => ({ ...water, visibilityM }),
  },
  depth: {
    from: 0.4,
    to: 12,
    isLog: true,
    most: 64,
    valueOf: ({ depthM }) => depthM,
    set: asDeep,
  },
  sky: {
    from: 0,
    to: SKIES.length - 1,
    isLog: false,
    most: SKIES.length,
    valueOf: ({ sky }) => SKIES.indexOf(sky),
    set: (water, at) => ({ ...water, sky: SKIES[Math.round(at)]! }),
  },
};

/** A map that is asked for: its two sides, and how many cells it is wide and high. */
export interface MapPlan {
  readonly x: MapAxis;
  readonly y: MapAxis;
  readonly wide: number;
  readonly high: number;
  /** month the water is of, 0 for January: a season nobody said is that of each cell's temperature */
  readonly month?: number;
}

/** A place on a map, in cells: column from the left, row from below, 0 in the middle of the first. */
export interface Cell {
  readonly column: number;
  readonly row: number;
}

/** The sides a map may have, with as many cells as asked where there are as many. */
export const mapPlan = (x: MapAxis, y: MapAxis, cells: number): MapPlan => ({
  x,
  y,
  wide: Math.min(cells, AXES[x].most),
  high: Math.min(cells, AXES[y].most),
});

/** Value in the middle of a cell of a side. */
export function cellValue(axis: MapAxis, cells: number, at: number): number {
  const { from, to, isLog } = AXES[axis];
  const share = cells === 1 ? 0.5 : at / (cells - 1);
  return isLog ? from * (to / from) ** share : from + share * (to - from);
}

/** Where a value lies along a side, in cells: 0 in the middle of the first; values beyond its ends lie on them. */
export function placeOnAxis(axis: MapAxis, cells: number, value: number): number {
  const { from, to, isLog } = AXES[axis];
  const kept = Math.min(to, Math.max(from, value));
  const share = isLog ? Math.log(kept / from) / Math.log(to / from) : (kept - from) / (to - from);
  return share * (cells - 1);
}

/** The water of a cell: the one at hand, but for what the two sides say. The cell in which a water lies is that water itself. */
export function waterAt(water: Water, plan: MapPlan, column: number, row: number): Water {
  const own = cellOfWater(water, plan);
  if (own.column === column && own.row === row) return water;
  const there = AXES[plan.x].set(water, cellValue(plan.x, plan.wide, column));
  const cell = AXES[plan.y].set(there, cellValue(plan.y, plan.high, row));
  if (plan.month === undefined || !isAssumed(cell, 'season')) return cell;
  return { ...cell, season: assumedSeason(cell.temperatureC, plan.month) };
}

/** Where a water lies on a map, in cells. */
export const placeOfWater = (water: Water, { x, y, wide, high }: MapPlan): Cell => ({
  column: placeOnAxis(x, wide, AXES[x].valueOf(water)),
  row: placeOnAxis(y, high, AXES[y].valueOf(water)),
});

/** The cell in which a water lies. */
export function cellOfWater(water: Water, plan: MapPlan): Cell {
  const { column, row } = placeOfWater(water, plan);
  return { column: Math.round(column), row: Math.round(row) };
}

/** What a water is along a side. */
export const sideOfWater = (axis: MapAxis, water: Water): number => AXES[axis].valueOf(water);

/** How sight changes in a day that muddies or clears, and how far a bright day warms, °C. @source craft-practice */
const TREND_SIGHT = { 'rising-muddy': 0.45, clearing: 1.6, steady: 1 } as const;
const WARMS_C = { bright: 2.5, mixed: 1.2, dark: 0.4 } as const;

/** Where the day may go from here: this water by the evening. */
export function waterLater(water: Water): Water {
  const within = ({ min, max }: { readonly min: number; readonly max: number }, value: number): number =>
    Math.min(max, Math.max(min, value));
  return {
    ...water,
    temperatureC: within(WATER_LIMITS.temperatureC, water.temperatureC + WARMS_C[water.sky]),
    visibilityM: within(WATER_LIMITS.visibilityM, water.visibilityM * TREND_SIGHT[water.trend ?? 'steady']),
  };
}
