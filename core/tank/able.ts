import { candidateClasses, rigOf, spaceFor } from '../advice/candidates/candidate-classes';
import { familiesOf } from '../advice/conditions/water-facts';
import { prepareRetrieve } from '../hold/retrieve-report';
import type { Band } from '../motion/bands';
import { secondsBetween } from '../motion/path';
import type { RetrievePlan } from '../motion/plan';
import type { Box } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import { filmOf } from './film';
import { midDepthBand } from './numbers';

/** A rig of the box that runs where it is wanted. SI. */
export interface Able {
  readonly rig: Rig;
  readonly midCastDepthM: number;
  /** of that depth, for the first of them; null for the rest */
  readonly bandM: Band | null;
  /** within the band that was asked for */
  readonly secondsInBand: number;
}

/** How far from a depth still counts as there, m. */
export const NEAR_DEPTH_M = 0.15;
/** So many of them are told with their bands. */
export const ABLE_TOLD = 12;
/** Pairs of heads and trailers that are run at most. */
export const ABLE_PAIRS = 6000;
/** Nothing is run longer than this, s. */
const LONGEST_S = 240;

/**
 * Every head with every trailer of a box, each in its first skirt, run with one programme.
 * @param depthM  wanted half way back
 * @returns       those that run there, the longest in the band first; null where the box has too many pairs
 */
export function ableRigs(box: Box, water: Water, plan: RetrievePlan, depthM: number): readonly Able[] | null {
  const space = candidateClasses(box, familiesOf(water), spaceFor({ water, reeled: true }));
  if (space.heads.length * space.trailers.length > ABLE_PAIRS) return null;
  const band = { fromM: Math.max(0, depthM - NEAR_DEPTH_M), toM: depthM + NEAR_DEPTH_M };
  const found: Able[] = [];
  for (const head of space.heads) {
    const skirt = space.skirts[space.skirtSets[head.skirtSet]!.classes[0]!]!;
    for (const trailer of space.trailers) {
      const rig = rigOf(head, skirt, trailer);
      const { path, midCastDepthM } = prepareRetrieve(rig, plan, water).run(undefined, { longestS: LONGEST_S });
      if (midCastDepthM === null || Math.abs(midCastDepthM - depthM) > NEAR_DEPTH_M) continue;
      found.push({ rig, midCastDepthM, bandM: null, secondsInBand: secondsBetween(path, band.fromM, band.toM) });
    }
  }
  found.sort((a, b) => b.secondsInBand - a.secondsInBand);
  return found.map((one, at) => (at < ABLE_TOLD ? { ...one, bandM: midDepthBand(filmOf(one.rig, plan, water)) } : one));
}
