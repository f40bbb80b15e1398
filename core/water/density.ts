/** The water formulas hold from ice point to 40 °C; outside they say so. */
export const WATER_MODEL_RANGE_C = { from: 0, to: 40 } as const;

/** Salt the formulas hold for, g in a kg of water: the sea has 35. */
export const SALINITY_RANGE_G_PER_KG = { from: 0, to: 40 } as const;

/** Thrown when our own code asks the water model for a temperature it does not cover; people are checked at the edge. */
export class WaterRangeError extends RangeError {
  constructor(functionName: string, waterTempC: number) {
    super(
      `${functionName}: water temperature ${waterTempC} °C is outside ${WATER_MODEL_RANGE_C.from} to ${WATER_MODEL_RANGE_C.to} °C`,
    );
    this.name = 'WaterRangeError';
  }
}

export function assertWaterRange(functionName: string, waterTempC: number): void {
  if (!(waterTempC >= WATER_MODEL_RANGE_C.from && waterTempC <= WATER_MODEL_RANGE_C.to)) {
    throw new WaterRangeError(functionName, waterTempC);
  }
}

/**
 * Density of air-free fresh water at one atmosphere.
 * @param waterTempC  water temperature, °C, 0 to 40
 * @returns           density, kg/m³
 * @throws WaterRangeError outside 0-40 °C: callers check the range at the edge
 * @source mccutcheon-1993 (no salt, no dissolved air)
 */
export function freshWaterDensityKgM3(waterTempC: number): number {
  assertWaterRange('freshWaterDensityKgM3', waterTempC);
  const departure = (waterTempC + 288.9414) / (508929.2 * (waterTempC + 68.12963));
  return 1000 * (1 - departure * (waterTempC - 3.9863) ** 2);
}

/**
 * Density of water with salt in it at one atmosphere: that of fresh water and what the salt adds. What the air weighs on a high lake changes it by
 * less than a ten-thousandth.
 * @param waterTempC     °C, 0 to 40
 * @param salinityGPerKg g/kg, 0 to 40
 * @returns              kg/m³
 * @throws WaterRangeError outside 0-40 °C, RangeError outside 0-40 g/kg
 * @source millero-1981
 */
export function waterDensityKgM3(waterTempC: number, salinityGPerKg: number): number {
  const freshKgM3 = freshWaterDensityKgM3(waterTempC);
  assertSalinity('waterDensityKgM3', salinityGPerKg);
  const [t, s] = [waterTempC, salinityGPerKg];
  const linear = 0.824493 - 4.0899e-3 * t + 7.6438e-5 * t ** 2 - 8.2467e-7 * t ** 3 + 5.3875e-9 * t ** 4;
  const root = -5.72466e-3 + 1.0227e-4 * t - 1.6546e-6 * t ** 2;
  return freshKgM3 + linear * s + root * s ** 1.5 + 4.8314e-4 * s ** 2;
}

export function assertSalinity(functionName: string, salinityGPerKg: number): void {
  const { from, to } = SALINITY_RANGE_G_PER_KG;
  if (!(salinityGPerKg >= from && salinityGPerKg <= to)) {
    throw new RangeError(`${functionName}: salinity ${salinityGPerKg} g/kg is outside ${from} to ${to} g/kg`);
  }
}
