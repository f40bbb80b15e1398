import type { Ground } from './ground';

/** A place on the path: seconds since the splash, m from the rod, m down. */
export type PathPoint = readonly [timeS: number, xM: number, depthM: number];

/** Nearer to the bottom than this counts as touching it, m; only what was further off than that touches it again. */
export const TOUCH_M = 0.01;
const LEFT_M = 0.04;

/** Everything that happened so far; contacts are counted as they begin. */
export class PathLog {
  readonly path: PathPoint[] = [];
  bottomContacts = 0;
  coverContacts = 0;
  /** when each touch began, s */
  readonly touchesS: number[] = [];
  /** where the knee of a bent line was, point by point */
  readonly knees: PathPoint[] = [];
  private onBottom = false;
  private inCover = new Set<number>();

  constructor(private readonly ground: Ground) {}

  note({ timeS, xM, zM }: { readonly timeS: number; readonly xM: number; readonly zM: number }): void {
    this.path.push([timeS, xM, zM]);
    const offM = this.ground.depthAt(xM) - zM;
    const onBottom = offM <= (this.onBottom ? LEFT_M : TOUCH_M);
    if (onBottom && !this.onBottom) {
      this.bottomContacts++;
      this.touchesS.push(timeS);
    }
    this.onBottom = onBottom;
    for (const topM of this.ground.coverTopsM) {
      const inside = zM > (this.inCover.has(topM) ? topM - LEFT_M : topM);
      if (inside && !this.inCover.has(topM)) {
        this.coverContacts++;
        this.touchesS.push(timeS);
      }
      if (inside) this.inCover.add(topM);
      else this.inCover.delete(topM);
    }
  }
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
