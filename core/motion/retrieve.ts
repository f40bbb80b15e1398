import { fallenM, steadyFall, type SteadyFall } from './fall';
import { lastReelOf, type RetrievePlan, type RetrieveStep } from './plan';
import { acrossMps, towedAreas, type Lure, type TowedAreas, type Towline } from './towed';

/** A place on the path: seconds since the splash, m from the rod, m down. */
export type PathPoint = readonly [timeS: number, xM: number, depthM: number];

/** Water under the cast: how deep it is at a distance, and the layers of cover by the depth of their tops. */
export interface Ground {
  /** m at a distance; Infinity where nobody said */
  depthAt(xM: number): number;
  readonly coverTopsM: readonly number[];
}

/** What a retrieve did. SI. */
export interface Retrieved {
  readonly path: readonly PathPoint[];
  /** depth half way back; null when it never gets there */
  readonly midCastDepthM: number | null;
  readonly maxDepthM: number;
  /** times it came upon the bottom or into cover, each touch once */
  readonly bottomContacts: number;
  readonly coverContacts: number;
}

/** Bottom as straight lines between points; its ends go on level. */
export function groundOf(
  bottom: readonly (readonly [number, number])[] | undefined,
  depthM: number | null,
  coverTopsM: readonly number[] = [],
): Ground {
  if (bottom === undefined || bottom.length === 0) {
    const level = depthM ?? Infinity;
    return { depthAt: () => level, coverTopsM };
  }
  return {
    coverTopsM,
    depthAt(xM) {
      if (xM <= bottom[0]![0]) return bottom[0]![1];
      for (let at = 1; at < bottom.length; at++) {
        const [toX, toM] = bottom[at]!;
        const [fromX, fromM] = bottom[at - 1]!;
        if (xM <= toX) return fromM + ((xM - fromX) / (toX - fromX)) * (toM - fromM);
      }
      return bottom.at(-1)![1];
    },
  };
}

/** Longest step in open water, s. */
const LONG_STEP_S = 5;
/** Length of a step of the integration elsewhere, s; near the rod, where the line steepens, less: a share of the way that is left. */
const STEP_S = 0.5;
const STEP_SHARE = 0.2;
/** Points of a fall, s. */
const FALL_STEP_S = 0.25;
/** The cast is over this near to the rod, m, or after this long, s. */
const END_M = 1;
const LONGEST_S = 1200;
/** Speed at which the tip is raised, m/s. @source adr-0010 */
const TIP_LIFT_MPS = 1;
/** How far a shaken tip speeds up and slows down the pull, as a share of it. @source adr-0010 */
const SHAKE_DEPTH = 0.8;
/** Phases of a shake that are averaged. */
const SHAKE_PHASES = 8;
/** Nearer to the bottom than this counts as touching it, m. */
const TOUCH_M = 0.01;

interface State {
  timeS: number;
  xM: number;
  zM: number;
}

/** How a pull varies while one step lasts: its mean, or the phases of a shake. */
interface Pull {
  readonly towMps: number;
  readonly areas: TowedAreas;
}

/** Everything that happened so far; contacts are counted as they begin. */
class Log {
  readonly path: PathPoint[] = [];
  bottomContacts = 0;
  coverContacts = 0;
  private onBottom = false;
  private inCover = new Set<number>();

  constructor(private readonly ground: Ground) {}

  note({ timeS, xM, zM }: State): void {
    this.path.push([timeS, xM, zM]);
    const onBottom = zM >= this.ground.depthAt(xM) - TOUCH_M;
    if (onBottom && !this.onBottom) this.bottomContacts++;
    this.onBottom = onBottom;
    for (const topM of this.ground.coverTopsM) {
      const inside = zM > topM;
      if (inside && !this.inCover.has(topM)) this.coverContacts++;
      if (inside) this.inCover.add(topM);
      else this.inCover.delete(topM);
    }
  }
}

/**
 * Casts a rig and brings it back: countdowns and kills on a slack line, pauses on a tight one, reeling in between. The line is
 * a straight line from rod tip to lure; the lure swings on it.
 *   dz/dt = v cos - u sin,  dx/dt = -(u cos + v sin) + drift,  u = reel + drift cos
 * Surface and bottom hold it. Left out: waves, current, line that bows, glide on a slack fall.
 * @param plan    checked
 * @param ground  bottom and cover under the cast
 * @source adr-0010
 */
export function retrieve(lure: Lure, plan: RetrievePlan, ground: Ground, line: Towline): Retrieved {
  const driftMps = plan.driftMps ?? 0;
  const fall = steadyFall(lure.body, lure.medium, 0, lure.factors);
  const state: State = { timeS: 0, xM: plan.castM, zM: 0 };
  const log = new Log(ground);
  log.note(state);
  const towing: Towing = { lure, ground, line, driftMps, state, log, fall };

  const last = lastReelOf(plan.steps);
  for (const [at, step] of plan.steps.entries()) {
    if (over(state)) break;
    doStep(towing, step, at === last ? Infinity : undefined);
  }
  // a programme that ends on a pause or a drop is wound in at its last pace
  const pace = plan.steps[last];
  if (!over(state) && pace) doStep(towing, pace, Infinity);

  return {
    path: log.path,
    midCastDepthM: depthAtX(log.path, plan.castM / 2),
    maxDepthM: Math.max(...log.path.map(([, , zM]) => zM)),
    bottomContacts: log.bottomContacts,
    coverContacts: log.coverContacts,
  };
}

interface Towing {
  readonly lure: Lure;
  readonly ground: Ground;
  readonly line: Towline;
  readonly driftMps: number;
  readonly state: State;
  /** null when only the end counts */
  readonly log: Log | null;
  /** null where nothing is let go */
  readonly fall: SteadyFall | null;
}

const over = ({ xM, timeS }: State): boolean => xM <= END_M || timeS >= LONGEST_S;

function doStep(towing: Towing, step: RetrieveStep, lastsS: number | undefined): void {
  const { lure, state } = towing;
  const pullAt = (towMps: number): Pull => ({ towMps, areas: towedAreas(lure, towMps) });
  switch (step.do) {
    case 'countdown':
    case 'kill':
      return slackFall(towing, step.s);
    case 'pause':
      return tow(towing, [pullAt(0)], step.s);
    case 'reel':
      return tow(towing, [pullAt(step.mPerS)], lastsS ?? step.s ?? Infinity);
    case 'shake': {
      // the lure answers slower than the tip shakes: what it does is the mean over the beat
      const pulls = Array.from({ length: SHAKE_PHASES }, (_, phase) =>
        pullAt(step.mPerS * (1 + SHAKE_DEPTH * Math.sin((2 * Math.PI * (phase + 0.5)) / SHAKE_PHASES))),
      );
      return tow(towing, pulls, lastsS ?? step.s ?? Infinity);
    }
    case 'lift-drop': {
      const outM = Math.hypot(state.xM, state.zM + towing.line.tipM);
      tow(towing, [pullAt(TIP_LIFT_MPS)], step.m / TIP_LIFT_MPS);
      // the tip goes down again: slack until the line is as long as it was
      const tightM = Math.sqrt(Math.max(0, outM * outM - state.xM * state.xM)) - towing.line.tipM;
      return slackFallTo(towing, Math.min(tightM, towing.ground.depthAt(state.xM)));
    }
  }
}

/** Falls on a slack line for some seconds, or until the bottom holds it. */
function slackFall(towing: Towing, seconds: number): void {
  const { state, log, lure, fall, ground, driftMps } = towing;
  if (fall === null) return;
  const [fromS, fromM] = [state.timeS, state.zM];
  const steps = Math.max(1, Math.ceil(seconds / FALL_STEP_S));
  for (let at = 1; at <= steps; at++) {
    const dt = seconds / steps;
    state.timeS = fromS + at * dt;
    state.xM += driftMps * dt;
    state.zM = Math.min(ground.depthAt(state.xM), fromM + fallenM(lure.body, lure.medium, fall, at * dt));
    log?.note(state);
  }
}

/** Falls on a slack line to a depth. */
function slackFallTo(towing: Towing, depthM: number): void {
  const { state, fall } = towing;
  if (fall === null || depthM <= state.zM || fall.speedMps <= 0) return;
  // a little longer than at full speed, since it starts at rest; what is too long ends at the depth
  const ground = { ...towing.ground, depthAt: (xM: number) => Math.min(depthM, towing.ground.depthAt(xM)) };
  const seconds = secondsFor(towing.lure, fall, depthM - state.zM);
  slackFall({ ...towing, ground }, seconds);
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

type Rates = readonly [dxMps: number, dzMps: number];

/**
 * Pulls for some seconds with the mean of some pulls, by the classical fourth-order rule: long steps in open water with points
 * between them by cubics, short ones where surface or bottom come near.
 */
function tow(towing: Towing, pulls: readonly Pull[], seconds: number): void {
  const { state } = towing;
  const fastestMps = Math.max(...pulls.map(({ towMps }) => towMps), STEP_SHARE);
  let left = seconds;
  let now = rates(towing, pulls, state.xM, state.zM);
  while (left > 1e-9 && !over(state)) {
    const most = Math.min(left, (STEP_SHARE * state.xM) / fastestMps);
    const long = Math.min(LONG_STEP_S, most);
    let dt = long;
    let moved = rungeKutta(towing, pulls, now, dt);
    if (long > STEP_S && !isOpen(towing, moved)) {
      dt = Math.min(STEP_S, most);
      moved = rungeKutta(towing, pulls, now, dt);
    }
    now = advance(towing, pulls, now, moved, dt);
    left -= dt;
  }
}

/** Whether a step ends in open water, well clear of surface, bottom and cover. */
function isOpen({ state, ground }: Towing, [dx, dz]: Rates): boolean {
  const xM = state.xM + dx;
  const zM = state.zM + dz;
  const clearM = Math.abs(dz) + TOUCH_M;
  if (!(zM > clearM && state.zM > clearM)) return false;
  if (Math.max(zM, state.zM) > Math.min(ground.depthAt(xM), ground.depthAt(state.xM)) - clearM) return false;
  return ground.coverTopsM.every((topM) => zM > topM === state.zM > topM);
}

/** Takes a step: notes places on the way and its end, and returns the rates there. */
function advance(towing: Towing, pulls: readonly Pull[], from: Rates, [dx, dz]: Rates, dt: number): Rates {
  const { state, log, ground } = towing;
  const [startS, startX, startZ] = [state.timeS, state.xM, state.zM];
  const endX = Math.max(0, startX + dx);
  const endZ = Math.min(ground.depthAt(endX), Math.max(0, startZ + dz));
  const to = rates(towing, pulls, endX, endZ);
  if (log !== null) {
    const between = Math.ceil(dt / STEP_S - 1e-9);
    for (let at = 1; at < between; at++) {
      const share = at / between;
      state.timeS = startS + share * dt;
      state.xM = cubic(startX, endX, from[0] * dt, to[0] * dt, share);
      state.zM = cubic(startZ, endZ, from[1] * dt, to[1] * dt, share);
      log.note(state);
    }
  }
  state.timeS = startS + dt;
  state.xM = endX;
  state.zM = endZ;
  log?.note(state);
  return to;
}

/** Cubic between two places with the slopes at both (Hermite). */
function cubic(from: number, to: number, slopeFrom: number, slopeTo: number, share: number): number {
  const s2 = share * share;
  const s3 = s2 * share;
  return (
    (2 * s3 - 3 * s2 + 1) * from + (s3 - 2 * s2 + share) * slopeFrom + (3 * s2 - 2 * s3) * to + (s3 - s2) * slopeTo
  );
}

function rungeKutta(towing: Towing, pulls: readonly Pull[], [ax, az]: Rates, dt: number): Rates {
  const { xM, zM } = towing.state;
  const [bx, bz] = rates(towing, pulls, xM + (ax * dt) / 2, zM + (az * dt) / 2);
  const [cx, cz] = rates(towing, pulls, xM + (bx * dt) / 2, zM + (bz * dt) / 2);
  const [ex, ez] = rates(towing, pulls, xM + cx * dt, zM + cz * dt);
  return [((ax + 2 * bx + 2 * cx + ex) * dt) / 6, ((az + 2 * bz + 2 * cz + ez) * dt) / 6];
}

/** Speed of the lure over ground, m/s: mean over the pulls, held by surface and bottom. */
function rates(towing: Towing, pulls: readonly Pull[], xM: number, zM: number): Rates {
  if (pulls.length === 1) return towedRates(towing, pulls[0]!, xM, zM);
  let dx = 0;
  let dz = 0;
  for (const pull of pulls) {
    const [x, z] = towedRates(towing, pull, xM, zM);
    dx += x;
    dz += z;
  }
  return [dx / pulls.length, dz / pulls.length];
}

function towedRates(
  { lure, ground, line, driftMps }: Pick<Towing, 'lure' | 'ground' | 'line' | 'driftMps'>,
  { towMps, areas }: Pull,
  xM: number,
  zM: number,
): readonly [number, number] {
  const z = Math.max(0, zM);
  const dropM = z + line.tipM;
  const lengthM = Math.sqrt(xM * xM + dropM * dropM);
  const [cosine, sine] = [xM / lengthM, dropM / lengthM];
  const pullMps = Math.max(0, towMps + driftMps * cosine);
  const wetShare = dropM === 0 ? 1 : z / dropM;
  const v = acrossMps(areas, lure.medium, pullMps, cosine, line, lengthM, wetShare);
  const dz = v * cosine - pullMps * sine;
  const dx = -(pullMps * cosine + v * sine) + driftMps;
  // along the surface or the bottom the line still shortens as fast as it is reeled
  if (zM <= 0 && dz < 0) return [heldMps(towMps, driftMps, xM, dropM, 0, lengthM), 0];
  if (zM < ground.depthAt(xM)) return [dx, dz];
  const slope = slopeAt(ground, xM);
  if (dz > slope * dx) {
    const held = heldMps(towMps, driftMps, xM, dropM, slope, lengthM);
    return [held, slope * held];
  }
  return [dx, dz];
}

/** Speed along a surface of some slope that shortens the line as fast as it is reeled, m/s, drift of the rod included. */
const heldMps = (towMps: number, driftMps: number, xM: number, dropM: number, slope: number, lengthM: number): number =>
  (-towMps * lengthM) / Math.max(xM + dropM * slope, 0.2 * lengthM) + (towMps > 0 ? 0 : Math.max(0, driftMps));

/** Speeds over ground of a rig reeled steadily, as a function of where it is: for a solver of somebody else's. */
export function reelRates(
  lure: Lure,
  ground: Ground,
  line: Towline,
  mPerS: number,
): (xM: number, zM: number) => readonly [dxMps: number, dzMps: number] {
  const pull: Pull = { towMps: mPerS, areas: towedAreas(lure, mPerS) };
  return (xM, zM) => towedRates({ lure, ground, line, driftMps: 0 }, pull, xM, zM);
}

/** Where a steady reel from a place takes a rig in some seconds: m from the rod, m down. */
export function reelFor(
  lure: Lure,
  ground: Ground,
  line: Towline,
  mPerS: number,
  [timeS, xM, zM]: PathPoint,
  seconds: number,
): readonly [xM: number, zM: number] {
  const state: State = { timeS, xM, zM };
  const towing: Towing = { lure, ground, line, driftMps: 0, state, log: null, fall: null };
  tow(towing, [{ towMps: mPerS, areas: towedAreas(lure, mPerS) }], seconds);
  return [state.xM, state.zM];
}

const SLOPE_OVER_M = 0.05;
function slopeAt(ground: Ground, xM: number): number {
  const [near, far] = [ground.depthAt(xM - SLOPE_OVER_M), ground.depthAt(xM + SLOPE_OVER_M)];
  return Number.isFinite(near) && Number.isFinite(far) ? (far - near) / (2 * SLOPE_OVER_M) : 0;
}

/** Depth where a path first comes to a distance, m; null when it never does. */
export function depthAtX(path: readonly PathPoint[], xM: number): number | null {
  for (let at = 1; at < path.length; at++) {
    const [, fromX, fromM] = path[at - 1]!;
    const [, toX, toM] = path[at]!;
    if (fromX >= xM && toX <= xM) {
      return fromX === toX ? toM : fromM + ((fromX - xM) / (fromX - toX)) * (toM - fromM);
    }
  }
  return null;
}

/** Seconds a path spends between two depths, m; crossings are split within a step. */
export function secondsBetween(path: readonly PathPoint[], fromM: number, toM: number): number {
  let seconds = 0;
  for (let at = 1; at < path.length; at++) {
    const [start, , a] = path[at - 1]!;
    const [end, , b] = path[at]!;
    const [low, high] = [Math.min(a, b), Math.max(a, b)];
    const inside = Math.min(high, toM) - Math.max(low, fromM);
    if (high === low) seconds += low >= fromM && low <= toM ? end - start : 0;
    else seconds += (Math.max(0, inside) / (high - low)) * (end - start);
  }
  return seconds;
}
