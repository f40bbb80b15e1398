import type { Angler } from '../conditions/angler';
import type { Box } from '../../rig/parts/box';
import type { Rig } from '../../rig/parts/schema';
import { mediumOf, type Medium } from '../../motion/medium';
import type { Family, Water } from '../../water/schema';
import type { WantId } from '../rules/rule';
import { reachableRangesOf, type ReachableRange, type ReachableRangeOf } from './reachable-ranges';
import { familiesSuit, type FamilySuits } from '../rules/family-suits';
import { laidOutFor } from '../candidates/laid-out';
import type { Variants } from '../candidates/variants';
import { fitter } from '../rules/want-fit';
import {
  judgeOf,
  lotsOf,
  queueOf,
  rigNumbers,
  searchBest,
  type Closer,
  type Found,
  type Judge,
  type Lot,
  type Queue,
} from './best-first';
import {
  rigOf,
  spaceFor,
  type HeadClass,
  type CandidateClasses,
  type TrailerClass,
} from '../candidates/candidate-classes';
import { compileWater, type CompiledWater } from '../rules/wants';
import type { WaterFacts } from '../conditions/water-facts';
import { paced, scaled } from './progress';

/** The rigs of one family on a water, and what judges them. */
export interface Field {
  readonly suits: FamilySuits;
  readonly compiled: CompiledWater;
  readonly space: CandidateClasses;
  readonly kin: Variants;
  readonly medium: Medium;
  readonly judge: Judge;
  readonly reach: ReachableRangeOf;
  readonly numbersOf: ReturnType<typeof rigNumbers>;
  /** what a share of its best possible is worth beside other families */
  readonly worth: number;
  readonly pairs: number;
}

/** A field with its best rigs, and the order in which its pairs are worth looking at again. */
export interface RankedField {
  readonly field: Field;
  readonly found: readonly Found[];
  readonly queue: Queue;
}

/** A rig found in a field, with its score among all families. */
export interface Ranked {
  readonly field: Field;
  readonly found: Found;
  readonly score: number;
}

/**
 * What the best rigs of each family usually collect of all they could, since families differ in how many of their rules can hold
 * at once: the middle over 100 seeded waters, ranked from every kind there is and made ready.
 * @source adr-0013
 */
export const USUAL_BEST: Readonly<Record<Family, number>> = { skirted: 0.67, vibrating: 0.73, spinner: 0.76 };

/** What a share of its best possible is worth beside other families. */
export const familyWorth = (family: Family, suits: number): number => (suits * USUAL_BEST.skirted) / USUAL_BEST[family];

/** Bounds that are kept: more would cost more time to hold than to find again. */
const KEPT_BOUNDS = 300_000;

/** Cache of pair bounds, shared by pairs the water does not distinguish, since every school asks for them again. */
function cachedReach(space: CandidateClasses, reach: ReachableRangeOf): ReachableRangeOf {
  const known = new Map<number, ReachableRange>();
  const cached = (head: HeadClass, trailer: TrailerClass): ReachableRange => {
    const key = head.alike * space.trailers.length + trailer.alike;
    const found = known.get(key) ?? reach(space.heads[head.alike]!, space.trailers[trailer.alike]!);
    if (known.size < KEPT_BOUNDS) known.set(key, found);
    return found;
  };
  return Object.assign(cached, { snag: reach.snag });
}

/** Everything about the rigs of a field that does not depend on its rules. */
type Physics = Pick<Field, 'space' | 'kin' | 'medium' | 'reach' | 'numbersOf'>;

/** What two waters must share for their rigs to be laid out and to behave the same. */
const physicsKey = ({ water, tempC, reel, reeled, depthM }: WaterFacts): string =>
  JSON.stringify([
    ...[tempC, water.salinityGPerKg ?? 0, reel, reeled, reel === null ? null : depthM],
    ...[water.cover, water.localRules ?? null],
  ]);

function physicsOf(box: Box, compiled: CompiledWater): Physics {
  const { facts } = compiled;
  const medium = mediumOf(facts.water);
  const { space, kin } = laidOutFor(box, facts.family, spaceFor(facts));
  return {
    space,
    kin,
    medium,
    reach: cachedReach(space, reachableRangesOf(space, medium, facts)),
    numbersOf: rigNumbers(space, compiled, medium),
  };
}

/** @param like  a field over the same box: what it measured is used again where this water leaves it unchanged */
export function fieldOf(water: Water, box: Box, suits: FamilySuits, like?: Field, own: Angler | null = null): Field {
  const { family } = suits;
  const compiled = compileWater(water, family, own);
  const same = like !== undefined && physicsKey(like.compiled.facts) === physicsKey(compiled.facts);
  const physics = same ? like : physicsOf(box, compiled);
  const { space } = physics;
  return {
    suits,
    compiled,
    space,
    kin: physics.kin,
    medium: physics.medium,
    judge: judgeOf(space, compiled),
    reach: physics.reach,
    numbersOf: physics.numbersOf,
    worth: familyWorth(family, suits.worth),
    pairs: space.heads.length * space.trailers.length,
  };
}

/**
 * The fields of all families a water may be answered with, the family that suits best first.
 * @param like  fields over the same box: what they measured is used again where this water leaves it unchanged
 * @param own   what the angler fishes with; null where every rig gets what its rules ask
 */
export function fieldsOf(water: Water, box: Box, like: readonly Field[] = [], own: Angler | null = null): Field[] {
  return familiesSuit(water).map((suits) =>
    fieldOf(
      water,
      box,
      suits,
      like.find((field) => field.suits.family === suits.family),
      own,
    ),
  );
}

/** Blocks bounded between two looks at the clock. */
const YIELD_AFTER_BLOCKS = 20_000;
/** Share of the work that bounding usually is. */
const BOUNDING_SHARE = 0.3;

/** Heads, and trailers, that the rules cannot tell apart. */
const lotsIn = ({ space }: Field): { readonly heads: readonly Lot[]; readonly trailers: readonly Lot[] } => ({
  heads: lotsOf(space.heads, ({ axes, skirtSet }) => `${skirtSet} ${axes.join()}`),
  trailers: lotsOf(space.trailers, ({ axes }) => axes.join()),
});

/** Upper bound for every pair of head and trailer: all wants met, its rules exact, the best skirt. */
export function* queueIn(field: Field): Generator<number, Queue> {
  const { space, judge } = field;
  const { heads, trailers } = lotsIn(field);
  const most = new Float64Array(heads.length * trailers.length);
  const rowOf = judge.mostRows(trailers.map(([first]) => space.trailers[first!]!));
  let sinceYield = 0;
  for (const [at, [firstHead]] of heads.entries()) {
    most.set(rowOf(space.heads[firstHead!]!), at * trailers.length);
    sinceYield += trailers.length;
    if (sinceYield < YIELD_AFTER_BLOCKS) continue;
    sinceYield = 0;
    yield at / heads.length;
  }
  return queueOf(most, heads, trailers);
}

/** A tighter upper bound: wants limited to the range this head can reach with this trailer. */
export function mostWithin({ judge, reach, compiled }: Field): Closer {
  const all = compiled.wants.reduce((sum, { weight }) => sum + weight, 0);
  /** what a number that is known costs a want */
  const lossOf = (id: WantId): ((value: number) => number) => {
    const want = compiled.wants.find((one) => one.id === id);
    if (!want) return () => 0;
    const fit = fitter(want);
    return (value) => want.weight * (1 - fit(value));
  };
  const [weighs, snags] = [lossOf('weight'), lossOf('snag')];
  const losses = new Map<HeadClass, number>();
  // what a head weighs is known before anything hangs on it
  const loss = (head: HeadClass): number => {
    const known = losses.get(head) ?? weighs(head.body.massKg);
    losses.set(head, known);
    return known;
  };
  return {
    loss,
    most(head, trailer, least) {
      const rules = judge.rules.closed(head, trailer) + judge.mostOfSkirts(head, trailer);
      // where meeting every want would not do, or every one but those that are known, nobody asks which it can meet
      if (all + rules < least) return all + rules;
      const known = all - loss(head) - snags(reach.snag(head, trailer)) + rules;
      return known < least ? known : judge.wants.most(reach(head, trailer), least - rules) + rules;
    },
  };
}

/** Number of pairs from which the tighter bounds pay, and the least number of pairs per block. */
const LOOK_AHEAD = { pairs: 1_000_000, inLot: 10 } as const;

const paysToLookAhead = ({ pairs }: Field, { heads, trailers }: Queue): boolean =>
  pairs > LOOK_AHEAD.pairs && pairs > LOOK_AHEAD.inLot * heads.length * trailers.length;

/**
 * What the last of the wanted rigs scores at least, from the first member of each lot alone: in a large field it spares measuring
 * most of what would be found and dropped again.
 */
export function* lookAhead(field: Field, queue: Queue, top: number): Generator<number, number> {
  const { space, judge, numbersOf, kin } = field;
  const firsts = { ...queue, heads: queue.heads.map(([at]) => [at!]), trailers: queue.trailers.map(([at]) => [at!]) };
  const search = searchBest(space, judge, firsts, mostWithin(field), numbersOf, {
    groupOf: kin.of,
    enough: (settled) => settled.length >= top,
    top,
  });
  const found = yield* paced(search, BOUNDING_SHARE, BOUNDING_SHARE);
  return found[top - 1]?.score ?? 0;
}

/**
 * The best rigs of one field, one a kin, and the order in which its pairs are worth looking at again.
 * @param floor   score among all families below which nothing but its very best is wanted
 * @param strict  not even that
 */
export function* rankField(
  field: Field,
  top: number,
  floor = 0,
  strict = false,
): Generator<number, { found: readonly Found[]; queue: Queue }> {
  const { space, judge, numbersOf, kin } = field;
  const queue = yield* scaled(queueIn(field), 0, BOUNDING_SHARE);
  const ahead = paysToLookAhead(field, queue) ? yield* lookAhead(field, queue, top) : 0;
  const search = searchBest(space, judge, queue, mostWithin(field), numbersOf, {
    groupOf: kin.of,
    enough: (settled) => settled.length >= top,
    top,
    floor: Math.max(floor / field.worth, ahead),
    strict,
  });
  return { found: (yield* paced(search, BOUNDING_SHARE, 1)).slice(0, top), queue };
}

/**
 * The best rigs of all fields, one after another: what a field finds spares the next the search for anything worse.
 * @param strict  a field whose best lies below what is wanted need not be searched for it
 * @yields  share of the work done
 */
export function* rankFields(fields: readonly Field[], top: number, strict = false): Generator<number, RankedField[]> {
  const pairs = fields.reduce((sum, field) => sum + field.pairs, 0);
  const ranked: RankedField[] = [];
  let done = 0;
  for (const field of fields) {
    if (field.pairs === 0) continue;
    const last = mergeRanked(ranked, top)[top - 1];
    // no rig collects more than all there is
    if (strict && last && last.score > field.worth) continue;
    const share = field.pairs / pairs;
    ranked.push({ field, ...(yield* scaled(rankField(field, top, last?.score ?? 0, strict), done, done + share)) });
    done += share;
  }
  return ranked;
}

/** The best of several fields together; of equals the family that suits better, then the order of the box. */
export const mergeRanked = (rows: readonly Pick<RankedField, 'field' | 'found'>[], top: number): Ranked[] =>
  rows
    .flatMap(({ field, found }) => found.map((one): Ranked => ({ field, found: one, score: field.worth * one.score })))
    .sort((a, b) => b.score - a.score)
    .slice(0, top);

/** Parts of a rig by their places in a space. */
type Parts = Omit<Found, 'score'>;
const rulesAt = ({ space }: Field, { rules }: Judge, { head, skirt, trailer }: Parts): number => {
  const [of, worn, hung] = [space.heads[head]!, space.skirts[skirt]!, space.trailers[trailer]!];
  return rules.closed(of, hung) + rules.skirt(rules.open(of, hung), worn, hung);
};

/** Points of a rig of a field under a judge, before anything is cut. */
export const pointsAt = (field: Field, judge: Judge, parts: Parts): number =>
  judge.wants.exact(field.numbersOf(parts.head, parts.skirt, parts.trailer)) + rulesAt(field, judge, parts);
/** The most it could collect however it is cut: every want met. */
export const mostPointsAt = (field: Field, parts: Parts): number =>
  field.compiled.wants.reduce((sum, { weight }) => sum + weight, 0) + rulesAt(field, field.judge, parts);

export const rigAt = ({ space }: Field, { head, skirt, trailer }: Parts): Rig =>
  rigOf(space.heads[head]!, space.skirts[skirt]!, space.trailers[trailer]!);
