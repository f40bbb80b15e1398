import type { TrailerKind } from '../../tackle/trailers';
import type { HeadStyle } from '../../tackle/heads';
import type { PlateSize } from '../../tackle/blades';
import type { CoverKind, Family, SchoolQuestion, Water } from '../../water/schema';

/** What the water can be asked for in one word. */
export const WATER_FACTS = [
  'bottom',
  'high',
  'inCover',
  'wood',
  'forked',
  'stone',
  'grass',
  'matted',
  'stems',
  'junk',
  'spring',
  'roofed',
  'overWeed',
  'reeled',
] as const;
export type WaterFact = (typeof WATER_FACTS)[number];

/** Choices of a water, each with its values. */
export type WaterChoice = 'mood' | 'season' | 'aim' | 'sky' | 'wind' | 'pressure' | 'species';
type ChosenOf = { [C in WaterChoice]: { readonly of: C; readonly value: NonNullable<Water[C]> } }[WaterChoice];

/** Everything a clause can say, with the numbers and names its words need. */
export interface ClauseValues {
  always: object;
  fact: { readonly fact: WaterFact };
  chosen: ChosenOf;
  colder: { readonly tempF: number };
  murkier: { readonly in: number };
  shallower: { readonly ft: number; readonly included: boolean };
  cover: { readonly kind: CoverKind };
  'cover-density': { readonly density: 1 | 2 | 3; readonly exactly: boolean };
  'weed-density': { readonly density: 2 | 3 };
  'several-covers': object;
  'food-known': object;
  'one-food': object;
  'first-food': { readonly food: Water['forage'][number] };
  food: { readonly food: Water['forage'][number] };
  'wanted-from': { readonly ft: number };
  'wanted-to': { readonly ft: number };
  'depth-asked': object;
  'weed-top-known': object;
  'weed-top-below': { readonly in: number };
  family: { readonly family: Family };
  'no-hook-allowed': object;
  'trailer-hook-allowed': object;
  school: { readonly question: SchoolQuestion; readonly school: string };
  // of a rig
  'rig-family': { readonly family: Family };
  'reeled-family': object;
  head: { readonly styles: readonly HeadStyle[] };
  trailer: { readonly kinds: readonly TrailerKind[] };
  'trailer-long': { readonly in: number };
  'trailer-short': { readonly in: number };
  has: { readonly part: 'trailer' | 'skirt' | 'core' };
  'hung-by-its-end': object;
  plate: { readonly size: PlateSize };
  'guard-of': { readonly kind: 'fibre' | 'wire' };
  fibres: { readonly count: number };
  strands: { readonly count: number };
  'arms-open': object;
  'round-blades': object;
  'large-round-blade': object;
  finesse: object;
  'light-head': { readonly oz: number };
  'stout-wire': object;
  'tail-works': object;
  'tail-match': { readonly match: 'weak' | 'dead' };
  fast: { readonly mps: number };
  'very-fast': object;
  shaken: object;
}
export type ClauseKey = keyof ClauseValues;

/** A number of the facts that a clause holds against a limit: below it, or from it on. */
export interface Threshold<F> {
  readonly reads: (facts: F) => number;
  readonly limit: number;
  readonly holds: 'below' | 'up-to' | 'from';
  /** width of the ramp about the limit, in the same unit; 0 where it holds at once */
  readonly over: number;
}

/** One clause: what it asks, what its words need, and, where it compares a number, how. */
export interface Clause<F> {
  readonly join: 'none';
  readonly key: ClauseKey;
  readonly values: ClauseValues[ClauseKey];
  readonly not: boolean;
  readonly test: (facts: F) => boolean;
  readonly threshold: Threshold<F> | null;
}

/** Clauses that hold together, or of which one is enough. */
export interface Joint<F> {
  readonly join: 'all' | 'any';
  readonly of: readonly Condition<F>[];
}

/** When a rule speaks: a value that is asked, worded and, where it has a ramp, taken by degrees. */
export type Condition<F> = Clause<F> | Joint<F>;

/** A clause that simply is or is not so. */
export const clause = <F, K extends ClauseKey>(
  key: K,
  values: ClauseValues[K],
  test: (facts: F) => boolean,
): Condition<F> => ({ join: 'none', key, values, not: false, test, threshold: null });

/** A clause that compares a number. */
export function compares<F, K extends ClauseKey>(
  key: K,
  values: ClauseValues[K],
  reads: (facts: F) => number,
  holds: Threshold<F>['holds'],
  limit: number,
  over = 0,
): Condition<F> {
  const test = (facts: F): boolean => {
    const value = reads(facts);
    if (holds === 'below') return value < limit;
    return holds === 'up-to' ? value <= limit : value >= limit;
  };
  return { join: 'none', key, values, not: false, test, threshold: { reads, limit, holds, over } };
}

export const always: Condition<unknown> = clause('always', {}, () => true);

export const all = <F>(...of: readonly Condition<F>[]): Condition<F> => ({ join: 'all', of });
export const any = <F>(...of: readonly Condition<F>[]): Condition<F> => ({ join: 'any', of });

/** The opposite; of what is joined each part is turned round. */
export function not<F>(condition: Condition<F>): Condition<F> {
  if (condition.join === 'none') return { ...condition, not: !condition.not };
  return { join: condition.join === 'all' ? 'any' : 'all', of: condition.of.map((one) => not(one)) };
}

export function holds<F>(condition: Condition<F>, facts: F): boolean {
  if (condition.join === 'none') return condition.test(facts) !== condition.not;
  const asked = (one: Condition<F>): boolean => holds(one, facts);
  return condition.join === 'all' ? condition.of.every(asked) : condition.of.some(asked);
}

/**
 * How far a condition holds: 1 wholly, 0 not at all, in between on a ramp, half of it on its limit.
 * @returns 0 to 1; the least of what has to hold together, the most of what is enough by itself
 */
export function share<F>(condition: Condition<F>, facts: F): number {
  if (condition.join !== 'none') {
    const shares = condition.of.map((one) => share(one, facts));
    return condition.join === 'all' ? Math.min(...shares) : Math.max(...shares);
  }
  const { threshold, test } = condition;
  const full = (): number => {
    if (threshold === null || threshold.over === 0) return test(facts) ? 1 : 0;
    const beyond = (threshold.reads(facts) - threshold.limit) / threshold.over;
    return Math.min(1, Math.max(0, 0.5 + (threshold.holds === 'from' ? beyond : -beyond)));
  };
  return condition.not ? 1 - full() : full();
}

/** Every clause of a condition. */
export const clausesOf = <F>(condition: Condition<F>): readonly Clause<F>[] =>
  condition.join === 'none' ? [condition] : condition.of.flatMap(clausesOf);

/** A condition of one thing, asked of another that holds it. */
export function within<F, G>(condition: Condition<F>, of: (facts: G) => F): Condition<G> {
  if (condition.join !== 'none') return { join: condition.join, of: condition.of.map((one) => within(one, of)) };
  const { test, threshold } = condition;
  return {
    ...condition,
    test: (facts: G) => test(of(facts)),
    threshold: threshold && { ...threshold, reads: (facts: G) => threshold.reads(of(facts)) },
  };
}
