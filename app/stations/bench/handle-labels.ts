import type { PointMm } from '@core';

/** A name beside a handle: where it starts, and how much room it needs. */
export interface Label {
  readonly at: PointMm;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Shifts that are tried for a name, in its own heights: beside the handle, then above and below it. */
const SHIFTS = [0, 1, -1, 2, -2, 3, -3] as const;

const meet = (a: Label, b: Label): boolean =>
  a.at[0] < b.at[0] + b.widthMm &&
  b.at[0] < a.at[0] + a.widthMm &&
  Math.abs(a.at[1] - b.at[1]) < Math.min(a.heightMm, b.heightMm);

/**
 * Lays names beside their handles so that none lies over another: each keeps to the right of its handle, and goes up or down where
 * that place is taken; at the right edge it stands before the handle.
 * @param wanted   names in the order in which they may choose, at the places they would like, mm
 * @param rightMm  right edge of the sheet
 * @param asideMm  from a handle to its name
 * @param taken    what stands there already
 * @returns their places, in the same order
 */
export function placeLabels(
  wanted: readonly Label[],
  rightMm: number,
  asideMm: number,
  taken: readonly Label[] = [],
): PointMm[] {
  const laid: Label[] = [...taken];
  for (const label of wanted) {
    const [x, y] = label.at;
    const inside = x + label.widthMm <= rightMm ? x : x - 2 * asideMm - label.widthMm;
    const tries = SHIFTS.map((by): Label => ({ ...label, at: [inside, y + by * label.heightMm] }));
    laid.push(tries.find((one) => !laid.some((other) => meet(one, other))) ?? tries[0]!);
  }
  return laid.slice(taken.length).map(({ at }) => at);
}
