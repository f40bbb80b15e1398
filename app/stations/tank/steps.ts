import { isByRod, isCast, PLAN_LIMITS, type RetrieveStep } from '@core';

export type StepKind = RetrieveStep['do'];
export const STEP_KINDS = [
  'countdown',
  'reel',
  'shake',
  'pause',
  'kill',
  'lift-drop',
  'hop',
  'stroke',
  'drag',
  'pitch',
  'skip',
] as const satisfies readonly StepKind[];

/** A step of a kind as it is first added. */
export const NEW_STEPS: Readonly<Record<StepKind, RetrieveStep>> = {
  countdown: { do: 'countdown', s: 3 },
  reel: { do: 'reel', mPerS: 0.6, s: 4 },
  shake: { do: 'shake', mPerS: 0.5, hz: 3, s: 4 },
  pause: { do: 'pause', s: 1 },
  kill: { do: 'kill', s: 1 },
  'lift-drop': { do: 'lift-drop', m: 0.4 },
  hop: { do: 'hop', m: 0.2, s: 1 },
  stroke: { do: 'stroke', m: 0.9, s: 1 },
  drag: { do: 'drag', m: 1, s: 3 },
  pitch: { do: 'pitch', m: 6 },
  skip: { do: 'skip', m: 9 },
};

const isMoving = (step: RetrieveStep): boolean => step.do === 'reel' || step.do === 'shake' || isByRod(step);
/** Whether a programme comes back. */
export const comesBack = (steps: readonly RetrieveStep[]): boolean => steps.some(isMoving);

/**
 * Steps as files take them: whatever reels before the last that does so has a time, and only the last one may go on to the end.
 */
export function settled(steps: readonly RetrieveStep[]): RetrieveStep[] {
  const last = steps.reduce((found, { do: does }, at) => (does === 'reel' || does === 'shake' ? at : found), -1);
  return steps.map((step, at) => {
    if ((step.do !== 'reel' && step.do !== 'shake') || at === last || step.s !== undefined) return step;
    return { ...step, s: DEFAULT_S };
  });
}
const DEFAULT_S = 4;

/** Seconds of a step; null for one that goes on to the end, or has no time of its own. */
export const secondsOf = (step: RetrieveStep): number | null => ('s' in step && step.s !== undefined ? step.s : null);

export function withSeconds(step: RetrieveStep, s: number): RetrieveStep {
  if (step.do === 'lift-drop' || isCast(step)) return step;
  const least = step.do === 'countdown' ? 0 : PLAN_LIMITS.seconds.min;
  return { ...step, s: Math.min(PLAN_LIMITS.seconds.max, Math.max(least, Math.round(s * 10) / 10)) };
}

type Giving = Extract<RetrieveStep, { do: 'countdown' | 'kill' | 'pause' }>;
/** A step in which line can be given. */
export const givesLine = (step: RetrieveStep): step is Giving =>
  step.do === 'countdown' || step.do === 'kill' || step.do === 'pause';
/** A step that gives some line; without any it hangs on what it has. */
export function givingLine(step: RetrieveStep, slackM: number): RetrieveStep {
  if (!givesLine(step)) return step;
  const { slackM: _, ...rest } = step;
  return slackM > 0 ? { ...rest, slackM } : rest;
}

/** Width a step is given on the strip, as if it were seconds. */
export function roomOf(step: RetrieveStep): number {
  const short = step.do === 'lift-drop' || isCast(step);
  return secondsOf(step) ?? (short ? 2 : 8);
}

/** A cast stands first or nowhere: one that is put elsewhere goes to the front, in place of the one that stands there. */
export function castFirst(steps: readonly RetrieveStep[]): RetrieveStep[] {
  const cast = steps.find(isCast);
  return cast ? [cast, ...steps.filter((step) => !isCast(step))] : [...steps];
}

/** Limits of the metres of a step, where it has any. */
export function metresOf(step: RetrieveStep): { readonly min: number; readonly max: number } | null {
  if (isCast(step)) return PLAN_LIMITS.castM;
  if (step.do === 'drag') return PLAN_LIMITS.dragM;
  return isByRod(step) ? PLAN_LIMITS.liftM : null;
}
