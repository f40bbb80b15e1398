import { lengthMFromMm } from '../units/units';

export const HOOK_WIRES = ['light', 'medium', 'heavy', 'extra-heavy'] as const;
export type HookWire = (typeof HOOK_WIRES)[number];

/** Wire diameter, mm. @source adr-0004 */
export const WIRE_DIAMETER_MM: Readonly<Record<HookWire, number>> = {
  light: 0.95,
  medium: 1.15,
  heavy: 1.5,
  'extra-heavy': 1.75,
};

/** @source densities-crc */
export const STEEL_DENSITY_KG_M3 = 7_850;

export const HOOK_SIZES = ['2', '1', '1/0', '2/0', '3/0', '4/0', '5/0', '6/0'] as const;
export type HookSize = (typeof HOOK_SIZES)[number];

/** A jig hook as it leaves the head: all in mm. @source adr-0004 */
export interface HookRow {
  /** point to shank */
  readonly gapMm: number;
  /** straight shank behind the head */
  readonly shankMm: number;
  /** head to the outside of the bend */
  readonly reachMm: number;
}

export const HOOKS: Readonly<Record<HookSize, HookRow>> = {
  '2': { gapMm: 8, shankMm: 14, reachMm: 21 },
  '1': { gapMm: 9, shankMm: 16, reachMm: 24.5 },
  '1/0': { gapMm: 10.5, shankMm: 18, reachMm: 28 },
  '2/0': { gapMm: 11.5, shankMm: 20, reachMm: 31 },
  '3/0': { gapMm: 13, shankMm: 22.5, reachMm: 35 },
  '4/0': { gapMm: 14.5, shankMm: 25, reachMm: 39 },
  '5/0': { gapMm: 16, shankMm: 28, reachMm: 43.5 },
  '6/0': { gapMm: 17.5, shankMm: 31, reachMm: 48 },
};

/** Point arm lies over this share of the shank. @source adr-0004 */
export const POINT_ARM_SHARE = 0.75;

/** How far the point lies behind the back of the head, mm. */
export function pointBehindHeadMm(size: HookSize): number {
  const { gapMm, shankMm, reachMm } = HOOKS[size];
  return reachMm - gapMm / 2 - POINT_ARM_SHARE * shankMm;
}

/**
 * Mass and volume of a hook: its wire laid straight. Shank, half circle of the bend, and a point arm of 0.75 of the shank.
 * @param wireMm  measured wire, where it was
 * @returns kg and m³
 * @source densities-crc
 */
export function hookMass(
  size: HookSize,
  wire: HookWire,
  wireMm = WIRE_DIAMETER_MM[wire],
): { massKg: number; volumeM3: number } {
  const { gapMm, shankMm } = HOOKS[size];
  const wireLengthM = lengthMFromMm(shankMm + (Math.PI / 2) * gapMm + POINT_ARM_SHARE * shankMm);
  const radiusM = lengthMFromMm(wireMm) / 2;
  const volumeM3 = Math.PI * radiusM * radiusM * wireLengthM;
  return { massKg: volumeM3 * STEEL_DENSITY_KG_M3, volumeM3 };
}
