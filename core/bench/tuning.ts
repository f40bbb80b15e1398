import { rollRad, blowOverMps } from '../motion/roll';
import type { Medium } from '../motion/medium';
import { rigBody } from '../rig/body/body';
import { DEFAULT_ARMS, type Rig } from '../rig/parts/schema';
import { armMarks } from '../rig/outline/frame-outline';
import { degFromRad, lengthMFromMm } from '../units/units';

/** Misalignment that shows as a lean, degrees. @source craft-practice */
const SHOWS_FROM_DEG = 3;
/** How far the lean may be off, as a share. @source adr-0010 */
const LEAN_OFF = 0.4;

/** How a spinner's wire stands, and what to bend. */
export interface Tuning {
  /** upper arm against the hook, seen head-on; positive leans to the right */
  readonly offDeg: number;
  /** which way the arm has to be bent; null while it is in line */
  readonly bend: 'left' | 'right' | null;
  readonly shows: boolean;
  /** lean at the chosen speed, degrees, and the same with the arm in line */
  readonly leanDeg: number;
  readonly leanBandDeg: readonly [number, number];
  readonly leanInLineDeg: number;
  readonly blowOverMps: number;
  readonly blowOverInLineMps: number;
  /** from the highest wire or blade tip to the hook's shank, mm; and pressed together */
  readonly openMm: number;
  readonly pressedMm: number;
  /** how long the upper arm takes to pass over a branch at the chosen speed, s; and one 10 mm shorter */
  readonly overWoodS: number;
  readonly overWoodShorterS: number;
}

const SHORTER_MM = 10;
const LEAST_ARM_MM = 30;

/**
 * Tuning of a spinner at a speed.
 * @param speedMps  above 0
 * @returns null for anything without arms
 * @source adr-0014
 */
export function tuningOf(rig: Rig, medium: Medium, speedMps: number): Tuning | null {
  if (rig.family !== 'spinner') return null;
  const arms = rig.arms ?? DEFAULT_ARMS;
  const withArms = (part: Partial<typeof arms>): Rig => ({ ...rig, arms: { ...arms, ...part } });
  const leanOf = (of: Rig): number => degFromRad(rollRad(rigBody(of), medium, speedMps) ?? 0);
  const straight = withArms({ twistDeg: 0 });
  const own: Rig = { ...rig, arms };
  const lean = leanOf(own);
  const openOf = (squeezed: boolean): number => -armMarks(withArms({ squeezed })).tip[1];
  const passS = (upperMm: number): number => lengthMFromMm(upperMm) / speedMps;
  return {
    offDeg: arms.twistDeg,
    bend: arms.twistDeg === 0 ? null : arms.twistDeg > 0 ? 'left' : 'right',
    shows: Math.abs(arms.twistDeg) >= SHOWS_FROM_DEG,
    leanDeg: lean,
    leanBandDeg: [lean * (1 - LEAN_OFF), Math.min(90, lean * (1 + LEAN_OFF))],
    leanInLineDeg: leanOf(straight),
    blowOverMps: blowOverMps(rigBody(own), medium)!,
    blowOverInLineMps: blowOverMps(rigBody(straight), medium)!,
    openMm: openOf(false),
    pressedMm: openOf(true),
    overWoodS: passS(arms.upperMm),
    overWoodShorterS: passS(Math.max(LEAST_ARM_MM, arms.upperMm - SHORTER_MM)),
  };
}
