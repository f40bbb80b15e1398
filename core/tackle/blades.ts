import { lengthMFromMm } from '../units/units';

export const BLADE_SHAPES = ['colorado', 'indiana', 'willow'] as const;
export type BladeShape = (typeof BLADE_SHAPES)[number];
export const BLADE_FINISHES = ['gold', 'nickel', 'painted'] as const;

interface BladeRow {
  readonly title: string;
  /** length by trade size, mm */
  readonly lengthMm: Readonly<Partial<Record<number, number>>>;
  /** length over width */
  readonly slenderness: number;
  readonly purpose: string;
}

/** Spinner blades: outlines and sizes. @source adr-0004 */
export const BLADES: Readonly<Record<BladeShape, BladeRow>> = {
  colorado: {
    title: 'Colorado',
    lengthMm: { 2: 22, 3: 25, 4: 29, 5: 33, 6: 38 },
    slenderness: 1.15,
    purpose: 'Nearly round: most thump and lift at the slowest reel, for mud and cold.',
  },
  indiana: {
    title: 'Indiana',
    lengthMm: { 3: 28, 4: 33, 5: 38 },
    slenderness: 1.5,
    purpose: 'Between the two: some thump, some speed.',
  },
  willow: {
    title: 'willow',
    lengthMm: { 3: 38, 4: 49, 5: 63, 6: 70 },
    slenderness: 2.4,
    purpose: 'Long and narrow: most flash, least lift, slips through weed.',
  },
};

/** @source adr-0004 */
const BLADE_THICKNESS_MM = 0.5;
/** @source densities-crc */
const BRASS_KG_M3 = 8500;

/** Sizes a shape is made in. */
export const bladeSizes = (shape: BladeShape): number[] => Object.keys(BLADES[shape].lengthMm).map(Number);

/**
 * What a blade weighs: an ellipse of brass sheet.
 * @returns kg; null for a size that shape is not made in
 */
export function bladeMassKg(shape: BladeShape, size: number): number | null {
  const lengthMm = BLADES[shape].lengthMm[size];
  if (lengthMm === undefined) return null;
  const lengthM = lengthMFromMm(lengthMm);
  const areaM2 = (Math.PI / 4) * lengthM * (lengthM / BLADES[shape].slenderness);
  return areaM2 * lengthMFromMm(BLADE_THICKNESS_MM) * BRASS_KG_M3;
}

export const PLATE_SIZES = ['compact', 'standard', 'oversize', 'subtle'] as const;
export type PlateSize = (typeof PLATE_SIZES)[number];
export const PLATE_LINKS = ['direct', 'ring', 'wire'] as const;

/** Plates of vibrating heads. @source adr-0004 */
export const PLATES: Readonly<Record<PlateSize, { readonly areaCm2: number; readonly purpose: string }>> = {
  compact: { areaCm2: 3, purpose: 'Small plate, higher note: clear, pressured water and ponds.' },
  standard: { areaCm2: 4.5, purpose: 'The usual plate: weed, wood, nearly everything.' },
  oversize: { areaCm2: 7, purpose: 'A large plate felt in the arm: big fish in coloured water.' },
  subtle: { areaCm2: 4, purpose: 'A plate that knocks softly: clear and deep, fish that have seen many.' },
};
