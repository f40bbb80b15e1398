import type { SourceId } from '../sources';

/** A value from the literature: input, output, and how near ours has to come. */
export interface PublishedRow {
  readonly tempC: number;
  readonly value: number;
  readonly tolerance: number;
  readonly source: SourceId;
}

/** Density of air-free water, kg/m³. */
export const PUBLISHED_DENSITY: readonly PublishedRow[] = [
  { tempC: 0, value: 999.84, tolerance: 0.05, source: 'mccutcheon-1993' },
  { tempC: 4, value: 999.97, tolerance: 0.05, source: 'mccutcheon-1993' },
  { tempC: 10, value: 999.7, tolerance: 0.05, source: 'mccutcheon-1993' },
  { tempC: 20, value: 998.2, tolerance: 0.05, source: 'mccutcheon-1993' },
  { tempC: 30, value: 995.65, tolerance: 0.05, source: 'mccutcheon-1993' },
  { tempC: 40, value: 992.2, tolerance: 0.1, source: 'mccutcheon-1993' },
];

/** Density of salt water, kg/m³: the check values of the equation of state. */
export const PUBLISHED_SALT_DENSITY: readonly (PublishedRow & { readonly saltGPerKg: number })[] = [
  { tempC: 5, saltGPerKg: 35, value: 1027.675, tolerance: 0.06, source: 'millero-1981' },
  { tempC: 25, saltGPerKg: 35, value: 1023.343, tolerance: 0.06, source: 'millero-1981' },
];

/** Dynamic viscosity of sea water at 20 °C and 35 g/kg, mPa s; typed from memory. */
export const PUBLISHED_SALT_VISCOSITY = { tempC: 20, saltGPerKg: 35, value: 1.077, tolerance: 0.005 } as const;

/** Dynamic viscosity at 0.1 MPa, mPa s; tolerance as a share. */
export const PUBLISHED_VISCOSITY: readonly PublishedRow[] = [
  { tempC: 0.01, value: 1.791, tolerance: 0.003, source: 'iapws-2008' },
  { tempC: 10, value: 1.306, tolerance: 0.003, source: 'iapws-2008' },
  { tempC: 20, value: 1.002, tolerance: 0.003, source: 'iapws-2008' },
  { tempC: 30, value: 0.797, tolerance: 0.003, source: 'iapws-2008' },
];
