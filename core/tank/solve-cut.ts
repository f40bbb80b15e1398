import { cutOptions, edited } from '../advice/cuts/cut-options';
import { waterFacts } from '../advice/conditions/water-facts';
import { prepareRetrieve } from '../hold/retrieve-report';
import type { EditId } from '../edits/edits';
import type { RetrievePlan } from '../motion/plan';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';

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
  /** within what counts as met */
  readonly isMet: boolean;
}

/** Cuts that change how a rig runs; those that do not are left alone. */
const TRIED = ['nose', 'tail', 'legs', 'split', 'skirt', 'thin', 'turn'] as const;
/** A depth reached to this is reached, m: no scissors are finer. */
const MET_M = 0.05;
const MOST_CUTS = 3;
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
  const runs = (of: Rig): number | null => prepareRetrieve(of, plan, water).run(undefined, LONGEST_S).midCastDepthM;
  const start = runs(rig);
  if (start === null) return null;
  let now: CutToDepth = { rig, cuts: [], depthM: start, isMet: Math.abs(start - depthM) <= MET_M };
  while (!now.isMet && now.cuts.length < MOST_CUTS) {
    let best: CutToDepth | null = null;
    for (const { edit, values } of cutOptions(now.rig, base, facts, TRIED)) {
      if (now.cuts.some((cut) => cut.edit === edit)) continue;
      for (const value of values.slice(1)) {
        const cut = edited(now.rig, base, edit, value);
        const metM = cut && runs(cut);
        if (!cut || metM === null) continue;
        if (best !== null && Math.abs(metM - depthM) >= Math.abs(best.depthM - depthM)) continue;
        const cuts = [...now.cuts, { edit, value }];
        best = { rig: cut, cuts, depthM: metM, isMet: Math.abs(metM - depthM) <= MET_M };
      }
    }
    if (best === null || Math.abs(best.depthM - depthM) >= Math.abs(now.depthM - depthM) - 1e-3) break;
    now = best;
  }
  return now;
}
