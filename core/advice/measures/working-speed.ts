import { HEADS } from '../../tackle/heads';
import type { Rig } from '../../rig/parts/schema';

/** Speed at which rigs that are reeled are looked at, m/s: an ordinary retrieve. @source craft-practice */
export const USUAL_REEL_MPS = 0.75;

/** Nobody hurries a lure through water this cold, °F: the fastest it is reeled there, m/s. @source craft-practice */
export const COLD_PACE = { tempF: 45, mostMps: 0.9 } as const;

/** Rigs that live by being reeled; the others work as they fall. */
export const isReeled = ({ family, head }: Pick<Rig, 'family' | 'head'>): boolean =>
  family !== 'skirted' || HEADS[head.style].traits.includes('reeled');

/** Speed at which a rig does its work: reeled as usual, or falling. */
export const workSpeedMps = (rig: Rig, fallMps: number): number => (isReeled(rig) ? USUAL_REEL_MPS : fallMps);
