import type { SourceId } from '../sources';

export const SKIRT_MATERIALS = ['silicone', 'rubber', 'hair'] as const;
export type SkirtMaterial = (typeof SKIRT_MATERIALS)[number];

/** One strand: width and thickness in mm, bending modulus in Pa, density in kg/m³, flare at rest in degrees. */
export interface SkirtRow {
  readonly widthMm: number;
  readonly thicknessMm: number;
  readonly modulusPa: number;
  readonly densityKgM3: number;
  readonly flareAtRestDeg: number;
  readonly source: SourceId;
}

/** Hair is a short dense bundle: thin stiff fibres that stand out little. */
export const SKIRTS: Readonly<Record<SkirtMaterial, SkirtRow>> = {
  silicone: {
    widthMm: 1,
    thicknessMm: 0.45,
    modulusPa: 3e6,
    densityKgM3: 1150,
    flareAtRestDeg: 70,
    source: 'silicone-data',
  },
  rubber: {
    widthMm: 0.9,
    thicknessMm: 0.7,
    modulusPa: 1.6e6,
    densityKgM3: 960,
    flareAtRestDeg: 75,
    source: 'silicone-data',
  },
  hair: {
    widthMm: 0.12,
    thicknessMm: 0.12,
    modulusPa: 1.2e9,
    densityKgM3: 1100,
    flareAtRestDeg: 25,
    source: 'adr-0004',
  },
};

/** Length of strand hidden in the collar, mm: a skirt cut shorter has nothing left to move. @source adr-0004 */
export const COLLAR_MM = 8;
