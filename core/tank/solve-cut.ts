import { cutOptions, edited } from '../advice/cuts/cut-options';
import { waterFacts } from '../advice/conditions/water-facts';
import { prepareRetrieve } from '../hold/retrieve-report';
import type { Band } from '../motion/bands';
import type { EditId } from '../edits/edits';
import type { RetrievePlan } from '../motion/plan';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import { filmOf } from './film';
import { midDepthBand } from './numbers';

/** A cut or turn, and the value it is made to. */
export interface DepthCut {
  readonly edit: EditId;
  readonly value: number | string;
}

/** A rig cut so that it runs at a depth, or as near to it as cutting brings it. SI. */
export interface CutToDepth {
  readonly rig: Rig;
  /** none where it runs there as it is */
  readonly cuts: readonly DepthCut[];
  readonly depthM: number;
  readonly bandM: Band | null;
  /** within what counts as met */
  readonly isMet: boolean;
}

type Reached = Pick<CutToDepth, 'rig' | 'cuts' | 'depthM'>;

/** Cuts that change how a rig runs; those that do not are left alone. */
const TRIED = ['nose', 'tail', 'legs', 'split', 'skirt', 'thin', 'turn'] as const;
/** A depth reached to this is reached, m: no scissors are finer. */
const MET_M = 0.05;
const MOST_CUTS = 3;
/** A cut that brings it no nearer than this is not made, m. */
const LEAST_GAIN_M = 1e-3;
/** Nothing is run longer than this, s. */
const LONGEST_S = 240;

/**
 * Cuts a rig until it runs half way back at a depth: the cut that brings it nearest first, then the next, as long as each helps.
 * @param base    the rig before any cut
 * @param depthM  wanted half way back
 * @returns       null where it never comes half way back
 */
export function solveCut(rig: Rig, base: Rig, plan: RetrievePlan, water: Water, depthM: number): CutToDepth | null {
  const facts = { ...waterFacts(water, rig.family), reeled: true };
  const runs = (of: Rig): number | null => prepareRetrieve(of, plan, water).midDepthM(undefined, LONGEST_S);
  const start = runs(rig);
  if (start === null) return null;
  let now: Reached = { rig, cuts: [], depthM: start };
  const offM = (reached: Reached): number => Math.abs(reached.depthM - depthM);
  while (offM(now) > MET_M && now.cuts.length < MOST_CUTS) {
    let best: Reached | null = null;
    for (const { edit, values } of cutOptions(now.rig, base, facts, TRIED)) {
      if (now.cuts.some((cut) => cut.edit === edit)) continue;
      for (const value of values.slice(1)) {
        const cut = edited(now.rig, base, edit, value);
        const metM = cut && runs(cut);
        if (!cut || metM === null) continue;
        const reached = { rig: cut, cuts: [...now.cuts, { edit, value }], depthM: metM };
        if (best === null || offM(reached) < offM(best)) best = reached;
      }
    }
    if (best === null || offM(best) >= offM(now) - LEAST_GAIN_M) break;
    now = best;
  }
  return { ...now, bandM: midDepthBand(filmOf(now.rig, plan, water)), isMet: offM(now) <= MET_M };
}
