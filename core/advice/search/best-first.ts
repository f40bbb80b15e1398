import type { Medium } from '../../motion/medium';
import { measureParts, type HasRow } from '../measures/rig-measures';
import {
  bestPossible,
  ruleScorer,
  higherFirst,
  wantScorer,
  type OpenRules,
  type RuleScorer,
  type WantScorer,
} from './score';
import { ATTRIBUTES, ATTRIBUTE_NAMES } from '../candidates/attributes';
import type { HeadClass, CandidateClasses, TrailerClass } from '../candidates/candidate-classes';
import type { CompiledWater } from '../rules/wants';

const COLOUR_AXIS = ATTRIBUTE_NAMES.indexOf('trailerColour');

/** A rig of a space by its classes, with its score. */
export interface Found {
  readonly head: number;
  readonly skirt: number;
  readonly trailer: number;
  readonly score: number;
}

/** Everything that scores rigs of one space under one compiled water. */
export interface Judge {
  readonly wants: WantScorer;
  readonly rules: RuleScorer;
  /** the most anything could collect: scores are shares of it */
  readonly best: number;
  /** the most the skirt rules can add, whichever skirt of a set is worn */
  mostOfSkirts(head: HeadClass, trailer: TrailerClass): number;
  /** the most wants and rules can give a head under each trailer of a list, a row at a time */
  mostRows(trailers: readonly TrailerClass[]): (head: HeadClass) => Float64Array;
}

/** Upper bound of what the skirts can add, memoised by the rules that head and trailer leave open, since many pairs share them. */
export function judgeOf(space: CandidateClasses, compiled: CompiledWater): Judge {
  const families = [...new Set(space.heads.map(({ family }) => family))];
  const rules = ruleScorer(compiled.prefers, families);
  const known = new Map<OpenRules, Float64Array>();
  const colours = ATTRIBUTES.trailerColour.length;
  const mostOfSkirts = (head: HeadClass, trailer: TrailerClass): number => {
    const open = rules.open(head, trailer);
    let row = known.get(open);
    if (!row) {
      row = new Float64Array(space.skirtSets.length * colours).fill(NaN);
      known.set(open, row);
    }
    // rules of one colour for both turn on the trailer's
    const at = head.skirtSet * colours + trailer.axes[COLOUR_AXIS]!;
    const found = row[at]!;
    if (!Number.isNaN(found)) return found;
    let most = -Infinity;
    for (const skirt of space.skirtSets[head.skirtSet]!.classes) {
      most = Math.max(most, rules.skirt(open, space.skirts[skirt]!, trailer));
    }
    row[at] = most;
    return most;
  };
  const allWants = compiled.wants.reduce((sum, { weight }) => sum + weight, 0);
  return {
    wants: wantScorer(compiled.wants),
    rules,
    best: bestPossible(compiled),
    mostOfSkirts,
    mostRows(trailers) {
      const closed = rules.closedRows(trailers);
      // trailers that skirts cannot tell apart, each with the first of its kind
      const firsts: TrailerClass[] = [];
      const places = new Map<number, number>();
      const groups = Uint32Array.from(trailers, (trailer) => {
        const key = rules.openedBy(trailer) * colours + trailer.axes[COLOUR_AXIS]!;
        const place = places.get(key) ?? firsts.push(trailer) - 1;
        places.set(key, place);
        return place;
      });
      return (head) => {
        const row = closed(head);
        const worn = Float64Array.from(firsts, (trailer) => allWants + mostOfSkirts(head, trailer));
        for (let at = 0; at < row.length; at++) row[at]! += worn[groups[at]!]!;
        return row;
      };
    },
  };
}

/** Numbers of rigs, measured when first asked for and shared by every search over one space and water. */
export function rigNumbers(
  space: CandidateClasses,
  compiled: CompiledWater,
  medium: Medium,
): (head: number, skirt: number, trailer: number) => HasRow {
  const known = new Map<number, HasRow>();
  return (head, skirt, trailer) => {
    const alike = space.skirts[skirt]!.alike;
    const key =
      (space.heads[head]!.alike * space.skirts.length + alike) * space.trailers.length + space.trailers[trailer]!.alike;
    const found =
      known.get(key) ??
      measureParts(space.heads[head]!, space.skirts[skirt]!, space.trailers[trailer]!, medium, compiled.facts);
    if (known.size < KEPT_RIGS) known.set(key, found);
    return found;
  };
}

/** Size of the cache of measured rigs. */
const KEPT_RIGS = 400_000;

/** How a search groups rigs and when it has found enough. */
export interface SearchFor {
  /** group of a head with a trailer, by their places in the space: only the best of each group is kept; below 0 for none */
  groupOf(head: number, trailer: number): number;
  /** groups settled so far, best first: true when these are enough */
  enough(settled: readonly Found[]): boolean;
  /** only so many of the best groups are wanted: what cannot be among them need not be measured */
  readonly top?: number;
  /** share of the best possible below which nothing but the very best is wanted */
  readonly floor?: number;
  /** not even the very best is wanted when it lies below the floor */
  readonly strict?: boolean;
}

/** Of equals the first in the order of the box. */
export const better = (a: Found, b: Found): number =>
  higherFirst(a, b) || a.head - b.head || a.skirt - b.skirt || a.trailer - b.trailer;

/** A block of heads (or trailers) that no rule distinguishes, by their indices in the space. */
export type Lot = readonly number[];

/**
 * Lots of heads with lots of trailers in the order in which they are worth looking at: the rules cannot tell the pairs of a block
 * apart, so one bound does for all of them.
 */
export interface Queue {
  readonly heads: readonly Lot[];
  readonly trailers: readonly Lot[];
  /** blocks, the most promising first: place of the lot of heads times the number of lots of trailers, and that of the trailers */
  readonly order: Uint32Array;
  /** most a pair of a block can collect, not yet as a share */
  most(block: number): number;
}

/** Tighter upper bounds than those the queue is sorted by. */
export interface Closer {
  /** what a head loses of the bound whatever hangs on it */
  loss(head: HeadClass): number;
  /** a closer bound on what a pair collects; as loose as the queue's where that is less than `least` anyway */
  most(head: HeadClass, trailer: TrailerClass, least: number): number;
}

/** Slack between bound and score for rounding and for the resolution of the sort keys. */
const SLACK = 1e-6;

/** Steps between the least and the highest bound that the order of blocks tells apart: of two digits of so many bits each. */
const DIGIT_BITS = 11;
const DIGIT = 2 ** DIGIT_BITS;

/** Puts blocks in order, the most promising first: a radix sort, several times faster than sorting numbers by comparing them. */
export function queueOf(most: Float64Array, heads: readonly Lot[], trailers: readonly Lot[]): Queue {
  let [least, highest] = [Infinity, -Infinity];
  for (let block = 0; block < most.length; block++) {
    least = Math.min(least, most[block]!);
    highest = Math.max(highest, most[block]!);
  }
  const grain = Math.max((highest - least) / (DIGIT * DIGIT - 1), Number.MIN_VALUE);
  const keys = new Uint32Array(most.length);
  for (let block = 0; block < most.length; block++) keys[block] = Math.round((highest - most[block]!) / grain);
  let order = new Uint32Array(most.length);
  for (let block = 0; block < most.length; block++) order[block] = block;
  for (const shift of [0, DIGIT_BITS]) order = sortedBy(order, keys, shift);
  return { heads, trailers, order, most: (block) => most[block]! };
}

/** Sorted by one digit of a key, of equals in the order they came in. */
function sortedBy(order: Uint32Array, keys: Uint32Array, shift: number): Uint32Array<ArrayBuffer> {
  const places = new Uint32Array(DIGIT + 1);
  const digitOf = (block: number): number => (keys[block]! >>> shift) & (DIGIT - 1);
  for (let at = 0; at < order.length; at++) places[digitOf(order[at]!) + 1]!++;
  for (let digit = 0; digit < DIGIT; digit++) places[digit + 1]! += places[digit]!;
  const sorted = new Uint32Array(order.length);
  for (let at = 0; at < order.length; at++) {
    const block = order[at]!;
    sorted[places[digitOf(block)]!++] = block;
  }
  return sorted;
}

/** Groups the members of a space by a key, in their order. */
export function lotsOf<T>(members: readonly T[], keyOf: (member: T) => string): Lot[] {
  const lots = new Map<string, number[]>();
  members.forEach((member, at) => {
    const key = keyOf(member);
    const lot = lots.get(key);
    if (lot) lot.push(at);
    else lots.set(key, [at]);
  });
  return [...lots.values()];
}

/**
 * Best-first search. Pairs of head and trailer come in the order of what they can score at most; a pair, and within it a skirt,
 * is measured only while it could still beat the best of its group. A group is settled once nothing left can beat it.
 * @param queue   an upper bound for every pair
 * @param closer  closer bounds, asked before anything is measured; null when the queue's are as close
 * @returns        the best of each settled group, best first
 */
export function* searchBest(
  space: CandidateClasses,
  judge: Judge,
  queue: Queue,
  closer: Closer | null,
  numbersOf: (head: number, skirt: number, trailer: number) => HasRow,
  { groupOf, enough, top, floor = -1, strict = false }: SearchFor,
): Generator<void, Found[]> {
  const lots = queue.trailers.length;
  const best = new Map<number, Found>();
  const share = (collected: number): number => Math.max(0, collected / judge.best);
  let sinceYield = 0;
  /** score of the last group that is wanted, once there are so many */
  let bestYet = -1;
  const least = (): number => (strict ? floor : Math.min(floor, bestYet));
  let cutoff = least();
  let looked = CHECK_EVERY;
  for (const block of queue.order) {
    const most = queue.most(block);
    const bound = share(most) + SLACK;
    if (looked >= CHECK_EVERY) {
      looked = 0;
      if (bound < least()) break;
      const sorted = [...best.values()].sort(better);
      const settled = sorted.filter(({ score }) => score > bound);
      if (enough(settled)) return settled;
      cutoff = least();
      if (top !== undefined && sorted.length >= top) cutoff = Math.max(cutoff, sorted[top - 1]!.score);
    }
    looked++;
    if (bound < cutoff) continue;
    const hung = queue.trailers[block % lots]!;
    for (const headAt of queue.heads[Math.floor(block / lots)]!) {
      const head = space.heads[headAt]!;
      if (closer !== null && share(most - closer.loss(head)) + SLACK < cutoff) continue;
      looked += hung.length;
      for (const trailerAt of hung) {
        const group = groupOf(headAt, trailerAt);
        if (group < 0) continue;
        const bar = Math.max(cutoff, best.get(group)?.score ?? -1);
        if (bound < bar) continue;
        const trailer = space.trailers[trailerAt]!;
        const nearer = closer === null ? most : closer.most(head, trailer, (bar - SLACK) * judge.best);
        if (++sinceYield > YIELD_AFTER) {
          sinceYield = 0;
          yield;
        }
        if (share(nearer) + SLACK < bar) continue;

        const closed = judge.rules.closed(head, trailer);
        const open = judge.rules.open(head, trailer);
        const beside = nearer - judge.mostOfSkirts(head, trailer);
        for (const skirtAt of space.skirtSets[head.skirtSet]!.classes) {
          const worn = judge.rules.skirt(open, space.skirts[skirtAt]!, trailer);
          if (share(beside + worn) + SLACK < Math.max(cutoff, best.get(group)?.score ?? -1)) continue;
          const score = share(judge.wants.exact(numbersOf(headAt, skirtAt, trailerAt)) + closed + worn);
          const found: Found = { head: headAt, skirt: skirtAt, trailer: trailerAt, score };
          const so = best.get(group);
          if (!so || better(found, so) < 0) best.set(group, found);
          if (score > bestYet) bestYet = score;
          sinceYield++;
        }
      }
    }
  }
  return [...best.values()].sort(better);
}

/** Pairs between two looks at whether enough is settled. */
const CHECK_EVERY = 32;
/** Rigs and pairs looked at between two looks at the clock. */
const YIELD_AFTER = 1500;
