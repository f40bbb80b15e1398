import { ableRigs, type Able, type Box, type RetrievePlan, type Water } from '@core';

/** Which rigs of a box run half way back at a depth. */
export interface AbleRequest {
  readonly box: Box;
  readonly water: Water;
  readonly plan: RetrievePlan;
  readonly depthM: number;
}

export const answerAble = ({ box, water, plan, depthM }: AbleRequest): readonly Able[] | null =>
  ableRigs(box, water, plan, depthM);
