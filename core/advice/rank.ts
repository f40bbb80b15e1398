import type { Box, RigTray } from '../rig/box';
import { RIG_TRAYS, usable } from '../rig/box';
import type { Rig } from '../rig/schema';
import { rigBody } from '../rig/body';
import { mediumAt } from '../motion/fall';
import { onsetOfMps } from '../motion/kick';
import { fallReport, type FallReport } from '../motion/report';
import type { SchoolQuestion, SchoolRef, Water } from '../water/schema';
import { reachOf } from './bounds';
import { axisValues } from './axes';
import { measureRig, type Has } from './measure';
import { bestOnly, otherSchools, parts, rivalWeights } from './dissent';
import { kinOf } from './kin';
import { reeledBands, type ReeledBands } from './reeled';
import { fits, meets } from './score';
import { questionOf, type SchoolAnswers } from './schools';
import {
  better,
  judgeOf,
  mostGained,
  mostOfPair,
  queueOf,
  rigNumbers,
  searchBest,
  type Found,
  type Judge,
  type Queue,
} from './search';
import { rigOf, rigSpace, type HeadClass, type RigSpace, type TrailerClass } from './space';
import { familiesOf } from './water-facts';
import { compileWater, type CompiledWater, type Want } from './wants';

/** One reason for or against a rig, by rule; wording is made from it later. */
export interface Reason {
  readonly rule: string;
  /** the want it speaks of, when it is about a band */
  readonly want: Want['id'] | null;
  readonly weight: number;
  readonly for: boolean;
}

/** What another school would tie, and its numbers. On weight it is the best rig with a lighter, or a heavier, head. */
export interface Dissent {
  readonly question: SchoolQuestion;
  readonly school: string;
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
  /** how sure its running depth and hold speed are, where it is reeled */
  readonly bands: ReeledBands;
  readonly reasons: readonly Reason[];
  readonly dissent: readonly Dissent[];
  /** further rigs with the same head and trailer kind that differ in weight, size, skirt or colour */
  readonly alike: number;
}

/** Everything a water and a box give; SI, no words. */
export interface Advice {
  readonly wants: readonly Want[];
  readonly schools: SchoolAnswers;
  readonly picks: readonly Pick[];
  readonly considered: number;
  /** trays without which rigs lack a part */
  readonly missing: readonly RigTray[];
  /** families asked for whose own rules are still to come: they are ranked on what they do in the water */
  readonly physicsOnly: boolean;
  /** so many different heads and trailers that they were not compared; 0 when they were */
  readonly tooManyPairs: number;
}

export const DEFAULT_TOP = 8;

/** Pairs of different heads and trailers that are compared at most, and up to how many the other schools are asked too. */
export const PAIR_LIMITS = { compared: 12_000_000, withDissent: 1_500_000 } as const;

/** Reasons for and against one rig on this water, strongest first. */
export function reasonsFor(compiled: CompiledWater, rig: Rig, has: Has): Reason[] {
  const values = axisValues(rig);
  const asked = fits(compiled, has).filter(({ want }) => Number.isFinite(has[want.id]));
  const fromWants = asked.map(({ want, fit }): Reason => {
    const inside = meets(want, has[want.id]);
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

const withSchool = (water: Water, ref: SchoolRef): Water => {
  const question = questionOf(ref);
  return { ...water, schools: { ...water.schools, [question]: ref.slice(question.length + 1) } };
};

/** Pairs bounded between two looks at the clock. */
const YIELD_AFTER_PAIRS = 2000;
/** Share of the work that bounding usually is. */
const BOUNDING_SHARE = 0.6;

/** What every pair of a space can collect at most under one compiled water, head by head. */
function* mostOfPairs(
  space: RigSpace,
  judge: Judge,
  reach: ReturnType<typeof reachOf>,
): Generator<number, Float64Array> {
  const pairs = space.heads.length * space.trailers.length;
  const most = new Float64Array(pairs);
  let pair = 0;
  for (const head of space.heads) {
    const first = pair;
    const wants = new Float64Array(space.trailers.length);
    for (const [at, trailer] of space.trailers.entries()) {
      wants[at] = trailer.alike < at ? wants[trailer.alike]! : judge.wants.most(reach(head, trailer));
      most[first + at] = wants[at]! + judge.rules.closed(head, trailer) + judge.mostOfSkirts(head, trailer);
      if (++pair % YIELD_AFTER_PAIRS === 0) yield pair / pairs;
    }
  }
  return most;
}

/** A generator's own progress as a part of the whole. */
function* scaled<T>(work: Generator<number, T>, from: number, to: number): Generator<number, T> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    yield from + (to - from) * step.value;
  }
}

/** Passes a search's pauses on as progress that creeps towards the end of its share. */
function* paced<T>(search: Generator<void, T>, from: number, to: number): Generator<number, T> {
  for (let left = to - from; ; left *= 0.9) {
    const step = search.next();
    if (step.done) return step.value;
    yield to - left * 0.9;
  }
}

/**
 * Ranks every rig a box allows on a water, in steps, so that a caller can show progress or give up.
 * @param water  checked
 * @param box    checked; parts that are used up, torn or rusty are left out
 * @param top    how many picks to return, 1 or more
 * @yields       share of the work done, 0 to 1
 * @returns      picks with reasons and what other schools would tie; an empty list and what is missing when nothing can be built
 */
export function* adviseInSteps(water: Water, box: Box, top: number = DEFAULT_TOP): Generator<number, Advice> {
  const compiled = compileWater(water);
  const space = rigSpace(box, familiesOf(water));
  const pairs = space.heads.length * space.trailers.length;
  const tooMany = pairs > PAIR_LIMITS.compared;
  const others = pairs > PAIR_LIMITS.withDissent ? [] : otherSchools(compiled);

  const kin = kinOf(space);
  const found: Found[] = [];
  const dissenters: { ref: SchoolRef; found: readonly Found[] }[] = [];
  if (!tooMany && pairs > 0) {
    const { facts } = compiled;
    const judge = judgeOf(space, compiled);
    const reach = reachOf(space, mediumAt(facts.tempC), facts);
    const queue = queueOf(yield* scaled(mostOfPairs(space, judge, reach), 0, BOUNDING_SHARE));
    const numbersOf = rigNumbers(space, compiled, mediumAt(water.temperatureC));
    const search = searchBest(space, judge, queue, null, numbersOf, {
      groupOf: kin.of,
      enough: (settled) => settled.length >= top,
    });
    found.push(...(yield* paced(search, BOUNDING_SHARE, 0.7)).slice(0, top));
    for (const [at, ref] of others.entries()) {
      const [from, to] = [at, at + 1].map((part) => 0.7 + (0.3 * part) / others.length) as [number, number];
      const other = compileWater(withSchool(water, ref));
      const own = judgeOf(space, other);
      const goal = questionOf(ref) === 'weight' ? rivalWeights(space, found, ref) : bestOnly;
      const tighter = (head: HeadClass, trailer: TrailerClass): number =>
        mostOfPair(own, head, trailer, reach(head, trailer));
      const gained = mostGained(space, compiled, other);
      const lifted: Queue = { order: queue.order, most: (pair) => queue.most(pair) + gained };
      const rivals = searchBest(space, own, lifted, tighter, numbersOf, goal);
      dissenters.push({ ref, found: yield* paced(rivals, from, to) });
    }
  }

  const medium = mediumAt(water.temperatureC);
  const rigAt = ({ head, skirt, trailer }: Found): Rig =>
    rigOf(space.heads[head]!, space.skirts[skirt]!, space.trailers[trailer]!);
  const numbers = (rig: Rig): { has: Has; fall: FallReport } => ({
    has: measureRig(rig, rigBody(rig), medium, compiled.facts),
    fall: fallReport(rig, water.temperatureC, 0, water.depthM),
  });
  const { reel, depthM, tempC } = compiled.facts;
  const bandsOf = (rig: Rig): ReeledBands => {
    if (reel === null) return {};
    const onsetMps = onsetOfMps(rig.trailer, tempC);
    return reeledBands(rigBody(rig), medium, onsetMps, reel, depthM);
  };
  const picks = found.map((best, at): Pick => {
    const rig = rigAt(best);
    const own = numbers(rig);
    return {
      rank: at + 1,
      rig,
      score: best.score,
      ...own,
      bands: bandsOf(rig),
      reasons: reasonsFor(compiled, rig, own.has),
      dissent: dissenters.flatMap(({ ref, found: rivals }) => {
        const question = questionOf(ref);
        // where the other school ties what this one ties first anyway, the question makes no difference here
        if (question !== 'weight' && rivals[0] && better(rivals[0], { ...found[0]!, score: rivals[0].score }) === 0)
          return [];
        const rival = rivals.find((one) => parts(question, ref, space, one, best));
        if (!rival) return [];
        const other = rigAt(rival);
        return [{ question, school: ref.slice(question.length + 1), rig: other, ...numbers(other) }];
      }),
      alike: kin.count(best.head, best.trailer) - 1,
    };
  });
  return {
    wants: compiled.wants,
    schools: compiled.schools,
    picks,
    considered: space.considered,
    missing: RIG_TRAYS.filter((tray) => !box[tray].some(usable) && !dressed(tray, box)),
    physicsOnly: familiesOf(water).some((family) => family !== 'skirted'),
    tooManyPairs: tooMany ? pairs : 0,
  };
}

/** The same at one go. */
export function advise(water: Water, box: Box, top: number = DEFAULT_TOP): Advice {
  const steps = adviseInSteps(water, box, top);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** Heads that came with skirts need no loose ones. */
const dressed = (tray: RigTray, box: Box): boolean => tray === 'skirts' && box.heads.some(({ skirt }) => skirt);
