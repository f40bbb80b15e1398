import { vaneStartMps, type FrameBody, type Vane } from '../rig/body/frame';
import { TRAILER_NORMAL_CD, type RigBody } from '../rig/body/body';
import { cm2FromAreaM2 } from '../units/units';
import type { Medium } from './medium';
import { skirtDragAreaM2 } from './skirt-drag';

/** Turns of a blade for each of its lengths of way: +-40 %. @source adr-0010 */
const TURNS = 0.2;

/**
 * Turns of a blade a second.
 *   n = 0.2 U / (L sin(cone))
 * @returns 1/s; 0 below its starting speed
 * @source adr-0010
 */
export const bladeTurnsHz = (vane: Vane, speedMps: number, densityKgM3: number): number =>
  speedMps < vaneStartMps(vane, densityKgM3)
    ? 0
    : (TURNS * speedMps * vane.wake) / (vane.lengthM * Math.sin(vane.angleRad));

/** What a blade gives to feel and to the eye, cm²: area across the flow, and area that flashes along it. */
export const thumpCm2 = ({ areaM2, angleRad }: Vane): number => cm2FromAreaM2(areaM2) * Math.sin(angleRad) ** 2;
export const flashCm2 = ({ areaM2, angleRad }: Vane): number => cm2FromAreaM2(areaM2) * Math.cos(angleRad);

/** Flash at which a frame catches the eye half as well as anything can, cm². @source adr-0010 */
const HALF_SEEN_CM2 = 4;

/** Motion to the eye of a frame that works, 0 to 1: by what flashes. */
export function frameShow(frame: FrameBody): number {
  const flash = frame.vanes.reduce((sum, vane) => sum + flashCm2(vane), 0);
  return flash / (flash + HALF_SEEN_CM2);
}

/** Beat of a plate for each root of its area of way. @source adr-0010 */
const PLATE_BEAT = 0.3;

/** Beats of a vibrating plate a second; 0 below its starting speed. */
export const plateBeatHz = (plate: Vane, speedMps: number, densityKgM3: number): number =>
  speedMps < vaneStartMps(plate, densityKgM3) ? 0 : (PLATE_BEAT * speedMps) / Math.sqrt(plate.areaM2);

/** Slowest speed at which all vanes of a frame work, m/s. */
export const frameStartMps = (frame: FrameBody, densityKgM3: number): number =>
  Math.max(...frame.vanes.map((vane) => vaneStartMps(vane, densityKgM3)));

/** How a vibrating head strays from its line. */
export interface Hunting {
  /** 0 runs straight, 1 darts as far as the plate alone would */
  readonly share: number;
  /** too little trailer for its head: it darts without coming back to its line */
  readonly wild: boolean;
  /** how much of that there is, 0 to 1: half where a trailer weighs a quarter of its head */
  readonly wildness: number;
}

/** How much the face a trailer turns to the pull holds a vibrating head on its line, and how much its push. @source adr-0010 */
const FACE_HOLDS = 0.1;
const PUSH_HOLDS = 2;
/** What a trailer weighs beside its head, and the skirt with its drag, hold a little too. @source adr-0025 */
const MASS_HOLDS = 0.06;
const SKIRT_HOLDS = 0.02;
/** Speed at which the skirt is looked at, m/s: an ordinary reel. */
const SKIRT_AT_MPS = 0.75;
/** A trailer of this share of its head lets it run half wild; of so many times more or less, hardly or wholly. @source adr-0010, adr-0025 */
const HALF_WILD = 0.25;
const WILD_OVER = 0.25;

/**
 * How far a vibrating head hunts: the plate throws it, push, face and mass of the trailer and the skirt hold it.
 *   A / (A + 2 push + 0.1 face + 0.02 skirt + 0.06 A x trailer mass / head mass)
 * @returns null for anything but a vibrating head
 * @source adr-0010, adr-0025
 */
export function hunting(body: RigBody, { densityKgM3, kinematicM2ps }: Medium): Hunting | null {
  if (body.frame?.kind !== 'vibrating') return null;
  const plateM2 = body.frame.vanes[0]!.areaM2;
  const { trailer } = body;
  const ballast = (trailer?.massKg ?? 0) / body.head.massKg;
  const skirtM2 = body.skirt ? skirtDragAreaM2(body.skirt, SKIRT_AT_MPS, densityKgM3, kinematicM2ps) : 0;
  const held =
    PUSH_HOLDS * body.pushM2 +
    (FACE_HOLDS * body.trailerNormalM2) / TRAILER_NORMAL_CD +
    SKIRT_HOLDS * skirtM2 +
    MASS_HOLDS * plateM2 * ballast;
  const wildness = 1 / (1 + (ballast / HALF_WILD) ** (1 / WILD_OVER));
  return { share: plateM2 / (plateM2 + held), wild: wildness > 0.5, wildness };
}
