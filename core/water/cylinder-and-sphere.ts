/**
 * Drag coefficient of a long cylinder across the flow, on its projected area.
 * @param re  Reynolds number on the diameter, 1 to 2e5
 * @source white-2006
 */
export const cylinderCd = (re: number): number => 1 + 10 / Math.cbrt(re * re);

/**
 * Drag coefficient of a sphere, on its frontal area.
 * @param re  Reynolds number on the diameter, above 0 to 2e5
 * @source brown-lawler-2003
 */
export const sphereCd = (re: number): number => (24 / re) * (1 + 0.15 * re ** 0.681) + 0.407 / (1 + 8710 / re);
