import { cylinderCd } from '../../water/cylinder-and-sphere';
import { steadyFall } from '../../motion/fall';
import { towedAreas, type Lure, type Towline } from '../../motion/towed';
import { GRAVITY_MPS2 } from '../../units/units';

/** One stretch of what is done with a cast, in turn. */
export type Stretch =
  /** the spool is free: it gives what is drawn from it, up to a length */
  | { readonly do: 'count'; readonly s: number; readonly givesM?: number }
  /** line comes in (0: the spool is closed and the rod still), until a time or until half way back */
  | { readonly do: 'reel'; readonly mPerS: number; readonly s?: number };

/** A cast whose line is a chain of masses: nothing is assumed of its shape. */
export interface MassesCast {
  readonly lure: Lure;
  readonly line: Towline;
  readonly castM: number;
  readonly stretches: readonly Stretch[];
  /** how it lies when the first stretch begins: on the water, or straight from the tip to the lure at a depth */
  readonly start: 'splash' | { readonly straightToM: number };
  readonly masses?: number;
  readonly stepS?: number;
}

export interface MassesPath {
  /** half way back; NaN where it never comes there */
  readonly midM: number;
  /** seconds, m from the rod, m down; every tenth of a second */
  readonly path: readonly (readonly [number, number, number])[];
}

/** Skin friction along a line, on its surface. @source hoerner-1965 */
const FRICTION_CD = 0.02;
/** Water moved along with a body, share of what it displaces. */
const ADDED_MASS = 1;
/** Bits of line that wait on the spool. */
const SPARE = 60;
const ROUNDS = 3;

/**
 * A cast from its splash by masses on a chain: each with its weight, in air or water, with drag across and along it, held at its distance from
 * the next exactly (a tridiagonal solve a step). What the lure meets is as in the fall while the line is slack and as in the towed model on the
 * reel; how the line lies comes out.
 */
export function lineOfMasses({
  lure,
  line,
  castM,
  stretches,
  start,
  masses = 100,
  stepS = 0.001,
}: MassesCast): MassesPath {
  const rho = lure.medium.densityKgM3;
  const fall = steadyFall(lure.body, lure.medium, 0, lure.factors);
  const n = masses + SPARE;
  let first = SPARE;
  const toM = start === 'splash' ? 0 : start.straightToM;
  // on the water it lies along the surface, and rises to the tip over its first metres
  const hangsM = Math.min(castM / 4, 4 * Math.max(0.25, line.tipM));
  const placeAt = (share: number): readonly [number, number] => {
    if (start !== 'splash') return [castM * share, -line.tipM + (toM + line.tipM) * share];
    const xM = castM * share;
    return [xM, xM < hangsM ? -line.tipM * (1 - xM / hangsM) : 0.005];
  };
  const x = new Float64Array(n + 1);
  const y = new Float64Array(n + 1).fill(-line.tipM);
  for (let at = first; at <= n; at++) [x[at], y[at]] = placeAt((at - first) / masses);
  const vx = new Float64Array(n + 1);
  const vy = new Float64Array(n + 1);
  const rest = new Float64Array(n);
  for (let at = first; at < n; at++) rest[at] = Math.hypot(x[at + 1]! - x[at]!, y[at + 1]! - y[at]!);
  const bitM = castM / masses;
  const area = (Math.PI / 4) * line.diameterM ** 2;
  const lureKg = lure.body.massKg + ADDED_MASS * rho * lure.body.volumeM3;
  const array = (): Float64Array => new Float64Array(n + 2);
  const [px, py, w, lower, diagonal] = [array(), array(), array(), array(), array()];
  const [upper, right, nx, ny] = [array(), array(), array(), array()];
  const path: [number, number, number][] = [];
  let timeS = 0;
  let midM = NaN;
  let tick = 0;

  const step = (
    reelMps: number,
    feed: { givesM: number } | null,
    areas: ReturnType<typeof towedAreas> | null,
  ): void => {
    rest[first]! -= reelMps * stepS;
    if (rest[first]! < bitM * 0.2 && first < n - 2) {
      rest[first + 1]! += rest[first]!;
      first++;
      [x[first], y[first], vx[first], vy[first]] = [0, -line.tipM, 0, 0];
    }
    if (rest[first]! > 1.8 * bitM && first > 0) {
      const between = bitM / rest[first]!;
      // a bit more has left the spool
      [x[first], y[first]] = [x[first + 1]! * (1 - between), -line.tipM + (y[first + 1]! + line.tipM) * (1 - between)];
      [vx[first], vy[first]] = [vx[first + 1]! * (1 - between), vy[first + 1]! * (1 - between)];
      rest[first - 1] = rest[first]! - bitM;
      rest[first] = bitM;
      first--;
      [x[first], y[first], vx[first], vy[first]] = [0, -line.tipM, 0, 0];
    }
    for (let at = first + 1; at <= n; at++) {
      const isLure = at === n;
      const halfM = (rest[at - 1]! + (isLure ? 0 : rest[at]!)) / 2;
      const after = isLure ? at : at + 1;
      const [tx, ty] = [x[after]! - x[at - 1]!, y[after]! - y[at - 1]!];
      const length = Math.hypot(tx, ty) || 1;
      const [cx, cy] = [tx / length, ty / length];
      const isWet = y[at]! > 0;
      let along = vx[at]! * cx + vy[at]! * cy;
      let across = -vx[at]! * cy + vy[at]! * cx;
      const lineKg = line.densityKgM3 * area * halfM + (isWet ? rho * area * halfM : 0);
      const massKg = lineKg + (isLure ? lureKg : 0);
      w[at] = 1 / massKg;
      let [fx, fy] = [0, GRAVITY_MPS2 * area * halfM * (line.densityKgM3 - (isWet ? rho : 0))];
      let [kAlong, kAcross] = [0, 0];
      if (isWet) {
        const re = Math.max(1, (Math.abs(across) * line.diameterM) / lure.medium.kinematicM2ps);
        kAcross += 0.5 * rho * cylinderCd(re) * line.diameterM * halfM * Math.abs(across);
        kAlong += 0.5 * rho * FRICTION_CD * Math.PI * line.diameterM * halfM * Math.abs(along);
      }
      if (isLure) {
        fy += towedAreas(lure, 0).submergedN;
        if (areas === null) {
          // a slack fall: so much drag that it falls as fast as it does
          const k = (towedAreas(lure, 0).submergedN / fall.speedMps ** 2) * Math.hypot(along, across);
          kAlong += k;
          kAcross += k;
        } else {
          kAlong += 0.5 * rho * areas.alongM2 * Math.abs(along);
          kAcross += 0.5 * rho * (areas.acrossM2 * Math.abs(across) + areas.alongM2 * Math.abs(along));
          const liftN = 0.5 * rho * areas.liftM2 * along * along;
          // square on the line, upwards
          fx += liftN * cy;
          fy -= liftN * cx;
        }
      }
      along = (along + (stepS * (fx * cx + fy * cy)) / massKg) / (1 + (stepS * kAlong) / massKg);
      across = (across + (stepS * (-fx * cy + fy * cx)) / massKg) / (1 + (stepS * kAcross) / massKg);
      vx[at] = along * cx - across * cy;
      vy[at] = along * cy + across * cx;
      px[at] = x[at]!;
      py[at] = y[at]!;
      x[at]! += stepS * vx[at]!;
      y[at]! += stepS * vy[at]!;
      if (isLure && y[at]! < 0) y[at] = 0;
    }
    w[first] = 0;
    // a free spool holds nothing as long as it has line to give
    const from = feed && feed.givesM > 0 ? first + 1 : first;
    for (let round = 0; round < ROUNDS; round++) {
      for (let at = from; at < n; at++) {
        const [dx, dy] = [x[at + 1]! - x[at]!, y[at + 1]! - y[at]!];
        const length = Math.hypot(dx, dy) || 1e-9;
        nx[at] = dx / length;
        ny[at] = dy / length;
        right[at] = length - rest[at]!;
        diagonal[at] = w[at]! + w[at + 1]!;
        if (at > from) lower[at] = -w[at]! * (nx[at]! * nx[at - 1]! + ny[at]! * ny[at - 1]!);
      }
      for (let at = from; at < n - 1; at++) upper[at] = lower[at + 1]!;
      for (let at = from + 1; at < n; at++) {
        const factor = lower[at]! / diagonal[at - 1]!;
        diagonal[at]! -= factor * upper[at - 1]!;
        right[at]! -= factor * right[at - 1]!;
      }
      for (let at = n - 1; at >= from; at--) {
        right[at] = (right[at]! - (at < n - 1 ? upper[at]! * right[at + 1]! : 0)) / diagonal[at]!;
      }
      for (let at = from; at < n; at++) {
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
    if (feed && feed.givesM > 0) {
      const now = Math.hypot(x[first + 1]! - x[first]!, y[first + 1]! - y[first]!);
      feed.givesM -= Math.max(0, now - rest[first]!);
      rest[first] = Math.max(rest[first]!, now);
    }
    timeS += stepS;
    if (tick++ % Math.round(0.1 / stepS) === 0) path.push([timeS, x[n]!, y[n]!]);
    if (Number.isNaN(midM) && x[n]! <= castM / 2) midM = y[n]!;
  };

  for (const stretch of stretches) {
    const ends = timeS + (stretch.s ?? 600);
    const feed = stretch.do === 'count' ? { givesM: stretch.givesM ?? Infinity } : null;
    const areas = stretch.do === 'count' ? null : towedAreas(lure, stretch.mPerS);
    while (timeS < ends && Number.isNaN(midM)) step(stretch.do === 'reel' ? stretch.mPerS : 0, feed, areas);
  }
  return { midM, path };
}
