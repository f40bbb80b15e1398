import {
  ableRigs,
  bandedOf,
  filmOf,
  ribbonOf,
  solveCut,
  solveDepth,
  versus,
  type Able,
  type Banded,
  type Box,
  type CutToDepth,
  type Difference,
  type Measure,
  type RetrievePlan,
  type Ribbon,
  type Rig,
  type SolvedDepth,
  type SolveFor,
  type Water,
} from '@core';

/** A retrieve over a water. */
interface Run {
  readonly water: Water;
  readonly plan: RetrievePlan;
}
/** What is asked of the tank beside its page. */
export interface TankRequests {
  /** which rigs of a box run half way back at a depth; null where it has too many pairs */
  able: Run & { readonly box: Box; readonly depthM: number };
  /** how a rig is cut until it does; null where it never comes half way back */
  cut: Run & { readonly rig: Rig; readonly depthM: number };
  /** what of one thing it takes until it does */
  solve: Run & { readonly rig: Rig; readonly by: SolveFor; readonly depthM: number };
  /** how sure the numbers of a rig are, and its depth along the way */
  bands: Run & { readonly rig: Rig };
  /** what differs between two rigs */
  versus: Run & { readonly rig: Rig; readonly other: Rig };
}
export interface TankBands {
  readonly numbers: Readonly<Record<Measure, Banded>>;
  readonly ribbon: Ribbon;
}
export interface TankAnswers {
  able: readonly Able[] | null;
  cut: CutToDepth | null;
  solve: SolvedDepth;
  bands: TankBands;
  versus: readonly Difference[];
}
export type TankAsk = keyof TankRequests;
export type TankRequest = { [Ask in TankAsk]: { readonly ask: Ask } & TankRequests[Ask] }[TankAsk];

const ANSWERS: { readonly [Ask in TankAsk]: (of: TankRequests[Ask]) => TankAnswers[Ask] } = {
  able: ({ box, water, plan, depthM }) => ableRigs(box, water, plan, depthM),
  cut: ({ rig, water, plan, depthM }) => solveCut(rig, rig, plan, water, depthM),
  solve: ({ rig, water, plan, by, depthM }) => solveDepth(rig, plan, water, by, depthM),
  bands({ rig, water, plan }) {
    const film = filmOf(rig, plan, water);
    return { numbers: bandedOf(film, water), ribbon: ribbonOf(film) };
  },
  versus: ({ rig, other, water, plan }) => versus(filmOf(rig, plan, water), filmOf(other, plan, water), water),
};

export const answerTank = (job: TankRequest): TankAnswers[TankAsk] =>
  (ANSWERS[job.ask] as (of: TankRequest) => TankAnswers[TankAsk])(job);
