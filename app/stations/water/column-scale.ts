import { displayUnit, type UnitSystem } from '@core';

/** The picture of the water column, px of its own frame. */
export const FRAME = { width: 380, height: 520, surfaceY: 46, floorY: 486, left: 54, right: 316 } as const;
/** The thermometer beside the column. */
export const THERMOMETER = { x: 350, topY: 84, bottomY: 452, minC: 0, maxC: 40 } as const;

/** Depths the ruler may end at, m: the water's own depth fills most of it. */
const RULER_ENDS_M = [0.6, 1, 1.5, 2.2, 3, 4.5, 6, 9, 13, 20, 30, 44];
export const rulerEndM = (depthM: number): number => RULER_ENDS_M.find((end) => end >= depthM * 1.06) ?? 44;

/** Depths to pixels and back along the ruler. */
export function depthScale(endM: number): {
  readonly yOf: (depthM: number) => number;
  readonly depthAt: (y: number) => number;
} {
  const { surfaceY, floorY } = FRAME;
  const perM = (floorY - surfaceY) / endM;
  return {
    yOf: (depthM) => surfaceY + depthM * perM,
    depthAt: (y) => Math.min(endM, Math.max(0, (y - surfaceY) / perM)),
  };
}

const perC = (THERMOMETER.bottomY - THERMOMETER.topY) / (THERMOMETER.maxC - THERMOMETER.minC);
export const yOfTemp = (tempC: number): number => THERMOMETER.bottomY - (tempC - THERMOMETER.minC) * perC;
export const tempAt = (y: number): number =>
  Math.min(THERMOMETER.maxC, Math.max(THERMOMETER.minC, THERMOMETER.minC + (THERMOMETER.bottomY - y) / perC));

interface Mark {
  readonly depthM: number;
  /** 2 carries a number, 1 is half way, 0 is small */
  readonly rank: 0 | 1 | 2;
  readonly text: string;
}

/** Marks of the depth ruler in the unit people read: numbers on full steps, fine lines between. */
export function rulerMarks(endM: number, system: UnitSystem): Mark[] {
  const unit = displayUnit('depth', system);
  const end = unit.fromSi(endM);
  const step = [0.2, 0.5, 1, 2, 5, 10, 20, 50].find((size) => end / size <= 8) ?? 50;
  const parts = step === 0.2 || step === 2 || step === 20 ? 4 : 5;
  return Array.from({ length: Math.floor((end / step) * parts + 1e-6) + 1 }, (_, i): Mark => {
    const shown = (i * step) / parts;
    const rank = i % parts === 0 ? 2 : parts === 4 && i % 2 === 0 ? 1 : 0;
    return { depthM: unit.toSi(shown), rank, text: rank === 2 ? String(Math.round(shown * 10) / 10) : '' };
  });
}
