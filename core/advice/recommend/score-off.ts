import type { Band } from '../../motion/bands';
import type { ReeledBands } from '../measures/retrieve-measures';
import type { Has } from '../measures/rig-measures';
import type { WantId } from '../rules/rule';
import type { CompiledWater } from '../rules/wants';
import { bestPossible } from '../search/score';
import { fit } from '../rules/want-fit';

/**
 * How far numbers may be off that are not computed with a band of their own: by a share of themselves, or by so much on their scale.
 * @source adr-0024
 */
const OFF: Partial<Record<WantId, { readonly share: number } | { readonly plus: number }>> = {
  push: { plus: 5 },
  show: { plus: 0.06 },
  snag: { plus: 0.05 },
  window: { share: 0.1 },
  kick: { share: 0.15 },
  length: { share: 0.03 },
  ratio: { plus: 0.01 },
  weight: { share: 0.03 },
};

/** Numbers with a band of their own: the fall, and how a reeled rig runs and holds. */
export interface OwnBands extends ReeledBands {
  readonly fall?: Band | undefined;
}

function bandOf(id: WantId, value: number, own: OwnBands): Band {
  const band = id === 'fall' || id === 'run' || id === 'hold' ? own[id] : undefined;
  if (band) return band;
  const off = OFF[id];
  if (off === undefined) return [value, value];
  return 'share' in off ? [value * (1 - off.share), value * (1 + off.share)] : [value - off.plus, value + off.plus];
}

/** What a score gains or loses at the two ends of a number's band, want by want. */
export type ScoreEnds = Readonly<Partial<Record<WantId, readonly [least: number, most: number]>>>;

/** What a score gains or loses at the ends of the bands of its numbers, as a share of the score. */
export function scoreEnds(compiled: CompiledWater, has: Has, own: OwnBands): ScoreEnds {
  const best = bestPossible(compiled);
  return Object.fromEntries(
    compiled.wants
      .filter(({ id }) => Number.isFinite(has[id]))
      .map((want) => {
        const here = fit(want, has[want.id]);
        const ends = bandOf(want.id, has[want.id], own).map((end) => (want.weight * (fit(want, end) - here)) / best);
        return [want.id, ends];
      }),
  );
}

/** The same on another scale. */
export const endsTimes = (times: number, ends: ScoreEnds): ScoreEnds =>
  Object.fromEntries(Object.entries(ends).map(([id, [least, most]]) => [id, [times * least, times * most]]));

const root = (squares: readonly number[]): number => Math.sqrt(squares.reduce((sum, one) => sum + one, 0));

/** How far a score may be off since its numbers may: of each want the larger end, added as errors that know nothing of each other; 0 and up. */
export const scoreOff = (ends: ScoreEnds): number =>
  root(Object.values(ends).map(([least, most]) => Math.max(Math.abs(least), Math.abs(most)) ** 2));

/** A score, and what it gains or loses at the ends of its numbers' bands. */
export interface Scored {
  readonly score: number;
  readonly ends: ScoreEnds;
}

/**
 * How far the difference of two scores may be off: what is unknown of the water and of how things fall is the same for both, so the ends of a number
 * are compared with each other; a number only one of them is asked for stands alone.
 */
export function differenceOff(one: ScoreEnds, other: ScoreEnds): number {
  const ids = [...new Set([...Object.keys(one), ...Object.keys(other)])] as WantId[];
  return root(
    ids.map((id) => {
      const [a, b] = [one[id] ?? [0, 0], other[id] ?? [0, 0]];
      return Math.max(Math.abs(a[0] - b[0]), Math.abs(a[1] - b[1])) ** 2;
    }),
  );
}

/** Whether a rig that scores less is as good as another as far as the numbers can tell: in one case of ten at least it is the better one. */
export const isAsGood = (less: Scored, more: Scored): boolean =>
  more.score - less.score <= differenceOff(less.ends, more.ends);

/** A score, and how far it may be off. */
export interface Blurred {
  readonly score: number;
  readonly off: number;
}

/** Whether a score lies within what either may be off by: too little to tie another rig for. */
export const isBlurred = (less: Blurred, more: Blurred): boolean =>
  more.score - less.score <= Math.max(less.off, more.off);
