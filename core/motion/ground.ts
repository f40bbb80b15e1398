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
      const reach2 = lengthM * lengthM;
      for (let at = 1; at < corners.length; at++) {
        const [fromX, fromM] = corners[at - 1]!;
        const [toX, toM] = corners[at]!;
        // beyond its end, or with both ends nearer than the line is long, a stretch is not reached by its end
        if (fromX > lengthM) break;
        const [az, toZ] = [fromM + tipM, toM + tipM];
        if (fromX * fromX + az * az < reach2 && toX * toX + toZ * toZ < reach2) continue;
        // |a + s b|² = length²
        const [bx, bz] = [toX - fromX, toZ - az];
        const square = bx * bx + bz * bz;
        const half = fromX * bx + az * bz;
        const under = half * half - square * (fromX * fromX + az * az - reach2);
        if (under < 0) continue;
        const root = Math.sqrt(under);
        for (let side = -1; side <= 1; side += 2) {
          const s = (-half + side * root) / square;
          const xM = fromX + s * bx;
          if (s < 0 || s > 1 || xM < 0) continue;
          const found = Math.atan2(az + s * bz, xM);
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
