import { assertSalinity, assertWaterRange, waterDensityKgM3 } from './density';

/**
 * Dynamic viscosity of water at 0.1 MPa.
 * @param waterTempC  °C, 0 to 40
 * @returns           Pa s
 * @throws WaterRangeError outside 0-40 °C
 * @source iapws-2008
 */
export function waterViscosityPaS(waterTempC: number): number {
  assertWaterRange('waterViscosityPaS', waterTempC);
  const t = (waterTempC + 273.15) / 300;
  return 1e-6 * (280.68 * t ** -1.9 + 511.45 * t ** -7.7 + 61.131 * t ** -19.6 + 0.45903 * t ** -40);
}

/**
 * How much thicker salt makes water, a factor.
 * @param salinityGPerKg  g/kg, 0 to 40
 * @source sharqawy-2010
 */
export function saltThickens(waterTempC: number, salinityGPerKg: number): number {
  assertSalinity('saltThickens', salinityGPerKg);
  const [t, s] = [waterTempC, salinityGPerKg / 1000];
  const linear = 1.541 + 1.998e-2 * t - 9.52e-5 * t ** 2;
  const square = 7.974 - 7.561e-2 * t + 4.724e-4 * t ** 2;
  return 1 + linear * s + square * s ** 2;
}

/** Kinematic viscosity, m²/s: dynamic viscosity over density. */
export const waterKinematicViscosityM2ps = (waterTempC: number, salinityGPerKg = 0): number =>
  (waterViscosityPaS(waterTempC) * saltThickens(waterTempC, salinityGPerKg)) /
  waterDensityKgM3(waterTempC, salinityGPerKg);
