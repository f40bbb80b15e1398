import { fallenM, steadyFall, type SteadyFall } from './fall';
import type { Ground } from './ground';
import { depthAtX, PathLog, type PathPoint } from './path';
import { isByRod, lastReelOf, type RetrievePlan, type RetrieveStep } from './plan';
import { lineOutM, over, tow, type Pull, type State, type Towing } from './tow';
import { towedAreas, type Lure, type Towline } from './towed';

/** Points of a fall, s. */
const FALL_STEP_S = 0.25;
/** Speed at which the tip is raised, m/s. @source adr-0010 */
const TIP_LIFT_MPS = 1;
/** How far a tip is shaken to each side of the pull, m, and the rhythm at which rod and line swallow half of it, Hz. @source adr-0025 */
const SHAKE_M = 0.05;
const SWALLOWED_HZ = 4;
/** How far a shaken tip speeds up and slows down the pull, as a share of it: never so far that it pushes. */
export const shakeDepth = (hz: number, mPerS: number): number =>
  Math.min(1, (2 * Math.PI * hz * SHAKE_M) / Math.sqrt(1 + (hz / SWALLOWED_HZ) ** 2) / mPerS);
/** Phases of a shake that are averaged. */
const SHAKE_PHASES = 8;

/** What a retrieve did. SI. */
export interface Retrieved {
  readonly path: readonly PathPoint[];
  /** depth half way back; null when it never gets there */
  readonly midCastDepthM: number | null;
  readonly maxDepthM: number;
  /** times it came upon the bottom or into cover, each touch once */
  readonly bottomContacts: number;
  readonly coverContacts: number;
  /** when each of these touches began, s */
  readonly touchesS: readonly number[];
  /** when each step that was done began, in the order of time */
  readonly marks: readonly StepMark[];
}

/** A step of the programme and the second it began. */
export interface StepMark {
  readonly step: number;
  readonly fromS: number;
}

/**
 * Casts a rig and brings it back: countdowns and kills on a slack line, pauses on a tight one, reeling in between. The lure is told by the length of
 * the straight line from the rod tip to it and the angle it leads at; it swings on that, and how the real line bows counts in v.
 *   dl/dt = -reel,  dtheta/dt = (v - drift sin) / l,  v at u = reel + drift cos
 * Surface and bottom hold it. Line that is out stays out until it is reeled. Left out: waves, glide on a slack fall.
 * @param plan    checked
 * @param ground  bottom and cover under the cast
 * @param longestS  after so long it is left, s: lifts and drops alone never bring it in
 * @source adr-0010, adr-0025
 */
export function retrieve(lure: Lure, plan: RetrievePlan, ground: Ground, line: Towline, longestS?: number): Retrieved {
  // water that runs away from a rod at rest is a rod that leaves water at rest
  const driftMps = (plan.driftMps ?? 0) + (plan.currentMps ?? 0);
  const fall = steadyFall(lure.body, lure.medium, 0, lure.factors);
  const state: State = { timeS: 0, xM: plan.castM, zM: 0 };
  const log = new PathLog(ground);
  log.note(state);
  const towing: Towing = { lure, ground, line, driftMps, state, log, fall, ...(longestS ? { longestS } : {}) };

  const last = lastReelOf(plan.steps);
  const marks: StepMark[] = [];
  const round = (from: number): void => {
    for (const [at, step] of plan.steps.entries()) {
      if (over(towing)) return;
      if (at < from) continue;
      // the last reel goes on to the end, unless it is timed and other steps follow it
      const toTheEnd = at === last && (at === plan.steps.length - 1 || !('s' in step));
      marks.push({ step: at, fromS: state.timeS });
      doStep(towing, step, toTheEnd ? Infinity : undefined);
    }
  };
  round(0);
  // what ends on a pause or a drop is wound in at its last pace; what only lifts and drops goes on doing so
  const pace = plan.steps[last];
  if (pace && !over(towing)) {
    marks.push({ step: last, fromS: state.timeS });
    doStep(towing, pace, Infinity);
  }
  while (!over(towing)) round(plan.steps.findIndex(isByRod));

  return {
    path: log.path,
    midCastDepthM: depthAtX(log.path, plan.castM / 2),
    maxDepthM: Math.max(...log.path.map(([, , zM]) => zM)),
    bottomContacts: log.bottomContacts,
    coverContacts: log.coverContacts,
    touchesS: log.touchesS,
    marks,
  };
}

function doStep(towing: Towing, step: RetrieveStep, lastsS: number | undefined): void {
  const { lure } = towing;
  const pullAt = (towMps: number): Pull => ({ towMps, areas: towedAreas(lure, towMps) });
  switch (step.do) {
    case 'pitch':
    case 'skip':
      // it has landed where the retrieve begins
      return;
    case 'countdown':
      return slackFall(towing, step.s, 'free');
    case 'kill':
      return slackFall(towing, step.s, 'closed');
    case 'pause':
      return tow(towing, [pullAt(0)], step.s);
    case 'reel':
      return tow(towing, [pullAt(step.mPerS)], lastsS ?? step.s ?? Infinity);
    case 'shake': {
      // the lure answers slower than the tip shakes: what it does is the mean over the beat
      const depth = shakeDepth(step.hz, step.mPerS);
      const pulls = Array.from({ length: SHAKE_PHASES }, (_, phase) =>
        pullAt(step.mPerS * (1 + depth * Math.sin((2 * Math.PI * (phase + 0.5)) / SHAKE_PHASES))),
      );
      return tow(towing, pulls, lastsS ?? step.s ?? Infinity);
    }
    case 'drag':
      return tow(towing, [pullAt(step.m / step.s)], step.s);
    case 'hop':
    case 'stroke':
      liftAndDrop(towing, step.m);
      return tow(towing, [pullAt(0)], step.s);
    case 'lift-drop':
      return liftAndDrop(towing, step.m);
  }
}

/** The rod lifts it and goes down again. */
function liftAndDrop(towing: Towing, m: number): void {
  const { state } = towing;
  const outM = lineOutM(state, towing.line.tipM);
  tow(towing, [{ towMps: TIP_LIFT_MPS, areas: towedAreas(towing.lure, TIP_LIFT_MPS) }], m / TIP_LIFT_MPS);
  // the tip goes down again: slack until the line is as long as it was
  const tightM = Math.sqrt(Math.max(0, outM * outM - state.xM * state.xM)) - towing.line.tipM;
  slackFallTo(towing, Math.min(tightM, towing.ground.depthAt(state.xM)));
}

/**
 * Falls on a slack line for some seconds, or until the bottom holds it.
 * @param spool  from a closed one no line comes: what sinks swings in towards the rod
 */
function slackFall(towing: Towing, seconds: number, spool: 'free' | 'closed'): void {
  const { state, log, lure, fall, ground, driftMps, line } = towing;
  const outM = lineOutM(state, line.tipM);
  if (fall === null) return;
  const [fromS, fromM] = [state.timeS, state.zM];
  const steps = Math.max(1, Math.ceil(seconds / FALL_STEP_S));
  for (let at = 1; at <= steps; at++) {
    const dt = seconds / steps;
    state.timeS = fromS + at * dt;
    state.xM += driftMps * dt;
    state.zM = Math.min(ground.depthAt(state.xM), fromM + fallenM(lure.body, lure.medium, fall, at * dt));
    if (spool === 'closed') {
      state.zM = Math.min(state.zM, Math.max(0, outM - line.tipM));
      state.xM = Math.min(state.xM, Math.sqrt(Math.max(0, outM ** 2 - (state.zM + line.tipM) ** 2)));
      state.zM = Math.min(state.zM, ground.depthAt(state.xM));
    }
    log?.note(state);
  }
}

/** Falls on a slack line to a depth. */
function slackFallTo(towing: Towing, depthM: number): void {
  const { state, fall } = towing;
  if (fall === null || depthM <= state.zM || fall.speedMps <= 0) return;
  // a little longer than at full speed, since it starts at rest; what is too long ends at the depth
  const ground: Ground = { ...towing.ground, depthAt: (xM) => Math.min(depthM, towing.ground.depthAt(xM)) };
  const seconds = secondsFor(towing.lure, fall, depthM - state.zM);
  slackFall({ ...towing, ground }, seconds, 'free');
}

function secondsFor(lure: Lure, fall: SteadyFall, depthM: number): number {
  let [low, high] = [0, 2 * (depthM / fall.speedMps) + 5];
  for (let step = 0; step < 40; step++) {
    const middle = (low + high) / 2;
    if (fallenM(lure.body, lure.medium, fall, middle) < depthM) low = middle;
    else high = middle;
  }
  return high;
}
