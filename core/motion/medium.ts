import { waterDensityKgM3 } from '../water/density';
import type { Water } from '../water/schema';
import { waterKinematicViscosityM2ps } from '../water/viscosity';

/** Water as the equations of motion need it. */
export interface Medium {
  readonly densityKgM3: number;
  readonly kinematicM2ps: number;
}

/**
 * @param waterTempC      °C, 0 to 40; throws outside, callers check at the edge
 * @param salinityGPerKg  g/kg, 0 (fresh) to 40
 */
export const mediumAt = (waterTempC: number, salinityGPerKg = 0): Medium => ({
  densityKgM3: waterDensityKgM3(waterTempC, salinityGPerKg),
  kinematicM2ps: waterKinematicViscosityM2ps(waterTempC, salinityGPerKg),
});

/** memo by water object: every rig checked on a water asks for the same medium */
const known = new WeakMap<object, Medium>();

/** The medium of a checked water. */
export function mediumOf(water: Pick<Water, 'temperatureC' | 'salinityGPerKg'>): Medium {
  const found = known.get(water) ?? mediumAt(water.temperatureC, water.salinityGPerKg ?? 0);
  known.set(water, found);
  return found;
}
