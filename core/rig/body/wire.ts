import { HOOKS, POINT_ARM_SHARE, WIRE_DIAMETER_MM, type HookSize } from '../../tackle/hooks';
import { lengthMFromMm, radFromDeg } from '../../units/units';
import { cylinderCd } from '../../water/cylinder-and-sphere';
import { DEFAULT_ARMS, type Guard, type Rig } from '../parts/schema';
import { ARM_WIRE_MM, LOWER_ARM_MM } from './frame';

/** Hook, guard and arms as the water meets them: drag areas along the rig and across it. SI. */
export interface WireBody {
  readonly alongM2: number;
  readonly acrossM2: number;
}

/** Water in which a cylinder's coefficient is looked up, m/s and m²/s: it changes by a tenth from a crawl to a burn. */
const USUAL_MPS = 0.5;
const USUAL_M2PS = 1e-6;
/** By diameter: there are only so many wires. */
const cdKnown = new Map<number, number>();
const MOST_KNOWN = 1000;
function cdOf(diameterM: number): number {
  const known = cdKnown.get(diameterM);
  if (known !== undefined) return known;
  const cd = cylinderCd((USUAL_MPS * diameterM) / USUAL_M2PS);
  if (cdKnown.size < MOST_KNOWN) cdKnown.set(diameterM, cd);
  return cd;
}

/** Drag area of a wire across the flow, m² a metre of it. */
export const wireAcrossM = (diameterM: number): number => cdOf(diameterM) * diameterM;

/** A half circle seen from its open side, or from its top: the mean of sin³ over it, on its width. */
const ROUND_SHARE = 2 / 3;
/** Of a bend that leaves the plastic in it, this much is still inside. @source adr-0011 */
const BEND_INSIDE = 0.2;
/** A bare shank lies among the strands: this much of it is washed. @source adr-0025 */
const AMONG_STRANDS = 0.5;

/** A hook by what of it stands out: bend and point arm always, the shank where no plastic is on it. */
function hookWire(size: HookSize, wireMm: number, threaded: boolean): WireBody {
  const { gapMm, shankMm } = HOOKS[size];
  const diameterM = lengthMFromMm(wireMm);
  const perM = wireAcrossM(diameterM);
  const bendM = ROUND_SHARE * lengthMFromMm(gapMm) * (threaded ? 1 - BEND_INSIDE : 1);
  const shankM = threaded ? 0 : AMONG_STRANDS * lengthMFromMm(shankMm);
  return { alongM2: perM * bendM, acrossM2: perM * (bendM + shankM + POINT_ARM_SHARE * lengthMFromMm(shankMm)) };
}

/** A hook with plastic on its shank. */
export const threadedHookWire = ({ size, wire, wireMm }: Rig['head']['hook']): WireBody =>
  hookWire(size, wireMm ?? WIRE_DIAMETER_MM[wire], true);

/** Fibres of a brush, mm, how densely they lie, and how much wider it stands once they are spread. @source adr-0004, adr-0025 */
export const FIBRE_DIAMETER_MM = 0.75;
const GUARD_WIRE_MM = 0.5;
const PACKED = 0.7;
const STANDS: Readonly<Record<Guard['spread'], number>> = { none: 1, fanned: 1.5, wings: 1.4 };
/** A guard leans back at about this angle: to what comes from ahead as to what comes from below. @source adr-0025 */
const GUARD_DEG = 45;
const GUARD_ACROSS = Math.sin(radFromDeg(GUARD_DEG)) ** 3;

/** A brush is as wide as its packed fibres, and no wider than all of them side by side: those behind the first are in their lee. */
function guardM2(guard: Guard): number {
  const eachMm = guard.kind === 'wire' ? GUARD_WIRE_MM : FIBRE_DIAMETER_MM;
  const packedMm = eachMm * Math.sqrt(guard.fibres / PACKED) * STANDS[guard.spread];
  const widthM = lengthMFromMm(Math.min(packedMm, guard.fibres * eachMm));
  return wireAcrossM(widthM) * lengthMFromMm(guard.lengthMm) * GUARD_ACROSS;
}

/**
 * Everything on a rig that is wire: cylinders across the flow, by the cross-flow principle on their inclined lengths. What lies in plastic does not
 * count, nor does what stands in the lee of its like.
 * @param rig  file shape, checked
 * @returns    m², coefficients included
 * @source white-2006 for the cylinder; angles and shares adr-0025
 */
export function wireBody(rig: Pick<Rig, 'family' | 'head' | 'guard' | 'trailer' | 'trailerHook' | 'arms'>): WireBody {
  const { head, trailer } = rig;
  const threaded = trailer !== null && trailer !== undefined && trailer.hang !== 'hung';
  let { alongM2, acrossM2 } = hookWire(head.hook.size, head.hook.wireMm ?? WIRE_DIAMETER_MM[head.hook.wire], threaded);
  if (rig.guard) {
    const brushM2 = guardM2(rig.guard);
    alongM2 += brushM2;
    acrossM2 += brushM2;
  }
  if (rig.trailerHook) {
    const spare = hookWire(rig.trailerHook.size, WIRE_DIAMETER_MM.medium, false);
    alongM2 += spare.alongM2;
    acrossM2 += spare.acrossM2;
  }
  if (rig.family === 'spinner') {
    const { upperMm, angleDeg } = rig.arms ?? DEFAULT_ARMS;
    const diameterM = lengthMFromMm(ARM_WIRE_MM);
    const perM = wireAcrossM(diameterM);
    const [sine, cosine] = [Math.sin(radFromDeg(angleDeg)), Math.cos(radFromDeg(angleDeg))];
    alongM2 += perM * lengthMFromMm(upperMm) * sine ** 3;
    acrossM2 += perM * (lengthMFromMm(upperMm) * Math.abs(cosine) ** 3 + lengthMFromMm(LOWER_ARM_MM));
  }
  return { alongM2, acrossM2 };
}
