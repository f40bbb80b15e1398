import { isCast, PLAN_LIMITS, withItsCast, type RetrievePlan, type RetrieveStep } from '../motion/plan';

/** What a programme is fitted to. SI. */
export interface FittedTo {
  readonly depthM: number;
  /** speed at which this rig is reeled, m/s */
  readonly paceMps: number;
}

export const PROGRAMME_IDS = [
  'steady',
  'slow-roll',
  'burn',
  'wake',
  'shake-high',
  'creep-and-bump',
  'drag',
  'hop',
  'stroke',
  'pitch-and-shake',
  'rip-grass',
  'yo-yo',
] as const;
export type ProgrammeId = (typeof PROGRAMME_IDS)[number];

/** A retrieve to begin with. */
export interface Programme {
  readonly id: ProgrammeId;
  /** what it sets besides its steps, where it matters */
  readonly castM?: number;
  readonly tipHeightM?: number;
  /** whether it lives on the bottom: a rig that never gets there does something else */
  readonly isOnBottom: boolean;
  /** its last reel only winds in: nobody fishes with it */
  readonly windsIn?: true;
  steps(to: FittedTo): readonly RetrieveStep[];
}

/** Sinks about so fast, m/s: a count that brings most rigs down. @source craft-practice */
const SINKS_MPS = 0.45;
const MOST_S = 60;
const half = (seconds: number): number => Math.round(seconds * 2) / 2;
/** Down to the bottom it is let go on an open spool, which gives line. */
const toBottom = ({ depthM }: FittedTo): RetrieveStep => ({
  do: 'countdown',
  s: half(Math.min(MOST_S, depthM / SINKS_MPS)),
  slackM: Math.min(PLAN_LIMITS.slackM.max, depthM),
});
const part = ({ depthM }: FittedTo, share: number): RetrieveStep => ({
  do: 'countdown',
  s: half(Math.min(MOST_S, (share * depthM) / SINKS_MPS)),
});
const centi = (mPerS: number): number => Math.round(mPerS * 100) / 100;
const reel = (mPerS: number, s?: number): RetrieveStep =>
  s === undefined ? { do: 'reel', mPerS: centi(mPerS) } : { do: 'reel', mPerS: centi(mPerS), s };

/** A cast that is no pitch, m. */
const CAST_M = 25;

/** Some steps, over and over. */
const rounds = (times: number, ...steps: readonly RetrieveStep[]): RetrieveStep[] =>
  Array.from({ length: times }, () => steps).flat();

/** The retrieves of the craft, each as a programme to begin with. @source craft-practice */
export const PROGRAMMES: Readonly<Record<ProgrammeId, Programme>> = {
  steady: { id: 'steady', isOnBottom: false, steps: (to) => [part(to, 0.5), reel(to.paceMps)] },
  'slow-roll': { id: 'slow-roll', tipHeightM: 0.6, isOnBottom: true, steps: (to) => [toBottom(to), reel(0.45)] },
  burn: { id: 'burn', tipHeightM: 1.5, isOnBottom: false, steps: (to) => [reel(to.paceMps * 1.6)] },
  wake: { id: 'wake', tipHeightM: 2.2, isOnBottom: false, steps: (to) => [reel(to.paceMps * 1.3)] },
  'shake-high': {
    id: 'shake-high',
    tipHeightM: 2.2,
    isOnBottom: false,
    steps: ({ paceMps }) => [{ do: 'shake', mPerS: centi(paceMps), hz: 3 }],
  },
  'creep-and-bump': {
    id: 'creep-and-bump',
    tipHeightM: 0.6,
    isOnBottom: true,
    steps: (to) => [toBottom(to), reel(0.25, 6), { do: 'pause', s: 1 }, reel(0.25)],
  },
  drag: {
    id: 'drag',
    tipHeightM: 0.6,
    isOnBottom: true,
    steps: (to) => [toBottom(to), reel(0.3, 3), { do: 'pause', s: 2 }, reel(0.3, 3), { do: 'pause', s: 2 }, reel(0.3)],
  },
  hop: {
    id: 'hop',
    windsIn: true,
    isOnBottom: true,
    steps: (to) => [toBottom(to), ...rounds(6, { do: 'lift-drop', m: 0.3 }, reel(0.4, 2)), reel(0.4)],
  },
  stroke: {
    id: 'stroke',
    windsIn: true,
    castM: 6,
    isOnBottom: true,
    steps: (to) => [toBottom(to), ...rounds(5, { do: 'lift-drop', m: 0.9 }, { do: 'pause', s: 1 }), reel(1)],
  },
  'pitch-and-shake': {
    id: 'pitch-and-shake',
    windsIn: true,
    castM: 8,
    tipHeightM: 1.8,
    isOnBottom: true,
    steps: (to) => [
      toBottom(to),
      { do: 'lift-drop', m: 0.15 },
      { do: 'lift-drop', m: 0.15 },
      { do: 'pause', s: 2 },
      reel(1.2),
    ],
  },
  'rip-grass': {
    id: 'rip-grass',
    isOnBottom: false,
    steps: (to) => [
      part(to, 0.6),
      reel(to.paceMps, 3),
      { do: 'lift-drop', m: 0.6 },
      reel(to.paceMps, 3),
      { do: 'lift-drop', m: 0.6 },
      reel(to.paceMps),
    ],
  },
  'yo-yo': {
    id: 'yo-yo',
    isOnBottom: false,
    steps: (to) => [
      part(to, 0.8),
      reel(to.paceMps, 2),
      { do: 'kill', s: 1.5 },
      reel(to.paceMps, 2),
      { do: 'kill', s: 1.5 },
      reel(to.paceMps),
    ],
  },
};

/** A programme put into a plan: line, bottom, wind and drift stay as they were. */
export function planWith(plan: RetrievePlan, id: ProgrammeId, to: FittedTo): RetrievePlan {
  // what was pitched to is cast to again where a programme is not pitched
  const usualM = plan.steps[0] && isCast(plan.steps[0]) ? CAST_M : plan.castM;
  const { castM = usualM, tipHeightM = plan.tipHeightM, steps } = PROGRAMMES[id];
  return withItsCast({ ...plan, castM, tipHeightM, steps: [...steps(to)] });
}
