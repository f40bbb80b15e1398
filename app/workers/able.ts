import {
  ableRigs,
  solveCut,
  type Able,
  type Box,
  type CutToDepth,
  type RetrievePlan,
  type Rig,
  type Water,
} from '@core';

interface AtDepth {
  readonly water: Water;
  readonly plan: RetrievePlan;
  readonly depthM: number;
}
/** Which rigs of a box run half way back at a depth, or how one rig is cut until it does. */
export type AbleRequest = AtDepth & ({ readonly box: Box } | { readonly rig: Rig });
export type AbleAnswer = readonly Able[] | CutToDepth | null;

export const answerAble = (job: AbleRequest): AbleAnswer =>
  'box' in job
    ? ableRigs(job.box, job.water, job.plan, job.depthM)
    : solveCut(job.rig, job.rig, job.plan, job.water, job.depthM);
