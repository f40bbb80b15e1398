/** Water under the cast: how deep it is at a distance, and the layers of cover by the depth of their tops. */
export interface Ground {
  /** m at a distance; Infinity where nobody said */
  depthAt(xM: number): number;
  /** least depth between two distances, humps on the way included */
  shallowestM(fromM: number, toM: number): number;
  /**
   * Where a lure that cannot lie as low as an angle lies instead: the angle below the horizontal nearest above it at which so much line from the
   * tip just comes to the bottom; 0 where the bottom bars the whole way up.
   */
  liesAtRad(lengthM: number, tipM: number, angleRad: number): number;
  readonly coverTopsM: readonly number[];
}

/** Bottom as straight lines between points; its ends go on level. */
export function groundOf(
  bottom: readonly (readonly [number, number])[] | undefined,
  depthM: number | null,
  coverTopsM: readonly number[] = [],
): Ground {
  if (bottom === undefined || bottom.length === 0) {
    const level = depthM ?? Infinity;
    return {
      coverTopsM,
      depthAt: () => level,
      shallowestM: () => level,
      liesAtRad: (lengthM, tipM) => Math.asin(Math.min(1, (level + tipM) / lengthM)),
    };
  }
  /** place of the first point at or beyond a distance, by halving; as many as there are where none is */
  const placeAt = (xM: number): number => {
    let [low, high] = [0, bottom.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (bottom[middle]![0] >= xM) high = middle;
      else low = middle + 1;
    }
    return low;
  };
  const depthAt = (xM: number): number => {
    const at = placeAt(xM);
    if (at === 0) return bottom[0]![1];
    if (at === bottom.length) return bottom.at(-1)![1];
    const [[fromX, fromM], [toX, toM]] = [bottom[at - 1]!, bottom[at]!];
    return fromM + ((xM - fromX) / (toX - fromX)) * (toM - fromM);
  };
  // its ends go on level, further than any line leads
  const [first, last] = [bottom[0]!, bottom.at(-1)!];
  const corners = [[first[0] - FAR_M, first[1]] as const, ...bottom, [last[0] + FAR_M, last[1]] as const];
  return {
    coverTopsM,
    depthAt,
    liesAtRad(lengthM, tipM, angleRad) {
      let lies = 0;
      const isShort = ([xM, depthM]: Corner): boolean => Math.hypot(xM, depthM + tipM) < lengthM;
      for (let at = 1; at < corners.length; at++) {
        // a stretch with both ends nearer than the line is long is not reached by its end
        if (isShort(corners[at - 1]!) && isShort(corners[at]!)) continue;
        for (const found of crossingsRad(corners[at - 1]!, corners[at]!, lengthM, tipM)) {
          if (found < angleRad && found > lies) lies = found;
        }
      }
      return lies;
    },
    shallowestM(fromM, toM) {
      const [near, far] = [Math.min(fromM, toM), Math.max(fromM, toM)];
      let least = Math.min(depthAt(near), depthAt(far));
      for (let at = placeAt(near); at < bottom.length && bottom[at]![0] < far; at++)
        least = Math.min(least, bottom[at]![1]);
      return least;
    },
  };
}

/** Further than a line leads, m. */
const FAR_M = 200;

type Corner = readonly [xM: number, depthM: number];

/** Angles below the horizontal at which a line of some length from the tip comes to a stretch of bottom, rad; only in front of the rod. */
function crossingsRad([fromX, fromM]: Corner, [toX, toM]: Corner, lengthM: number, tipM: number): number[] {
  const [ax, az] = [fromX, fromM + tipM];
  const [bx, bz] = [toX - fromX, toM - fromM];
  // |a + s b|² = length²
  const [square, half, rest] = [bx * bx + bz * bz, ax * bx + az * bz, ax * ax + az * az - lengthM * lengthM];
  const under = half * half - square * rest;
  if (under < 0) return [];
  const root = Math.sqrt(under);
  return [(-half - root) / square, (-half + root) / square].flatMap((s) => {
    const xM = ax + s * bx;
    return s < 0 || s > 1 || xM < 0 ? [] : [Math.atan2(az + s * bz, xM)];
  });
}
