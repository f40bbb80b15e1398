import { lengthMFromMm } from '../units/units';

export const BLADE_SHAPES = ['colorado', 'indiana', 'willow'] as const;
export type BladeShape = (typeof BLADE_SHAPES)[number];
export const BLADE_FINISHES = ['gold', 'nickel', 'painted'] as const;

interface BladeRow {
  /** length by trade size, mm */
  readonly lengthMm: Readonly<Partial<Record<number, number>>>;
  /** length over width */
  readonly slenderness: number;
  /** half-angle of the cone it sweeps as it turns, degrees */
  readonly coneDeg: number;
  /** lift as a share of its drag */
  readonly liftShare: number;
}

/** Spinner blades: outlines and sizes (adr-0004), how they turn (adr-0010). @source adr-0010 */
export const BLADES: Readonly<Record<BladeShape, BladeRow>> = {
  colorado: {
    lengthMm: { 2: 22, 3: 25, 4: 29, 5: 33, 6: 38 },
    slenderness: 1.15,
    coneDeg: 52,
    liftShare: 0.35,
  },
  indiana: {
    lengthMm: { 3: 28, 4: 33, 5: 38 },
    slenderness: 1.5,
    coneDeg: 40,
    liftShare: 0.25,
  },
  willow: {
    lengthMm: { 3: 38, 4: 49, 5: 63, 6: 70 },
    slenderness: 2.4,
    coneDeg: 25,
    liftShare: 0.12,
  },
};

/** @source adr-0004 */
const BLADE_THICKNESS_MM = 0.5;
/** @source densities-crc */
export const BRASS_KG_M3 = 8500;

/** Sizes a shape is made in. */
export const bladeSizes = (shape: BladeShape): number[] => Object.keys(BLADES[shape].lengthMm).map(Number);

/**
 * Length and area of a blade: an ellipse.
 * @returns m and m²; null for a size that shape is not made in
 */
export function bladeSize(
  shape: BladeShape,
  size: number,
): { readonly lengthM: number; readonly areaM2: number } | null {
  const lengthMm = BLADES[shape].lengthMm[size];
  if (lengthMm === undefined) return null;
  const lengthM = lengthMFromMm(lengthMm);
  return { lengthM, areaM2: (Math.PI / 4) * lengthM * (lengthM / BLADES[shape].slenderness) };
}

/**
 * What a blade weighs: brass sheet.
 * @returns kg; null for a size that shape is not made in
 */
export function bladeMassKg(shape: BladeShape, size: number): number | null {
  const made = bladeSize(shape, size);
  return made === null ? null : made.areaM2 * lengthMFromMm(BLADE_THICKNESS_MM) * BRASS_KG_M3;
}

export const PLATE_SIZES = ['compact', 'standard', 'oversize', 'subtle'] as const;
export type PlateSize = (typeof PLATE_SIZES)[number];
export const PLATE_LINKS = ['direct', 'ring', 'wire'] as const;
export type PlateLink = (typeof PLATE_LINKS)[number];

/** How a plate meets the water: its angle to the pull, the push along its normal on its area, steel sheet of this thickness. @source adr-0010, adr-0025 */
export const PLATE = { angleDeg: 50, normalCd: 1, thicknessMm: 0.8 } as const;

/** Plates of vibrating heads. @source adr-0004 */
export const PLATES: Readonly<Record<PlateSize, { readonly areaCm2: number }>> = {
  compact: { areaCm2: 3 },
  standard: { areaCm2: 4.5 },
  oversize: { areaCm2: 7 },
  subtle: { areaCm2: 4 },
};
