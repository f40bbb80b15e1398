import { solveRetrieve, withSetting, type Solved, type SolveFor } from '../hold/solve';
import type { Band } from '../motion/bands';
import type { RetrievePlan } from '../motion/plan';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import { filmOf } from './film';
import { midDepthBand } from './numbers';

/** A setting that was solved for, with how unsure the depth is at which it then runs. SI. */
export interface SolvedDepth {
  readonly solved: Solved;
  /** at what was found */
  readonly bandM: Band | null;
  /** at the nearest that is sold or counted */
  readonly nearestBandM: Band | null;
}

/** Turns one setting until a rig runs half way back at a depth, and says how sure that depth is. */
export function solveDepth(rig: Rig, plan: RetrievePlan, water: Water, by: SolveFor, depthM: number): SolvedDepth {
  const solved = solveRetrieve(rig, plan, water, by, depthM);
  const bandAt = (value: number): Band | null => {
    const set = withSetting(rig, plan, by, value);
    return midDepthBand(filmOf(set.rig, set.plan, water));
  };
  return {
    solved,
    bandM: solved.value === null ? null : bandAt(solved.value),
    nearestBandM: solved.nearest === null ? null : bandAt(solved.nearest.value),
  };
}
