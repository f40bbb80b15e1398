import { holds, share } from '../conditions/condition';
import { FAMILIES, type Family, type Water } from '../../water/schema';
import { FAMILY_RULES } from './family';
import { familiesOf, waterFacts } from '../conditions/water-facts';

/** How a family suits a water, and the rules that say so. */
export interface FamilySuits {
  readonly family: Family;
  /** points for and against it, added up */
  readonly points: number;
  /** what its rigs' scores are worth beside those of the family that suits best of all: 1 for that one */
  readonly worth: number;
  readonly rules: readonly { readonly rule: string; readonly for: boolean; readonly weight: number }[];
}

/** So many points behind, a family's scores count a factor e less. @source adr-0013 */
const POINTS_REACH = 6;

/**
 * How well each family suits a water, best first; of equals the first in the order of the families.
 * @param families  those in question
 */
export function familiesSuit(water: Water, families: readonly Family[] = familiesOf(water)): FamilySuits[] {
  const facts = waterFacts(water);
  const rows = FAMILIES.map((family) => {
    const own = FAMILY_RULES.filter((rule) => rule.family === family);
    return {
      family,
      rules: own.filter(({ when }) => holds(when, facts)),
      points: own.reduce((sum, { weight, when }) => sum + weight * share(when, facts), 0),
    };
  });
  // beside all there are, so that a rig has one score whatever else is allowed
  const most = Math.max(...rows.map(({ points }) => points));
  return rows
    .filter(({ family }) => families.includes(family))
    .map(({ family, points, rules }) => ({
      family,
      points,
      worth: Math.exp((points - most) / POINTS_REACH),
      rules: rules
        .map(({ id, weight }) => ({ rule: id, for: weight > 0, weight: Math.abs(weight) }))
        .sort((a, b) => b.weight - a.weight),
    }))
    .sort((a, b) => b.points - a.points || FAMILIES.indexOf(a.family) - FAMILIES.indexOf(b.family));
}

/** The family a water speaks for, among those it may be answered with. */
export const leadingFamily = (water: Water): Family => familiesSuit(water)[0]!.family;
