import type { Ground } from './ground';
import { TOUCH_M, type PathPoint } from './path';
import { meanPull, towBent } from './tow-bent';
import { acrossLineMps, towedAreas, type Lure, type Towline } from './towed';
import { over, SHORT_STEP_M, SLOWEST_MPS, type Pull, type State, type Towing } from './towing';

/** Longest step in open water, s. */
const LONG_STEP_S = 5;
/** Length of a step of the integration elsewhere, s; near the rod, where the line steepens, less: a share of the way that is left. */
const STEP_S = 0.5;
const STEP_SHARE = 0.2;
/** Shortest step right under the rod, m. */
const LEAST_STEP_M = 0.02;

/** A lure about the rod tip: line that is out, and how far below the horizontal it leads. */
interface Hung {
  readonly lengthM: number;
  readonly angleRad: number;
  readonly cosine: number;
  readonly sine: number;
}
const hung = (lengthM: number, angleRad: number): Hung => ({
  lengthM,
  angleRad,
  cosine: Math.cos(angleRad),
  sine: Math.sin(angleRad),
});
type Rates = readonly [lengthMps: number, angleRadps: number];

const hungAt = (xM: number, zM: number, tipM: number): Hung =>
  hung(Math.hypot(xM, zM + tipM), Math.atan2(zM + tipM, xM));
const xOf = ({ lengthM, cosine }: Hung): number => lengthM * cosine;
const zOf = ({ lengthM, sine }: Hung, tipM: number): number => lengthM * sine - tipM;

/**
 * Pulls for some seconds with the mean of some pulls, by the classical fourth-order rule in length and angle of the line, so that line that is not
 * reeled in stays out: long steps in open water with points between them by cubics, short ones where surface or bottom come near.
 */
export function tow(towing: Towing, pulls: readonly Pull[], seconds: number): void {
  const { state, line, log } = towing;
  const fastestMps = Math.max(...pulls.map(({ towMps }) => towMps), SLOWEST_MPS);
  let left = state.knee === null ? seconds : towBent(towing, meanPull(towing, pulls), seconds);
  let now = hungAt(state.xM, state.zM, line.tipM);
  let from = rates(towing, pulls, now);
  while (left > 1e-9 && !over(towing)) {
    const most = Math.min(left, Math.max(LEAST_STEP_M, STEP_SHARE * state.xM) / fastestMps);
    const short = Math.min(STEP_S, SHORT_STEP_M / fastestMps, most);
    let dt = Math.min(LONG_STEP_S, most);
    let next = rungeKutta(towing, pulls, now, from, dt);
    if (dt > short && !isOpen(towing, next)) {
      dt = short;
      next = rungeKutta(towing, pulls, now, from, dt);
    }
    // what stands between two places is met, however thin it is
    for (let halves = 0; halves < MOST_HALVES && isWalled(towing, next); halves++) {
      dt /= 2;
      next = rungeKutta(towing, pulls, now, from, dt);
    }
    const held = heldBy(towing, next);
    const to = rates(towing, pulls, held);
    if (log !== null) noteBetween(towing, from, to, held, dt);
    state.timeS += dt;
    state.xM = Math.max(0, xOf(held));
    state.zM = Math.max(0, zOf(held, line.tipM));
    log?.note(state);
    [now, from] = [held, to];
    left -= dt;
  }
}

/** Whether a step ends in open water, well clear of surface, bottom and cover. */
function isOpen({ state, ground, line }: Towing, next: Hung): boolean {
  const xM = xOf(next);
  const zM = zOf(next, line.tipM);
  const clearM = Math.abs(zM - state.zM) + TOUCH_M;
  if (!(zM > clearM && state.zM > clearM)) return false;
  if (Math.max(zM, state.zM) > ground.shallowestM(state.xM, xM) - clearM) return false;
  return ground.coverTopsM.every((topM) => zM > topM === state.zM > topM);
}

/** Times a step is halved where something stands in its way. */
const MOST_HALVES = 10;
/** Whether the bottom rises between two places above both of them. */
function isWalled({ state, ground, line }: Towing, next: Hung): boolean {
  const zM = zOf(next, line.tipM);
  return ground.shallowestM(state.xM, xOf(next)) < Math.min(state.zM, zM, ground.depthAt(xOf(next))) - TOUCH_M;
}

/** Projects a place onto the water between surface and bottom: the line keeps its length, its angle changes. */
function heldBy({ ground, line }: Towing, place: Hung): Hung {
  const { tipM } = line;
  const { lengthM } = place;
  const isWet = place.angleRad <= Math.PI / 2 && zOf(place, tipM) >= 0;
  const surfaceRad = (): number => Math.asin(Math.min(1, tipM / lengthM));
  const wet = isWet ? place : hung(lengthM, Math.min(Math.PI / 2, Math.max(surfaceRad(), place.angleRad)));
  if (zOf(wet, tipM) <= ground.depthAt(xOf(wet))) return wet;
  return hung(lengthM, Math.max(surfaceRad(), ground.liesAtRad(lengthM, tipM, wet.angleRad)));
}

/** Notes places on a long step, by cubics with the slopes at both ends (Hermite). */
function noteBetween({ state, log, line }: Towing, from: Rates, to: Rates, end: Hung, dt: number): void {
  const between = Math.ceil(dt / STEP_S - 1e-9);
  if (between < 2) return;
  const start = hungAt(state.xM, state.zM, line.tipM);
  for (let at = 1; at < between; at++) {
    const share = at / between;
    const place = hung(
      cubic(start.lengthM, end.lengthM, from[0] * dt, to[0] * dt, share),
      cubic(start.angleRad, end.angleRad, from[1] * dt, to[1] * dt, share),
    );
    log!.note({ timeS: state.timeS + share * dt, xM: xOf(place), zM: Math.max(0, zOf(place, line.tipM)) });
  }
}

function cubic(from: number, to: number, slopeFrom: number, slopeTo: number, share: number): number {
  const s2 = share * share;
  const s3 = s2 * share;
  return (
    (2 * s3 - 3 * s2 + 1) * from + (s3 - 2 * s2 + share) * slopeFrom + (3 * s2 - 2 * s3) * to + (s3 - s2) * slopeTo
  );
}

function rungeKutta(towing: Towing, pulls: readonly Pull[], now: Hung, [al, aa]: Rates, dt: number): Hung {
  const after = ([lengthMps, angleRadps]: Rates, seconds: number): Hung =>
    hung(Math.max(towing.line.tipM, now.lengthM + lengthMps * seconds), now.angleRad + angleRadps * seconds);
  const [bl, ba] = rates(towing, pulls, after([al, aa], dt / 2));
  const [cl, ca] = rates(towing, pulls, after([bl, ba], dt / 2));
  const [el, ea] = rates(towing, pulls, after([cl, ca], dt));
  return after([(al + 2 * bl + 2 * cl + el) / 6, (aa + 2 * ba + 2 * ca + ea) / 6], dt);
}

/** How line and angle change: mean over the pulls. */
function rates(towing: Towing, pulls: readonly Pull[], place: Hung): Rates {
  if (pulls.length === 1) return towedRates(towing, pulls[0]!, place);
  let [length, angle] = [0, 0];
  for (const pull of pulls) {
    const [lengthMps, angleRadps] = towedRates(towing, pull, place);
    length += lengthMps;
    angle += angleRadps;
  }
  return [length / pulls.length, angle / pulls.length];
}

/**
 * Line comes in as fast as it is reeled, and the lure swings about the tip; a rod that drifts nearer faster than that leaves the line slack, and the
 * way to the lure shortens with it.
 */
function towedRates(
  { lure, line, driftMps }: Pick<Towing, 'lure' | 'line' | 'driftMps'>,
  { towMps, areas, bowed }: Pull,
  { lengthM, cosine, sine }: Hung,
): Rates {
  const dropM = lengthM * sine;
  const z = Math.max(0, dropM - line.tipM);
  const pullMps = Math.max(0, towMps + driftMps * cosine);
  const wetShare = dropM <= 0 ? 1 : Math.min(1, z / dropM);
  const v = acrossLineMps(areas, lure.medium, pullMps, cosine, line, lengthM, wetShare, driftMps * sine, bowed);
  return [Math.min(-towMps, driftMps * cosine), (v - driftMps * sine) / lengthM];
}

/** Speeds over ground of a rig reeled steadily, as a function of where it is: for a solver of somebody else's. */
export function reelRates(
  lure: Lure,
  line: Towline,
  mPerS: number,
): (xM: number, zM: number) => readonly [dxMps: number, dzMps: number] {
  const pull: Pull = { towMps: mPerS, areas: towedAreas(lure, mPerS) };
  return (xM, zM) => {
    const place = hungAt(xM, Math.max(0, zM), line.tipM);
    const [lengthMps, angleRadps] = towedRates({ lure, line, driftMps: 0 }, pull, place);
    const { cosine, sine } = place;
    const swing = place.lengthM * angleRadps;
    const dz = lengthMps * sine + swing * cosine;
    // along the surface the line still shortens as fast as it is reeled
    if (zM <= 0 && dz < 0) return [lengthMps / cosine, 0];
    return [lengthMps * cosine - swing * sine, dz];
  };
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
  const state: State = { timeS, xM, zM, knee: null };
  const towing: Towing = { lure, ground, line, driftMps: 0, state, log: null, fall: null, balance: null };
  tow(towing, [{ towMps: mPerS, areas: towedAreas(lure, mPerS) }], seconds);
  return [state.xM, state.zM];
}
