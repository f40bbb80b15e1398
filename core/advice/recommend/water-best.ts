import { catalogueFor } from '../../rig/parts/catalogue';
import { leadAllowed } from '../../water/local-rules';
import type { Family, Water } from '../../water/schema';
import type { WantId } from '../rules/rule';
import { finished } from '../search/progress';
import { familiesSuit } from '../rules/family-suits';
import { familyWorth } from '../search/per-family';
import { meets } from '../rules/want-fit';
import type { Box } from '../../rig/parts/box';
import { heedWaterBest, knownWaterBest } from './known-best';
import { bestOfFamilies } from './leader';
import type { Finalist } from './neighbours';
import { rawPartsOf, type FamilyBest, type WaterBest } from './score-parts';

/**
 * What any rig of every kind and size can reach on a water: found by search, and kept. The angler's own gear and log have no part in it.
 * @param water  checked
 */
export const waterBest = (water: Water): WaterBest => knownWaterBest(water) ?? finished(waterBestInSteps(water));

/**
 * The same in steps.
 * @yields  after each step of the search
 */
export function* waterBestInSteps(water: Water): Generator<number, WaterBest> {
  const before = knownWaterBest(water);
  if (before) return before;
  const found = yield* searched(water);
  heedWaterBest(water, found);
  return found;
}

/** Whether a box is every kind there is where this water lies: its own best is the best of the water. */
export const isEveryKind = (water: Water, box: Box): boolean =>
  box === catalogueFor({ lead: leadAllowed(water.localRules) });

function* searched(water: Water): Generator<number, WaterBest> {
  return bestAmong(yield* bestOfFamilies(water, catalogueFor({ lead: leadAllowed(water.localRules) })));
}

/** @param best  the best rig of each family, made ready */
export function bestAmong(best: readonly Finalist[]): WaterBest {
  const raw = Math.max(LEAST, ...best.map(({ score }) => score));
  const families = best.map(({ field, ready, score }): [Family, FamilyBest] => [
    field.suits.family,
    {
      rig: ready.rig,
      score: score / raw,
      parts: rawPartsOf(field.compiled, field.worth, ready.rig, ready),
      misses: field.compiled.wants.flatMap((want): WantId[] => (meets(want, ready.has[want.id]) ? [] : [want.id])),
    },
  ]);
  return { raw, families: Object.fromEntries(families) };
}

/** What a share of all that could be collected by a rig of a family is on the scale that is told. */
export function scaleOf(water: Water, family: Family, best: WaterBest = waterBest(water)): number {
  const worth = familiesSuit(water, [family])[0]!.worth;
  return familyWorth(family, worth) / best.raw;
}

/** On a water where nothing can be tied at all a share still has to be a share of something. */
const LEAST = 1e-6;
