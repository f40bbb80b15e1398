import * as z from 'zod/mini';
import { parseWith } from '../parse';
import { ok, type IssueCode, type Result } from '../result';
import { PART_LIMITS } from '../rig/parts/schema';
import { LINE_KINDS } from '../tackle/gear';

/** Where the equations of a retrieve hold. Forms read their limits here too. */
export const PLAN_LIMITS = {
  castM: { min: 3, max: 80 },
  tipHeightM: { min: 0, max: 4 },
  driftMps: { min: -0.5, max: 0.5 },
  currentMps: { min: -1.5, max: 1.5 },
  windMps: { min: -20, max: 20 },
  reelMps: { min: 0.05, max: 3 },
  seconds: { min: 0.1, max: 300 },
  liftM: { min: 0.05, max: 3 },
  dragM: { min: 0.05, max: 6 },
  hz: { min: 0.2, max: 8 },
  depthM: { min: 0.1, max: 100 },
  /** line that is given */
  slackM: { min: 0, max: 30 },
  lineLb: PART_LIMITS.lineLb,
} as const;

const within = ({ min, max }: { readonly min: number; readonly max: number }): z.ZodMiniNumber =>
  z.number().check(z.minimum(min), z.maximum(max));
const seconds = within(PLAN_LIMITS.seconds);
const reelMps = within(PLAN_LIMITS.reelMps);

/** line that a step gives; without any, what falls hangs on the line it has */
const slackM = z.exactOptional(within(PLAN_LIMITS.slackM));

const stepSchema = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('countdown'), s: within({ min: 0, max: PLAN_LIMITS.seconds.max }), slackM }),
  z.strictObject({ do: z.literal('reel'), mPerS: reelMps, s: z.exactOptional(seconds) }),
  z.strictObject({ do: z.literal('pause'), s: seconds, slackM }),
  z.strictObject({ do: z.literal('kill'), s: seconds, slackM }),
  z.strictObject({ do: z.literal('lift-drop'), m: within(PLAN_LIMITS.liftM) }),
  // how it gets there: a short cast under the rod, or one that skips under a roof; the programme begins with it
  z.strictObject({ do: z.literal('pitch'), m: within(PLAN_LIMITS.castM) }),
  z.strictObject({ do: z.literal('skip'), m: within(PLAN_LIMITS.castM) }),
  // pulled along by the rod for so many metres in so many seconds
  z.strictObject({ do: z.literal('drag'), m: within(PLAN_LIMITS.dragM), s: seconds }),
  // lifted and dropped, a little or right up, with a rest after it
  z.strictObject({ do: z.literal('hop'), m: within(PLAN_LIMITS.liftM), s: seconds }),
  z.strictObject({ do: z.literal('stroke'), m: within(PLAN_LIMITS.liftM), s: seconds }),
  z.strictObject({
    do: z.literal('shake'),
    mPerS: reelMps,
    hz: within(PLAN_LIMITS.hz),
    s: z.exactOptional(seconds),
  }),
]);

export const lineSchema = z.strictObject({ kind: z.enum(LINE_KINDS), lb: within(PLAN_LIMITS.lineLb) });

/** Line out beyond the rod's own height that a cast needs to be one, m. */
export const CAST_OVER_TIP_M = 1;

/**
 * A retrieve as a programme of steps over a bottom. The last reel or shake goes on to the end; where it is timed and steps follow,
 * it does so after them. A programme of lifts and drops alone is repeated.
 */
export const planSchema = z
  .strictObject({
    castM: within(PLAN_LIMITS.castM),
    tipHeightM: within(PLAN_LIMITS.tipHeightM),
    /** the boat's way over ground, away from the lure */
    driftMps: z.exactOptional(within(PLAN_LIMITS.driftMps)),
    /** water that runs away from the rod, along the cast */
    currentMps: z.exactOptional(within(PLAN_LIMITS.currentMps)),
    /** wind on the line in the air, along the cast, from behind the rod */
    windMps: z.exactOptional(within(PLAN_LIMITS.windMps)),
    /** line given at the splash: it falls straight down for so long. Unsaid a cast gives none, and a pitch all that is asked */
    slackM,
    line: lineSchema,
    bottom: z.exactOptional(
      z.array(z.tuple([z.number(), within(PLAN_LIMITS.depthM)])).check(z.minLength(1), z.maxLength(200)),
    ),
    steps: z.array(stepSchema).check(z.minLength(1), z.maxLength(60)),
  })
  .check(({ value: plan, issues }) => {
    const problem = (path: (string | number)[], code: IssueCode, data: Record<string, number>): void => {
      issues.push({ code: 'custom', input: plan, path, params: { code, data } });
    };
    const least = plan.tipHeightM + CAST_OVER_TIP_M;
    const castM = castOf(plan);
    for (const [path, given] of [
      [['slackM'], plan.slackM],
      ...plan.steps.map((step, at) => [['steps', at, 'slackM'], 'slackM' in step ? step.slackM : undefined] as const),
    ] as const) {
      if (given !== undefined && given > castM) problem([...path], 'slack-beyond-cast', { got: given, limit: castM });
    }
    if (castM < least) problem(['castM'], 'cast-too-short', { got: castM, limit: least });
    plan.steps.forEach((step, at) => {
      if (at > 0 && isCast(step)) problem(['steps', at], 'cast-not-first', {});
    });
    plan.bottom?.forEach(([x], at) => {
      if (at > 0 && x <= plan.bottom![at - 1]![0]) problem(['bottom', at], 'not-downwards', { got: x });
    });
    if (!plan.steps.some((step) => step.do === 'reel' || step.do === 'shake' || isByRod(step))) {
      problem(['steps'], 'never-moves', {});
    }
    const lastReel = lastReelOf(plan.steps);
    plan.steps.forEach((step, at) => {
      const last = at === lastReel;
      if ((step.do === 'reel' || step.do === 'shake') && step.s === undefined && !last) {
        issues.push({
          code: 'custom',
          input: plan,
          path: ['steps', at, 's'],
          params: { code: 'missing', data: { expected: 'seconds: only the last reel or shake goes on to the end' } },
        });
      }
    });
  });

type Step = { readonly do: string };
/** A step that is the cast itself. */
export const isCast = <S extends Step>(step: S): step is Extract<S, { do: 'pitch' | 'skip' }> =>
  step.do === 'pitch' || step.do === 'skip';
/** A step by which the rod lifts it and lets it drop. */
export const isLift = <S extends Step>(step: S): step is Extract<S, { do: 'lift-drop' | 'hop' | 'stroke' }> =>
  step.do === 'lift-drop' || step.do === 'hop' || step.do === 'stroke';
/** A step by which the rod moves it, and not the reel. */
export const isByRod = <S extends Step>(step: S): step is Extract<S, { do: 'lift-drop' | 'hop' | 'stroke' | 'drag' }> =>
  isLift(step) || step.do === 'drag';

/** Length of the cast, m: that of the pitch or skip the programme begins with, where it does. */
export function castOf({ castM, steps: [first] }: Pick<RetrievePlan, 'castM' | 'steps'>): number {
  return first && isCast(first) ? first.m : castM;
}
/** Line that is given at the splash, m: none of a cast unless somebody says so, as much as is asked for of a pitch or skip. */
export const slackAtSplashM = ({ slackM: given, steps: [first] }: Pick<RetrievePlan, 'slackM' | 'steps'>): number =>
  given ?? (first && isCast(first) ? Infinity : 0);

/** A plan whose cast is as long as the pitch or skip it begins with, and gives no more line than it has. */
export function withItsCast(plan: RetrievePlan): RetrievePlan {
  const castM = castOf(plan);
  const isBeyond = (of: object): of is { readonly slackM: number } => 'slackM' in of && (of.slackM as number) > castM;
  if (castM === plan.castM && !isBeyond(plan) && !plan.steps.some(isBeyond)) return plan;
  const within = <Of extends object>(of: Of): Of => (isBeyond(of) ? { ...of, slackM: castM } : of);
  return { ...within(plan), castM, steps: plan.steps.map(within) };
}

/** Steps that fish: after a pitch the last reel only winds in what was worked where it fell. */
export const fishingSteps = ({ steps }: Pick<RetrievePlan, 'steps'>): RetrieveStep[] => {
  const last = lastReelOf(steps);
  return steps[0] && isCast(steps[0]) ? steps.filter((_, at) => at !== last) : [...steps];
};

/** Place of the last step that reels: it goes on to the end; -1 when none does. */
export const lastReelOf = (steps: readonly { readonly do: string }[]): number =>
  Math.max(...steps.map((step, at) => (step.do === 'reel' || step.do === 'shake' ? at : -1)));

export type RetrievePlan = z.infer<typeof planSchema>;
export type RetrieveStep = RetrievePlan['steps'][number];
export type FishingLine = z.infer<typeof lineSchema>;

export function parsePlan(input: unknown): Result<RetrievePlan> {
  const read = parseWith(planSchema, input);
  return read.ok ? ok(withItsCast(read.value)) : read;
}
