import { tempCFromF } from '../units/units';
import { SCHOOLS, type Water, type WeightSchool } from '../water/schema';

/** Below this the slow hand is the default. @source craft-practice */
const SLOW_BELOW_F = 55;

export type SchoolReason = 'chosen' | 'cold' | 'inactive' | 'saturate' | 'usual';

/** Which school answers the question of weight on this water, and why. */
export function weightSchool(water: Water): { readonly school: WeightSchool; readonly reason: SchoolReason } {
  const chosen = water.schools?.weight;
  if (chosen !== undefined) return { school: chosen, reason: 'chosen' };
  if (water.temperatureC < tempCFromF(SLOW_BELOW_F)) return { school: 'slow-hand', reason: 'cold' };
  if (water.mood === 'inactive') return { school: 'slow-hand', reason: 'inactive' };
  if (water.aim === 'saturate') return { school: 'slow-hand', reason: 'saturate' };
  return { school: 'heaviest', reason: 'usual' };
}

export const otherWeightSchool = (school: WeightSchool): WeightSchool =>
  SCHOOLS.weight.find((other) => other !== school) ?? school;
