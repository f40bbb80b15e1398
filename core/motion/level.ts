import { acrossLineMps, towedAreas, type Lure, type TowedAreas, type Towline } from './towed';

/** Speeds between which a level run is looked for, m/s. */
export const LEVEL_SPEEDS_MPS = { from: 0.03, to: 4 } as const;
const STEPS = 40;

/** How fast a rig sinks (positive) against its line's rise at a distance and depth, m/s: 0 runs level. */
function sinkingMps(
  lure: Lure,
  areas: TowedAreas,
  line: Towline,
  distanceM: number,
  depthM: number,
  towMps: number,
): number {
  const dropM = depthM + line.tipM;
  const lengthM = Math.sqrt(distanceM * distanceM + dropM * dropM);
  const wetShare = dropM === 0 ? 1 : depthM / dropM;
  const cosine = distanceM / lengthM;
  return (
    acrossLineMps(areas, lure.medium, towMps, cosine, line, lengthM, wetShare) * cosine - (towMps * dropM) / lengthM
  );
}

/**
 * Speed at which a rig runs level at a depth: slower it sinks, faster it climbs.
 * @param distanceM  from the rod, m: half the cast is what anglers mean
 * @param depthM     0 for the speed at which it just breaks the surface
 * @returns          m/s, or null when it floats, or when no speed between 0.03 and 4 m/s holds it there
 */
export function holdSpeedMps(lure: Lure, line: Towline, distanceM: number, depthM: number): number | null {
  const at = (speedMps: number): number =>
    sinkingMps(lure, towedAreas(lure, speedMps), line, distanceM, depthM, speedMps);
  return zeroOf(at, LEVEL_SPEEDS_MPS.from, LEVEL_SPEEDS_MPS.to);
}

/**
 * Depth at which a rig runs level at a speed, were there no bottom.
 * @param deepestM  nothing is looked for below: where the bottom lies, when that is all that counts
 * @returns m; 0 when it runs at the surface; `deepestM` when it still sinks there
 */
export function levelDepthM(
  lure: Lure,
  line: Towline,
  distanceM: number,
  towMps: number,
  deepestM = DEEPEST_M,
): number {
  return levelDepthOf(lure, towedAreas(lure, towMps), line, distanceM, towMps, deepestM);
}

/** The same with areas already at hand, as close as asked. */
export function levelDepthOf(
  lure: Lure,
  areas: TowedAreas,
  line: Towline,
  distanceM: number,
  towMps: number,
  deepestM = DEEPEST_M,
  closeness = CLOSE,
): number {
  const at = (depthM: number): number => sinkingMps(lure, areas, line, distanceM, depthM, towMps);
  const atSurface = at(0);
  if (atSurface <= 0) return 0;
  const atDeepest = at(deepestM);
  if (atDeepest >= 0) return deepestM;
  return zeroBetween(at, 0, deepestM, atSurface, atDeepest, closeness);
}

/** Share of a speed or depth to which a level run is found. */
const CLOSE = 1e-6;

/** Deeper than any line leads a towed jig, m. */
export const DEEPEST_M = 60;

/** Where a falling function crosses zero; null when it does not within the range. */
function zeroOf(f: (x: number) => number, from: number, to: number): number | null {
  const [atFrom, atTo] = [f(from), f(to)];
  return atFrom > 0 && atTo <= 0 ? zeroBetween(f, from, to, atFrom, atTo, CLOSE) : null;
}

/** Root between two points with known values, by regula falsi (Illinois). */
function zeroBetween(
  f: (x: number) => number,
  from: number,
  to: number,
  atFrom: number,
  atTo: number,
  closeness: number,
): number {
  let [low, high, atLow, atHigh] = [from, to, atFrom, atTo];
  let side = 0;
  for (let step = 0; step < STEPS && high - low > closeness * (1 + high); step++) {
    const x = (low * atHigh - high * atLow) / (atHigh - atLow);
    const value = f(x);
    if (value === 0) return x;
    if (value > 0) {
      [low, atLow] = [x, value];
      if (side === 1) atHigh /= 2;
      side = 1;
    } else {
      [high, atHigh] = [x, value];
      if (side === -1) atLow /= 2;
      side = -1;
    }
  }
  return (low + high) / 2;
}
