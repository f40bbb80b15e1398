import { degFromRad, radFromDeg } from '../../units/units';

/**
 * One strand of a skirt, clamped at its root and bent by the flow: an elastica under drag across itself.
 *   E I theta'' = the moment of 1/2 rho Cd w U² sin²(theta) further out
 * With lengths in units of (2 E I / (rho Cd w U²))^(1/3) no number is left in it: a run inward from one angle of the tip passes every
 * root angle at one load each, so a few dozen runs hold every strand there is.
 * @source gosselin-2010
 * @source alben-2002 for the drag as U^(4/3) far out
 */

/** Shares of a bent strand. At no load: sin(root), sin³(root), and a cone's room. */
export interface BentStrand {
  /** how far the tip stands out across the flow, over the length */
  readonly reach: number;
  /** drag over that of the whole strand across the flow, 1/2 rho Cd w L U² */
  readonly drag: number;
}

/** Root angles of the table, degrees. */
const ROOT_FROM_DEG = 10;
const ROOT_STEP_DEG = 5;
const ROOTS = 17;
/** Loads of the table: steps of the binary logarithm of 1 + load. Far out all goes with the cube root of the load. */
const STEPS_A_DOUBLING = 4;
const LOADS = 85;

/** Angles of the tips that are run, rad: close together where strands are stiff, by their logarithm where they stream. */
const TIPS_RAD = [
  ...Array.from({ length: 22 }, (_, i) => radFromDeg(88 - 4 * i)),
  ...Array.from({ length: 16 }, (_, i) => radFromDeg(4) * 0.4 ** (i + 1)),
];
/** Step of a run; longer where the load is little. */
const STEP = 0.25;
const LEAST_RAD = 1e-7;

/** A run's state: angle, moment, force along and across the flow, then sums over the shape: out, back, out x back, out² x back. */
const STATE = 8;
type State = Float64Array;
const state = (): State => new Float64Array(STATE);

/** Change of a state a unit further inward. */
function inward(at: State, change: State): void {
  const angle = at[0]!;
  const sin = Math.sin(angle);
  const cos = Math.cos(angle);
  const load = sin * Math.abs(sin);
  const out = at[4]!;
  change[0] = at[1]!;
  change[1] = sin * at[2]! + cos * at[3]!;
  change[2] = load * sin;
  change[3] = load * cos;
  change[4] = sin;
  change[5] = cos;
  change[6] = out * cos;
  change[7] = out * out * cos;
}

/** Integrates inward by fourth-order Runge-Kutta, reusing its own buffers. */
function stepper(): (from: State, step: number, to: State) => void {
  const [a, b, c, d, half] = [state(), state(), state(), state(), state()];
  const shifted = (from: State, change: State, step: number): State => {
    for (let i = 0; i < STATE; i++) half[i] = from[i]! + step * change[i]!;
    return half;
  };
  return (from, step, to) => {
    inward(from, a);
    inward(shifted(from, a, step / 2), b);
    inward(shifted(from, b, step / 2), c);
    inward(shifted(from, c, step), d);
    for (let i = 0; i < STATE; i++) to[i] = from[i]! + (step / 6) * (a[i]! + 2 * b[i]! + 2 * c[i]! + d[i]!);
  };
}

/** What one run knows of a strand with a root: binary logarithm of 1 + load, and natural logarithms of its shares. */
type Known = readonly [load: number, reach: number, drag: number, room: number, tip: number];

/** Volume of the solid of revolution of a strand, over its length cubed. */
const roomOf = (at: State, lengthOf: number): number =>
  (Math.PI * (at[4]! ** 2 * at[5]! - 2 * at[4]! * at[6]! + at[7]!)) / lengthOf ** 3;

function unbent(rootRad: number): Known {
  const sin = Math.sin(rootRad);
  const room = (Math.PI * sin * sin * Math.max(1e-3, Math.cos(rootRad))) / 3;
  return [0, Math.log(sin), 3 * Math.log(sin), Math.log(room), Math.log(rootRad)];
}

/** All runs, sorted by root: each root's list goes from no load to the heaviest. */
function runs(): Known[][] {
  const step = stepper();
  const roots = Array.from({ length: ROOTS }, (_, i) => radFromDeg(ROOT_FROM_DEG + ROOT_STEP_DEG * i));
  const known = roots.map((root): Known[] => [unbent(root)]);
  const [at, next, passed, change] = [state(), state(), state(), state()];
  for (const tip of TIPS_RAD) {
    at.fill(0);
    at[0] = tip;
    let inwardOf = 0;
    let root = roots.findIndex((rad) => rad > tip);
    while (root >= 0 && root < ROOTS) {
      const by = STEP / Math.cbrt(Math.max(LEAST_RAD, at[0]));
      step(at, by, next);
      while (root < ROOTS && next[0]! >= roots[root]!) {
        let share = (by * (roots[root]! - at[0])) / (next[0]! - at[0]);
        step(at, share, passed);
        // what is left to the root is so little that its slope will do
        inward(passed, change);
        const more = (roots[root]! - passed[0]!) / change[0]!;
        for (let i = 0; i < STATE; i++) passed[i]! += more * change[i]!;
        share += more;
        const lengthOf = inwardOf + share;
        known[root]!.push([
          Math.log2(1 + lengthOf ** 3),
          Math.log(passed[4]! / lengthOf),
          Math.log(passed[2]! / lengthOf),
          Math.log(roomOf(passed, lengthOf)),
          Math.log(tip),
        ]);
        root++;
      }
      inwardOf += by;
      at.set(next);
    }
  }
  return known;
}

const REACH = 0;
const DRAG = 1;
const ROOM = 2;
const TIP = 3;

/** The shares, row by row of roots, each row on even steps of the load. */
let table: readonly Float64Array[] | null = null;

function built(): readonly Float64Array[] {
  const shares = [REACH, DRAG, ROOM, TIP].map(() => new Float64Array(ROOTS * LOADS));
  runs().forEach((known, root) => {
    let before = 0;
    for (let load = 0; load < LOADS; load++) {
      const x = load / STEPS_A_DOUBLING;
      while (before < known.length - 2 && known[before + 1]![0] <= x) before++;
      const [low, high] = [known[before]!, known[before + 1]!];
      const share = (x - low[0]) / (high[0] - low[0]);
      shares.forEach((of, i) => {
        of[root * LOADS + load] = Math.exp(low[i + 1]! + share * (high[i + 1]! - low[i + 1]!));
      });
    }
  });
  return shares;
}

const LAST = LOADS - 1;
const LAST_LOAD = 2 ** (LAST / STEPS_A_DOUBLING) - 1;
/** A root this close to a row lies on it. */
const ON_ROW = 1e-9;

/** Row of roots below one, and how far on it lies. */
const rowOf = (rootRad: number): number =>
  Math.min(ROOTS - 1, Math.max(0, (degFromRad(rootRad) - ROOT_FROM_DEG) / ROOT_STEP_DEG));
/** Column of loads below one, and how far on: 3.25 is a quarter of the way from the third to the fourth. */
const columnOf = (load: number): number => Math.min(LAST, Math.log2(1 + load) * STEPS_A_DOUBLING);
/** Cube root of a load over the last one in the table: beyond the table the asymptotic power law holds. */
const beyondOf = (load: number): number => (load > LAST_LOAD ? Math.cbrt(load / LAST_LOAD) : 1);

/** Bilinear interpolation in the table. */
function between(of: Float64Array, y: number, x: number): number {
  const row = Math.min(ROOTS - 2, Math.floor(y + ON_ROW));
  const column = Math.min(LAST - 1, Math.floor(x));
  const on = x - column;
  const up = y - row;
  const at = row * LOADS + column;
  const low = of[at]! + on * (of[at + 1]! - of[at]!);
  if (Math.abs(up) < ON_ROW) return low;
  return low + up * (of[at + LOADS]! + on * (of[at + LOADS + 1]! - of[at + LOADS]!) - low);
}

/**
 * A strand that is bent by the flow.
 * @param rootRad  angle between root and flow, rad, 10 to 90 degrees
 * @param load     1/2 rho Cd w U² L³ / (E I), dimensionless, 0 and up
 */
export function bentStrand(rootRad: number, load: number): BentStrand {
  table ??= built();
  const [y, x, beyond] = [rowOf(rootRad), columnOf(load), beyondOf(load)];
  return { reach: between(table[REACH]!, y, x) / beyond, drag: between(table[DRAG]!, y, x) / beyond };
}

/** Reach alone, over the length. */
export function strandReach(rootRad: number, load: number): number {
  table ??= built();
  return between(table[REACH]!, rowOf(rootRad), columnOf(load)) / beyondOf(load);
}

/** Room inside a whorl of such strands, over the length cubed. */
export function strandRoom(rootRad: number, load: number): number {
  table ??= built();
  return between(table[ROOM]!, rowOf(rootRad), columnOf(load)) / beyondOf(load) ** 2;
}

/** Angle of the tip, rad. */
function tipRad(rootRad: number, load: number): number {
  table ??= built();
  return between(table[TIP]!, rowOf(rootRad), columnOf(load)) / beyondOf(load) ** 3;
}

/** Below this load a strand is drawn as this one, and each piece of a shape is run in so many parts. */
const LEAST_LOAD = 1e-3;
const PARTS = 3;

/**
 * Shape of a bent strand from its root to its tip: [back along the flow, out across it], over the length.
 * @param points  how many pieces
 */
export function strandShape(rootRad: number, load: number, points: number): readonly (readonly [number, number])[] {
  const step = stepper();
  const bent = Math.max(LEAST_LOAD, load);
  const unit = Math.cbrt(bent);
  const at = state();
  at[0] = tipRad(rootRad, bent);
  const fromTip: (readonly [number, number])[] = [[0, 0]];
  for (let i = 0; i < points; i++) {
    for (let part = 0; part < PARTS; part++) step(at, unit / (points * PARTS), at);
    fromTip.push([at[5]!, at[4]!]);
  }
  return fromTip.reverse().map(([back, out]) => [(at[5]! - back) / unit, (at[4]! - out) / unit]);
}
