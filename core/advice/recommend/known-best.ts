import { factorsMark } from '../../rig/body/known-factors';
import type { Water } from '../../water/schema';
import type { WaterBest } from './score-parts';

/** Waters whose best is kept. */
const KEPT = 64;
let factors: unknown = null;
const known = new Map<string, WaterBest>();

/** Bests are of the factors rigs fell with when they were found: once those change, none is known. */
function knownNow(): Map<string, WaterBest> {
  const now = factorsMark();
  if (now !== factors) known.clear();
  factors = now;
  return known;
}

/** Takes over what another thread found: it is a search through every kind there is, too long for a page. */
export function heedWaterBest(water: Water, best: WaterBest): void {
  const all = knownNow();
  const key = JSON.stringify(water);
  all.delete(key);
  if (all.size >= KEPT) all.delete(all.keys().next().value!);
  all.set(key, best);
}
/** The best of a water where it was looked for already; null otherwise. */
export const knownWaterBest = (water: Water): WaterBest | null => knownNow().get(JSON.stringify(water)) ?? null;
