import { FIBRE_DIAMETER_MM } from '../rig/body/wire';
import type { Guard, Rig } from '../rig/parts/schema';
import { HOOKS, pointBehindHeadMm } from '../tackle/hooks';
import { lengthMFromMm } from '../units/units';

/** Bending modulus of guard fibres and of guard wire, Pa; wire diameter, mm. @source adr-0011 */
const FIBRE_MODULUS_PA = 2.5e9;
const WIRE_MODULUS_PA = 200e9;
const WIRE_MM = 0.5;
/** A guard has given way once its tip has moved this share of its length: 10 mm of 28. @source adr-0025 */
const GIVES_SHARE = 0.36;
/** Spread fibres are pushed a few at a time. @source adr-0011 */
const SPREAD_SHARE: Readonly<Record<Guard['spread'], number>> = { none: 1, fanned: 0.7, wings: 0.6 };

/** How far the computed push of a guard may be off, as a share. @source adr-0011 */
export const GUARD_BAND = 0.4;
/** The same for a push read off a scale. @source adr-0008 */
export const GUARD_MEASURED_BAND = 0.08;

/**
 * Push at which a guard lies down and frees the point: so many clamped rods bent at their tips.
 *   N 3 E I delta / l³, delta = 0.36 l
 * Shorter is stiffer by the square. A push that was measured counts instead.
 * @returns N, +-40 %
 * @source euler-bernoulli
 */
export function guardCollapseN(guard: Guard): number {
  if (guard.pushN !== undefined) return guard.pushN;
  const wire = guard.kind === 'wire';
  const diameterM = lengthMFromMm(wire ? WIRE_MM : FIBRE_DIAMETER_MM);
  const inertiaM4 = (Math.PI * diameterM ** 4) / 64;
  const modulusPa = wire ? WIRE_MODULUS_PA : FIBRE_MODULUS_PA;
  const oneN = (3 * modulusPa * inertiaM4 * GIVES_SHARE) / lengthMFromMm(guard.lengthMm) ** 2;
  return guard.fibres * oneN * SPREAD_SHARE[guard.spread];
}

/** Push of a guard above which light fish are lost, N. @source craft-practice */
export const STIFF_N = 2.2;
/** How far past the point a guard may end, mm: it has to clear the barb, no more. @source craft-practice */
export const PAST_POINT_MM = { from: 1, cut: 6, to: 12 } as const;

/** Distance from the root of a guard to the point it shields, mm. */
export const guardToPointMm = ({ head }: Pick<Rig, 'head'>): number =>
  Math.hypot(pointBehindHeadMm(head.hook.size), HOOKS[head.hook.size].gapMm);
