import { editOf, type EditId } from '../../edits/edits';
import type { FaultId } from '../checks';
import type { WantId } from '../rules/rule';
import { fit, meets } from '../rules/want-fit';
import { cutOf, type CutId } from './cut-options';
import { netOf, type Judged, type Search } from './judged';
import type { Net } from './rate';

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

/** The cuts of a solution, each with what it contributes and what it does most. What all gain is shared in proportion to what would be lost without each. */
export function cutsTold(around: Search, solution: Judged): Cut[] {
  const { made, net } = solution;
  const gained = net.score - around.rater.net(around.rater.rate(around.rig)).score;
  const without = made.map(([edit]) =>
    netOf(
      around,
      made.filter(([other]) => other !== edit),
    ),
  );
  const lost = without.map((rest) => Math.max(0, net.score - (rest?.score ?? 0)));
  const sum = lost.reduce((total, one) => total + one, 0);
  return made.map(([edit, to], at) => {
    const gains = sum > 0 ? (gained * lost[at]!) / sum : gained / made.length;
    return cutTold(around, net, { edit, to, gains, without: without[at]! });
  });
}

/** @param without  the solution without this cut; null where the others cannot be made without it */
function cutTold(
  around: Search,
  net: Net,
  { edit, to, gains, without }: Pick<Cut, 'edit' | 'to' | 'gains'> & { readonly without: Net | null },
): Cut {
  const { wants } = around.rater.compiled;
  const row = editOf(edit);
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
