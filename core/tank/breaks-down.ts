import { prepareRetrieve } from '../hold/retrieve-report';
import { keeperSlipMps } from '../hold/keeper';
import { slowestWorkingMps, type FastLimit } from '../hold/working-window';
import { blowOverMps } from '../motion/roll';
import { PLAN_LIMITS, type RetrievePlan } from '../motion/plan';
import type { Water } from '../water/schema';
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

/** Less than this under the surface half way back is at the surface, m, and rounds in which a pace that stays under is found. */
const AT_SURFACE_M = 0.05;
const ROUNDS = 14;

/**
 * The fastest pace at which this programme still runs under the surface half way back, m/s: found by running it, so that it says what the film shows.
 * @returns null where it runs under at the pace it has
 */
function fastestUnderMps({ rig, plan, done }: Film, water: Water, fastMps: number): number | null {
  if (done.midCastDepthM === null || done.midCastDepthM >= AT_SURFACE_M) return null;
  const runsUnder = (share: number): boolean => {
    const steps = plan.steps.map((step) => ('mPerS' in step ? { ...step, mPerS: step.mPerS * share } : step));
    return (prepareRetrieve(rig, { ...plan, steps }, water).midDepthM() ?? 0) >= AT_SURFACE_M;
  };
  let [under, over] = [PLAN_LIMITS.reelMps.min / fastMps, 1];
  for (let round = 0; round < ROUNDS; round++) {
    const middle = (under + over) / 2;
    if (runsUnder(middle)) under = middle;
    else over = middle;
  }
  return under * fastMps;
}

/**
 * What does not work of a retrieve.
 * @param film  of the rig on this water
 * @param id    the programme it began with; null for one that was made by hand
 */
export function breaksDown(film: Film, id: ProgrammeId | null, water: Water): readonly BreaksDown[] {
  const { rig, plan, prepared, done } = film;
  const { lure, ground } = prepared;
  const found: BreaksDown[] = [];
  const paces = pacesOf(plan, id);
  const slowestMps = slowestWorkingMps(lure);
  const [slow, fast] = [Math.min(...paces), Math.max(...paces)];
  if (slowestMps !== null && paces.length > 0 && slow < slowestMps) {
    found.push({ kind: 'too-slow', paceMps: slow, slowestMps });
  }
  const meansToWake = id === 'wake';
  const holds = [
    { kind: 'blow-over', fastestMps: blowOverMps(lure.body, lure.medium) },
    { kind: 'keeper-slip', fastestMps: keeperSlipMps(rig, lure.body, lure.medium) },
  ] as const;
  for (const { kind, fastestMps } of holds) {
    if (fastestMps !== null && paces.length > 0 && fast > fastestMps) found.push({ kind, paceMps: fast, fastestMps });
  }
  const underMps = paces.length > 0 && !meansToWake ? fastestUnderMps(film, water, fast) : null;
  if (underMps !== null) found.push({ kind: 'surface', paceMps: fast, fastestMps: underMps });
  const depthM = ground.depthAt(plan.castM);
  if (id !== null && PROGRAMMES[id].isOnBottom && Number.isFinite(depthM) && done.bottomContacts === 0) {
    if (done.maxDepthM < depthM - DOWN_M) found.push({ kind: 'never-down', deepestM: done.maxDepthM, depthM });
  }
  if (done.coverContacts > 0) found.push({ kind: 'into-cover', times: done.coverContacts });
  return found;
}
