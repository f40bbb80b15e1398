import { masksOf } from './axes';
import type { Columns, Has } from './measure';
import type { CompiledWater, Want } from './wants';
import { MIDDLE_BONUS, WANT_WEIGHTS } from './weights';

/**
 * How well a number answers a want: 1 in the middle of its band, a little less at the edges, falling off outside.
 * @returns 0 to 1
 */
export function fit(want: Want, value: number): number {
  const { scale, reach } = WANT_WEIGHTS[want.id];
  const position = scale === 'ratio' ? Math.log(Math.max(value, 1e-9)) : value;
  const from = scale === 'ratio' ? Math.log(Math.max(want.from, 1e-9)) : want.from;
  const to = scale === 'ratio' ? Math.log(Math.max(want.to, 1e-9)) : want.to;
  if (want.id === 'snag' && position >= from) return 1 - MIDDLE_BONUS * Math.max(0, to - position);
  const half = (to - from) / 2;
  const off = Math.abs(position - (from + to) / 2);
  if (off <= half) return 1 - (half > 0 ? (MIDDLE_BONUS * off) / half : 0);
  return (1 - MIDDLE_BONUS) * Math.exp(-(((off - half) / reach) ** 2));
}

/** The most a rig could collect on this water: every want met and every friendly rule on its side. */
export const bestPossible = (compiled: CompiledWater): number =>
  compiled.wants.reduce((sum, want) => sum + want.weight, 0) +
  compiled.prefers.reduce((sum, rule) => sum + Math.max(0, rule.weight), 0);

/**
 * Scores every rig: the share of what this water asks for that it answers. A plain loop over columns.
 * @returns one number a rig; 1 answers everything, rules against it count off, never below 0
 */
export function scoreAll(compiled: CompiledWater, columns: Columns, count: number): Float64Array {
  const scores = new Float64Array(count);
  for (const want of compiled.wants) {
    const column = columns.has[want.id];
    for (let k = 0; k < count; k++) scores[k]! += want.weight * fit(want, column[k]!);
  }
  for (const rule of compiled.prefers) {
    const masks = masksOf(rule.target).map(({ axis, bits }) => ({ column: columns.axes[axis]!, bits }));
    for (let k = 0; k < count; k++) {
      let matches = true;
      for (const { column, bits } of masks) {
        if (((bits >> column[k]!) & 1) === 0) {
          matches = false;
          break;
        }
      }
      if (matches) scores[k]! += rule.weight;
    }
  }
  const best = bestPossible(compiled);
  for (let k = 0; k < count; k++) scores[k] = Math.max(0, scores[k]! / best);
  return scores;
}

/** Want by want, how well one rig does. */
export const fits = (compiled: CompiledWater, has: Has): readonly { readonly want: Want; readonly fit: number }[] =>
  compiled.wants.map((want) => ({ want, fit: fit(want, has[want.id]) }));
