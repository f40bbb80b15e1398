import { fallenM, steadyFall, type SteadyFall } from './fall';
import type { Ground } from './ground';
import { depthAtX, PathLog, type PathPoint } from './path';
import { isByRod, isCast, lastReelOf, slackAtSplashM, type RetrievePlan, type RetrieveStep } from './plan';
import { KneeBalance } from './knee';
import { tow } from './tow';
import { towBent } from './tow-bent';
import { towedAreas, type Lure, type Towline } from './towed';
import { lineOutM, over, type Pull, type State, type Towing } from './towing';

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
/** Phases of half a shake that are averaged: the other half goes through the same speeds. */
const SHAKE_PHASES = 4;

/** Where a run may be left before the line is in. */
export type RunEnds = Pick<Towing, 'longestS' | 'untilM'>;

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
  /** where the line was bent: seconds, m from the rod, m down; nothing where it leads straight to the lure */
  readonly knees: readonly PathPoint[];
  /** when each step that was done began, in the order of time */
  readonly marks: readonly StepMark[];
}

/** A step of the programme and the second it began. */
export interface StepMark {
  readonly step: number;
  readonly fromS: number;
}

/**
 * Casts a rig and brings it back. At the splash the line lies on the water; on the count the lure draws it into an L, and brakes on what it drags along;
 * the reel takes the bend in before it pulls at the lure (`knee.ts`). From then on the lure is told by the length of the straight line from the rod tip
 * to it and the angle it leads at; it swings on that, and how the real line bows counts in v. Pauses and kills hang on that line; only line that is
 * given lets it fall free.
 *   dl/dt = -reel,  dtheta/dt = (v - drift sin) / l,  v at u = reel + drift cos
 * Surface and bottom hold it. Line that is out stays out until it is reeled. Left out: waves, glide on a slack fall.
 * @param plan    checked
 * @param ground  bottom and cover under the cast
 * @param ends    after so long it is left, s: lifts and drops alone never bring it in; or once it has come so near, m
 * @source adr-0010, adr-0025, adr-0037
 */
export function retrieve(lure: Lure, plan: RetrievePlan, ground: Ground, line: Towline, ends: RunEnds = {}): Retrieved {
  // water that runs away from a rod at rest is a rod that leaves water at rest
  const driftMps = (plan.driftMps ?? 0) + (plan.currentMps ?? 0);
  const fall = steadyFall(lure.body, lure.medium, 0, lure.factors);
  const state: State = { timeS: 0, xM: plan.castM, zM: 0, knee: null };
  const balance = fall.speedMps > 0 ? new KneeBalance(lure, line, fall, driftMps) : null;
  const log = new PathLog(ground);
  log.note(state);
  const towing: Towing = { lure, ground, line, driftMps, state, log, fall, balance, ...ends };

  const last = lastReelOf(plan.steps);
  // line given at the splash is there for a count that follows it; whoever reels first takes it in
  const afterSplash = plan.steps.findIndex((step) => !isCast(step));
  const marks: StepMark[] = [];
  const round = (from: number): void => {
    for (const [at, step] of plan.steps.entries()) {
      if (over(towing)) return;
      if (at < from) continue;
      // the last reel goes on to the end, unless it is timed and other steps follow it
      const toTheEnd = at === last && (at === plan.steps.length - 1 || !('s' in step));
      marks.push({ step: at, fromS: state.timeS });
      doStep(towing, step, toTheEnd ? Infinity : undefined, at === afterSplash ? slackAtSplashM(plan) : 0);
    }
  };
  round(0);
  // what ends on a pause or a drop is wound in at its last pace; what only lifts and drops goes on doing so
  const pace = plan.steps[last];
  if (pace && !over(towing)) {
    marks.push({ step: last, fromS: state.timeS });
    doStep(towing, pace, Infinity, 0);
  }
  while (!over(towing)) round(plan.steps.findIndex(isByRod));

  return {
    path: log.path,
    midCastDepthM: depthAtX(log.path, plan.castM / 2),
    maxDepthM: Math.max(...log.path.map(([, , zM]) => zM)),
    bottomContacts: log.bottomContacts,
    coverContacts: log.coverContacts,
    touchesS: log.touchesS,
    knees: log.knees,
    marks,
  };
}

/** @param givenM  line given before it, m */
function doStep(towing: Towing, step: RetrieveStep, lastsS: number | undefined, givenM: number): void {
  const { lure, state } = towing;
  const pullAt = (towMps: number): Pull => ({
    towMps,
    areas: towedAreas(lure, towMps),
    bowed: { bowRad: 0 },
  });
  switch (step.do) {
    case 'pitch':
    case 'skip':
      // it has landed where the retrieve begins
      return;
    case 'countdown':
      return fallOnLine(towing, step.s, givenM + (step.slackM ?? 0));
    case 'kill':
    case 'pause':
      // on a closed spool it swings in; only line that is given lets it fall
      return step.slackM ? fallOnLine(towing, step.s, step.slackM) : tow(towing, [pullAt(0)], step.s);
    case 'reel':
      return tow(towing, [pullAt(step.mPerS)], lastsS ?? step.s ?? Infinity);
    case 'shake': {
      // the lure answers slower than the tip shakes: what it does is the mean over the beat
      const depth = shakeDepth(step.hz, step.mPerS);
      const pulls = Array.from({ length: SHAKE_PHASES }, (_, phase) =>
        pullAt(step.mPerS * (1 + depth * Math.cos((Math.PI * (phase + 0.5)) / SHAKE_PHASES))),
      );
      return tow(towing, pulls, lastsS ?? step.s ?? Infinity);
    }
    case 'drag':
      state.knee = null;
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
  // whoever works a lure with the rod has taken the loose line in
  state.knee = null;
  const outM = lineOutM(state, towing.line.tipM);
  tow(towing, [{ towMps: TIP_LIFT_MPS, areas: towedAreas(towing.lure, TIP_LIFT_MPS) }], m / TIP_LIFT_MPS);
  // the tip goes down again: slack until the line is as long as it was
  const tightM = Math.sqrt(Math.max(0, outM * outM - state.xM * state.xM)) - towing.line.tipM;
  fallTo(towing, Math.min(tightM, towing.ground.depthAt(state.xM)));
}

/** Line that is always there to sink on: what a splash throws up and a knot gives, m. */
const LEAST_GIVEN_M = 0.1;
const GIVEN_ROUNDS = 24;

/**
 * Sinks for some seconds: free, as far as line was given, straight down from where it was let go; then on the line, which it draws into an L.
 * @param givenM  line given, m
 */
function fallOnLine(towing: Towing, seconds: number, givenM: number): void {
  const { state, lure, fall, line, log, driftMps, ground, balance } = towing;
  if (fall === null) return;
  if (balance === null) {
    state.timeS += seconds;
    return log?.note(state);
  }
  if (state.knee !== null && givenM === 0) return sink(towing, seconds);
  // what lies in a bend is taken first, then what is given
  const from = { ...state };
  const isOutM = state.knee ? state.knee.upperM + state.knee.lowerM : lineOutM(from, line.tipM);
  const outM = isOutM + Math.max(LEAST_GIVEN_M, givenM);
  state.knee = null;
  const placeAt = (afterS: number): { xM: number; zM: number } => {
    const xM = from.xM + driftMps * afterS;
    return { xM, zM: Math.min(ground.depthAt(xM), from.zM + fallenM(lure.body, lure.medium, fall, afterS)) };
  };
  const isFree = (afterS: number): boolean => {
    const { xM, zM } = placeAt(afterS);
    return Math.hypot(xM, from.zM + line.tipM) + zM - from.zM <= outM;
  };
  const noted = (afterS: number): void => {
    Object.assign(state, placeAt(afterS), { timeS: from.timeS + afterS });
    log?.note(state);
  };
  let freeS = 0;
  while (freeS < seconds && isFree(Math.min(seconds, freeS + FALL_STEP_S))) {
    freeS = Math.min(seconds, freeS + FALL_STEP_S);
    noted(freeS);
  }
  if (freeS < seconds) {
    let [free, taut] = [freeS, Math.min(seconds, freeS + FALL_STEP_S)];
    for (let round = 0; round < GIVEN_ROUNDS; round++) {
      const middle = (free + taut) / 2;
      if (isFree(middle)) free = middle;
      else taut = middle;
    }
    freeS = taut;
    noted(freeS);
  }
  const lowerM = state.zM - from.zM;
  if (lowerM > 0) {
    state.knee = {
      upperM: Math.hypot(state.xM, from.zM + line.tipM),
      upperRad: Math.atan2(from.zM + line.tipM, state.xM),
      lowerM,
      lowerRad: Math.PI / 2,
    };
    sink(towing, seconds - freeS);
  }
}

/** Sinks on its line, bent or straight. */
function sink(towing: Towing, seconds: number): void {
  if (seconds <= 0) return;
  const left = towBent(towing, { towMps: 0, areas: 'falls' }, seconds);
  if (left > 0) tow(towing, [{ towMps: 0, areas: towedAreas(towing.lure, 0) }], left);
}

/** Falls free to a depth: as far as line that was taken in is given back. */
function fallTo(towing: Towing, depthM: number): void {
  const { state, fall, lure, log, driftMps, ground } = towing;
  if (fall === null || depthM <= state.zM || fall.speedMps <= 0) return;
  const from = { ...state };
  const seconds = secondsFor(lure, fall, depthM - state.zM);
  const steps = Math.max(1, Math.ceil(seconds / FALL_STEP_S));
  for (let at = 1; at <= steps; at++) {
    const afterS = (seconds * at) / steps;
    state.timeS = from.timeS + afterS;
    state.xM = from.xM + driftMps * afterS;
    const fallenToM = from.zM + fallenM(lure.body, lure.medium, fall, afterS);
    state.zM = Math.min(depthM, ground.depthAt(state.xM), fallenToM);
    log?.note(state);
  }
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
