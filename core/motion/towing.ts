import type { SteadyFall } from './fall';
import type { Ground } from './ground';
import type { Knee, KneeBalance } from './knee';
import type { PathLog } from './path';
import type { Bowed, Lure, TowedAreas, Towline } from './towed';

/** Longest step near surface, bottom or cover, m, and the slowest that counts for the length of a step, m/s. */
export const SHORT_STEP_M = 0.25;
export const SLOWEST_MPS = 0.2;
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
