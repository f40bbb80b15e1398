/** Water under the cast: how deep it is at a distance, and the layers of cover by the depth of their tops. */
export interface Ground {
  /** m at a distance; Infinity where nobody said */
  depthAt(xM: number): number;
  /** least depth between two distances, humps on the way included */
  shallowestM(fromM: number, toM: number): number;
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
    return { depthAt: () => level, shallowestM: () => level, coverTopsM };
  }
  const depthAt = (xM: number): number => {
    if (xM <= bottom[0]![0]) return bottom[0]![1];
    for (let at = 1; at < bottom.length; at++) {
      const [toX, toM] = bottom[at]!;
      const [fromX, fromM] = bottom[at - 1]!;
      if (xM <= toX) return fromM + ((xM - fromX) / (toX - fromX)) * (toM - fromM);
    }
    return bottom.at(-1)![1];
  };
  return {
    coverTopsM,
    depthAt,
    shallowestM(fromM, toM) {
      const [near, far] = [Math.min(fromM, toM), Math.max(fromM, toM)];
      let least = Math.min(depthAt(near), depthAt(far));
      for (const [xM, pointM] of bottom) if (xM > near && xM < far) least = Math.min(least, pointM);
      return least;
    },
  };
}

/** Way over which the slope of a bottom is taken, m. */
const SLOPE_OVER_M = 0.05;
/** Slope of the bottom at a distance: positive where it deepens away from the rod; 0 where there is none. */
export function slopeAt(ground: Ground, xM: number): number {
  const [near, far] = [ground.depthAt(xM - SLOPE_OVER_M), ground.depthAt(xM + SLOPE_OVER_M)];
  return Number.isFinite(near) && Number.isFinite(far) ? (far - near) / (2 * SLOPE_OVER_M) : 0;
}
