import type { Advice, Box, Water } from '@core';

/** What the page asks of the ranking worker. */
export interface RankRequest {
  readonly id: number;
  readonly water: Water;
  readonly box: Box | 'catalogue';
  readonly top: number;
}

/** What comes back: an answer with the time it took, or the text of a bug. */
export type RankReply =
  | { readonly id: number; readonly ok: true; readonly advice: Advice; readonly tookMs: number }
  | { readonly id: number; readonly ok: false; readonly bug: string };
