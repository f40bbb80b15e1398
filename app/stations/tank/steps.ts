import { PLAN_LIMITS, type RetrieveStep } from '@core';

export type StepKind = RetrieveStep['do'];
export const STEP_KINDS = [
  'countdown',
  'reel',
  'shake',
  'pause',
  'kill',
  'lift-drop',
] as const satisfies readonly StepKind[];

/** A step of a kind as it is first added. */
export const NEW_STEPS: Readonly<Record<StepKind, RetrieveStep>> = {
  countdown: { do: 'countdown', s: 3 },
  reel: { do: 'reel', mPerS: 0.6, s: 4 },
  shake: { do: 'shake', mPerS: 0.5, hz: 3, s: 4 },
  pause: { do: 'pause', s: 1 },
  kill: { do: 'kill', s: 1 },
  'lift-drop': { do: 'lift-drop', m: 0.4 },
};

const isMoving = ({ do: does }: RetrieveStep): boolean => does === 'reel' || does === 'shake' || does === 'lift-drop';
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
  if (step.do === 'lift-drop') return step;
  const least = step.do === 'countdown' ? 0 : PLAN_LIMITS.seconds.min;
  return { ...step, s: Math.min(PLAN_LIMITS.seconds.max, Math.max(least, Math.round(s * 10) / 10)) };
}

/** Width a step is given on the strip, as if it were seconds. */
export const roomOf = (step: RetrieveStep): number => secondsOf(step) ?? (step.do === 'lift-drop' ? 2 : 8);
