export const LINE_KINDS = ['nylon', 'fluorocarbon', 'braid'] as const;
export type LineKind = (typeof LINE_KINDS)[number];

/** Diameter in mm is this times the root of the breaking load in lb. @source adr-0004 */
export const LINE_MM_PER_ROOT_LB: Readonly<Record<LineKind, number>> = {
  nylon: 0.095,
  fluorocarbon: 0.086,
  braid: 0.0505,
};

/** Density, kg/m³: of the braid as it lies in the water, its air between the strands included. @source adr-0025 */
export const LINE_DENSITY_KG_M3: Readonly<Record<LineKind, number>> = { nylon: 1140, fluorocarbon: 1780, braid: 970 };

/**
 * Diameter of a line that nobody measured.
 * @param lb  breaking load, lb
 * @returns   mm, +-15 % between makes
 * @source adr-0004
 */
export const lineDiameterMm = (kind: LineKind, lb: number): number => LINE_MM_PER_ROOT_LB[kind] * Math.sqrt(lb);

export const ROD_POWERS = ['light', 'medium-light', 'medium', 'medium-heavy', 'heavy', 'extra-heavy'] as const;
export const ROD_ACTIONS = ['moderate', 'moderate-fast', 'fast', 'extra-fast'] as const;

/** Softness of a rod at its tip, N/m. @source adr-0011 */
export const ROD_N_PER_M: Readonly<Record<(typeof ROD_POWERS)[number], number>> = {
  light: 12,
  'medium-light': 18,
  medium: 25,
  'medium-heavy': 40,
  heavy: 60,
  'extra-heavy': 90,
};
