import { fail, issue, type Issue } from '../result';
import { STYLE_WEIGHTS_OZ } from '../rig/parts/catalogue';
import { PART_LIMITS, type Rig } from '../rig/parts/schema';
import { PLAN_LIMITS, type RetrievePlan, type RetrieveStep } from '../motion/plan';
import type { Water } from '../water/schema';
import { prepareRetrieve } from './retrieve-report';

export const SOLVE_FOR = ['weight', 'speed', 'countdown', 'line'] as const;
export type SolveFor = (typeof SOLVE_FOR)[number];

/** What has to be set so that a rig runs at a depth half way back, and the nearest that is sold or counted. */
export interface Solved {
  readonly for: SolveFor;
  /** null when no setting reaches the depth */
  readonly value: number | null;
  readonly unit: string;
  readonly nearest: { readonly value: number; readonly depthM: number } | null;
  readonly why: Issue | null;
}

interface Knob {
  readonly unit: string;
  readonly from: number;
  readonly to: number;
  /** settings that exist: heads as poured, whole seconds, line as sold */
  readonly steps: readonly number[];
  set(rig: Rig, plan: RetrievePlan, value: number): readonly [Rig, RetrievePlan];
}

const range = (from: number, to: number, step: number): number[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, at) => Number((from + at * step).toFixed(3)));

const paced = (step: RetrieveStep, mPerS: number): RetrieveStep =>
  step.do === 'reel' || step.do === 'shake' ? { ...step, mPerS } : step;

/** The first countdown is the one that is set; a plan without one gets it in front. */
function counted(steps: readonly RetrieveStep[], s: number): RetrieveStep[] {
  const first = steps.findIndex((step) => step.do === 'countdown');
  if (first < 0) return [{ do: 'countdown', s }, ...steps];
  return steps.map((step, at) => (at === first ? { do: 'countdown' as const, s } : step));
}

const LONGEST_COUNTDOWN_S = 60;
/** Lines as they are sold, lb. */
const LINE_STEPS_LB = [4, 6, 8, 10, 12, 15, 17, 20, 25, 30, 40, 50, 65, 80];

const KNOBS: Readonly<Record<SolveFor, (rig: Rig) => Knob>> = {
  weight: (rig) => ({
    unit: 'oz',
    from: PART_LIMITS.weightOz.min,
    to: PART_LIMITS.weightOz.max,
    steps: STYLE_WEIGHTS_OZ[rig.head.style],
    set: (of, plan, weightOz) => [{ ...of, head: { ...of.head, weightOz } }, plan],
  }),
  speed: () => ({
    unit: 'm/s',
    from: PLAN_LIMITS.reelMps.min,
    to: PLAN_LIMITS.reelMps.max,
    steps: range(PLAN_LIMITS.reelMps.min, PLAN_LIMITS.reelMps.max, 0.05),
    set: (rig, plan, mPerS) => [rig, { ...plan, steps: plan.steps.map((step) => paced(step, mPerS)) }],
  }),
  countdown: () => ({
    unit: 's',
    from: 0,
    to: LONGEST_COUNTDOWN_S,
    steps: range(0, LONGEST_COUNTDOWN_S, 1),
    set: (rig, plan, s) => [rig, { ...plan, steps: counted(plan.steps, s) }],
  }),
  line: () => ({
    unit: 'lb',
    from: PART_LIMITS.lineLb.min,
    to: PART_LIMITS.lineLb.max,
    steps: LINE_STEPS_LB,
    set: (rig, plan, lb) => [rig, { ...plan, line: { ...plan.line, lb } }],
  }),
};

const ROUNDS = 28;
/** A depth reached to this is reached, m. */
const CLOSE_M = 0.01;

/**
 * Turns one setting until the rig runs at a depth half way back. Depth grows with weight and countdown and shrinks with speed
 * and line; where bottom or surface holds the lure, more of it changes nothing and the least that gets there is told.
 * @param depthM  wanted, m
 * @returns       the value, or why there is none; `nearest` is what exists next to it
 */
export function solveRetrieve(rig: Rig, plan: RetrievePlan, water: Water | null, by: SolveFor, depthM: number): Solved {
  const knob = KNOBS[by](rig);
  const depthAt = (value: number): number => {
    const [turnedRig, turnedPlan] = knob.set(rig, plan, value);
    return prepareRetrieve(turnedRig, turnedPlan, water).run().midCastDepthM ?? Infinity;
  };
  const [atFrom, atTo] = [depthAt(knob.from), depthAt(knob.to)];
  const deeper = atTo >= atFrom ? 1 : -1;
  const [shallowest, deepest] = deeper > 0 ? [atFrom, atTo] : [atTo, atFrom];
  const stepDepths = knob.steps.map((value) => ({ value, depthM: depthAt(value) }));
  const nearest = stepDepths.reduce((best, step) =>
    Math.abs(step.depthM - depthM) < Math.abs(best.depthM - depthM) ? step : best,
  );
  if (depthM < shallowest - CLOSE_M || depthM > deepest + CLOSE_M) {
    const limit = Number((depthM < shallowest ? shallowest : deepest).toFixed(2));
    const [why] = fail([issue('nothing-reaches', by, { got: depthM, limit })]).issues;
    return { for: by, value: null, unit: knob.unit, nearest, why: why! };
  }
  let [low, high] = [knob.from, knob.to];
  for (let round = 0; round < ROUNDS; round++) {
    const middle = (low + high) / 2;
    // of settings that do the same, the least that reaches it
    if (deeper * (depthAt(middle) - depthM) < 0) low = middle;
    else high = middle;
  }
  return { for: by, value: (low + high) / 2, unit: knob.unit, nearest, why: null };
}
