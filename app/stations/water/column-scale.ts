import { displayUnit, type Cover, type UnitSystem, type Water } from '@core';
import { rgbOf } from '../../parts/tint';
import { USUAL_TOP } from './cover-shapes';

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

/** Top of a piece of cover, m: as said, or as its kind usually stands. */
export const coverTopM = (row: Cover, depthM: number): number =>
  Math.min(depthM, row.topM ?? USUAL_TOP[row.kind] * depthM);

/** How the light that is left darkens the tint on its way down; a pale disc vanishes where little is left. */
const LEFT_AT_DISC = 0.4;

/** Stops of the tint from the surface to the ruler's end: the real colour of this clarity, darkening as light is used up. */
export function tintStops(
  { visibilityM, sky }: Water,
  endM: number,
): { readonly at: number; readonly colour: string }[] {
  const base = rgbOf(visibilityM);
  const lit = sky === 'dark' ? 0.8 : sky === 'mixed' ? 0.92 : 1;
  return [0, 0.04, 0.1, 0.2, 0.35, 0.5, 0.7, 1].map((at) => {
    const left = LEFT_AT_DISC ** ((at * endM) / Math.max(0.03, visibilityM));
    const pale = 0.5 * left * lit;
    const dark = (0.62 + 0.38 * Math.sqrt(left)) * lit;
    const colour = base.map((channel) => Math.round(channel * dark * (1 - pale) + 244 * pale));
    return { at, colour: `rgb(${colour.join(' ')})` };
  });
}

/** Repeatable scatter for stones and shells of the bottom. */
function scatter(i: number, salt: number): number {
  let mixed = Math.imul(i + 1, 0x9e3779b1) ^ Math.imul(salt, 0x85ebca6b);
  mixed = Math.imul(mixed ^ (mixed >>> 15), 0x2c1b3c6d);
  return ((mixed ^ (mixed >>> 13)) >>> 0) / 4294967296;
}

/** Marks that tell bottoms apart: path and whether it is filled. */
export function bottomMarks(bottom: Water['bottom'], y: number): { readonly d: string; readonly filled: boolean } {
  const { left, right, height } = FRAME;
  const count = { mud: 5, sand: 90, gravel: 60, rock: 11, riprap: 12, shell: 26 }[bottom];
  const d = Array.from({ length: count }, (_, i) => {
    const x = left + 6 + scatter(i, 1) * (right - left - 12);
    const at = y + 8 + scatter(i, 2) * Math.max(6, height - y - 14);
    const size = 2 + scatter(i, 3) * 3;
    switch (bottom) {
      case 'mud':
        return `M${left} ${y + 10 + i * 9}q${(right - left) / 4} -5 ${(right - left) / 2} 0t${(right - left) / 2} 0`;
      case 'sand':
        return `M${x.toFixed(1)} ${at.toFixed(1)}h.9`;
      case 'gravel':
        return `M${x.toFixed(1)} ${at.toFixed(1)}a${(size * 1.3).toFixed(1)} ${size.toFixed(1)} 0 1 0 .1 0Z`;
      case 'shell':
        return `M${x.toFixed(1)} ${at.toFixed(1)}q${size} ${-size * 1.8} ${size * 2} 0`;
      default: {
        const half = bottom === 'rock' ? 11 + size * 2 : 9 + size;
        return bottom === 'rock'
          ? `M${(x - half).toFixed(1)} ${(at + half / 2).toFixed(1)}q${half / 3} ${-half} ${half} ${-half * 0.8}t${half} ${half * 0.9}Z`
          : `M${(x - half).toFixed(1)} ${(at + 7).toFixed(1)}l4 -${10 + size}l${half + 4} 3l5 ${size + 6}Z`;
      }
    }
  }).join('');
  return { d, filled: bottom === 'gravel' || bottom === 'rock' || bottom === 'riprap' };
}
