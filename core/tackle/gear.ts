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

/** How hard a rod of seven feet is to bend at its tip, N/m, while it is bent a little. @source adr-0037 */
export const ROD_N_PER_M: Readonly<Record<(typeof ROD_POWERS)[number], number>> = {
  light: 1.5,
  'medium-light': 2,
  medium: 3,
  'medium-heavy': 4.3,
  heavy: 6,
  'extra-heavy': 8,
};
/** However hard it is pulled a tip gives no more than this, m: the further it is bent, the shorter its lever. @source adr-0037 */
const TIP_GIVES_M = 1.55;

/** How far the tip of a rod gives to a pull square to its butt, m. */
export const tipGivesM = (power: (typeof ROD_POWERS)[number], pullN: number): number =>
  (TIP_GIVES_M * pullN) / (pullN + ROD_N_PER_M[power] * TIP_GIVES_M);

/** Pull at which line and rod together give by some way: the line like a spring, the rod as above. @param lineNPerM  above 0 */
export function pullThatGivesN(power: (typeof ROD_POWERS)[number], lineNPerM: number, givesM: number): number {
  // F / line + most F / (F + c) = gives, c = stiffness x most: a quadratic in F
  const c = ROD_N_PER_M[power] * TIP_GIVES_M;
  const half = (c / lineNPerM + TIP_GIVES_M - givesM) / 2;
  return lineNPerM * (Math.sqrt(half * half + (givesM * c) / lineNPerM) - half);
}
