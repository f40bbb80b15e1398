import { slopeAt, type Ground } from './ground';
import { TOUCH_M, type PathLog, type PathPoint } from './path';
import type { SteadyFall } from './fall';
import { acrossLineMps, towedAreas, type Lure, type TowedAreas, type Towline } from './towed';

/** Longest step in open water, s. */
const LONG_STEP_S = 5;
/** Length of a step of the integration elsewhere, s; near the rod, where the line steepens, less: a share of the way that is left. */
const STEP_S = 0.5;
const STEP_SHARE = 0.2;
/** Where something is near, no step is longer than this, m: what is wider than it is not stepped over. */
const SHORT_STEP_M = 0.25;
/** The cast is over this near to the rod, m, or after this long, s. */
const END_M = 1;
const LONGEST_S = 1200;

/** Where a lure is: seconds since the splash, m from the rod, m down. */
export interface State {
  timeS: number;
  xM: number;
  zM: number;
}

/** How a pull varies while one step lasts: its mean, or the phases of a shake. */
export interface Pull {
  readonly towMps: number;
  readonly areas: TowedAreas;
}

/** A lure on its line, on the move. */
export interface Towing {
  readonly lure: Lure;
  readonly ground: Ground;
  readonly line: Towline;
  readonly driftMps: number;
  readonly state: State;
  /** null when only the end counts */
  readonly log: PathLog | null;
  /** null where nothing is let go */
  readonly fall: SteadyFall | null;
}

/** Whether a cast has come back. */
export const over = ({ xM, timeS }: State): boolean => xM <= END_M || timeS >= LONGEST_S;

type Rates = readonly [dxMps: number, dzMps: number];

/**
 * Pulls for some seconds with the mean of some pulls, by the classical fourth-order rule: long steps in open water with points
 * between them by cubics, short ones where surface or bottom come near.
 */
export function tow(towing: Towing, pulls: readonly Pull[], seconds: number): void {
  const { state } = towing;
  const fastestMps = Math.max(...pulls.map(({ towMps }) => towMps), STEP_SHARE);
  let left = seconds;
  let now = rates(towing, pulls, state.xM, state.zM);
  while (left > 1e-9 && !over(state)) {
    const most = Math.min(left, (STEP_SHARE * state.xM) / fastestMps);
    const short = Math.min(STEP_S, SHORT_STEP_M / fastestMps, most);
    let dt = Math.min(LONG_STEP_S, most);
    let moved = rungeKutta(towing, pulls, now, dt);
    if (dt > short && !isOpen(towing, moved)) {
      dt = short;
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
  if (Math.max(zM, state.zM) > ground.shallowestM(state.xM, xM) - clearM) return false;
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
  const v = acrossLineMps(areas, lure.medium, pullMps, cosine, line, lengthM, wetShare);
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

/**
 * Speed along a surface of some slope that shortens the line as fast as it is reeled, m/s towards the rod being negative. A rod
 * that drifts away drags nothing further than the line allows; one that drifts nearer leaves it slack.
 */
const heldMps = (towMps: number, driftMps: number, xM: number, dropM: number, slope: number, lengthM: number): number =>
  Math.min((-towMps * lengthM) / Math.max(xM + dropM * slope, 0.2 * lengthM), driftMps, 0);

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
