import { winnerOf, type Box, type Water, type Winner } from '@core';

/** A cell of the decision map: its water, and the box it is picked from. */
export interface MapRequest {
  readonly water: Water;
  readonly box: Box;
}

export const answerMap = ({ water, box }: MapRequest): Winner | null => winnerOf(water, box);
