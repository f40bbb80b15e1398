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
  /** share of the score that would be lost without it */
  readonly gains: number;
  readonly reason: CutReason;
}

/** A cut with what it gains, and what it does most. */
export function cutTold(around: Search, { made, net }: Judged, edit: EditId, to: number | string): Cut {
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
    gains: without ? net.score - without.score : net.score,
    reason,
  };
}
