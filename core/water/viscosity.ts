import { assertWaterRange, freshWaterDensityKgM3 } from './density';

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

/** Kinematic viscosity, m²/s: dynamic viscosity over density. */
export const waterKinematicViscosityM2ps = (waterTempC: number): number =>
  waterViscosityPaS(waterTempC) / freshWaterDensityKgM3(waterTempC);
