import { solveCuts, type SolvedCuts } from '../advice/cuts/solve-cuts';
import type { CutId } from '../advice/cuts/cut-options';
import { scaleOf } from '../advice/recommend/water-best';
import { compileWater } from '../advice/rules/wants';
import type { Has } from '../advice/measures/rig-measures';
import type { Rig } from '../rig/parts/schema';
import type { UnitSystem } from '../units/display';
import { WANT_IDS, wantToFile, type WantId } from '../water/intent';
import type { Water } from '../water/schema';
import { outOfReachText, toldCuts } from '../wording/cuts';

type Numbers = Readonly<Partial<Record<WantId, number>>>;

interface CutsReport {
  readonly rig: Rig;
  readonly score: number;
  readonly has: Numbers;
  readonly cuts: readonly {
    readonly id: string;
    readonly says: string;
    readonly from: number | string;
    readonly to: number | string;
    readonly unit: string | null;
    readonly gains: number;
    readonly because: string;
  }[];
}

/** The cuts that answer a water, in the shape of files and the command line. */
export interface TrimReport {
  readonly before: { readonly score: number; readonly has: Numbers };
  readonly best: CutsReport;
  readonly fewest: CutsReport;
  readonly outOfReach: readonly { readonly want: WantId; readonly nearest: number; readonly because: string }[];
}

const written = (has: Has): Numbers =>
  Object.fromEntries(WANT_IDS.filter((id) => Number.isFinite(has[id])).map((id) => [id, wantToFile(id, has[id])]));

/**
 * Solves the cuts of one rig on a water.
 * @param allow  what may be done to it; left out, all that needs no other plastic
 */
export function trimReport(rig: Rig, water: Water, system: UnitSystem, allow?: readonly CutId[]): TrimReport {
  const compiled = compileWater(water, rig.family);
  const solved = solveCuts(compiled, rig, { base: rig, ...(allow ? { allow } : {}) });
  const scale = scaleOf(water, rig.family);
  const onScale = (score: number): number => Math.min(1, scale * score);
  const told = (solution: SolvedCuts['best']): CutsReport => ({
    rig: solution.rig,
    score: onScale(solution.score),
    has: written(solution.has),
    cuts: toldCuts(solution, rig, compiled.wants, compiled.facts.water, system).map(
      ({ step, edits: _edits, ...cut }) => ({
        id: step,
        ...cut,
        gains: scale * cut.gains,
      }),
    ),
  });
  return {
    before: { score: onScale(solved.before.score), has: written(solved.before.has) },
    best: told(solved.best),
    fewest: told(solved.fewest),
    outOfReach: solved.outOfReach.map((row) => ({
      want: row.want,
      nearest: wantToFile(row.want, row.nearest),
      because: outOfReachText(row, compiled.wants, system),
    })),
  };
}
