import type { Band } from '../../motion/bands';
import type { ReeledBands } from '../measures/retrieve-measures';
import type { Has } from '../measures/rig-measures';
import type { WantId } from '../rules/rule';
import type { CompiledWater } from '../rules/wants';
import { bestPossible, fit } from '../search/score';

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

/**
 * How far a score may be off since its numbers may: of each want the larger difference at the ends of its band, added as errors that know nothing
 * of each other.
 * @returns  share of the score, 0 and up
 */
export function scoreOff(compiled: CompiledWater, has: Has, own: OwnBands): number {
  const squares = compiled.wants.map((want) => {
    const value = has[want.id];
    if (!Number.isFinite(value)) return 0;
    const here = fit(want, value);
    const differs = bandOf(want.id, value, own).map((end) => Math.abs(fit(want, end) - here));
    return (want.weight * Math.max(...differs)) ** 2;
  });
  return Math.sqrt(squares.reduce((sum, one) => sum + one, 0)) / bestPossible(compiled);
}

/** A score, and how far it may be off. */
export interface Scored {
  readonly score: number;
  readonly off: number;
}

/** Whether a rig that scores less is as good as another as far as the numbers can tell. */
export const isAsGood = (less: Scored, more: Scored): boolean =>
  more.score - less.score <= Math.max(less.off, more.off);
