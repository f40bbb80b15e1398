import type { Ground } from './ground';
import { bentM, kneeXM, kneeZM, lureXM, lureZM, type BentPull, type Knee } from './knee';
import { TOUCH_M } from './path';
import { towedAreas } from './towed';
import { over, SHORT_STEP_M, SLOWEST_MPS, type Pull, type Towing } from './towing';

/** A bent line is taken in at the mean of its pulls: the lure feels the beat of a shake only once the line leads straight to it. */
export function meanPull({ lure }: Towing, pulls: readonly Pull[]): BentPull {
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
  const [rates, half, from] = [{ ...knee }, { ...knee }, { ...knee }];
  let bent = bentM(knee, line.tipM);
  const fallMps = Math.max(SLOWEST_MPS, towing.fall!.speedMps);
  let left = seconds;
  while (left > 1e-9 && !over(towing)) {
    // a short lower line turns quickly
    const turnsS = (TURN_SHARE * knee.lowerM) / fallMps;
    let dt = Math.min(left, BENT_STEP_S, turnsS, SHORT_STEP_M / Math.max(pull.towMps, SLOWEST_MPS));
    Object.assign(from, knee);
    balance!.movesOf(from, pull, rates);
    addTo(half, from, rates, dt / 2);
    balance!.movesOf(half, pull, rates);
    addTo(knee, from, rates, dt);
    holdBent(knee, ground, line.tipM);
    // it ends where the bend does, wherever in the step that is: what follows must not hang on how steps happen to fall
    const before = bent;
    bent = bentM(knee, line.tipM);
    if (bent < STRAIGHT_M && before > STRAIGHT_M) {
      dt *= (before - STRAIGHT_M) / (before - bent);
      addTo(knee, from, rates, dt);
      holdBent(knee, ground, line.tipM);
    }
    state.timeS += dt;
    state.xM = Math.max(0, lureXM(knee));
    state.zM = Math.max(0, lureZM(knee, line.tipM));
    left -= dt;
    log?.note(state);
    log?.knees.push([state.timeS, kneeXM(knee), Math.max(0, kneeZM(knee, line.tipM))]);
    if (bent < STRAIGHT_M || knee.lowerM < LEAST_LOWER_M) {
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
