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

/** A rig and its plan with one thing set. */
export const withSetting = (
  rig: Rig,
  plan: RetrievePlan,
  by: SolveFor,
  value: number,
): { readonly rig: Rig; readonly plan: RetrievePlan } => {
  const [set, planned] = KNOBS[by](rig).set(rig, plan, value);
  return { rig: set, plan: planned };
};

const ROUNDS = 28;
/** A depth reached to this is reached, m: by an end of the range or a stretch that is level, and by a place that was searched for. */
const CLOSE_M = 0.01;
const MET_M = 0.02;
/** Places over the range that are looked at besides those that exist, closer together where settings are small. */
const SCANNED = 36;

/** A setting and the depth it runs at half way back. */
interface Known {
  readonly value: number;
  readonly depthM: number;
}

/** Settings to evaluate in ascending order: those that exist, and a geometric grid over the range where they lie further apart than its places. */
function placesOf({ from, to, steps }: Knob): number[] {
  const start = Math.max(from, to / 400);
  const apart = (to / start) ** (1 / (SCANNED - 1));
  const between = Array.from({ length: SCANNED }, (_, at) => start * apart ** at).filter(
    (value) => !steps.some((step) => step > 0 && Math.max(step / value, value / step) < Math.sqrt(apart)),
  );
  const inside = [from, ...steps, ...between, to].filter((value) => value >= from && value <= to);
  return [...new Set(inside)].sort((a, b) => a - b);
}

/**
 * Turns one setting until the rig runs at a depth half way back. The whole range is scanned, since a programme of steps need not run deeper all the
 * way: every place where it crosses the depth is looked into, the least setting first, and the answer is run before it is given.
 * @param depthM  wanted, m
 * @returns       the first place from below where the scan finds it crossed, met within 2 cm, or why there is none; `nearest` is what exists next to it
 */
export function solveRetrieve(rig: Rig, plan: RetrievePlan, water: Water | null, by: SolveFor, depthM: number): Solved {
  const knob = KNOBS[by](rig);
  const depthAt = (value: number): number | null => {
    const [turnedRig, turnedPlan] = knob.set(rig, plan, value);
    return prepareRetrieve(turnedRig, turnedPlan, water).midDepthM();
  };
  // a setting at which it never comes half way back has no depth
  const known = placesOf(knob).flatMap((value): Known[] => {
    const metM = depthAt(value);
    return metM === null ? [] : [{ value, depthM: metM }];
  });
  const missM = (place: Known): number => Math.abs(place.depthM - depthM);
  const existing = known.filter(({ value }) => knob.steps.includes(value));
  const nearest = existing.reduce<Solved['nearest']>(
    (best, step) => (best === null || missM(step) < missM(best) ? step : best),
    null,
  );
  const answer = { for: by, unit: knob.unit, nearest } as const;

  const crosses = (one: Known | undefined, other: Known | undefined): boolean =>
    one !== undefined && other !== undefined && one.depthM < depthM !== other.depthM < depthM;
  let jump: readonly [Known, Known] | null = null;
  for (const [at, place] of known.entries()) {
    const before = known[at - 1];
    const isCrossed = crosses(before, place);
    // what only comes near counts where it does not cross it next
    const isNear = missM(place) <= CLOSE_M && !crosses(place, known[at + 1]);
    if (!isCrossed && !isNear) continue;
    if (before === undefined) return { ...answer, value: place.value, why: null };
    // between them it crosses the depth, or comes upon a stretch where it stays there
    const offM = (value: number): number | null => {
      const metM = depthAt(value);
      if (metM === null) return null;
      return isCrossed ? metM - depthM : Math.abs(metM - depthM) - CLOSE_M;
    };
    const off = (of: Known): number => (isCrossed ? of.depthM - depthM : missM(of) - CLOSE_M);
    const value = narrowed([before.value, off(before)], [place.value, off(place)], offM);
    const metM = depthAt(value);
    if (metM !== null && Math.abs(metM - depthM) <= MET_M) return { ...answer, value, why: null };
    jump = [before, place];
  }

  const depths = known.map((place) => place.depthM);
  const [shallowest, deepest] = [Math.min(...depths), Math.max(...depths)];
  const [why] = fail([
    known.length === 0
      ? issue('never-half-way', by, {})
      : jump !== null
        ? issue('jumps-past', by, {
            ...{ got: depthM, from: rounded(jump[0].value), to: rounded(jump[1].value), unit: knob.unit },
          })
        : issue('nothing-reaches', by, { got: depthM, limit: rounded(depthM < shallowest ? shallowest : deepest) }),
  ]).issues;
  return { ...answer, value: null, why: why! };
}

const rounded = (value: number): number => Number(value.toFixed(2));

/** Near enough to the depth to stop looking, m. */
const FOUND_M = 1e-5;

/** A setting, and how far it is off: of one sign on one side, of the other or nought on the other. */
type Off = readonly [value: number, offM: number];

/**
 * The setting between two at which what is off changes its sign, from the side of the second: false position, with the half of an end that stays (Illinois), and
 * bisection where a setting has no depth.
 */
function narrowed(from: Off, to: Off, offAt: (value: number) => number | null): number {
  let [low, lowOff] = from;
  let [high, highOff] = to;
  const isLow = (off: number): boolean => Math.sign(off) === Math.sign(from[1]);
  let nearM = Math.abs(highOff);
  let stayed = 0;
  for (let round = 0; round < ROUNDS && high - low > 1e-9 * high && nearM > FOUND_M; round++) {
    const straight = high - (highOff * (high - low)) / (highOff - lowOff);
    // a bracket that hardly shrinks from one side is halved now and then: depths may jump
    const middle = round % 4 === 3 || !(straight > low && straight < high) ? (low + high) / 2 : straight;
    const off = offAt(middle);
    if (off !== null && isLow(off)) {
      [low, lowOff] = [middle, off];
      if (stayed === 1) highOff /= 2;
      stayed = 1;
    } else {
      [high, highOff] = [middle, off ?? highOff];
      nearM = off === null ? Infinity : Math.abs(off);
      if (stayed === -1) lowOff /= 2;
      stayed = -1;
    }
  }
  return high;
}
