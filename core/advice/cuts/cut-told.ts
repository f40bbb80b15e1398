import { editOf, type EditId } from '../../edits/edits';
import type { FaultId } from '../checks';
import type { WantId } from '../rules/rule';
import { fit, meets } from '../search/score';
import { cutOf, type CutId } from './cut-options';
import { netOf, type Judged, type Search } from './judged';

/** Why a cut is made: the want it brings nearest to its band, or the fault it takes away; null where only rules speak for it. */
export type CutReason =
  | { readonly want: WantId; readonly was: number; readonly is: number; readonly meets: boolean }
  | { readonly fault: FaultId }
  | null;

/** One cut or turn of a solution. */
export interface Cut {
  readonly id: CutId;
  readonly edit: EditId;
  readonly from: number | string;
  readonly to: number | string;
  readonly unit: 'mm' | 'count' | 'degrees' | null;
  /** its part of the score that all cuts of the solution gain together: these parts add up to that */
  readonly gains: number;
  readonly reason: CutReason;
}

/** What each of some cuts contributes to what they gain together: that gain, shared in proportion to what would be lost without each. */
function contributions(around: Search, { made, net }: Judged): number[] {
  const gained = net.score - netOf(around, [])!.score;
  const lost = made.map(([edit]) => {
    const without = netOf(
      around,
      made.filter(([other]) => other !== edit),
    );
    return Math.max(0, net.score - (without?.score ?? 0));
  });
  const sum = lost.reduce((total, one) => total + one, 0);
  return lost.map((one) => (sum > 0 ? (gained * one) / sum : gained / made.length));
}

/** The cuts of a solution, each with what it contributes and what it does most. */
export function cutsTold(around: Search, solution: Judged): Cut[] {
  const gains = contributions(around, solution);
  return solution.made.map(([edit, to], at) => cutTold(around, solution, edit, to, gains[at]!));
}

function cutTold(around: Search, { made, net }: Judged, edit: EditId, to: number | string, gains: number): Cut {
  const { wants } = around.rater.compiled;
  const row = editOf(edit);
  const without = netOf(
    around,
    made.filter(([other]) => other !== edit),
  );
  const cured = without?.faults.find((id) => !net.faults.includes(id));
  const moved = wants
    .map((want) => ({
      want,
      by: without ? want.weight * (fit(want, net.has[want.id]) - fit(want, without.has[want.id])) : 0,
    }))
    .sort((a, b) => b.by - a.by)[0];
  const reason: CutReason = cured
    ? { fault: cured }
    : moved && moved.by > 0 && without
      ? {
          want: moved.want.id,
          was: without.has[moved.want.id],
          is: net.has[moved.want.id],
          meets: meets(moved.want, net.has[moved.want.id]),
        }
      : null;
  return {
    id: cutOf(edit),
    edit,
    from: row.read(around.rig),
    to,
    unit: row.kind === 'amount' ? row.unit : null,
    gains,
    reason,
  };
}
