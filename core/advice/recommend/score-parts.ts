import type { Family } from '../../water/schema';
import { faultPoints } from '../checks';
import { oneWant, type JudgedWhole } from '../ready/make-ready';
import { isMistake } from '../rules/mistakes';
import type { WantId } from '../rules/rule';
import type { CompiledWater } from '../rules/wants';
import { bestPossible, fits } from '../search/score';
import { attributeValues, isAimedAt } from '../candidates/attributes';
import { gearShare } from '../conditions/own-gear';
import type { Rig } from '../../rig/parts/schema';

/**
 * What a score is the sum of: each want; the craft's rules for and against rigs; faults; the angler's gear; the log; and what a family gives away to
 * the one that suits the water best.
 */
export type ScorePartId = `want:${WantId}` | 'craft' | 'faults' | 'gear' | 'log' | 'family';
/** One addend of a score: what a rig got, and what the best rig of its family, of every kind and size there is, gets there. */
export interface ScorePart {
  readonly part: ScorePartId;
  readonly got: number;
  readonly of: number;
}

/** Addends of a rig's score among all families, before it is scaled. */
export type RawParts = Readonly<Partial<Record<ScorePartId, number>>>;

/**
 * Takes a score apart. What the addends come to is the score: where a sum would leave 0 to 1, what is too much is taken from the craft, and faults
 * take no more than there is.
 * @param worth  what a share of its best possible is worth beside other families
 */
export function rawPartsOf(compiled: CompiledWater, worth: number, rig: Rig, judged: JudgedWhole): RawParts {
  const share = 1 / bestPossible(compiled);
  const values = attributeValues(rig);
  let [craft, mistakes] = [0, 0];
  for (const { id, target, weight } of compiled.prefers) {
    if (!isAimedAt(target, values)) continue;
    if (isMistake(id)) mistakes += weight;
    else craft += weight;
  }
  const wants = fits(compiled, judged.has).map(({ want, fit }): [ScorePartId, number] => [
    `want:${want.id}`,
    share * want.weight * fit,
  ]);
  const log = share * (judged.logged?.weight ?? 0) * oneWant(compiled);
  let faults = share * (mistakes - faultPoints(judged.faults.filter((id) => !isMistake(id))));
  let ofCraft = share * craft;
  const sum = wants.reduce((so, [, got]) => so + got, ofCraft + faults + log);
  if (sum < 0) faults -= sum;
  if (sum > 1) ofCraft -= sum - 1;
  const left = Math.min(1, Math.max(0, sum));
  const parts: [ScorePartId, number][] = [
    ...wants,
    ['craft', ofCraft],
    ['faults', faults],
    ['gear', (gearShare(judged.gear) - 1) * left],
    ['log', log],
  ];
  return Object.fromEntries(parts.map(([part, got]) => [part, worth * got]));
}

/** The best rig of every kind and size on a water, by which scores are told; and the best of each family, as shares of it. */
export interface WaterBest {
  /** its score before it is scaled: 1 on the scale that is told */
  readonly raw: number;
  readonly families: Readonly<Partial<Record<Family, FamilyBest>>>;
}
/** The scale of scores that are only compared with each other. */
export const UNSCALED: WaterBest = { raw: 1, families: {} };
export interface FamilyBest {
  readonly rig: Rig;
  /** share of the best of all families, 0 to 1 */
  readonly score: number;
  readonly parts: RawParts;
  /** what is asked of the family and even this rig, which scores most of all there are, does not meet */
  readonly misses: readonly WantId[];
}

/** A score among all families on the scale that is told: one that a box holds and no catalogue lists may do better than every kind there is. */
export const scaledScore = (raw: number, best: WaterBest): number => Math.min(1, raw / best.raw);

/** Order in which parts of a score are told that are no wants. */
const BESIDE_WANTS = ['craft', 'faults', 'gear', 'log', 'family'] as const satisfies readonly ScorePartId[];

/**
 * A score on the scale that is told, in parts: what a rig got, and what the best of its family gets, with what that family gives away. All that is
 * got adds up to the score, all that could be got to 1.
 */
export function scorePartsOf(raw: RawParts, family: Family, { raw: most, families }: WaterBest): readonly ScorePart[] {
  const sum = Object.values(raw).reduce((so, got) => so + got, 0);
  const scale = Math.max(most, sum);
  const best = families[family];
  const wants = Object.keys(raw).filter((part) => part.startsWith('want:')) as ScorePartId[];
  return [...wants, ...BESIDE_WANTS].flatMap((part): ScorePart[] => {
    const of = part === 'family' ? 1 - (best?.score ?? 1) : (best?.parts[part] ?? raw[part] ?? 0) / most;
    const got = part === 'family' ? 0 : (raw[part] ?? 0) / scale;
    return Math.abs(of) < 1e-9 && Math.abs(got) < 1e-9 && !part.startsWith('want:') ? [] : [{ part, got, of }];
  });
}

/** What a rig lacks to the best of its family, the largest first; what is less than half a point of a hundred is left out. */
export const missingIn = (parts: readonly ScorePart[]): readonly ScorePart[] =>
  parts.filter(({ got, of }) => of - got >= LEAST_TOLD).sort((a, b) => b.of - b.got - (a.of - a.got));
const LEAST_TOLD = 0.005;

/** A part of a score in whole points of a hundred. */
export interface WholePart {
  readonly part: ScorePartId;
  readonly got: number;
  readonly of: number;
}

/** Whole numbers whose sum is the whole number of a sum: those cut off most are rounded up. */
function wholes(values: readonly number[]): number[] {
  const total = Math.round(values.reduce((sum, value) => sum + value, 0));
  const floors = values.map(Math.floor);
  const short = total - floors.reduce((sum, value) => sum + value, 0);
  const order = values
    .map((value, at) => ({ at, rest: value - floors[at]! }))
    .sort((a, b) => b.rest - a.rest || a.at - b.at);
  const up = new Set(order.slice(0, short).map(({ at }) => at));
  return floors.map((floor, at) => floor + (up.has(at) ? 1 : 0));
}

/** Parts of a score in whole points: what is got adds up to the score as it is told, what could be got to 100. */
export function wholeParts(parts: readonly ScorePart[]): readonly WholePart[] {
  const got = wholes(parts.map((one) => 100 * one.got));
  const of = wholes(parts.map((one) => 100 * one.of));
  return parts.map(({ part }, at) => ({ part, got: got[at]!, of: of[at]! }));
}
