import { hasTrait } from '../tackle/trailers';
import type { Rig } from '../rig/parts/schema';
import { STEP_ROWS, type BenchCaution, type Stage, type StepData, type StepId } from './cut-steps-table';
import { uncutRig, type EditId } from '../edits/edits';
import type { BenchView } from './handles';

/** One step: what to do with which numbers (mm, counts), what the build is after it, and from where to look at it. */
export interface CutStep {
  readonly id: StepId;
  readonly edit: EditId | null;
  readonly data: StepData;
  readonly view: BenchView;
  readonly rig: Rig;
  readonly cautions: readonly BenchCaution[];
}

/**
 * Order of the work by build. Usually plastic on the board, then on the hook, then scissors to the skirt behind it. A compact
 * flipping jig has its skirt cut to the hook first, since the craw is cut down to suit; a spinner's frame comes before all.
 */
function stagesOf(rig: Rig): readonly Stage[] {
  if (rig.family === 'spinner') return ['frame', 'board', 'hook', 'skirt', 'tune', 'end'];
  if (rig.head.style === 'flipping' && (hasTrait(rig.trailer?.kind, 'craw') || hasTrait(rig.trailer?.kind, 'chunk'))) {
    return ['skirt', 'board', 'hook', 'guard', 'end'];
  }
  return ['board', 'hook', 'skirt', 'guard', 'end'];
}

/**
 * What to do, in order, to come from a rig as it came to this build; each step with the build as it stands after it.
 * @param base  before any cut; left out, as far as the rig itself tells
 */
export function cutList(now: Rig, base: Rig = uncutRig(now)): CutStep[] {
  let state: Rig = now.trailer
    ? { ...base, core: null, trailer: { ...(base.trailer ?? now.trailer), hang: 'threaded' } }
    : { ...base, core: null };
  return stagesOf(now).flatMap((stage) =>
    STEP_ROWS.filter((row) => row.stage === stage).flatMap(({ id, edit, view, cautions, needed, apply }): CutStep[] => {
      const data = needed(now, base);
      if (data === null) return [];
      state = apply ? apply(state, now) : state;
      const kept = cautions.filter((caution) => caution !== 'lead-hands' || now.head.metal === 'lead');
      return [{ id, edit, data, view, rig: state, cautions: kept }];
    }),
  );
}
