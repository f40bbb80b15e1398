import { cylinderCd } from '../../water/cylinder-and-sphere';
import { fallenM, steadyFall } from '../../motion/fall';
import { towedAreas, type Lure, type Towline } from '../../motion/towed';
import { GRAVITY_MPS2 } from '../../units/units';

/** A cast brought back at one speed, the line a chain of masses: nothing is assumed of its shape. */
export interface ChainCast {
  readonly lure: Lure;
  readonly line: Towline;
  readonly castM: number;
  readonly countdownS: number;
  readonly reelMps: number;
  readonly masses?: number;
  readonly stepS?: number;
}

/** Skin friction along a line, on its surface. @source hoerner-1965 */
const FRICTION_CD = 0.02;
/** Water moved along with a body, share of what it displaces. */
const ADDED_MASS = 1;

/**
 * Depth of a lure half way back, by masses on a chain: each with its weight, with drag across and along it, held at its distance from the next one
 * exactly (a tridiagonal solve a step). What the lure meets is as in the towed model; how the line lies comes out.
 * @returns m; path as [seconds, m from the rod, m down] every tenth of a second
 */
export function chainMidCastM(cast: ChainCast): {
  readonly midM: number;
  readonly path: readonly (readonly [number, number, number])[];
} {
  const { lure, line, castM, countdownS, reelMps, masses = 50, stepS = 0.002 } = cast;
  const rho = lure.medium.densityKgM3;
  const areas = towedAreas(lure, reelMps);
  const fall = steadyFall(lure.body, lure.medium);
  const depthM = fallenM(lure.body, lure.medium, fall, countdownS);
  // straight from tip to lure once the countdown is over, as the line comes tight
  const n = masses;
  const x = Float64Array.from({ length: n + 1 }, (_, at) => (castM * at) / n);
  const y = Float64Array.from({ length: n + 1 }, (_, at) => -line.tipM + ((depthM + line.tipM) * at) / n);
  const vx = new Float64Array(n + 1);
  const vy = new Float64Array(n + 1);
  const rest = new Float64Array(n).fill(Math.hypot(castM, depthM + line.tipM) / n);
  const area = (Math.PI / 4) * line.diameterM ** 2;
  const lureKg = lure.body.massKg + ADDED_MASS * rho * lure.body.volumeM3;
  const path: [number, number, number][] = [];
  let first = 0;
  let midM = NaN;
  const [px, py, w, lower, diagonal, upper, right, nx, ny] = Array.from(
    { length: 9 },
    () => new Float64Array(n + 2),
  ) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  for (let timeS = countdownS, tick = 0; x[n]! > castM / 2 && timeS < 600; timeS += stepS, tick++) {
    // the reel takes line in at the tip
    rest[first]! -= reelMps * stepS;
    if (rest[first]! < rest[n - 1]! * 0.2 && first < n - 2) {
      rest[first + 1]! += rest[first]!;
      first++;
      [x[first], y[first], vx[first], vy[first]] = [0, -line.tipM, 0, 0];
    }
    for (let at = first + 1; at <= n; at++) {
      const isLure = at === n;
      const halfM = (rest[at - 1]! + (isLure ? 0 : rest[at]!)) / 2;
      const before = at - 1;
      const after = isLure ? at : at + 1;
      const [tx, ty] = [x[after]! - x[before]!, y[after]! - y[before]!];
      const length = Math.hypot(tx, ty) || 1;
      const [cx, cy] = [tx / length, ty / length];
      const isWet = y[at]! > 0;
      let along = vx[at]! * cx + vy[at]! * cy;
      let across = -vx[at]! * cy + vy[at]! * cx;
      const lineKg = line.densityKgM3 * area * halfM + (isWet ? rho * area * halfM : 0);
      const massKg = lineKg + (isLure ? lureKg : 0);
      w[at] = 1 / massKg;
      let [fx, fy] = [0, GRAVITY_MPS2 * area * halfM * (line.densityKgM3 - (isWet ? rho : 0))];
      if (isLure) fy += areas.submergedN;
      let [kAlong, kAcross] = [0, 0];
      if (isWet) {
        const re = Math.max(1, (Math.abs(across) * line.diameterM) / lure.medium.kinematicM2ps);
        kAcross += 0.5 * rho * cylinderCd(re) * line.diameterM * halfM * Math.abs(across);
        kAlong += 0.5 * rho * FRICTION_CD * Math.PI * line.diameterM * halfM * Math.abs(along);
      }
      if (isLure) {
        kAlong += 0.5 * rho * areas.alongM2 * Math.abs(along);
        kAcross += 0.5 * rho * (areas.acrossM2 * Math.abs(across) + areas.alongM2 * Math.abs(along));
        const liftN = 0.5 * rho * areas.liftM2 * along * along;
        // square on the line, upwards
        fx += liftN * cy;
        fy -= liftN * cx;
      }
      along = (along + (stepS * (fx * cx + fy * cy)) / massKg) / (1 + (stepS * kAlong) / massKg);
      across = (across + (stepS * (-fx * cy + fy * cx)) / massKg) / (1 + (stepS * kAcross) / massKg);
      vx[at] = along * cx - across * cy;
      vy[at] = along * cy + across * cx;
      px[at] = x[at]!;
      py[at] = y[at]!;
      x[at]! += stepS * vx[at]!;
      y[at]! += stepS * vy[at]!;
      // nothing of it leaves the water upwards: the surface holds the lure
      if (isLure && y[at]! < 0) y[at] = 0;
    }
    w[first] = 0;
    for (let round = 0; round < 3; round++) {
      for (let at = first; at < n; at++) {
        const [dx, dy] = [x[at + 1]! - x[at]!, y[at + 1]! - y[at]!];
        const length = Math.hypot(dx, dy) || 1e-9;
        nx[at] = dx / length;
        ny[at] = dy / length;
        right[at] = length - rest[at]!;
        diagonal[at] = w[at]! + w[at + 1]!;
        if (at > first) lower[at] = -w[at]! * (nx[at]! * nx[at - 1]! + ny[at]! * ny[at - 1]!);
      }
      for (let at = first; at < n - 1; at++) upper[at] = lower[at + 1]!;
      // Thomas
      for (let at = first + 1; at < n; at++) {
        const factor = lower[at]! / diagonal[at - 1]!;
        diagonal[at]! -= factor * upper[at - 1]!;
        right[at]! -= factor * right[at - 1]!;
      }
      for (let at = n - 1; at >= first; at--) {
        right[at] = (right[at]! - (at < n - 1 ? upper[at]! * right[at + 1]! : 0)) / diagonal[at]!;
      }
      for (let at = first; at < n; at++) {
        const lambda = right[at]!;
        x[at]! += w[at]! * lambda * nx[at]!;
        y[at]! += w[at]! * lambda * ny[at]!;
        x[at + 1]! -= w[at + 1]! * lambda * nx[at]!;
        y[at + 1]! -= w[at + 1]! * lambda * ny[at]!;
      }
    }
    for (let at = first + 1; at <= n; at++) {
      vx[at] = (x[at]! - px[at]!) / stepS;
      vy[at] = (y[at]! - py[at]!) / stepS;
    }
    if (tick % 50 === 0) path.push([timeS, x[n]!, y[n]!]);
    midM = y[n]!;
  }
  return { midM, path };
}
