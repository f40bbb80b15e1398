/** A line whose two ends move across it at different speeds: a boat that drifts away, a current that runs from it. */

/** Integral of x^n (a + b x)² from one place to another. */
function squares(n: 1 | 2, a: number, b: number, from: number, to: number): number {
  const at = (x: number): number =>
    (a * a * x ** (n + 1)) / (n + 1) + (2 * a * b * x ** (n + 2)) / (n + 2) + (b * b * x ** (n + 3)) / (n + 3);
  return at(to) - at(from);
}

/** Integral of x² |a + b x| from one place to another, where it keeps its sign. */
function magnitudes(a: number, b: number, from: number, to: number): number {
  const at = (x: number): number => (a * x ** 3) / 3 + (b * x ** 4) / 4;
  return Math.abs(at(to) - at(from));
}

/** The line split at the point where it is at rest in the water, since drag changes sign there. */
function parts(a: number, b: number, dry: number): readonly (readonly [from: number, to: number, sign: number])[] {
  const still = b === 0 ? -1 : -a / b;
  const signAt = (x: number): number => Math.sign(a + b * x);
  if (still <= dry || still >= 1) return [[dry, 1, signAt((dry + 1) / 2)]];
  return [
    [dry, still, signAt((dry + still) / 2)],
    [still, 1, signAt((still + 1) / 2)],
  ];
}

/**
 * Moment of the drag of a line about its upper end, over its drag a metre at one metre a second and the square of its length: the integral of
 * x w|w| over what is wet, w = the speed across at a place, x its share of the way from tip to lure.
 * @param tipMps   across, at the rod tip
 * @param lureMps  across, at the lure
 * @param dry      share of the line that is in the air, from the tip on
 */
export function sweptMoment(tipMps: number, lureMps: number, dry: number): number {
  const b = lureMps - tipMps;
  return parts(tipMps, b, dry).reduce((sum, [from, to, sign]) => sum + sign * squares(1, tipMps, b, from, to), 0);
}

/** How that grows with the speed of the lure. */
export function sweptMomentSlope(tipMps: number, lureMps: number, dry: number): number {
  const b = lureMps - tipMps;
  return 2 * parts(tipMps, b, dry).reduce((sum, [from, to]) => sum + magnitudes(tipMps, b, from, to), 0);
}
