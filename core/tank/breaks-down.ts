import { workingWindow, type FastLimit } from '../hold/working-window';
import type { RetrievePlan } from '../motion/plan';
import type { Film } from './film';
import { PROGRAMMES, type ProgrammeId } from './programmes';

/** Where a programme breaks down for a rig: what it is, and the speed or depth at which it does. SI. */
export type BreaksDown =
  | { readonly kind: 'too-slow'; readonly paceMps: number; readonly slowestMps: number }
  | { readonly kind: FastLimit; readonly paceMps: number; readonly fastestMps: number }
  | { readonly kind: 'never-down'; readonly deepestM: number; readonly depthM: number }
  | { readonly kind: 'into-cover'; readonly times: number };

/** Paces a rig is fished at: not that at which a programme is wound in. */
const pacesOf = ({ steps }: RetrievePlan, id: ProgrammeId | null): number[] => {
  const fished = id !== null && PROGRAMMES[id].windsIn ? steps.slice(0, -1) : steps;
  return fished.flatMap((step) => (step.do === 'reel' || step.do === 'shake' ? [step.mPerS] : []));
};

/** A lure this close to the bottom has got there, m. */
const DOWN_M = 0.05;

/**
 * What does not work of a retrieve.
 * @param film  of the rig on this water
 * @param id    the programme it began with; null for one that was made by hand
 */
export function breaksDown({ rig, plan, prepared, done }: Film, id: ProgrammeId | null): readonly BreaksDown[] {
  const { lure, line, ground } = prepared;
  const found: BreaksDown[] = [];
  const paces = pacesOf(plan, id);
  const { slowestMps, fastestMps, limit } = workingWindow(rig, lure, line, plan.castM / 2);
  const [slow, fast] = [Math.min(...paces), Math.max(...paces)];
  if (slowestMps !== null && paces.length > 0 && slow < slowestMps) {
    found.push({ kind: 'too-slow', paceMps: slow, slowestMps });
  }
  const meansToWake = id === 'wake';
  if (
    fastestMps !== null &&
    limit !== null &&
    paces.length > 0 &&
    fast > fastestMps &&
    !(meansToWake && limit === 'surface')
  ) {
    found.push({ kind: limit, paceMps: fast, fastestMps });
  }
  const depthM = ground.depthAt(plan.castM);
  if (id !== null && PROGRAMMES[id].isOnBottom && Number.isFinite(depthM) && done.bottomContacts === 0) {
    if (done.maxDepthM < depthM - DOWN_M) found.push({ kind: 'never-down', deepestM: done.maxDepthM, depthM });
  }
  if (done.coverContacts > 0) found.push({ kind: 'into-cover', times: done.coverContacts });
  return found;
}
