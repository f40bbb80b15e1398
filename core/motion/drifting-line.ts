/** A line whose two ends move across it at different speeds: a boat that drifts away, a current that runs from it. */

/** Integral of x (a + b x)² up to a place. */
const squaresTo = (a: number, b: number, x: number): number =>
  x * x * ((a * a) / 2 + x * ((2 * a * b) / 3 + (x * b * b) / 4));

/** Integral of x² (a + b x) up to a place. */
const cubesTo = (a: number, b: number, x: number): number => x * x * x * (a / 3 + (b * x) / 4);

/** Where the line is at rest in the water, since drag changes sign there; outside of what is wet where all of it moves one way. */
const stillAt = (a: number, b: number): number => (b === 0 ? -1 : -a / b);

/**
 * Moment of the drag of a line about its upper end, over its drag a metre at one metre a second and the square of its length: the integral of
 * x w|w| over what is wet, w = the speed across at a place, x its share of the way from tip to lure.
 * @param tipMps   across, at the rod tip
 * @param lureMps  across, at the lure
 * @param dry      share of the line that is in the air, from the tip on
 */
export function sweptMoment(tipMps: number, lureMps: number, dry: number): number {
  const b = lureMps - tipMps;
  const still = stillAt(tipMps, b);
  const [from, to] = [squaresTo(tipMps, b, dry), squaresTo(tipMps, b, 1)];
  if (still <= dry || still >= 1) return Math.sign(tipMps + (b * (dry + 1)) / 2) * (to - from);
  const middle = squaresTo(tipMps, b, still);
  // beyond the place at rest it moves the way the lure does
  return Math.sign(b) * (to - middle - (middle - from));
}

/** How that grows with the speed of the lure. */
export function sweptMomentSlope(tipMps: number, lureMps: number, dry: number): number {
  const b = lureMps - tipMps;
  const still = stillAt(tipMps, b);
  const [from, to] = [cubesTo(tipMps, b, dry), cubesTo(tipMps, b, 1)];
  if (still <= dry || still >= 1) return 2 * Math.abs(to - from);
  const middle = cubesTo(tipMps, b, still);
  return 2 * (Math.abs(to - middle) + Math.abs(middle - from));
}
