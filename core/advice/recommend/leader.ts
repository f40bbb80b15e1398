import type { Box } from '../../rig/parts/box';
import type { Water } from '../../water/schema';
import { fieldsOf, mergeRanked, rankFields, type Field } from '../search/per-family';
import { finished } from '../search/progress';
import { PAIR_LIMITS } from './advise';
import { couldLead, finalistOf, withNeighbours, type Care, type Finalist } from './neighbours';

/**
 * How closely each of hundreds of waters is looked at: cuts take turns where there are more than a few, which costs a score 0.0014 at most
 * over the demo world, and what lies further behind than anything that then led was lifted there (0.037 at most) is not cut to see.
 * @source adr-0027
 */
const QUICK_CARE: Care = { allTried: 200, lifts: 0.04 };
/** Rigs of a water that are looked at. */
const FINALISTS = 5;

/** What leads on a water, and the fields it was looked for in. */
export interface Led {
  /** null where nothing can be tied, or where there is too much to compare */
  readonly leader: Finalist | null;
  readonly fields: readonly Field[];
}

/**
 * What leads on a water, for those who ask of many: the first pick without all that is told of it.
 * @param water  checked
 * @param box    checked
 * @param like   fields of another water over the same box: what does not depend on the water is used again
 */
export function leaderOf(water: Water, box: Box, like: readonly Field[] = []): Led {
  const fields = fieldsOf(water, box, like);
  if (fields.reduce((sum, { pairs }) => sum + pairs, 0) > PAIR_LIMITS.compared) return { leader: null, fields };
  const finalists: Finalist[] = [];
  let leads = -Infinity;
  for (const one of mergeRanked(finished(rankFields(fields, FINALISTS)), FINALISTS)) {
    if (!couldLead(one, leads, QUICK_CARE)) continue;
    const finalist = finalistOf(one, QUICK_CARE);
    finalists.push(finalist);
    leads = Math.max(leads, finalist.score);
  }
  return { leader: finished(withNeighbours(finalists, QUICK_CARE))[0] ?? null, fields };
}
