import type { Rig } from '../../rig/parts/schema';
import { FAMILIES, type Family } from '../../water/schema';
import {
  ATTRIBUTE_NAMES,
  ATTRIBUTE_OF,
  attributeValues,
  isAimedAt,
  masksOf,
  type AxisMask,
} from '../candidates/attributes';
import type { Has, HasRow } from '../measures/rig-measures';
import { WANT_IDS, type PreferRule, type WantId } from '../rules/rule';
import type { HeadClass, SkirtClass, TrailerClass } from '../candidates/candidate-classes';
import type { CompiledWater, Want } from '../rules/wants';
import { bestValue, fit, fitter } from '../rules/want-fit';

/** A score to nine places: rigs that no rule tells apart are equal, however their numbers were iterated. */
const toNinePlaces = (score: number): number => Math.round(score * 1e9) / 1e9;
/** The higher score first; of equals none. */
export const higherFirst = (a: { readonly score: number }, b: { readonly score: number }): number =>
  toNinePlaces(b.score) - toNinePlaces(a.score);

/** The most a rig could collect on this water: every want met and every friendly rule on its side. */
export const bestPossible = (compiled: CompiledWater): number =>
  compiled.wants.reduce((sum, want) => sum + want.weight, 0) +
  compiled.prefers.reduce((sum, rule) => sum + Math.max(0, rule.weight), 0);

/** Want by want, how well one rig does. */
export const fits = (compiled: CompiledWater, has: Has): readonly { readonly want: Want; readonly fit: number }[] =>
  compiled.wants.map((want) => ({ want, fit: fit(want, has[want.id]) }));

/** Sum of the rules that speak about one rig: for it less against it. */
export function rulesOn(compiled: CompiledWater, rig: Rig): number {
  const values = attributeValues(rig);
  let sum = 0;
  for (const { target, weight } of compiled.prefers) {
    if (isAimedAt(target, values)) sum += weight;
  }
  return sum;
}

/** The least and the most of a number. */
export type Range = readonly [least: number, most: number];

/** What the wants of a water give a rig, and the most they can give one whose numbers lie in ranges. */
export interface WantScorer {
  exact(row: HasRow): number;
  /** @param least  what is asked for: where even the running depth at its best would not do, it is not looked up */
  most(reach: Readonly<Record<WantId, Range>>, least?: number): number;
}

export function wantScorer(wants: readonly Want[]): WantScorer {
  const columns = Uint8Array.from(wants, ({ id }) => WANT_IDS.indexOf(id));
  const fitting = wants.map(fitter);
  const weights = Float64Array.from(wants, ({ weight }) => weight);
  const bests = wants.map(bestValue);
  const run = wants.findIndex(({ id }) => id === 'run');
  const mostOf = (want: number, reach: Readonly<Record<WantId, Range>>): number => {
    const [least, most] = reach[wants[want]!.id];
    return weights[want]! * fitting[want]!(Math.min(most, Math.max(least, bests[want]!)));
  };
  return {
    exact(row) {
      let sum = 0;
      for (let want = 0; want < columns.length; want++) sum += weights[want]! * fitting[want]!(row[columns[want]!]!);
      return sum;
    },
    most(reach, asked = -Infinity) {
      let sum = 0;
      for (let want = 0; want < columns.length; want++) if (want !== run) sum += mostOf(want, reach);
      if (run === -1) return sum;
      return sum + (sum + weights[run]! < asked ? weights[run]! : mostOf(run, reach));
    },
  };
}

const matches = (masks: readonly AxisMask[], axes: Uint8Array): boolean => {
  for (const { axis, bits } of masks) if (((bits >> axes[axis]!) & 1) === 0) return false;
  return true;
};

/** A rule's target split by the part (head, skirt, trailer) each axis looks at. */
interface SplitRule {
  readonly weight: number;
  readonly head: readonly AxisMask[];
  readonly trailer: readonly AxisMask[];
  readonly skirt: readonly AxisMask[];
  /** whether trailer and skirt must be of one colour class; null when the rule does not ask */
  readonly sameColour: boolean | null;
}

const SKIRT_COLOUR = ATTRIBUTE_NAMES.indexOf('skirtColour');
const TRAILER_COLOUR = ATTRIBUTE_NAMES.indexOf('trailerColour');
const SAME_COLOUR = ATTRIBUTE_NAMES.indexOf('sameColour');
/** "none" stands last on the colour axes, behind the seven classes. */
const NO_COLOUR = 7;

function splitRule({ target, weight }: PreferRule): SplitRule {
  const masks = masksOf(target);
  const of = (part: string): AxisMask[] => masks.filter(({ axis }) => ATTRIBUTE_OF[ATTRIBUTE_NAMES[axis]!] === part);
  const same = masks.find(({ axis }) => axis === SAME_COLOUR);
  return {
    weight,
    head: of('head'),
    trailer: of('trailer'),
    skirt: of('skirt'),
    sameColour: same ? same.bits === 2 : null,
  };
}

/** Rules that still depend on the skirt once head and trailer are chosen, with a memo of their sums by skirt. */
export interface OpenRules {
  readonly rules: readonly SplitRule[];
  /** by twice the skirt's place, and one more when trailer and skirt are of one colour */
  readonly sums: (number | undefined)[];
}

/** What the rules of a water give a rig, part by part, so that what is settled early is added up once. */
export interface RuleScorer {
  /** exact sum of the rules that head and trailer settle between them */
  closed(head: HeadClass, trailer: TrailerClass): number;
  /** the same for a head under each trailer of a list, a row at a time: many times faster than one by one */
  closedRows(trailers: readonly TrailerClass[]): (head: HeadClass) => Float64Array;
  /** a number shared by trailers that leave the same rules open, under whatever head */
  openedBy(trailer: TrailerClass): number;
  /** rules still open for the skirt; pairs that leave the same ones open share one list */
  open(head: HeadClass, trailer: TrailerClass): OpenRules;
  /** exact sum of open rules for one skirt */
  skirt(open: OpenRules, skirt: SkirtClass, trailer: TrailerClass): number;
}

/** @param families  of the heads that are judged: a rule that holds for all of them need not look at each */
export function ruleScorer(prefers: readonly PreferRule[], families: readonly Family[] = FAMILIES): RuleScorer {
  const rules = prefers.map((rule) => {
    const { family, ...rest } = rule.target;
    return splitRule(family && families.every((one) => family.includes(one)) ? { ...rule, target: rest } : rule);
  });
  const isOpen = (rule: SplitRule): boolean => rule.skirt.length > 0 || rule.sameColour !== null;
  const closedRules = rules.filter((rule) => !isOpen(rule));
  const openRules = rules.filter(isOpen);
  interface Settled {
    readonly sum: number;
    readonly cross: readonly number[];
    /** which of the open rules still stand, as a number shared by all parts that leave the same ones */
    readonly open: number;
  }
  const sets: { readonly rules: readonly number[] }[] = [];
  const setIds = new Map<string, number>();
  const idOfSet = (standing: readonly number[]): number => {
    const key = standing.join(' ');
    const known = setIds.get(key);
    if (known !== undefined) return known;
    setIds.set(key, sets.length);
    sets.push({ rules: standing });
    return sets.length - 1;
  };
  const joined = new Map<number, OpenRules>();
  const heads = new Map<HeadClass, Settled>();
  const trailers = new Map<TrailerClass, { readonly sum: number; readonly fits: Uint8Array; readonly open: number }>();
  const standing = (part: 'head' | 'trailer', axes: Uint8Array): number =>
    idOfSet(openRules.flatMap((rule, at) => (matches(rule[part], axes) ? [at] : [])));
  const ofHead = (head: HeadClass): Settled => {
    const known = heads.get(head);
    if (known) return known;
    const fitting = closedRules.map((rule, at) => ({ rule, at })).filter(({ rule }) => matches(rule.head, head.axes));
    const settled: Settled = {
      sum: fitting.reduce((sum, { rule }) => (rule.trailer.length === 0 ? sum + rule.weight : sum), 0),
      cross: fitting.filter(({ rule }) => rule.trailer.length > 0 && rule.head.length > 0).map(({ at }) => at),
      open: standing('head', head.axes),
    };
    heads.set(head, settled);
    return settled;
  };
  const ofTrailer = (
    trailer: TrailerClass,
  ): { readonly sum: number; readonly fits: Uint8Array; readonly open: number } => {
    const known = trailers.get(trailer);
    if (known) return known;
    const fitting = new Uint8Array(closedRules.length);
    let sum = 0;
    for (let at = 0; at < closedRules.length; at++) {
      const rule = closedRules[at]!;
      if (rule.trailer.length === 0 || !matches(rule.trailer, trailer.axes)) continue;
      fitting[at] = 1;
      if (rule.head.length === 0) sum += rule.weight;
    }
    const settled = { sum, fits: fitting, open: standing('trailer', trailer.axes) };
    trailers.set(trailer, settled);
    return settled;
  };
  /** rules that look at the head and at the trailer */
  const ofPairs = closedRules.flatMap(({ head, trailer }, at) => (head.length > 0 && trailer.length > 0 ? [at] : []));
  return {
    closedRows(list) {
      const sums = new Float64Array(list.length);
      // for each rule the trailers it holds for
      const held: number[][] = closedRules.map(() => []);
      list.forEach((trailer, at) => {
        const { sum, fits } = ofTrailer(trailer);
        sums[at] = sum;
        for (const rule of ofPairs) if (fits[rule]! === 1) held[rule]!.push(at);
      });
      const places = held.map((row) => Uint32Array.from(row));
      return (head) => {
        const own = ofHead(head);
        const row = sums.map((sum) => sum + own.sum);
        for (const rule of own.cross) {
          const { weight } = closedRules[rule]!;
          for (const at of places[rule]!) row[at]! += weight;
        }
        return row;
      };
    },
    openedBy: (trailer) => ofTrailer(trailer).open,
    closed(head, trailer) {
      const own = ofHead(head);
      const plastic = ofTrailer(trailer);
      let sum = own.sum + plastic.sum;
      for (const at of own.cross) if (plastic.fits[at]! === 1) sum += closedRules[at]!.weight;
      return sum;
    },
    open(head, trailer) {
      const [of, by] = [ofHead(head).open, ofTrailer(trailer).open];
      const key = of * 65_536 + by;
      const known = joined.get(key);
      if (known) return known;
      const both = new Set(sets[by]!.rules);
      const standing = sets[of]!.rules.filter((at) => both.has(at)).map((at) => openRules[at]!);
      const open: OpenRules = { rules: standing, sums: [] };
      joined.set(key, open);
      return open;
    },
    skirt(open, skirt, trailer) {
      const colour = skirt.axes[SKIRT_COLOUR]!;
      const same = colour !== NO_COLOUR && colour === trailer.axes[TRAILER_COLOUR]!;
      const place = 2 * skirt.place + (same ? 1 : 0);
      const known = open.sums[place];
      if (known !== undefined) return known;
      let sum = 0;
      for (const rule of open.rules) {
        if (rule.sameColour !== null && rule.sameColour !== same) continue;
        if (matches(rule.skirt, skirt.axes)) sum += rule.weight;
      }
      open.sums[place] = sum;
      return sum;
    },
  };
}
