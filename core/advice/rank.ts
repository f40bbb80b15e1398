import type { Box } from '../rig/box';
import { TRAYS, type Tray } from '../rig/box';
import type { Rig } from '../rig/schema';
import { rigBody } from '../rig/body';
import { mediumAt } from '../motion/fall';
import { fallReport, type FallReport } from '../motion/report';
import type { Water, WeightSchool } from '../water/schema';
import { enumerateRigs, rigAt, type Candidates } from './enumerate';
import { axisValues } from './axes';
import { measureAll, measureRig, type Has } from './measure';
import { fits, scoreAll } from './score';
import { otherWeightSchool, type SchoolReason } from './schools';
import { compileWater, type CompiledWater, type Want } from './wants';

/** One reason for or against a rig, by rule; wording is made from it later. */
export interface Reason {
  readonly rule: string;
  /** the want it speaks of, when it is about a band */
  readonly want: Want['id'] | null;
  readonly weight: number;
  readonly for: boolean;
}

/** What the other school would tie: its best rig with a lighter, or a heavier, head, and its numbers. */
export interface Dissent {
  readonly question: 'weight';
  readonly school: WeightSchool;
  readonly rig: Rig;
  readonly has: Has;
  readonly fall: FallReport;
}

export interface Pick {
  readonly rank: number;
  readonly rig: Rig;
  readonly score: number;
  readonly has: Has;
  readonly fall: FallReport;
  readonly reasons: readonly Reason[];
  readonly dissent: readonly Dissent[];
  /** further rigs with the same head and trailer kind that differ in weight, size, skirt or colour */
  readonly alike: number;
}

/** Everything a water and a box give; SI, no words. */
export interface Advice {
  readonly wants: readonly Want[];
  readonly school: WeightSchool;
  readonly schoolReason: SchoolReason;
  readonly picks: readonly Pick[];
  readonly considered: number;
  /** trays without which rigs lack a part */
  readonly missing: readonly Tray[];
  /** families asked for that are not judged yet */
  readonly unjudged: boolean;
}

export const DEFAULT_TOP = 8;

/** Reasons for and against one rig on this water, strongest first. */
export function reasonsFor(compiled: CompiledWater, rig: Rig, has: Has): Reason[] {
  const values = axisValues(rig);
  const fromWants = fits(compiled, has).map(({ want, fit }): Reason => {
    const inside = has[want.id] >= want.from && has[want.id] <= want.to;
    const weight = inside ? want.weight * fit : want.weight * (1 - fit);
    return { rule: want.rules[0]!, want: want.id, weight, for: inside };
  });
  const fromRules = compiled.prefers
    .filter(({ target }) =>
      Object.entries(target).every(([axis, wanted]) =>
        (wanted as readonly unknown[]).includes(values[axis as keyof typeof values]),
      ),
    )
    .map(({ id, weight }): Reason => ({ rule: id, want: null, weight: Math.abs(weight), for: weight > 0 }));
  return [...fromWants, ...fromRules].sort((a, b) => b.weight - a.weight);
}

/** Order of candidates by score; equal scores keep the order of the box, so answers do not change from run to run. */
function order(scores: Float64Array): Uint32Array {
  const indices = Uint32Array.from({ length: scores.length }, (_, k) => k);
  return indices.sort((a, b) => scores[b]! - scores[a]! || a - b);
}

/** Rigs an angler would call the same answer in other weights, sizes or colours: one head, one kind of trailer. */
function kinKey(rig: Rig): string {
  const { style, finesse, nose } = rig.head;
  return [style, finesse, nose, rig.trailer?.kind].join(' ');
}

function pickTop(candidates: Candidates, scores: Float64Array, top: number): { index: number; alike: number }[] {
  const kin = new Map<string, { index: number; alike: number }>();
  for (const index of order(scores)) {
    const key = kinKey(rigAt(candidates, index));
    const known = kin.get(key);
    if (known) known.alike++;
    else kin.set(key, { index, alike: 0 });
  }
  return [...kin.values()].slice(0, top);
}

/**
 * The best rig of each head weight, best first: where the schools part is the weight, so their dissent is looked for here.
 */
function bestOfEachWeight(candidates: Candidates, scores: Float64Array): number[] {
  const best = new Map<number, number>();
  for (let k = 0; k < candidates.count; k++) {
    const { weightOz } = candidates.heads[candidates.headOf[k]!]!;
    const known = best.get(weightOz);
    if (known === undefined || scores[k]! > scores[known]!) best.set(weightOz, k);
  }
  return [...best.values()].sort((a, b) => scores[b]! - scores[a]! || a - b);
}

/**
 * Ranks every rig a box allows on a water.
 * @param water  checked
 * @param box    checked; parts with quantity 0 are left out
 * @param top    how many picks to return, 1 or more
 * @returns      picks with reasons and the other school's rig; an empty list and what is missing when nothing can be built
 */
export function advise(water: Water, box: Box, top: number = DEFAULT_TOP): Advice {
  const compiled = compileWater(water);
  const asked = water.families ?? ['skirted'];
  const candidates = enumerateRigs(asked.includes('skirted') ? box : { ...box, heads: [] });
  const columns = measureAll(candidates, compiled.facts);
  const medium = mediumAt(water.temperatureC);
  const scores = scoreAll(compiled, columns, candidates.count);
  const numbers = (rig: Rig): { has: Has; fall: FallReport } => ({
    has: measureRig(rig, rigBody(rig), medium, compiled.facts),
    fall: fallReport(rig, water.temperatureC, 0, water.depthM),
  });

  const other = compileWater(water, otherWeightSchool(compiled.school));
  const rivals = bestOfEachWeight(candidates, scoreAll(other, columns, candidates.count)).map((k) =>
    rigAt(candidates, k),
  );
  const picks = pickTop(candidates, scores, top).map(({ index, alike }, at): Pick => {
    const rig = rigAt(candidates, index);
    const rival = rivals.find(({ head }) =>
      other.school === 'slow-hand' ? head.weightOz < rig.head.weightOz : head.weightOz > rig.head.weightOz,
    );
    const own = numbers(rig);
    return {
      rank: at + 1,
      rig,
      score: scores[index]!,
      ...own,
      reasons: reasonsFor(compiled, rig, own.has),
      dissent: rival ? [{ question: 'weight', school: other.school, rig: rival, ...numbers(rival) }] : [],
      alike,
    };
  });
  return {
    wants: compiled.wants,
    school: compiled.school,
    schoolReason: compiled.schoolReason,
    picks,
    considered: candidates.count,
    missing: TRAYS.filter((tray) => box[tray].every(({ quantity }) => quantity === 0) && !dressed(tray, box)),
    unjudged: asked.some((family) => family !== 'skirted'),
  };
}

/** Heads that came with skirts need no loose ones. */
const dressed = (tray: Tray, box: Box): boolean => tray === 'skirts' && box.heads.some(({ skirt }) => skirt);
