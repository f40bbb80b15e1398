import type { Advice, Belief, Box, GearTrays, OtherTies, OwnLog, Rig, TippingPoint, Tray, Water } from '@core';

/** What the page asks of the ranking worker. */
export interface RankRequest {
  readonly id: number;
  readonly water: Water;
  /** `held` is the one that was handed over before, at one go or in pieces */
  readonly box: Box | 'catalogue' | 'held';
  readonly top: number;
  /** rigs that were ranked before, as they came out of the box: what would flip each is looked for instead of ranking anew; null to rank */
  readonly flipsOf: readonly Rig[] | null;
  /** the first rig of the answer before to this water, as it came out of the box; null where there is none */
  readonly before: Rig | null;
  /** what the angler fishes with; null where every rig gets what its rules ask */
  readonly gear: GearTrays | null;
  /** what the angler’s log has to say; null where there is none, or it is not asked */
  readonly log: OwnLog | null;
  /** what tests taught; null where none did */
  readonly belief: Belief | null;
}

/** A piece of a large box: handed over whole it would hold the page up. The first piece forgets the box before. */
export interface BoxPiece {
  readonly piece: Partial<Record<Tray, Box[Tray]>>;
  readonly isFirst: boolean;
}

/** Gives a job up: its answer is not wanted any more. */
export interface RankCancel {
  readonly cancel: number;
}

/**
 * What comes back: how far it is; an answer with the time it took, and what other schools would tie (which ends the job); what would
 * flip a pick, where that was asked; that it was given up; or the text of a bug.
 */
export type RankReply =
  | { readonly id: number; readonly progress: number }
  /** the first rig that is ready, while others still are made so */
  | { readonly id: number; readonly first: Advice }
  | { readonly id: number; readonly ok: true; readonly advice: Advice; readonly tookMs: number }
  /** what other schools would tie instead of each pick; the job is done */
  | { readonly id: number; readonly others: readonly OtherTies[] }
  | { readonly id: number; readonly flips: readonly (readonly TippingPoint[])[] }
  | { readonly id: number; readonly ok: false; readonly bug: string }
  /** a sign that it works, where there is nothing to tell */
  | { readonly id: number; readonly alive: true }
  /** said of the worker, not by it: it stopped answering or could not be had, and was started anew; or that was in vain */
  | { readonly id: number; readonly restarted: 'silent' | 'missing' }
  | { readonly id: number; readonly ok: false; readonly lost: 'silent' | 'missing' }
  | { readonly id: number; readonly cancelled: true };
