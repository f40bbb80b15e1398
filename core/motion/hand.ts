import type { RetrievePlan, RetrieveStep } from './plan';
import type { Towline } from './towed';

/** What a hand does differently from what it was asked, as a share of it: reel speed, length of the cast, count, height of the tip; and the line's diameter. */
export interface HandFactors {
  readonly reel: number;
  readonly cast: number;
  readonly count: number;
  readonly tip: number;
  readonly diameter: number;
}
export type HandFactor = keyof HandFactors;
export const HAND_FACTORS: readonly HandFactor[] = ['reel', 'cast', 'count', 'tip', 'diameter'];

/** Standard deviations of their logarithms. Estimates; the reel's is that of anglers who count their turns. @source adr-0037 */
export const HAND_SD: HandFactors = { reel: 0.1, cast: 0.06, count: 0.1, tip: 0.15, diameter: 0.05 };
export const SURE_HAND: HandFactors = { reel: 1, cast: 1, count: 1, tip: 1, diameter: 1 };

export const isHandFactor = (name: string): name is HandFactor => name in HAND_SD;

function stepByHand(step: RetrieveStep, { reel, count }: HandFactors): RetrieveStep {
  switch (step.do) {
    case 'countdown':
    case 'kill':
    case 'pause':
      return { ...step, s: step.s * count };
    case 'reel':
    case 'shake':
      return { ...step, mPerS: step.mPerS * reel, ...(step.s === undefined ? {} : { s: step.s * count }) };
    case 'drag':
    case 'hop':
    case 'stroke':
      return { ...step, s: step.s * count };
    case 'pitch':
    case 'skip':
    case 'lift-drop':
      return step;
  }
}

/** A plan as a hand carries it out; what comes of it may lie a little outside the limits of plans. */
export const planByHand = (plan: RetrievePlan, hand: HandFactors): RetrievePlan => ({
  ...plan,
  castM: plan.castM * hand.cast,
  tipHeightM: plan.tipHeightM * hand.tip,
  steps: plan.steps.map((step) => stepByHand(step, hand)),
});

/** A line as it is: thinner or thicker than its kind, under a tip held lower or higher. */
export const lineByHand = (line: Towline, { tip, diameter }: Pick<HandFactors, 'tip' | 'diameter'>): Towline => ({
  ...line,
  diameterM: line.diameterM * diameter,
  tipM: line.tipM * tip,
});
