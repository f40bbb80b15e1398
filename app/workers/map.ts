import { gainsOver, sameJson, winnersOf, type Box, type Gains, type Water, type Winner } from '@core';

/** What is asked of one of many waters: what leads there, or what single parts would add. */
export interface MapRequest {
  readonly ask: 'leads' | 'lacks';
  readonly water: Water;
  readonly box: Box;
}
export type MapAnswer = Winner | Gains | null;

interface Known {
  readonly box: Box;
  readonly leads: (water: Water) => Winner | null;
  readonly lacks: (water: Water) => Gains;
}
/** the box that was asked of last, with what was laid out for it: a copy comes with every water */
let last: Known | null = null;

export function answerMap({ ask, water, box }: MapRequest): MapAnswer {
  if (last === null || !sameJson(last.box, box)) last = { box, leads: winnersOf(box), lacks: gainsOver(box) };
  return last[ask](water);
}
