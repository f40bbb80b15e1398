import { isAssumed, type Cover, type Water } from '@core';
import { USUAL_TOP } from './cover-shapes';
import { rgbOf } from './tint';

/** Top of a piece of cover, m: as said, or as its kind usually stands. */
export const coverTopM = (row: Cover, depthM: number): number =>
  Math.min(depthM, row.topM ?? USUAL_TOP[row.kind] * depthM);

/** What the bottom is, where somebody said it. */
export const saidBottom = (water: Water): Water['bottom'] | null => (isAssumed(water, 'bottom') ? null : water.bottom);

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

/** How wide a bottom has as many marks as its kind has, px. */
const MARKS_OF_PX = 262;

/** Marks that tell bottoms apart: path and whether it is filled; none where nobody said what it is. */
export function bottomMarks(
  bottom: Water['bottom'] | null,
  y: number,
  { left, right, height }: { readonly left: number; readonly right: number; readonly height: number },
): { readonly d: string; readonly filled: boolean } {
  if (bottom === null) return { d: '', filled: false };
  const wide = (right - left) / MARKS_OF_PX;
  const often = { mud: 0, sand: 90, gravel: 60, rock: 11, riprap: 12, shell: 26 }[bottom];
  const count = bottom === 'mud' ? 5 : Math.round(often * wide);
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
