import type { Box } from '../../rig/parts/box';
import type { Water } from '../../water/schema';
import { fieldsOf, mergeRanked, rankFields, type Field } from '../search/per-family';
import { PAIR_LIMITS } from '../search/pair-limits';
import { finished } from '../search/progress';
import { mostBandsFirst } from './most-bands';
import { bestOfEach, couldLead, FINALISTS, finalistOf, withNeighbours, type Care, type Finalist } from './neighbours';

/**
 * How closely each of hundreds of waters is looked at: what lies further behind than anything that then led was lifted in the demo world (0.037 at
 * most) is not cut to see.
 * @source adr-0027
 */
const QUICK_CARE: Care = { lifts: 0.04, dressed: 1 };
/** What is reeled is judged at a pace of its own once it is made ready, which lifts it by more than any cut. @source adr-0036 */
const REELED_CARE: Care = { ...QUICK_CARE, lifts: 0.16 };
const careOf = ({ compiled }: Field): Care => (compiled.facts.reel === null ? QUICK_CARE : REELED_CARE);

/** What leads on a water, and the fields it was looked for in. */
export interface Led {
  /** null where nothing can be tied, or where there is too much to compare */
  readonly leader: Finalist | null;
  readonly fields: readonly Field[];
}

/** The finalists of a water, made ready, the best first, of one water with the best of each family; none where there is too much to compare. */
function* quickFinalists(fields: readonly Field[], asked: 'ofMany' | 'ofOne'): Generator<number, Finalist[]> {
  if (fields.reduce((sum, { pairs }) => sum + pairs, 0) > PAIR_LIMITS.compared) return [];
  const finalists: Finalist[] = [];
  let leads = -Infinity;
  const ranked = yield* rankFields(fields, FINALISTS);
  for (const one of mergeRanked(ranked, FINALISTS)) {
    if (!couldLead(one, leads, asked === 'ofOne' ? careOf(one.field) : QUICK_CARE)) continue;
    const finalist = finalistOf(one);
    finalists.push(finalist);
    leads = Math.max(leads, finalist.score);
    yield 1;
  }
  const found = yield* withNeighbours(finalists, QUICK_CARE);
  const unseen = asked === 'ofOne' ? ranked.filter(({ field }) => found.every((one) => one.field !== field)) : [];
  return [
    ...found,
    ...unseen.flatMap(({ field, found: [first] }) => (first ? [finalistOf({ field, found: first })] : [])),
  ];
}

/**
 * What leads on a water, for those who ask of many: the first pick without all that is told of it.
 * @param water  checked
 * @param box    checked
 * @param like   fields of another water over the same box: what does not depend on the water is used again
 */
export function leaderOf(water: Water, box: Box, like: readonly Field[] = []): Led {
  const fields = fieldsOf(water, box, like);
  return { leader: mostBandsFirst(finished(quickFinalists(fields, 'ofMany')))[0] ?? null, fields };
}

/**
 * The best of every family a water may be answered with, made ready, its score among all families.
 * @yields  after each step of the search
 */
export function* bestOfFamilies(water: Water, box: Box): Generator<number, Finalist[]> {
  const best = bestOfEach(yield* quickFinalists(fieldsOf(water, box), 'ofOne'));
  // picks are held against them: they are cut as closely
  return bestOfEach(best.map((one) => finalistOf(one, 'closely')));
}
