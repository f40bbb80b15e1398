import { catalogueFor, leadAllowed, winnerOf, type Box, type Water, type Winner } from '@core';

/** A cell of the decision map: its water, and what it is picked from. */
export interface MapRequest {
  readonly water: Water;
  readonly box: Box | 'catalogue';
}

export const answerMap = ({ water, box }: MapRequest): Winner | null =>
  winnerOf(water, box === 'catalogue' ? catalogueFor({ lead: leadAllowed(water.localRules) }) : box);
