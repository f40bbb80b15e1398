/** The water formulas hold from ice point to 40 °C; outside they say so. */
export const WATER_MODEL_RANGE_C = { from: 0, to: 40 } as const;

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
