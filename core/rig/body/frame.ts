import { BLADES, BRASS_KG_M3, bladeMassKg, bladeSize, PLATE, PLATES } from '../../tackle/blades';
import { STEEL_DENSITY_KG_M3 } from '../../tackle/hooks';
import { GRAVITY_MPS2, lengthMFromMm, massKgFromG, radFromDeg } from '../../units/units';
import { DEFAULT_ARMS, type Arms, type Rig } from '../parts/schema';

/** A blade that turns or a plate that beats, as the water meets it. SI. */
export interface Vane {
  readonly massKg: number;
  readonly volumeM3: number;
  readonly lengthM: number;
  readonly areaM2: number;
  /** angle between the vane and the pull */
  readonly angleRad: number;
  /** drag and lift areas once it works */
  readonly dragM2: number;
  readonly liftM2: number;
  /** share of the speed that reaches it: less in the wake of another */
  readonly wake: number;
}

/** What a spinner or a vibrating head carries in front of or above its hook. SI. */
export interface FrameBody {
  readonly kind: 'spinner' | 'vibrating';
  readonly massKg: number;
  readonly volumeM3: number;
  readonly vanes: readonly Vane[];
  readonly arms: Arms | null;
}

/** Drag of a turning blade on the area it sweeps across the flow. @source adr-0010 */
const BLADE_CD = 1.1;
/** Speed that is left in the wake of the blade in front. @source adr-0010 */
const SECOND_BLADE_WAKE = 0.85;
/** Wire of the arms, length of the lower arm, and swivel, clevis and beads. @source adr-0010 */
export const ARM_WIRE_MM = 0.95;
export const LOWER_ARM_MM = 45;
const HARDWARE_G = 0.8;

function bladeVane(blade: NonNullable<Rig['blades']>[number], wake: number): Vane {
  const row = BLADES[blade.shape];
  const made = bladeSize(blade.shape, blade.size);
  const massKg = bladeMassKg(blade.shape, blade.size);
  if (made === null || massKg === null) {
    throw new RangeError(`bladeVane: ${blade.shape} is not made in size ${blade.size}; the schema checks sizes`);
  }
  const angleRad = radFromDeg(row.coneDeg);
  const dragM2 = BLADE_CD * made.areaM2 * Math.sin(angleRad);
  return {
    massKg,
    volumeM3: massKg / BRASS_KG_M3,
    lengthM: made.lengthM,
    areaM2: made.areaM2,
    angleRad,
    dragM2: dragM2 * wake * wake,
    liftM2: row.liftShare * dragM2 * wake * wake,
    wake,
  };
}

function plateVane(size: keyof typeof PLATES): Vane {
  const areaM2 = PLATES[size].areaCm2 / 1e4;
  const angleRad = radFromDeg(PLATE.angleDeg);
  const volumeM3 = areaM2 * lengthMFromMm(PLATE.thicknessMm);
  return {
    massKg: volumeM3 * STEEL_DENSITY_KG_M3,
    volumeM3,
    lengthM: Math.sqrt(areaM2),
    areaM2,
    angleRad,
    // the push stands square on the plate: lift over drag is the cotangent of its angle
    dragM2: PLATE.normalCd * areaM2 * Math.sin(angleRad),
    liftM2: PLATE.normalCd * areaM2 * Math.cos(angleRad),
    wake: 1,
  };
}

/**
 * What a head carries besides its hook: blades on arms, or a plate.
 * @param rig  blocks of a checked rig or of a head in a box; sizes outside the tables throw
 * @returns    null for a skirted head
 * @source adr-0010
 */
export function frameBody(rig: Pick<Rig, 'blades' | 'arms' | 'blade'>): FrameBody | null {
  if (rig.blade) {
    const vane = plateVane(rig.blade.size);
    return { kind: 'vibrating', massKg: vane.massKg, volumeM3: vane.volumeM3, vanes: [vane], arms: null };
  }
  if (!rig.blades) return null;
  const arms = rig.arms ?? DEFAULT_ARMS;
  // the blade at the end of the arm is listed last: what is listed first turns in front of it
  const vanes = rig.blades.map((blade, at) => bladeVane(blade, at === 0 ? 1 : SECOND_BLADE_WAKE));
  const wireM3 = Math.PI * (lengthMFromMm(ARM_WIRE_MM) / 2) ** 2 * lengthMFromMm(arms.upperMm + LOWER_ARM_MM);
  const hardwareKg = massKgFromG(HARDWARE_G);
  const steelKg = wireM3 * STEEL_DENSITY_KG_M3 + hardwareKg;
  return {
    kind: 'spinner',
    massKg: steelKg + vanes.reduce((sum, { massKg }) => sum + massKg, 0),
    volumeM3: steelKg / STEEL_DENSITY_KG_M3 + vanes.reduce((sum, { volumeM3 }) => sum + volumeM3, 0),
    vanes,
    arms,
  };
}

/**
 * Speed at which a vane begins to work: the flow on it lifts its weight in the water.
 *   1/2 rho U² A sin² = submerged weight
 * @param densityKgM3  of the water
 * @returns            m/s past the lure; a vane in a wake needs more
 */
export function vaneStartMps(vane: Vane, densityKgM3: number): number {
  const weightN = GRAVITY_MPS2 * (vane.massKg - densityKgM3 * vane.volumeM3);
  const sine = Math.sin(vane.angleRad);
  return Math.sqrt((2 * weightN) / (densityKgM3 * vane.areaM2 * sine * sine)) / vane.wake;
}

/** How far a starting speed may be off, as a share. @source adr-0010 */
export const VANE_START_BAND = 0.2;

/** Share of its drag that a vane has while it hangs still. @source adr-0010 */
export const STALLED_SHARE = 0.35;
/** It comes to life over this much of its starting speed, so that answers do not jump. @source adr-0010 */
const STARTS_OVER = 0.2;

/** How far a vane works at a speed, 0 to 1: it hangs, comes to life about its starting speed, and turns. */
function vaneAwake(vane: Vane, speedMps: number, densityKgM3: number): number {
  const over = speedMps / vaneStartMps(vane, densityKgM3);
  return Math.min(1, Math.max(0, (over - 1) / STARTS_OVER + 0.5));
}

/** Drag of the vanes that work, which is what they push, m². */
export const workingDragM2 = (frame: FrameBody, speedMps: number, densityKgM3: number): number =>
  frame.vanes.reduce((sum, vane) => sum + vane.dragM2 * vaneAwake(vane, speedMps, densityKgM3), 0);

/**
 * Drag and lift areas of all vanes at a speed: full once they work, a third of the drag and no lift while they hang.
 * @param speedMps  past the lure, m/s
 * @returns         m²
 */
export function frameAreas(
  frame: FrameBody,
  speedMps: number,
  densityKgM3: number,
): { readonly dragM2: number; readonly liftM2: number } {
  let dragM2 = 0;
  let liftM2 = 0;
  for (const vane of frame.vanes) {
    const awake = vaneAwake(vane, speedMps, densityKgM3);
    dragM2 += vane.dragM2 * (STALLED_SHARE + (1 - STALLED_SHARE) * awake);
    liftM2 += vane.liftM2 * awake;
  }
  return { dragM2, liftM2 };
}

/** Drag area of all vanes while they turn about the line of motion, m². */
export const spinningDragM2 = (frame: FrameBody): number => frame.vanes.reduce((sum, { dragM2 }) => sum + dragM2, 0);
