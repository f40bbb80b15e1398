import type { Ground } from './ground';
import { TOUCH_M, type PathLog, type PathPoint } from './path';
import type { SteadyFall } from './fall';
import { bentM, kneeXM, kneeZM, lureXM, lureZM, type BentPull, type Knee, type KneeBalance } from './knee';
import { acrossLineMps, towedAreas, type Bowed, type Lure, type TowedAreas, type Towline } from './towed';

/** Longest step in open water, s. */
const LONG_STEP_S = 5;
/** Length of a step of the integration elsewhere, s; near the rod, where the line steepens, less: a share of the way that is left. */
const STEP_S = 0.5;
const STEP_SHARE = 0.2;
/** Longest step near surface, bottom or cover, m, and shortest step right under the rod, m. */
const SHORT_STEP_M = 0.25;
const LEAST_STEP_M = 0.02;
/** The line is in once no more than this is left of it beyond the height of the tip, m; or after this long, s. */
const LINE_IN_M = 0.05;
const LONGEST_S = 1200;

/** Where a lure is: seconds since the splash, m from the rod, m down. */
export interface State {
  timeS: number;
  xM: number;
  zM: number;
  /** where the line is bent; null where it leads straight to the lure */
  knee: Knee | null;
}

/** How a pull varies while one step lasts: its mean, or the phases of a shake. */
export interface Pull {
  readonly towMps: number;
  readonly areas: TowedAreas;
  /** of the place before: where the search for the next begins */
  readonly bowed?: Bowed;
}

/** A lure on its line, on the move. */
export interface Towing {
  readonly lure: Lure;
  readonly ground: Ground;
  readonly line: Towline;
  /** how fast the rod leaves the water it stands over, m/s: a boat that drifts away, a current that runs away from it */
  readonly driftMps: number;
  readonly state: State;
  /** null when only the end counts */
  readonly log: PathLog | null;
  /** null where nothing is let go, and no line is bent */
  readonly fall: SteadyFall | null;
  readonly balance: KneeBalance | null;
  /** nothing is looked at after so long, s, nor once it has come so near, m */
  readonly longestS?: number;
  readonly untilM?: number;
}

/** Line that is out, straight from the tip, m. */
export const lineOutM = ({ xM, zM }: Pick<State, 'xM' | 'zM'>, tipM: number): number => Math.hypot(xM, zM + tipM);

/** Whether a cast has come back. */
export const over = ({
  state,
  line,
  longestS = LONGEST_S,
  untilM = -1,
}: Pick<Towing, 'state' | 'line' | 'longestS' | 'untilM'>): boolean =>
  lineOutM(state, line.tipM) <= line.tipM + LINE_IN_M || state.timeS >= longestS || state.xM <= untilM;

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
  const fastestMps = Math.max(...pulls.map(({ towMps }) => towMps), STEP_SHARE);
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

/** A bent line is taken in at the mean of its pulls: the lure feels the beat of a shake only once the line leads straight to it. */
function meanPull({ lure }: Towing, pulls: readonly Pull[]): BentPull {
  if (pulls.length === 1) return pulls[0]!;
  const towMps = pulls.reduce((sum, pull) => sum + pull.towMps, 0) / pulls.length;
  return { towMps, areas: towedAreas(lure, towMps) };
}

/** Longest step while the line is bent, s, and what counts as straight: line in the bend, and line below it, m. */
const BENT_STEP_S = 0.3;
/** So far in a step, as a share of the lower line, does the lure swing about its knee. */
const TURN_SHARE = 0.3;
const STRAIGHT_M = 0.01;
const LEAST_LOWER_M = 0.03;

/**
 * Pulls, or lets fall, on a bent line until it is straight, by the midpoint rule in lengths and angles of its two pieces, so that line that is not
 * reeled in stays out.
 * @returns seconds that are left once it is straight; 0 where the time was over first
 */
export function towBent(towing: Towing, pull: BentPull, seconds: number): number {
  const { state, line, log, ground, balance } = towing;
  const knee = state.knee!;
  const [rates, half]: Knee[] = [{ ...knee }, { ...knee }];
  const fallMps = Math.max(STEP_SHARE, towing.fall!.speedMps);
  let left = seconds;
  while (left > 1e-9 && !over(towing)) {
    // a short lower line turns quickly
    const turnsS = (TURN_SHARE * knee.lowerM) / fallMps;
    const dt = Math.min(left, BENT_STEP_S, turnsS, SHORT_STEP_M / Math.max(pull.towMps, STEP_SHARE));
    balance!.movesOf(knee, pull, rates!);
    addTo(half!, knee, rates!, dt / 2);
    balance!.movesOf(half!, pull, rates!);
    addTo(knee, knee, rates!, dt);
    holdBent(knee, ground, line.tipM);
    state.timeS += dt;
    state.xM = Math.max(0, lureXM(knee));
    state.zM = Math.max(0, lureZM(knee, line.tipM));
    left -= dt;
    log?.note(state);
    log?.knees.push([state.timeS, kneeXM(knee), Math.max(0, kneeZM(knee, line.tipM))]);
    if (bentM(knee, line.tipM) < STRAIGHT_M || knee.lowerM < LEAST_LOWER_M) {
      state.knee = null;
      return Math.max(0, left);
    }
  }
  return 0;
}

function addTo(into: Knee, from: Knee, rates: Knee, seconds: number): void {
  into.upperM = from.upperM + rates.upperM * seconds;
  into.upperRad = from.upperRad + rates.upperRad * seconds;
  into.lowerM = from.lowerM + rates.lowerM * seconds;
  into.lowerRad = from.lowerRad + rates.lowerRad * seconds;
}

/** Halvings in which a bent line is laid on the bottom. */
const LAID_ROUNDS = 24;
/** Keeps knee and lure between surface and bottom: lengths stay, angles change. */
function holdBent(knee: Knee, ground: Ground, tipM: number): void {
  knee.upperRad = Math.max(knee.upperRad, Math.asin(Math.min(1, tipM / knee.upperM)));
  const isBelow = (): boolean => lureZM(knee, tipM) > ground.depthAt(lureXM(knee));
  if (lureZM(knee, tipM) < 0) {
    knee.lowerRad = Math.asin(Math.max(-1, (tipM - knee.upperM * Math.sin(knee.upperRad)) / knee.lowerM));
  }
  if (!isBelow()) return;
  // the lure lies where the lower line reaches the bottom; a knee that is too deep itself is drawn up with it
  let [clear, below] = [Math.min(knee.lowerRad, 0), knee.lowerRad];
  knee.lowerRad = clear;
  if (isBelow()) {
    const kneeM = ground.depthAt(kneeXM(knee));
    knee.upperRad = Math.asin(Math.min(1, (Math.max(0, kneeM - TOUCH_M) + tipM) / knee.upperM));
    if (isBelow()) return;
  }
  for (let round = 0; round < LAID_ROUNDS; round++) {
    knee.lowerRad = (clear + below) / 2;
    if (isBelow()) below = knee.lowerRad;
    else clear = knee.lowerRad;
  }
  knee.lowerRad = clear;
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
